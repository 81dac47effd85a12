import { DROP_ML } from "./fill";
import { SPOON_ML, type SpoonSet, type Unit } from "./units";

/** Volume in ml of `count` level measures, or undefined for units that are no volume (g, piece). */
export function volumeMl(count: number, unit: Unit, spoons: SpoonSet): number | undefined {
  switch (unit) {
    case "ml": return count;
    case "tsp": return count * SPOON_ML[spoons].tsp;
    case "tbsp": return count * SPOON_ML[spoons].tbsp;
    case "cup": return count * SPOON_ML[spoons].cup;
    case "drop": return count * DROP_ML.value;
    default: return undefined;
  }
}
