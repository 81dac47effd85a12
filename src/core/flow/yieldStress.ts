import { estimate } from "../figure";

/** Solids share at which a paste jams; fitted together with `TAU_STAR` and the holdings. */
export const PHI_MAX = estimate(0.64, 0.625, 0.655, "fitted with the holdings");
/** Pa; how stiff a paste is at a given closeness to the jam. */
export const TAU_STAR = estimate(1, 0.7, 1.4, "fitted with the holdings");

/**
 * Yield stress in Pa of a paste with swollen solids share φ: τ* ((1 − φ/φm)^−2 − 1). Undefined at and beyond the
 * jam, where the formula would mirror back: such a bowl is still dry and has no number.
 * @source Heymann, Peukert & Aksel 2002 (from memory)
 */
export function yieldPaOf(phi: number, phiMax = PHI_MAX.value, tauStar = TAU_STAR.value): number | undefined {
  if (!(phi < phiMax)) return undefined;
  const gap = 1 - Math.max(0, phi) / phiMax;
  return tauStar * (1 / (gap * gap) - 1);
}

/** The share φ that has this yield stress: φm (1 − (1 + τ/τ*)^−½); the exact inverse of `yieldPaOf`. */
export const phiOf = (yieldPa: number, phiMax = PHI_MAX.value, tauStar = TAU_STAR.value): number =>
  phiMax * (1 - 1 / Math.sqrt(1 + Math.max(0, yieldPa) / tauStar));

/**
 * How much harder a paste drags than the liquid in it: (1 − φ/φm)^(−2.5 φm), without unit; undefined at the jam.
 * @source Krieger & Dougherty 1959 (from memory); the dilute limit is Einstein's 1 + 2.5 φ
 */
export function relativeViscosity(phi: number, phiMax = PHI_MAX.value): number | undefined {
  return phi < phiMax ? (1 - phi / phiMax) ** (-2.5 * phiMax) : undefined;
}
