import { estimate, Z95, type Uncertain } from "../figure";
import type { Head, Shade, StrandSize } from "../head";
import { BANDS_NM, swatchOf, type Swatch } from "./cie";
import { takenUp } from "./crank";
import { absorbs, DYE, type DyeId } from "./dyes";
import { seenOf } from "./kubelkaMunk";

/** How light the strands are that are not grey, 1 black to 10 the lightest blond, where nobody gave a level. */
export const LEVEL_OF: Readonly<Record<Shade, number>> = { black: 2, brown: 4, blond: 8, grey: 5, bleached: 9 };
/** Where somebody calls the whole of it grey and gave no share. */
const GREY_OF_GREY = 0.75;

/** K/S of hair without melanin at 550 nm: what is left is keratin, a little yellow. */
export const KERATIN = estimate(0.3, 0.2, 0.45, "white hair reflects about half");
/** K/S at 550 nm of the lightest blond, and what each level down multiplies it by, in logarithm. */
export const LIGHTEST = estimate(0.54, 0.4, 0.75, "level 10 at about L* 67");
export const LEVEL_STEP = estimate(0.53, 0.45, 0.6, "level 4 at about L* 27");
/** How melanins fall off toward the red: black-brown one, and red-yellow one. @source Jacques 1998 and Donner &
 * Jensen 2006, powers of the wavelength (from memory) */
const EUMELANIN_POWER = -3.33;
const PHEOMELANIN_POWER = -4.75;
const pheoShare = (level: number): number => Math.min(0.45, Math.max(0.05, 0.08 + 0.05 * (level - 3)));

/** Grey strands are often coarser at their skin, and bleached ones open. */
export const GREY_TAKES = estimate(0.9, 0.65, 1.1, "stubborn grey");
export const BLEACHED_TAKES = estimate(1.3, 1.05, 1.7, "open hair drinks dye");
/** So many times what one bowl brings there is room for in a strand. */
export const ROOM = estimate(2.6, 1.8, 4, "colour goes on deepening for three or four rounds");
/** How far a sketch is off before a strand was tried, as a spread of ln. */
export const SKETCH_SD = 0.35;

/** One bowl on the head. */
export interface DyeStep {
  /** Each with its share of the powder, and how much of its dye is free when it goes on, of the most it can have. */
  readonly parts: readonly { readonly dye: DyeId; readonly share: number; readonly strength: number }[];
  readonly hoursOn: number;
  readonly wornC: number;
}
/** Bowls one after the other on one day, and how often all of it, a week or more apart. */
export interface DyePlan {
  readonly steps: readonly DyeStep[];
  readonly rounds: number;
}
export const MOMENTS = ["before", "rinsed", "settled", "worn"] as const;
/** Before; rinsed out; two days after; a week of washing later. */
export type Moment = (typeof MOMENTS)[number];

/** What of a head the sketch reads. */
export interface Strands {
  readonly level: number;
  readonly greyShare: number;
  readonly strand: StrandSize;
  readonly bleached: boolean;
}
export const strandsOf = ({ shade, baseLevel, greyShare, strand, treated = [] }: Head): Strands => ({
  level: baseLevel ?? LEVEL_OF[shade],
  greyShare: shade === "grey" ? Math.max(greyShare, GREY_OF_GREY) : greyShare,
  strand,
  bleached: shade === "bleached" || treated.some(({ what }) => what === "bleach"),
});

export interface Sketch {
  /** Strands of its own colour, grey ones, and all together as one sees them. */
  readonly own: Swatch;
  readonly grey: Swatch;
  readonly whole: Swatch;
}

/** K/S of undyed hair at each band; a level above 10 or so is white. */
export function hairAbsorbs(level: number | "grey"): number[] {
  const keratin = (nm: number) => KERATIN.value * (nm / 550) ** -2.5;
  if (level === "grey") return BANDS_NM.map(keratin);
  const melanin = Math.max(0, LIGHTEST.value * Math.exp(LEVEL_STEP.value * (10 - level)) - KERATIN.value);
  const red = pheoShare(level);
  return BANDS_NM.map(
    (nm) => keratin(nm) + melanin * ((1 - red) * (nm / 550) ** EUMELANIN_POWER + red * (nm / 550) ** PHEOMELANIN_POWER),
  );
}

