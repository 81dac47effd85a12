import { estimate, type Figure } from "../figure";

export const SCHOOLS = ["acid", "plain"] as const;
/** How the dye paste is made up: with a mild acid, or with plain water or tea. */
export type School = (typeof SCHOOLS)[number];

/**
 * Rates at 21 °C in 1/h: dye set free, and dye lost. All calibrated to practice: overnight with acid, 4–5 h at the
 * least.
 */
export const DYE_RATES: Readonly<Record<School, { readonly releasePerH: Figure; readonly lossPerH: Figure }>> = {
  acid: { releasePerH: estimate(0.16, 0.11, 0.22, "calibrated"), lossPerH: estimate(0.02, 0.013, 0.028, "calibrated") },
  plain: { releasePerH: estimate(0.35, 0.24, 0.49, "calibrated"), lossPerH: estimate(0.06, 0.04, 0.084, "calibrated") },
};
/**
 * Indigo's rates at 21 °C, 1/h: its dye comes in minutes and is lost to the air in as many. Equal rates, so that it is
 * nearly at its most after a quarter of an hour and good for about half of one.
 */
export const INDIGO_RATES = {
  releasePerH: estimate(2, 1.3, 3, "calibrated: put on 10–20 minutes after it is wetted warm"),
  lossPerH: estimate(2, 1.3, 3, "calibrated: wetted warm it is used within half an hour"),
} as const;
/** How both go with warmth, J/mol: warm water brings it sooner, cold water late but well. */
export const INDIGO_ENERGY = estimate(35_000, 20_000, 55_000, "cold water takes about half as long again");
/** Acid, g a gram of indigo, at which half of its dye is lost: it wants an alkaline paste and no lemon. */
export const INDIGO_HALF_ACID = estimate(0.01, 0.004, 0.025, "makers who added lemon by mistake got little blue");

/** Activation energies, J/mol. */
export const RELEASE_ENERGY = estimate(65_000, 50_000, 80_000, "calibrated");
export const LOSS_ENERGY = estimate(80_000, 65_000, 95_000, "calibrated");

/** Above this the model does not know; dye is lost faster than it would say. */
export const DYE_MODEL_MAX_C = 45;
const GAS_CONSTANT = 8.314462618;
const REFERENCE_K = 294.15;
/** Ready and use-by stand where the paste has this share of the yardstick's peak. */
export const READY_SHARE = 0.8;

/** k(T) = k21 e^(−E/R (1/T − 1/294.15 K)), 1/h. @source Arrhenius */
export function rateAt(k21PerH: number, energyJPerMol: number, tempC: number): number {
  return k21PerH * Math.exp((-energyJPerMol / GAS_CONSTANT) * (1 / (tempC + 273.15) - 1 / REFERENCE_K));
}

/**
 * Free dye after `timeH`, as a share of all the precursor: k1/(k2 − k1) (e^(−k1 t) − e^(−k2 t)), with the
 * limit k t e^(−k t) where the rates meet.
 * @source Bateman 1910, two first-order steps
 */
export function freeDye(timeH: number, releasePerH: number, lossPerH: number): number {
  if (timeH <= 0) return 0;
  const difference = lossPerH - releasePerH;
  const spread = difference * timeH;
  if (Math.abs(spread) < 1e-9) return releasePerH * timeH * Math.exp(-releasePerH * timeH);
  // Far apart, one of both is nothing beside the other.
  if (Math.abs(spread) > 30)
    return (releasePerH / difference) * (Math.exp(-releasePerH * timeH) - Math.exp(-lossPerH * timeH));
  return ((releasePerH * Math.exp(-releasePerH * timeH)) / difference) * -Math.expm1(-spread);
}

/** When free dye is at its most, h. */
export function peakTimeH(releasePerH: number, lossPerH: number): number {
  const ratio = lossPerH / releasePerH;
  return Math.abs(ratio - 1) < 1e-9 ? 1 / releasePerH : Math.log(ratio) / (lossPerH - releasePerH);
}
