import { estimate, type Figure } from "../figure";
import type { Traits } from "../head";

export const SECTION_COUNTS = [2, 4, 6, 8, 12] as const;
export type SectionCount = (typeof SECTION_COUNTS)[number];

/** How the rows are called, from the front to the nape. */
const NAMED = {
  1: ["half"],
  2: ["front", "back"],
  3: ["front", "crown", "nape"],
  4: ["front", "top", "crown", "nape"],
} as const;
export type Along = (typeof NAMED)[1 | 2 | 3 | 4][number];

/** One section: where it lies, its side, and its share of the hair. */
export interface Section {
  readonly id: string;
  /** From the front to the nape, 0–1, where its middle lies; and across, −1 left to 1 right. */
  readonly back: number;
  readonly side: number;
  readonly share: number;
  readonly along: Along;
}

/** How thick hair stands from the front to the nape, beside the middle: thick at the crown, thin at the front. */
const ALONG: readonly (readonly [upTo: number, density: number])[] = [
  [0.2, 0.75],
  [0.45, 1.05],
  [0.75, 1.25],
  [1, 0.95],
];
/** At the temples it is thinner than in the middle. */
export const TEMPLE_DENSITY: Figure = estimate(0.7, 0.55, 0.9, "temples beside the middle");
/** A share is off by so much, as a spread of ln. */
export const SHARE_SD = 0.1;

const densityAt = (back: number): number => ALONG.find(([upTo]) => back <= upTo)?.[1] ?? 1;

/** Where hair grows thin, it stands so thick beside the same place elsewhere. */
const THINNED: Figure = estimate(0.6, 0.4, 0.85, "a place that is called thin");
export type ThinPlace = NonNullable<Traits["thinning"]>[number];
/** Which sections a place lies in, by where their middle is. */
const LIES: Readonly<Record<ThinPlace, (back: number, side: number, across: number) => boolean>> = {
  hairline: (back) => back < 0.25,
  temples: (back, side, across) => back < 0.3 && (across === 2 || side !== 0),
  parting: (back, side, across) => back < 0.6 && (across === 2 || side === 0),
  crown: (back) => back > 0.45 && back < 0.75,
};
/** What is seen from behind, and not from above. */
export const isBehind = ({ back }: Section): boolean => back > 0.5;

/** Rows from the front to the nape, and how many sections each has across. */
const ROWS: Readonly<Record<SectionCount, readonly number[]>> = {
  2: [2],
  4: [2, 2],
  6: [2, 2, 2],
  8: [2, 2, 2, 2],
  12: [3, 3, 3, 3],
};

/**
 * A head in sections from the nape to the front, as one works, with their shares of the hair, which add up to one.
 * @param thin where it grows thin
 * @source our own estimate of where hair stands thick
 */
export function sectionsOf(count: SectionCount, thin: readonly ThinPlace[] = []): Section[] {
  const rows = ROWS[count];
  const names = NAMED[rows.length as keyof typeof NAMED];
  const all = rows.flatMap((across, row) => {
    const along = names[row];
    const back = (row + 0.5) / rows.length;
    return Array.from({ length: across }, (_, i) => {
      const side = across === 1 ? 0 : (2 * i) / (across - 1) - 1;
      const outer = across === 3 && side !== 0 && back < 0.3 ? TEMPLE_DENSITY.value : 1;
      const thinned = thin.some((place) => LIES[place](back, side, across)) ? THINNED.value : 1;
      return { back, side, along, weight: (densityAt(back) * outer * thinned) / across };
    });
  });
  const sum = all.reduce((total, { weight }) => total + weight, 0);
  return all
    .map(({ weight, ...where }, i) => ({ id: `s${i + 1}`, ...where, share: weight / sum }))
    .sort((a, b) => b.back - a.back || a.side - b.side);
}
