import { checkChoice } from "../checkChoice";
import { checkNumber } from "../checkNumber";
import type { Problem } from "../problem";
import { LEAST_TSP, SPOON_SETS, type OwnSpoons, type Spoons } from "./units";

/**
 * Every problem with a set of spoons: a known set, or own ones whose cup holds more than the tablespoon and that more
 * than the teaspoon.
 */
export function checkSpoons(spoons: Spoons, field = "spoons"): Problem[] {
  if (typeof spoons === "string")
    return [checkChoice(field, spoons, SPOON_SETS)].filter((problem) => problem !== undefined);
  const { tsp, tbsp, cup, leastTsp, hasCup }: OwnSpoons = spoons;
  const problems = [
    checkNumber(`${field}.tsp`, tsp, "teaspoonMl"),
    checkNumber(`${field}.tbsp`, tbsp, "tablespoonMl"),
    checkNumber(`${field}.cup`, cup, "cupMl"),
    checkChoice(`${field}.leastTsp`, leastTsp, LEAST_TSP),
    checkChoice(`${field}.hasCup`, hasCup, [true, false]),
  ];
  return problems.filter((problem) => problem !== undefined);
}
