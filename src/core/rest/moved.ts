import { BOWL_COOLING_H } from "./cooling";
import { DYE_RATES, freeDye, LOSS_ENERGY, rateAt, READY_SHARE, RELEASE_ENERGY, yardstick, type School } from "./dye";

/** From `fromH` hours on the bowl stands where it is `tempC`. */
export interface Stay {
  readonly fromH: number;
  readonly tempC: number;
}

/** How far ahead a moved bowl is followed, h; a frozen one would never end. */
const FOLLOWED_H = 24 * 45;
/** Steps while its warmth changes, and once it has that of its place. */
const STEP_H = 1 / 20;
const SETTLED_STEP_H = 1 / 4;
const SETTLED_C = 0.05;

interface Moment {
  readonly timeH: number;
  readonly tempC: number;
  /** Until the next moment, h. */
  readonly forH: number;
}

/** Walks a bowl through its stays; its warmth follows each new place by Newton's law. */
function* warmth(startC: number, stays: readonly Stay[]): Generator<Moment> {
  let [tempC, placeC, timeH] = [startC, startC, 0];
  let next = 0;
  while (timeH < FOLLOWED_H) {
    while (next < stays.length && stays[next].fromH <= timeH + 1e-9) placeC = stays[next++].tempC;
    const settled = Math.abs(tempC - placeC) < SETTLED_C;
    if (settled) tempC = placeC;
    const untilH = next < stays.length ? stays[next].fromH - timeH : Infinity;
    const forH = Math.min(settled ? SETTLED_STEP_H : STEP_H, untilH);
    yield { timeH, tempC, forH };
    tempC += (placeC - tempC) * -Math.expm1(-forH / BOWL_COOLING_H.value);
    timeH += forH;
  }
}

/** Where a line through two points has a height. */
const at = (level: number, [t0, y0]: readonly [number, number], [t1, y1]: readonly [number, number]): number =>
  y1 === y0 ? t1 : t0 + ((level - y0) / (y1 - y0)) * (t1 - t0);

/**
 * Hours at which a dye paste that is moved about is ready, at its peak, and to be used by: the two first-order steps
 * with rates that follow its warmth. A paste that never gets to 80 % of the yardstick is measured by its own peak.
 *
 * @param startC temperature of the bowl at the start of its clock, °C
 * @param stays  where it stands from when, in order; at 0 °C and below nothing goes on
 * @returns hours from the start; `useByH` undefined where it keeps longer than it is followed
 * @source Bateman 1910 in steps, Arrhenius, Newton's law of cooling; middles of our own rates
 */
export function movedDye(
  school: School,
  startC: number,
  stays: readonly Stay[],
): { readonly readyH: number; readonly peakH: number; readonly useByH?: number } {
  const { releasePerH, lossPerH } = DYE_RATES[school];
  const curve: [number, number][] = [];
  let [bound, loose, peak] = [1, 0, 0];
  let [rated, k1, k2] = [NaN, 0, 0];
  for (const { timeH, tempC, forH } of warmth(startC, stays)) {
    curve.push([timeH, loose]);
    if (loose > curve[peak][1]) peak = curve.length - 1;
    if (curve.length - 1 > peak && loose < 0.5 * curve[peak][1]) break;
    if (tempC <= 0) continue;
    if (tempC !== rated)
      [rated, k1, k2] = [
        tempC,
        rateAt(releasePerH.value, RELEASE_ENERGY.value, tempC),
        rateAt(lossPerH.value, LOSS_ENERGY.value, tempC),
      ];
    loose = loose * Math.exp(-k2 * forH) + bound * freeDye(forH, k1, k2);
    bound *= Math.exp(-k1 * forH);
  }
  const [peakH, most] = curve[peak];
  const wanted = READY_SHARE * yardstick(school);
  const level = most >= wanted ? wanted : READY_SHARE * most;
  const ready = curve.findIndex(([, dye]) => dye >= level);
  const gone = curve.findIndex(([, dye], i) => i > peak && dye < level);
  return {
    readyH: ready > 0 ? at(level, curve[ready - 1], curve[ready]) : 0,
    peakH,
    ...(gone > 0 ? { useByH: at(level, curve[gone - 1], curve[gone]) } : {}),
  };
}

/**
 * Hours until a herb paste that is moved about has soaked as far as `soakH` hours at `startC` would take it. Swelling
 * halves its pace for each 10 °C less; frozen, it stands still.
 * @returns hours from the start, at most as long as it is followed
 */
export function movedSoakH(soakH: number, startC: number, stays: readonly Stay[]): number {
  let soaked = 0;
  for (const { timeH, tempC, forH } of warmth(startC, stays)) {
    const pace = tempC > 0 ? 2 ** ((tempC - startC) / 10) : 0;
    if (soaked + pace * forH >= soakH) return timeH + (soakH - soaked) / pace;
    soaked += pace * forH;
  }
  return FOLLOWED_H;
}
