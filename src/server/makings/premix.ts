import { checkNumber } from "@/core/checkNumber";
import type { Problem } from "@/core/problem";
import type { PremixInput } from "@/inputs/shelfInput";
import { jarOwner, listJars } from "@/store/jars";
import type { Write } from "@/store/transaction";
import { Refusal, taken, unusable } from "../refusal";
import type { Asked } from "../route";
import { shelfOf } from "../shelf";
import { planOf } from "./asked";
import { putUp } from "./putUp";

/** A problem of a making as this older route has it: its things are parts. */
const ofParts = (problem: Problem): Problem => ({ ...problem, field: problem.field.replace(/^things/, "parts") });

/**
 * A mixture from one's own jars, by the route that was there before the makings: the method of that name, from these
 * jars. The same mixture made again is one thing with another jar.
 */
export async function makePremix({ input, settings }: Asked<PremixInput>, write: Write) {
  const owner = await jarOwner(write, input.id);
  if (owner !== undefined && owner !== write.householdId) throw taken();
  if (owner !== undefined) return { id: input.id, rev: write.rev };
  const jars = await listJars(write.householdId, write.trx);
  const problems: Problem[] = input.parts.flatMap(({ jarId, massG }, i): Problem[] => {
    const wrong = checkNumber(`parts.${i}.massG`, massG, "jarG");
    return [
      ...(jars.some(({ id }) => id === jarId) ? [] : [{ field: `parts.${i}.jarId`, code: "notFound" } as const]),
      ...(wrong ? [wrong] : []),
    ];
  });
  if (problems.length > 0) throw unusable(problems);
  const shelf = await shelfOf(write.householdId, write.trx);
  const things = input.parts.map(({ jarId, massG }) => ({
    materialId: jars.find(({ id }) => id === jarId)!.materialId,
    jarId,
    massG,
  }));
  try {
    await putUp(write, settings, shelf, input, planOf({ method: "premix", things, settings: [] }, shelf, settings));
  } catch (error) {
    if (error instanceof Refusal) throw new Refusal(error.status, error.title, error.problems.map(ofParts));
    throw error;
  }
  return { id: input.id, rev: write.rev };
}
