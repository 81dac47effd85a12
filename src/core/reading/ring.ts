import { GRAVITY } from "./gravity";

/** Slumps between these shares of the height are trusted; stiffer pastes want a taller ring, thinner ones the plate. */
export const RING_TRUSTED = { least: 0.1, most: 0.75 };

/**
 * Share of its height, 0–1, by which a paste slumps when a straight-sided ring is lifted off it:
 * s' = 1 − 2τ'(1 − ln 2τ'), τ' = τ/(ρ g H). A paste that carries its own weight (τ' ≥ ½) does not slump.
 * @param yieldPa ≥ 0
 * @source Pashias, Boger, Summers & Glenister 1996, J. Rheol. 40:1179 (from memory)
 */
export function slumpShare(yieldPa: number, densityGPerMl: number, heightMm: number): number {
  const x = (2 * yieldPa) / (densityGPerMl * GRAVITY * heightMm);
  if (x <= 0) return 1;
  return x >= 1 ? 0 : 1 - x * (1 - Math.log(x));
}

/** The yield stress in Pa that slumps by a share 0–1 of the height; the inverse of `slumpShare`, by bisection. */
export function ringYieldPa(share: number, densityGPerMl: number, heightMm: number): number {
  const scale = (densityGPerMl * GRAVITY * heightMm) / 2;
  let [low, high] = [0, 1];
  for (let i = 0; i < 60; i++) {
    const x = (low + high) / 2;
    if (1 - x * (1 - Math.log(x)) > share) low = x;
    else high = x;
  }
  return ((low + high) / 2) * scale;
}
