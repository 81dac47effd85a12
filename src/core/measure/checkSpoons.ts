import { checkNumber } from "../checkNumber";
import type { Problem } from "../problem";
import { LEAST_TSP, SPOON_SETS, type OwnSpoons, type SpoonSet, type Spoons } from "./units";

/** Every problem with a set of spoons: a known set, or own ones whose cup holds more than the tablespoon and that more than the teaspoon. */
export function checkSpoons(spoons: Spoons, field = "spoons"): Problem[] {
  if (typeof spoons === "string") return SPOON_SETS.includes(spoons as SpoonSet) ? [] : [{ field, code: "unknownChoice" }];
  const { tsp, tbsp, cup, leastTsp, hasCup }: OwnSpoons = spoons;
  const problems = [checkNumber(`${field}.tsp`, tsp, "teaspoonMl"), checkNumber(`${field}.tbsp`, tbsp, "tablespoonMl"), checkNumber(`${field}.cup`, cup, "cupMl")].filter((problem) => problem !== undefined);
  if (!LEAST_TSP.includes(leastTsp)) problems.push({ field: `${field}.leastTsp`, code: "unknownChoice" });
  if (typeof hasCup !== "boolean") problems.push({ field: `${field}.hasCup`, code: "unknownChoice" });
  return problems;
}
