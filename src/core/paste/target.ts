/** Kitchen words for a paste, contiguous in yield stress. All ranges are common practice. */
export const CONSISTENCIES = ["drizzle", "pancakeBatter", "cream", "thickPaste", "mash", "tooStiff"] as const;
export type ConsistencyWord = (typeof CONSISTENCIES)[number];

/** Words one can aim at. */
export const TARGETS = ["drizzle", "pancakeBatter", "cream", "thickPaste", "mash"] as const;
export type TargetWord = (typeof TARGETS)[number];

/** Lower end of each word, Pa. Anything under the first runs like water. */
const FROM_PA: Readonly<Record<ConsistencyWord, number>> = {
  drizzle: 2,
  pancakeBatter: 8,
  cream: 20,
  thickPaste: 55,
  mash: 150,
  tooStiff: 250,
};

/** Pa from which a word is said, up to where the next begins. */
export const fromPa = (word: ConsistencyWord): number => FROM_PA[word];

/** What one aims at when one says a word, Pa: near the geometric middle of its range. */
export const TARGET_PA: Readonly<Record<TargetWord, number>> = {
  drizzle: 4,
  pancakeBatter: 12.5,
  cream: 33,
  thickPaste: 90,
  mash: 195,
};

/** The word for a yield stress; `undefined` below 2 Pa, which runs like water. */
export function wordFor(yieldPa: number): ConsistencyWord | undefined {
  let found: ConsistencyWord | undefined;
  for (const word of CONSISTENCIES) if (yieldPa >= FROM_PA[word]) found = word;
  return found;
}
