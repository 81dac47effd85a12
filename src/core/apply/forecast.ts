import { normalShare, Z95, type Band } from "../figure";
import { SHARE_SD, type Section } from "./sections";

/** From section to section a hand takes so much more or less, as a spread of ln. Estimate. */
export const SECTION_SD = 0.2;
/** Short by more than this is worth a word. */
const SHORT = 1.05;
/** How sure it has to be, by how much of the head is done: late there is little left to do, and little doubt. */
const WARN_AT: readonly (readonly [done: number, chance: number])[] = [
  [0.25, 0.8],
  [0.5, 0.6],
  [0.75, 0.35],
];

/** What the scale said once some sections were done. */
export interface BowlWeight {
  readonly sectionsDone: readonly string[];
  /** What had gone out of the bowl by then, g. */
  readonly usedG: number;
}
/** A bowl on the scale, with what had been mixed and poured into it by then. */
export interface OnTheScale {
  readonly leftG: number;
  readonly moreG: number;
  readonly pouredMl: number;
  readonly sectionsDone: readonly string[];
}
/** g that stood in a bowl at a weighing and what went into it since: what may be left in it now at the most. */
export const atMostG = (
  { leftG, moreG, pouredMl }: Omit<OnTheScale, "sectionsDone">,
  now: Pick<OnTheScale, "moreG" | "pouredMl">,
): number => leftG + (now.moreG - moreG) + (now.pouredMl - pouredMl);

/**
 * Weighings of a bowl that more was mixed and poured into, as what had been used by each; a ml weighs about a gram.
 * @param bowlG everything that was ever in it
 */
export const weightsOf = (
  bowlG: number,
  scale: readonly OnTheScale[],
  now: Pick<OnTheScale, "moreG" | "pouredMl">,
): BowlWeight[] => scale.map(({ sectionsDone, ...then }) => ({ sectionsDone, usedG: bowlG - atMostG(then, now) }));
export interface Forecast {
  /** What the whole head takes, as far as one can tell, g. */
  readonly needG: Band;
  /** That it takes more than there is, 0–1. */
  readonly chanceShort: number;
  readonly warns: boolean;
  readonly leftG: number;
  /** Share of the hair that is still to be done. */
  readonly toDo: number;
  /** Left over at the end, or what is missing where it is below zero, at the middle, g. */
  readonly overG: number;
}

const between = (points: typeof WARN_AT, done: number): number => {
  if (done <= points[0][0]) return points[0][1];
  for (let i = 1; i < points.length; i++) {
    const [[d0, c0], [d1, c1]] = [points[i - 1], points[i]];
    if (done <= d1) return c0 + ((c1 - c0) * (done - d0)) / (d1 - d0);
  }
  return points.at(-1)![1];
};

/**
 * How far a bowl will go: what is thought of the head and what the scale says of the sections that are done, together.
 * Weights count by what was done when they were taken and not by when they arrived.
 *
 * @param bowlG  what was in it, with what was mixed later, without the bowl
 * @param planG  what the head is thought to take, at the middle; `planSd` the spread of its ln for one bowl
 * @source normal prior and observation of ln (conjugate); sections that differ by themselves
 */
export function forecast(
  bowlG: number,
  planG: number,
  planSd: number,
  sections: readonly Section[],
  weights: readonly BowlWeight[],
): Forecast {
  const shareOf = (ids: readonly string[]) =>
    sections.reduce((sum, { id, share }) => sum + (ids.includes(id) ? share : 0), 0);
  // The weighing that saw the most says all that the ones before it did.
  const last = weights.reduce<{ done: number; weight: BowlWeight } | undefined>((best, weight) => {
    const done = shareOf(weight.sectionsDone);
    if (best && (done < best.done || (done === best.done && weight.usedG <= best.weight.usedG))) return best;
    return { done, weight };
  }, undefined);
  const prior = { mean: Math.log(Math.max(1e-6, planG)), precision: 1 / Math.max(1e-3, planSd) ** 2 };
  let [mean, variance] = [prior.mean, 1 / prior.precision];
  let [leftG, done] = [bowlG, 0];
  if (last && last.done > 0) {
    done = last.done;
    const usedG = Math.max(1, last.weight.usedG);
    leftG = Math.max(0, bowlG - last.weight.usedG);
    const squares = sections.reduce(
      (sum, { id, share }) => sum + (last.weight.sectionsDone.includes(id) ? share * share : 0),
      0,
    );
    const seen = Math.log(usedG / done);
    const seenVariance = ((SECTION_SD ** 2 + SHARE_SD ** 2) * squares) / (done * done);
    const precision = prior.precision + 1 / seenVariance;
    mean = (prior.mean * prior.precision + seen / seenVariance) / precision;
    variance = 1 / precision;
  }
  const sd = Math.sqrt(variance);
  const chanceShort = 1 - normalShare((Math.log(SHORT * Math.max(1e-6, bowlG)) - mean) / sd);
  const needG = { low: Math.exp(mean - Z95 * sd), mid: Math.exp(mean), high: Math.exp(mean + Z95 * sd) };
  return {
    needG,
    chanceShort,
    warns: done > 0 && done < 1 - 1e-9 && chanceShort > between(WARN_AT, done),
    leftG,
    toDo: 1 - done,
    overG: leftG - (1 - done) * needG.mid,
  };
}
