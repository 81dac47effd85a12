import { BOWL_COOLING_H } from "./cooling";
import { DYE_RATES, freeDye, LOSS_ENERGY, rateAt, READY_SHARE, RELEASE_ENERGY, yardstick, type School } from "./dye";

/** From `fromH` hours on the bowl stands where it is `tempC`. */
export interface Stay {
  readonly fromH: number;
  readonly tempC: number;
}

/** How far ahead a moved bowl is followed, h; a frozen one would never end. */
export const FOLLOWED_H = 24 * 45;
const STEP_H = 1 / 20;

/** Walks a bowl through its stays in three-minute steps; its warmth follows each new place by Newton's law. */
function* warmth(startC: number, stays: readonly Stay[]): Generator<{ readonly timeH: number; readonly tempC: number }> {
  const towards = -Math.expm1(-STEP_H / BOWL_COOLING_H.value);
  let tempC = startC;
  let placeC = startC;
  let next = 0;
  for (let i = 0; i * STEP_H <= FOLLOWED_H; i++) {
    const timeH = i * STEP_H;
    while (next < stays.length && stays[next].fromH <= timeH) placeC = stays[next++].tempC;
    yield { timeH, tempC };
    tempC += (placeC - tempC) * towards;
  }
}

/**
 * Hours at which a dye paste that is moved about is ready, at its peak, and to be used by: the two first-order steps
 * with rates that follow its warmth. A paste that never gets to 80 % of the yardstick is measured by its own peak.
 *
 * @param startC temperature of the bowl at the start of its clock, °C
 * @param stays  where it stands from when, in order; below 0 °C nothing goes on
 * @returns hours from the start; `useByH` undefined where it keeps longer than it is followed
 * @source Bateman 1910 in steps, Arrhenius, Newton's law of cooling; middles of our own rates
 */
export function movedDye(school: School, startC: number, stays: readonly Stay[]): { readonly readyH: number; readonly peakH: number; readonly useByH?: number } {
  const { releasePerH, lossPerH } = DYE_RATES[school];
  const free: number[] = [];
  let [bound, loose] = [1, 0];
  let peak = 0;
  for (const { tempC } of warmth(startC, stays)) {
    free.push(loose);
    if (loose > free[peak]) peak = free.length - 1;
    if (free.length - 1 > peak && loose < 0.5 * free[peak]) break;
    if (tempC <= 0) continue;
    const [k1, k2] = [rateAt(releasePerH.value, RELEASE_ENERGY.value, tempC), rateAt(lossPerH.value, LOSS_ENERGY.value, tempC)];
    loose = loose * Math.exp(-k2 * STEP_H) + bound * freeDye(STEP_H, k1, k2);
    bound *= Math.exp(-k1 * STEP_H);
  }
  const wanted = READY_SHARE * yardstick(school);
  const level = free[peak] >= wanted ? wanted : READY_SHARE * free[peak];
  const gone = free.findIndex((dye, i) => i > peak && dye < level);
  return { readyH: free.findIndex((dye) => dye >= level) * STEP_H, peakH: peak * STEP_H, ...(gone > 0 ? { useByH: gone * STEP_H } : {}) };
}

/**
 * Hours until a herb paste that is moved about has soaked as far as `soakH` hours at `startC` would take it. Swelling
 * halves its pace for each 10 °C less; frozen, it stands still.
 * @returns hours from the start, at most as long as it is followed
 */
export function movedSoakH(soakH: number, startC: number, stays: readonly Stay[]): number {
  let soaked = 0;
  for (const { timeH, tempC } of warmth(startC, stays)) {
    if (soaked >= soakH) return timeH;
    if (tempC > 0) soaked += STEP_H * 2 ** ((tempC - startC) / 10);
  }
  return FOLLOWED_H;
}
