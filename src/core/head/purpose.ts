import { estimate, practice, type Figure } from "../figure";

/** How the hair is while the paste is on. Pinned up or wrapped, nothing hangs. */
export const WORN = ["loose", "pinnedUp", "wrapped"] as const;
export type Worn = (typeof WORN)[number];

/** What a purpose asks of the paste, and of the maker. */
export interface Purpose {
  /** Where on the head it goes; hair that grew in a while asks how long and on how much of the head. */
  readonly region: "wholeHead" | "newGrowth";
  /** It is there to colour: what stains is meant to. */
  readonly dye: boolean;
  /** It sits heavy on the neck. */
  readonly heavy: boolean;
  /** How thick it usually is, in the words of a target. */
  readonly word: "pancakeBatter" | "cream" | "thickPaste";
  /** How it is worn, unless the maker says otherwise. */
  readonly worn: Worn;
  /** Grams of paste per gram of hair. */
  readonly loadGPerG: Figure;
  /** Thickness of paste on the scalp, mm. */
  readonly filmMm: Figure;
  /** Minutes from the last section to the rinse. */
  readonly leaveOnMin: Figure;
  /** No section has it on for longer than this, min. Common practice, from memory. */
  readonly longestMin: number;
}

const CARE = { region: "wholeHead", dye: false, heavy: false, word: "cream", worn: "loose" } as const;
const DYE = {
  dye: true,
  word: "thickPaste",
  worn: "wrapped",
  loadGPerG: practice(9.8, 8.4, 11.2, "calibrated: what practice takes by length"),
  filmMm: practice(1.5, 1.1, 1.9, "calibrated: what practice takes by length"),
  leaveOnMin: practice(150, 120, 180),
  longestMin: 360,
} as const;

/** A row for each; nothing else in the house knows them apart. Ids are kept in blends for good. */
const ROWS = {
  lightCoat: {
    ...CARE,
    word: "pancakeBatter",
    loadGPerG: practice(1.05, 0.84, 1.3, "calibrated: what practice takes by length"),
    filmMm: estimate(0.2, 0.1, 0.3),
    leaveOnMin: practice(25, 20, 30),
    longestMin: 60,
  },
  mask: {
    ...CARE,
    loadGPerG: practice(2, 1.6, 2.4, "calibrated: what practice takes by length"),
    filmMm: estimate(0.5, 0.3, 0.8),
    leaveOnMin: practice(40, 30, 60),
    longestMin: 120,
  },
  soakedMask: {
    ...CARE,
    heavy: true,
    loadGPerG: practice(3.6, 3, 4.2, "calibrated: what practice takes by length"),
    filmMm: estimate(0.5, 0.3, 0.8),
    leaveOnMin: practice(45, 30, 60),
    longestMin: 120,
  },
  dyePacked: { ...DYE, region: "wholeHead", heavy: true },
  rootsOnly: { ...DYE, region: "newGrowth", heavy: false },
} as const satisfies Readonly<Record<string, Purpose>>;

export type PurposeId = keyof typeof ROWS;
export const PURPOSE: Readonly<Record<PurposeId, Purpose>> = ROWS;
export const PURPOSES = Object.keys(ROWS) as readonly PurposeId[];

/** Share of the paste that stays in the bowl. */
export const LEFT_IN_BOWL = practice(0.08, 0.05, 0.1);

/**
 * How this person's hand differs from the middle one, before the first weighed session. With the other ranges it
 * makes a whole head known only by words span about 0.6–1.6 of the middle (ln f of sd 0.3, an estimate).
 */
export const HAND_FACTOR = estimate(1, 0.69, 1.46);
