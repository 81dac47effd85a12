import { estimate } from "../figure";

/** From `fromH` hours on the bowl stands where it is `tempC`. */
export interface Stay {
  readonly fromH: number;
  readonly tempC: number;
}
/** How warm a bowl was and will be: as it was mixed, and where it stands from when, the first from 0 on. */
export interface BowlHistory {
  readonly startC: number;
  /** Hours in which it loses 63 % of what separates it from its place. */
  readonly coolingH: number;
  readonly stays: readonly Stay[];
}
/** A stretch at one temperature. */
export interface Stretch {
  readonly fromH: number;
  readonly forH: number;
  readonly tempC: number;
}

/** How far ahead a bowl is followed, h; a frozen one would never end. */
export const FOLLOWED_H = 24 * 45;
/** A bowl that changes its warmth is taken in steps of so many degrees, and as its place's once it is so near. */
const STEP_C = 0.75;
export const SETTLED_C = 0.05;
/** Above this warmth rates are held: such a stretch is one, however hot it is. */
const HELD_FROM_C = 45;

/** K by which the heat of its ice would warm a paste: three quarters of water, 334 J/g, and 3.5 J/g K. */
export const ICE_K = estimate(70, 55, 80, "paste of three quarters water; 334 J/g from handbooks (from memory)");

/** A time along which it goes toward its place by Newton's law, or freezes or thaws at 0 °C. */
interface Leg {
  readonly fromH: number;
  readonly forH: number;
  readonly fromC: number;
  /** 0 while there is ice and water. */
  readonly towardC: number;
}
function* legs({ startC, coolingH, stays }: BowlHistory): Generator<Leg> {
  let [tempC, ice] = [startC, startC < 0 ? 1 : 0];
  for (const [i, { fromH, tempC: placeC }] of stays.entries()) {
    const untilH = stays[i + 1]?.fromH ?? Infinity;
    let atH = fromH;
    while (atH < untilH) {
      const melts = placeC > 0 ? ice : 1 - ice;
      // It stands at 0 °C until all of it is ice, or none.
      const changes = tempC === 0 && placeC !== 0 && melts > 0;
      // Else it goes on toward its place, and stops at 0 °C on the way where there is something to freeze or to thaw.
      const stops = tempC * placeC < 0;
      const wholeH = changes
        ? (melts * ICE_K.value * coolingH) / Math.abs(placeC)
        : stops
          ? coolingH * Math.log((tempC - placeC) / -placeC)
          : Infinity;
      const forH = Math.min(untilH - atH, wholeH);
      yield { fromH: atH, forH, fromC: tempC, towardC: changes ? 0 : placeC };
      if (changes) ice += ((placeC > 0 ? -1 : 1) * melts * forH) / wholeH;
      else if (forH === wholeH) tempC = 0;
      else tempC = placeC + (tempC - placeC) * Math.exp(-forH / coolingH);
      if (changes && forH === wholeH)
        [tempC, ice] = [placeC > 0 ? Number.MIN_VALUE : -Number.MIN_VALUE, placeC > 0 ? 0 : 1];
      atH += forH;
    }
  }
}

/** Its warmth as stretches of one temperature each, along Newton's law of cooling where it moves. */
export function* stretches(history: BowlHistory): Generator<Stretch> {
  const { coolingH } = history;
  for (const { fromH, forH: wholeH, fromC, towardC } of legs(history)) {
    let [timeH, tempC] = [fromH, fromC];
    const endH = Math.min(FOLLOWED_H, fromH + wholeH);
    while (timeH < endH) {
      const untilH = endH - timeH;
      const off = tempC - towardC;
      if (Math.abs(off) <= SETTLED_C) {
        yield { fromH: timeH, forH: untilH, tempC: towardC };
        break;
      }
      const isHeld = tempC > HELD_FROM_C + 1e-9 && towardC < HELD_FROM_C;
      const toOff = isHeld
        ? HELD_FROM_C - towardC
        : Math.abs(off) > 2 * STEP_C
          ? off - Math.sign(off) * STEP_C
          : Math.abs(off) > 4 * SETTLED_C
            ? off / 2
            : Math.sign(off) * 0.5 * SETTLED_C;
      const forH = Math.min(untilH, coolingH * Math.log(off / toOff));
      yield { fromH: timeH, forH, tempC: towardC + off * Math.exp(-forH / (2 * coolingH)) };
      tempC = towardC + off * Math.exp(-forH / coolingH);
      timeH += forH;
    }
    if (endH >= FOLLOWED_H) return;
  }
}

/** °C of a bowl at an hour of its history. */
export function warmthAt(history: BowlHistory, timeH: number): number {
  let at: Leg | undefined;
  for (const leg of legs(history)) {
    at = leg;
    if (leg.fromH + leg.forH >= timeH) break;
  }
  if (!at) return history.startC;
  return at.towardC + (at.fromC - at.towardC) * Math.exp(-Math.max(0, timeH - at.fromH) / history.coolingH);
}
