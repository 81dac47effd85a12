import { estimate, propagate, type Band, type Figure } from "../figure";

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
  return ((releasePerH * Math.exp(-releasePerH * timeH)) / difference) * -Math.expm1(-spread);
}

/** When free dye is at its most, h. */
export function peakTimeH(releasePerH: number, lossPerH: number): number {
  const ratio = lossPerH / releasePerH;
  return Math.abs(ratio - 1) < 1e-9 ? 1 / releasePerH : Math.log(ratio) / (lossPerH - releasePerH);
}

/** Hours from mixing: ready, at its peak, and to be used by. */
export interface DyeHours {
  readonly readyH: number;
  readonly peakH: number;
  readonly useByH: number;
}

/**
 * The window of constant rates in which free dye is at least 80 % of `yardstick` (default: its own peak).
 * Undefined where the paste never gets there. Solved to about a second.
 */
export function dyeHours(releasePerH: number, lossPerH: number, yardstick?: number): DyeHours | undefined {
  const peakH = peakTimeH(releasePerH, lossPerH);
  const level = READY_SHARE * (yardstick ?? freeDye(peakH, releasePerH, lossPerH));
  if (freeDye(peakH, releasePerH, lossPerH) < level) return undefined;
  let far = peakH * 2;
  while (freeDye(far, releasePerH, lossPerH) >= level) far *= 2;
  const cross = (from: number, to: number) => crossing((t) => freeDye(t, releasePerH, lossPerH) - level, from, to);
  return { readyH: cross(0, peakH), peakH, useByH: cross(far, peakH) };
}

/** What is free at the peak of a school kept at 21 °C: the fixed yardstick by which all histories compare. */
export function yardstick(school: School): number {
  const { releasePerH, lossPerH } = DYE_RATES[school];
  return freeDye(peakTimeH(releasePerH.value, lossPerH.value), releasePerH.value, lossPerH.value);
}

export interface DyeWindow {
  readonly readyH: Band;
  readonly peakH: Band;
  readonly useByH: Band;
}

/**
 * Ready, peak and use-by at a steady temperature, as bands over the rates' and energies' ranges.
 * @param tempC 0–45; undefined above, where the model does not know
 */
export function dyeWindow(school: School, tempC: number): DyeWindow | undefined {
  if (!(tempC >= 0 && tempC <= DYE_MODEL_MAX_C)) return undefined;
  const { releasePerH, lossPerH } = DYE_RATES[school];
  const level = yardstick(school);
  const [readyH, peakH, useByH] = propagate([releasePerH, lossPerH, RELEASE_ENERGY, LOSS_ENERGY], 3, (x, out) => {
    const k1 = rateAt(x[0], x[2], tempC);
    const k2 = rateAt(x[1], x[3], tempC);
    const hours = dyeHours(k1, k2, level) ?? dyeHours(k1, k2);
    out[0] = hours?.readyH ?? NaN;
    out[1] = hours?.peakH ?? NaN;
    out[2] = hours?.useByH ?? NaN;
  });
  return { readyH, peakH, useByH };
}

/** Where `f` changes sign between a point below and a point above zero, h. @source Illinois variant of regula falsi */
function crossing(f: (timeH: number) => number, below: number, above: number): number {
  let [a, b, fa, fb] = [below, above, f(below), f(above)];
  let last = 0;
  for (let i = 0; i < 80 && Math.abs(b - a) > 1e-7; i++) {
    const t = (a * fb - b * fa) / (fb - fa);
    const ft = f(t);
    if (Math.abs(ft) < 1e-10) return t;
    if (ft < 0) {
      [a, fa] = [t, ft];
      if (last < 0) fb /= 2;
      last = -1;
    } else {
      [b, fb] = [t, ft];
      if (last > 0) fa /= 2;
      last = 1;
    }
  }
  return (a + b) / 2;
}
