import { exact, type Figure } from "../../figure";
import type { Form, Material } from "../../material";
import { PLANT_SOLIDS } from "../../material";
import { material, NO_OIL, usda, usdaSpoon, type Row } from "./write";

export const NO_SOLIDS = exact(1, "no undissolved solids to speak of");

interface Base extends Row {
  readonly form?: Form;
  readonly water: Figure;
  readonly oil?: Figure;
  readonly dissolving: Figure;
  readonly solids?: Figure;
  readonly bulk: Figure;
  readonly yieldPa?: Figure;
  readonly makesUp?: true;
}

export function base({
  form = "soft",
  water,
  oil = NO_OIL,
  dissolving,
  solids = PLANT_SOLIDS,
  bulk,
  yieldPa,
  makesUp,
  ...row
}: Base): Material {
  return material("base", form, row, {
    water,
    oil,
    dissolving,
    solidsDensityGPerMl: solids,
    bulk,
    holding: yieldPa ? { kind: "ownStiffness", yieldPa } : { kind: "none" },
    ...(makesUp && { makesUp }),
  });
}

/** A cup of something poured, known closer than a cup of powder. */
export function usdaSpoonExact(grams: number, food: string): Figure {
  const { value } = usdaSpoon(grams, "cup", food);
  return usda(value, Number((value - 0.02).toFixed(3)), Number((value + 0.02).toFixed(3)), `${food}, 1 cup ${grams} g`);
}
