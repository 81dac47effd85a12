import { estimate, type Figure } from "../figure";

export const SECTION_COUNTS = [2, 4, 6, 8, 12] as const;
export type SectionCount = (typeof SECTION_COUNTS)[number];

/** One section: where it lies, its side, and its share of the hair. */
export interface Section {
  readonly id: string;
  /** From the front to the nape, 0–1, where its middle lies; and across, −1 left to 1 right. */
  readonly back: number;
  readonly side: number;
  readonly share: number;
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
 * @source our own estimate of where hair stands thick
 */
export function sectionsOf(count: SectionCount): Section[] {
  const rows = ROWS[count];
  const all = rows.flatMap((across, row) => {
    const back = (row + 0.5) / rows.length;
    return Array.from({ length: across }, (_, i) => {
      const side = across === 1 ? 0 : (2 * i) / (across - 1) - 1;
      const outer = across === 3 && side !== 0 && back < 0.3 ? TEMPLE_DENSITY.value : 1;
      return { back, side, weight: (densityAt(back) * outer) / across };
    });
  });
  const sum = all.reduce((total, { weight }) => total + weight, 0);
  return all
    .map(({ back, side, weight }, i) => ({ id: `s${i + 1}`, back, side, share: weight / sum }))
    .sort((a, b) => b.back - a.back || a.side - b.side);
}
