import { estimate } from "../figure";
import type { Material } from "../material";

/** Acid, g of citric-acid equivalents a gram of dye powder, at which it does half of what it does in the end. */
export const HALF_ACID = estimate(0.006, 0.003, 0.012, "a teaspoon of lemon to 100 g does a little, two spoons most");

/**
 * How far a bowl's acid holds the dye back: 0 not at all, 1 as much as it ever does; x²/(x² + x½²).
 * @param acidPerG g of citric-acid equivalents a gram of dye powder, everything that goes in counted
 */
export function acidShare(acidPerG: number, halfPerG = HALF_ACID.value): number {
  const x2 = Math.max(0, acidPerG) ** 2;
  return x2 / (x2 + halfPerG * halfPerG);
}

/** g of citric-acid equivalents in a bowl; what is alkaline takes away from it. */
export const acidGOf = (bowl: readonly { readonly material: Material; readonly massG: number }[]): number =>
  bowl.reduce((sum, { material, massG }) => sum + (material.acidity?.value ?? 0) * massG, 0);
