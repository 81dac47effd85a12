import type { Problem } from "@/core/problem";
import { checkOwnThing, type OwnThing } from "@/core/shelf";
import { insertOwnThing, listOwnThings } from "@/store/ownThings";
import type { Write } from "@/store/transaction";
import { unusable } from "./refusal";

/** Keeps a thing of the house's own; throws what is wrong with it. */
export async function keepThing(write: Write, rowId: string, thing: OwnThing): Promise<void> {
  const things = await listOwnThings(write.householdId, write.trx);
  const problems: Problem[] = checkOwnThing(thing, things);
  if (problems.length === 0 && things.some(({ id }) => id === thing.id))
    problems.push({ field: "name", code: "nameTaken" });
  if (problems.length > 0) throw unusable(problems);
  await insertOwnThing(write, rowId, thing);
}
