import { DROP_ML } from "./fill";
import { spoonMl, type Spoons, type Unit } from "./units";

/** Volume in ml of `count` level measures, or undefined for units that are no volume (g, piece). */
export function volumeMl(count: number, unit: Unit, spoons: Spoons): number | undefined {
  switch (unit) {
    case "ml":
      return count;
    case "tsp":
      return count * spoonMl(spoons).tsp;
    case "tbsp":
      return count * spoonMl(spoons).tbsp;
    case "cup":
      return count * spoonMl(spoons).cup;
    case "drop":
      return count * DROP_ML.value;
    default:
      return undefined;
  }
}
