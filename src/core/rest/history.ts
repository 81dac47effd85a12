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

/** Its warmth as stretches of one temperature each, along Newton's law of cooling where it moves. */
export function* stretches({ startC, coolingH, stays }: BowlHistory): Generator<Stretch> {
  let [timeH, tempC, placeC, next] = [0, startC, stays[0]?.tempC ?? startC, 0];
  while (timeH < FOLLOWED_H) {
    while (next < stays.length && stays[next].fromH <= timeH + 1e-9) placeC = stays[next++].tempC;
    const untilH = (next < stays.length ? stays[next].fromH : FOLLOWED_H) - timeH;
    const off = tempC - placeC;
    if (Math.abs(off) <= SETTLED_C) {
      tempC = placeC;
      yield { fromH: timeH, forH: untilH, tempC };
      timeH += untilH;
      continue;
    }
    const isHeld = tempC > HELD_FROM_C + 1e-9 && placeC < HELD_FROM_C;
    const toOff = isHeld
      ? HELD_FROM_C - placeC
      : Math.abs(off) > 2 * STEP_C
        ? off - Math.sign(off) * STEP_C
        : Math.abs(off) > 4 * SETTLED_C
          ? off / 2
          : Math.sign(off) * 0.5 * SETTLED_C;
    const forH = Math.min(untilH, coolingH * Math.log(off / toOff));
    yield { fromH: timeH, forH, tempC: placeC + off * Math.exp(-forH / (2 * coolingH)) };
    tempC = placeC + off * Math.exp(-forH / coolingH);
    timeH += forH;
  }
}

/** °C of a bowl at an hour of its history. */
export function warmthAt({ startC, coolingH, stays }: BowlHistory, timeH: number): number {
  let tempC = startC;
  stays.forEach(({ fromH, tempC: placeC }, i) => {
    const untilH = Math.min(timeH, stays[i + 1]?.fromH ?? Infinity);
    if (untilH > fromH) tempC = placeC + (tempC - placeC) * Math.exp(-(untilH - fromH) / coolingH);
  });
  return tempC;
}
