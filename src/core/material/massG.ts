import { type Figure, type Uncertain } from "../figure";
import { DROP_ML, FILL_FACTOR, volumeMl, type Fill, type Spoons, type Unit } from "../measure";
import { HEAPS, type Material } from "./material";

/** A kitchen scale reads to the gram. */
const SCALE_G = 1;

/**
 * Grams of `count` units of a material as a maker's spoon, cup, piece or scale finds it; undefined where the
 * unit makes no sense for it (pieces of a powder). Half-widths of density, fill and drop are added in quadrature.
 * A small thing on a scale is uncertain by at most half of itself.
 */
export function massG(
  material: Material,
  count: number,
  unit: Unit,
  fill: Fill,
  spoons: Spoons,
): Uncertain | undefined {
  if (unit === "g") {
    const error = Math.min(SCALE_G, count / 2);
    return { value: count, low: count - error, high: count + error };
  }
  if (unit === "piece") {
    const piece = material.pieceG;
    return piece && { value: count * piece.value, low: count * piece.low, high: count * piece.high };
  }
  const ml = volumeMl(count, unit, spoons);
  if (ml === undefined) return undefined;
  const parts: Figure[] = [material.bulkDensityGPerMl];
  if (unit === "drop") parts.push(DROP_ML);
  else if (HEAPS.includes(material.form) && unit !== "ml") parts.push(FILL_FACTOR[fill]);
  const value = parts.reduce((product, part) => product * (part === DROP_ML ? 1 : part.value), ml);
  const spread = (end: "low" | "high") =>
    Math.sqrt(parts.reduce((sum, part) => sum + (part[end] / part.value - 1) ** 2, 0));
  return { value, low: value * (1 - spread("low")), high: value * (1 + spread("high")) };
}
