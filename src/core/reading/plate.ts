import { GRAVITY } from "./gravity";

/** A drop that is less than this many times wider (in radius) than it is high is too stiff to be read. */
export const PLATE_LEAST_SPREAD = 3;
/** mm; a thinner sheet is held together by its skin and not by its stiffness. An estimate. */
export const PLATE_LEAST_SHEET_MM = 1.2;

/**
 * Yield stress in Pa of a drop that came to rest on a plate as a wide, thin round: 225 ρ g V² / (128 π² R⁵).
 * @param volumeMl of the drop
 * @param radiusMm where it stopped
 * @source Roussel & Coussot 2005, J. Rheol. 49:705 (from memory)
 */
export const thinPlateYieldPa = (volumeMl: number, radiusMm: number, densityGPerMl: number): number =>
  (225 * densityGPerMl * GRAVITY * volumeMl * volumeMl * 1e6) / (128 * Math.PI ** 2 * radiusMm ** 5);

/**
 * The same for a drop that is not so thin: divided by 1 + (225√3/128) V/(π R³).
 * @source Pierre, Lanos & Estellé 2013 (from memory)
 */
export const plateYieldPa = (volumeMl: number, radiusMm: number, densityGPerMl: number): number =>
  thinPlateYieldPa(volumeMl, radiusMm, densityGPerMl) /
  (1 + ((225 * Math.sqrt(3)) / 128) * ((volumeMl * 1000) / (Math.PI * radiusMm ** 3)));

/** Radius over height of the round: π R³/V. */
export const spreadOf = (volumeMl: number, radiusMm: number): number => (Math.PI * radiusMm ** 3) / (volumeMl * 1000);

/** mm; a drop cannot stand narrower than the ball it came from. */
export const ballRadiusMm = (volumeMl: number): number => Math.cbrt((3 * volumeMl * 1000) / (4 * Math.PI));

/** Radius in mm at which a drop comes to rest; the inverse of `plateYieldPa`, no narrower than its own ball. */
export function plateRadiusMm(yieldPa: number, volumeMl: number, densityGPerMl: number): number {
  let [low, high] = [ballRadiusMm(volumeMl), 2000];
  if (plateYieldPa(volumeMl, low, densityGPerMl) <= yieldPa) return low;
  for (let i = 0; i < 60; i++) {
    const radius = (low + high) / 2;
    if (plateYieldPa(volumeMl, radius, densityGPerMl) > yieldPa) low = radius;
    else high = radius;
  }
  return (low + high) / 2;
}