/**
 * K/S at the highest of each dye that a strand holds after all rounds, by the moment.
 * @param takes beside a strand that is neither grey nor open
 */
export function dyeIn(
  { steps, rounds }: DyePlan,
  strand: StrandSize,
  moment: Moment,
  takes: number,
): Partial<Record<DyeId, number>> {
  const held: Partial<Record<DyeId, number>> = {};
  for (const { parts, hoursOn, wornC } of steps) {
    const gone = takenUp(hoursOn, strand, wornC) * takes;
    for (const { dye, share, strength } of parts) {
      const { full, atRinse, afterAWeek } = DYE[dye];
      const room = ROOM.value * full.value;
      const brings = full.value * Math.max(0, share) * Math.max(0, strength) * gone;
      let [now, last] = [held[dye] ?? 0, 0];
      for (let round = 0; round < Math.max(1, Math.round(rounds)); round++) {
        const kept = round === 0 ? now : now * afterAWeek.value;
        last = brings * Math.max(0, 1 - kept / room);
        // A week of washing takes no more than another round brings back.
        now = Math.max(now, kept + last);
      }
      const shows = { before: 0, rinsed: now - last * (1 - atRinse.value), settled: now, worn: now * afterAWeek.value };
      held[dye] = shows[moment];
    }
  }
  return held;
}

/**
 * How hair looks before, at, and after a plan, by daylight; a sketch. Strands of both kinds are averaged as light.
 * @param factor on the dye that is taken up: what a strand from the comb said
 * @source single-constant Kubelka–Munk on bands of 10 nm, CIE 1931 2° observer, D65; Crank's cylinder for the uptake
 */
export function sketchOf({ level, greyShare, strand, bleached }: Strands, plan: DyePlan, moment: Moment, factor = 1) {
  const open = bleached ? BLEACHED_TAKES.value : 1;
  const seen = (hair: readonly number[], takes: number): number[] => {
    const held = Object.entries(dyeIn(plan, strand, moment, factor * takes)) as [DyeId, number][];
    return hair.map((absorbing, i) =>
      seenOf(held.reduce((sum, [dye, amount]) => sum + amount * absorbs(DYE[dye], BANDS_NM[i]), absorbing)),
    );
  };
  const own = seen(hairAbsorbs(level), open);
  const grey = seen(hairAbsorbs("grey"), open * GREY_TAKES.value);
  const whole = own.map((share, i) => (1 - greyShare) * share + greyShare * grey[i]);
  return { own: swatchOf(own), grey: swatchOf(grey), whole: swatchOf(whole) } satisfies Sketch;
}

/** On the dye that the sketch expects, what a strand that looks so has; the swatches to match are drawn with these. */
export const STRAND_FACTOR = { muchLighter: 0.45, lighter: 0.68, alike: 1, deeper: 1.45, muchDeeper: 2.1 } as const;
/** An eye beside a swatch is off by so much, as a spread of ln. */
const MATCH_SD = 0.2;

/**
 * What strands from the comb say of the dye that this head takes, beside the sketch.
 * @source normal prior and observations of ln (conjugate)
 */
export function sketchFactor(looks: readonly (keyof typeof STRAND_FACTOR)[]): Uncertain {
  const precision = 1 / SKETCH_SD ** 2 + looks.length / MATCH_SD ** 2;
  const mean = looks.reduce((sum, one) => sum + Math.log(STRAND_FACTOR[one]) / MATCH_SD ** 2, 0) / precision;
  const sd = 1 / Math.sqrt(precision);
  return { value: Math.exp(mean), low: Math.exp(mean - Z95 * sd), high: Math.exp(mean + Z95 * sd) };
}
