import type { Ingredient } from "../method";
import { overLegs, type Leg } from "../warmth";
import { drawingPace, drawnShare } from "./drawing";
import { keptBy, type Draw } from "./figures";
import { boilOff, legsOf, steamOf } from "./pot";
import type { Brew } from "./said";

/** What a brew comes to, g; hours at its warmth. */
export interface Outcome {
  readonly pourG: number;
  readonly holdH: number;
  readonly steamG: number;
  readonly dissolvedG: number;
  readonly keptG: number;
  /** What runs through the sieve; 0 where the herb drinks all of it. */
  readonly productG: number;
}
const ROUNDS = 12;
/** g/ml of a liquid by the share that is dissolved in it. */
export const densityOf = (share: number): number => 1 + 0.4 * share;
/** g that have been drawn into the liquid along these stretches. */
export function dissolvedIn(draw: Draw, legs: readonly Leg[]): number {
  const boilH = overLegs(legs, drawingPace);
  return draw.things.reduce((sum, { solubleG, ratePerH }) => sum + solubleG * drawnShare(ratePerH, boilH), 0);
}
/** What comes of a pour, or the pour that brings what is wanted. */
export function run(brew: Brew, draw: Draw, minutes: number, pour?: number): Outcome {
  const keptG = keptBy(draw);
  const reduces = brew.way === "reduced";
  let pourG = pour ?? (reduces ? brew.fromMl : brew.wantMl + keptG);
  let holdH = minutes / 60;
  let dissolvedG = 0;
  let steamG = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const legs = legsOf(brew, draw, pourG, holdH);
    dissolvedG = dissolvedIn(draw, legs);
    steamG = steamOf(brew, draw, legs, holdH);
    const wanted = brew.wantMl * densityOf(dissolvedG / Math.max(1, brew.wantMl + keptG));
    if (reduces && pour === undefined) {
      const over = pourG + dissolvedG - keptG - wanted - steamG;
      const next = Math.max(0, holdH + over / boilOff(brew, draw));
      if (Math.abs(next - holdH) < 1e-5) break;
      holdH = next;
    } else if (pour === undefined) {
      const next = wanted + keptG - dissolvedG + steamG;
      if (Math.abs(next - pourG) < 1e-3) break;
      pourG = next;
    } else break;
  }
  return { pourG, holdH, steamG, dissolvedG, keptG, productG: Math.max(0, pourG + dissolvedG - steamG - keptG) };
}

/** The share drawn of all that would dissolve. */
export const drawnOf = (draw: Draw, dissolvedG: number): number => {
  const all = draw.things.reduce((sum, { solubleG }) => sum + solubleG, 0);
  return all > 0 ? dissolvedG / all : 0;
};

/** g of each thing, by the share of it that was drawn: what its sourness and its colour go by. */
export function drawnFrom(
  brew: Brew,
  things: readonly Ingredient[],
  { pourG, holdH }: Outcome,
  draw: Draw,
): readonly number[] {
  const boilH = overLegs(legsOf(brew, draw, pourG, holdH), drawingPace);
  return things.map(({ massG }, i) => massG * drawnShare(draw.things[i].ratePerH, boilH));
}
