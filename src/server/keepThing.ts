import type { Problem } from "@/core/problem";
import { checkOwnThing, type OwnPart, type OwnThing } from "@/core/shelf";
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

/** The same thing made again: what it is like and what was drawn into it, or the same parts to the percent. */
function same(one: OwnThing, other: OwnThing): boolean {
  if (one.kind === "mixture" && other.kind === "mixture") return sameParts(one.parts, other.parts);
  return (
    one.kind === "like" &&
    other.kind === "like" &&
    one.likeId === other.likeId &&
    one.soft === other.soft &&
    (one.drawnFrom ?? []).join() === (other.drawnFrom ?? []).join()
  );
}
function sameParts(parts: readonly OwnPart[], others: readonly OwnPart[]): boolean {
  const shareIn = (id: string) => others.find(({ materialId }) => materialId === id)?.share ?? -2;
  return (
    parts.length === others.length &&
    parts.every(({ materialId, share }) => Math.abs((share ?? -1) - shareIn(materialId)) < 0.015)
  );
}

/** Keeps a thing of the house's own where the same is not kept yet. */
export async function keepOnce(write: Write, rowId: string, thing: OwnThing): Promise<void> {
  const things = await listOwnThings(write.householdId, write.trx);
  if (!things.some((one) => one.id === thing.id && same(one, thing))) await keepThing(write, rowId, thing);
}
