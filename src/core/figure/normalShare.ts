/**
 * Share of a standard normal that lies below `z`, to about 1e-7.
 * @source Abramowitz & Stegun 7.1.26 (from memory)
 */
export function normalShare(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const polynomial = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const beyond = 0.5 * polynomial * Math.exp(-x * x);
  return z < 0 ? beyond : 1 - beyond;
}
