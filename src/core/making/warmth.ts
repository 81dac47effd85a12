/** A stretch of a making in which its warmth follows one law: heated evenly, held, or left to a room. Hours and °C. */
export type Leg =
  | { readonly by: "ramp"; readonly fromC: number; readonly toC: number; readonly hours: number }
  | { readonly by: "hold"; readonly atC: number; readonly hours: number }
  | {
      readonly by: "cool";
      readonly fromC: number;
      /** What it comes to in the end, and the hours in which 63 % of the way is gone. */
      readonly roomC: number;
      readonly tauH: number;
      readonly hours: number;
    };

/** After so many time constants it has the room's warmth to a hundred-thousandth. */
const SETTLED = 12;
/** … and in so many most of the way is gone. */
const FIRST = 3;
const THIRDS = 3;
/** Places between -1 and 1, and weights. @source Abramowitz and Stegun, table 25.4, n = 5 (from memory) */
const POINTS: readonly (readonly [at: number, weight: number])[] = [
  [0, 0.5688888888888889],
  [-0.5384693101056831, 0.4786286704993665],
  [0.5384693101056831, 0.4786286704993665],
  [-0.906179845938664, 0.2369268850561891],
  [0.906179845938664, 0.2369268850561891],
];

/**
 * Warmth of a stretch after some of it, °C. `afterH` outside the stretch counts as its nearer end.
 * @source Newton's law of cooling
 */
export function tempIn(leg: Leg, afterH: number): number {
  const h = Math.min(leg.hours, Math.max(0, afterH));
  switch (leg.by) {
    case "hold":
      return leg.atC;
    case "ramp":
      return leg.hours > 0 ? leg.fromC + ((leg.toC - leg.fromC) * h) / leg.hours : leg.toC;
    case "cool":
      return leg.roomC + (leg.fromC - leg.roomC) * Math.exp(-h / leg.tauH);
  }
}

/** Gauss and Legendre's five points over each third of a part of a stretch. */
function over(leg: Leg, fromH: number, toH: number, rateAt: (tempC: number) => number): number {
  const half = (toH - fromH) / THIRDS / 2;
  let sum = 0;
  for (let third = 0; third < THIRDS; third++) {
    const middle = fromH + (2 * third + 1) * half;
    for (const [at, weight] of POINTS) sum += weight * rateAt(tempIn(leg, middle + at * half));
  }
  return sum * half;
}

/** Integral over time of what goes on at a rate that depends on the warmth alone, in the rate's unit times hours. */
export function overLegs(legs: readonly Leg[], rateAt: (tempC: number) => number): number {
  let sum = 0;
  for (const leg of legs) {
    if (!(leg.hours > 0)) continue;
    if (leg.by === "hold") sum += rateAt(leg.atC) * leg.hours;
    else if (leg.by === "ramp") sum += over(leg, 0, leg.hours, rateAt);
    else {
      // Most happens at first; then the tail, and then the room's own warmth.
      const [early, settled] = [FIRST * leg.tauH, SETTLED * leg.tauH].map((h) => Math.min(leg.hours, h));
      sum += over(leg, 0, early, rateAt);
      if (settled > early) sum += over(leg, early, settled, rateAt);
      sum += rateAt(leg.roomC) * (leg.hours - settled);
    }
  }
  return sum;
}
