import { GRAVITY } from "../reading";

/**
 * Thickness in mm of the coat that stays up on hair: it holds while τ > ρ g e.
 * @source static balance of a layer on a wall; 9 Pa holds 0.8 mm, 22 Pa 2 mm, 100 Pa 9 mm at 1.1 g/ml
 */
export const heldCoatMm = (yieldPa: number, densityGPerMl: number): number => yieldPa / (densityGPerMl * GRAVITY);

/** Yield stress in Pa that a coat of this thickness needs; the inverse of `heldCoatMm`. */
export const yieldForCoatPa = (coatMm: number, densityGPerMl: number): number => coatMm * densityGPerMl * GRAVITY;
