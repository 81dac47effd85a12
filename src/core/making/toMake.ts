import type { Lookup } from "../material";
import type { Made, Recipe } from "./method";
import { METHODS } from "./methods";

/** How a thing is made that the shelf does not have. */
export interface ToMake extends Recipe {
  readonly method: string;
  readonly made: Made;
}

const ROOM_C = 21;
/** How so many g of a thing are made, with what is lost on the way; undefined where no method makes it. */
export function toMake(materialId: string, massG: number, find: Lookup): ToMake | undefined {
  for (const method of METHODS) {
    const recipe = method.makes?.[materialId]?.(massG, find);
    const ingredients = recipe?.things.flatMap(({ materialId: id, massG: grams }) => {
      const material = find(id);
      return material ? [{ material, massG: grams }] : [];
    });
    const result = ingredients && method.make(ingredients, recipe!.settings, ROOM_C);
    if (result?.ok) return { method: method.id, ...recipe!, made: result.value };
  }
  return undefined;
}
