import { estimate, normalShare, Z95, type Uncertain } from "../figure";
import type { KnownOfDye } from "../material";
import type { Stay } from "./history";
import { strengthAt, type DyeClock } from "./release";

/** What is seen on the palm after a dab of five minutes. */
export const DAB_MARKS = ["none", "pale", "clear", "deep"] as const;
export type DabMark = (typeof DAB_MARKS)[number];
export interface Dab {
  /** Hours since it was mixed. */
  readonly atH: number;
  readonly mark: DabMark;
}

/** What stains a palm so, of the most that a paste of this acid frees: from there on it is called so. */
export const DAB_FROM: Readonly<Record<Exclude<DabMark, "none">, number>> = { pale: 0.15, clear: 0.45, deep: 0.75 };
/** Palms and eyes differ: the spread of what is seen, in shares of the most. */
export const DAB_SPREAD = estimate(0.12, 0.07, 0.2, "palms, and eyes, differ");
/** Spread of ln pace and ln strength of powders as they are sold. */
const PACE_SD = 0.2;
const STRENGTH_SD = 0.3;
/** Below this share of what powder gives, it is called weak. */
export const WEAK = 0.7;

/** Nothing known yet. */
export const UNKNOWN_DYE: KnownOfDye = { pace: aroundLn(0, PACE_SD), strength: aroundLn(0, STRENGTH_SD) };

function aroundLn(mean: number, sd: number): Uncertain {
  return { value: Math.exp(mean), low: Math.exp(mean - Z95 * sd), high: Math.exp(mean + Z95 * sd) };
}
const lnOf = ({ value, low, high }: Uncertain): readonly [mean: number, sd: number] => [
  Math.log(value),
  Math.log(high / low) / (2 * Z95),
];

/** How likely a mark is where so much stains. */
function chanceOf(mark: DabMark, level: number): number {
  const from = mark === "none" ? -Infinity : DAB_FROM[mark];
  const to = DAB_MARKS.slice(DAB_MARKS.indexOf(mark) + 1).map((next) => DAB_FROM[next as keyof typeof DAB_FROM])[0];
  const below = (edge: number) => normalShare((edge - level) / DAB_SPREAD.value);
  return (to === undefined ? 1 : below(to)) - (from === -Infinity ? 0 : below(from));
}

const STEPS = 17;
const REACH_SD = 2.6;
/** Places of a grid around a mean, each with how likely it was before. */
const gridOf = (known: Uncertain): { readonly ln: number; readonly weight: number }[] => {
  const [mean, sd] = lnOf(known);
  return Array.from({ length: STEPS }, (_, i) => {
    const z = REACH_SD * ((2 * i) / (STEPS - 1) - 1);
    return { ln: mean + z * sd, weight: Math.exp(-0.5 * z * z) };
  });
};

/**
 * What dabs say of a bowl's dye: how fast it goes beside the tables', and how much it gives.
 *
 * @param clock  of the bowl, without what dabs said
 * @param stays  where it stood
 * @param before what was known of its powder
 * @source Bayes on a grid of ln pace and ln strength; what a mark means is our own estimate
 */
export function learnFromDabs(
  clock: DyeClock,
  stays: readonly Stay[],
  dabs: readonly Dab[],
  before: KnownOfDye = UNKNOWN_DYE,
): KnownOfDye {
  if (dabs.length === 0) return before;
  const [paces, strengths] = [gridOf(before.pace), gridOf(before.strength)];
  const hours = dabs.map(({ atH }) => Math.max(0, atH));
  let [all, pace1, pace2, strength1, strength2] = [0, 0, 0, 0, 0];
  for (const pace of paces) {
    const sure = (value: number): Uncertain => ({ value, low: value, high: value });
    const levels = strengthAt({ ...clock, known: { pace: sure(Math.exp(pace.ln)), strength: sure(1) } }, stays, hours);
    for (const strength of strengths) {
      let weight = pace.weight * strength.weight;
      dabs.forEach(({ mark }, i) => (weight *= 1e-9 + chanceOf(mark, levels[i] * Math.exp(strength.ln))));
      all += weight;
      pace1 += weight * pace.ln;
      pace2 += weight * pace.ln ** 2;
      strength1 += weight * strength.ln;
      strength2 += weight * strength.ln ** 2;
    }
  }
  const known = (first: number, second: number): Uncertain => {
    const mean = first / all;
    return aroundLn(mean, Math.sqrt(Math.max(1e-6, second / all - mean * mean)));
  };
  return { pace: known(pace1, pace2), strength: known(strength1, strength2) };
}

/**
 * True where a dab shows more than the fastest and strongest leaf gives by then: boxes called henna can hold other
 * dyes.
 */
export function tooSoon(clock: DyeClock, stays: readonly Stay[], { atH, mark }: Dab): boolean {
  if (mark === "none") return false;
  const most = (of: Uncertain): Uncertain => {
    const [mean, sd] = lnOf(of);
    const value = Math.exp(mean + REACH_SD * sd);
    return { value, low: value, high: value };
  };
  const known = { pace: most(UNKNOWN_DYE.pace), strength: most(UNKNOWN_DYE.strength) };
  const [level] = strengthAt({ ...clock, known }, stays, [Math.max(0, atH)]);
  return level + DAB_SPREAD.value < DAB_FROM[mark];
}

/** Bowls of one powder differ by so much in ln: water, cover, how fine it was stirred. */
const BETWEEN_BOWLS_SD = 0.1;
/**
 * What several bowls together say of their powder. Each says what it knows more than was known before.
 * @source product of normal densities (conjugate, known variance)
 */
export function lotOf(bowls: readonly KnownOfDye[]): KnownOfDye {
  const together = (of: (known: KnownOfDye) => Uncertain): Uncertain => {
    const [mean0, sd0] = lnOf(of(UNKNOWN_DYE));
    let precision = 1 / sd0 ** 2;
    let weighted = mean0 * precision;
    for (const bowl of bowls) {
      const [mean, sd] = lnOf(of(bowl));
      const news = 1 / sd ** 2 - 1 / sd0 ** 2;
      if (!(news > 1e-6)) continue;
      const said = (mean / sd ** 2 - mean0 / sd0 ** 2) / news;
      const surely = 1 / (1 / news + BETWEEN_BOWLS_SD ** 2);
      precision += surely;
      weighted += surely * said;
    }
    return aroundLn(weighted / precision, 1 / Math.sqrt(precision));
  };
  return { pace: together(({ pace }) => pace), strength: together(({ strength }) => strength) };
}
