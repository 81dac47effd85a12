/** Place of a yield stress on a scale that is even in its logarithm, 0–1; ends beyond which nothing is told apart. */
export const SCALE_PA = { from: 1, to: 700 };
export const placeOnScale = (yieldPa: number): number =>
  Math.min(1, Math.max(0, Math.log(Math.max(1e-6, yieldPa) / SCALE_PA.from) / Math.log(SCALE_PA.to / SCALE_PA.from)));
