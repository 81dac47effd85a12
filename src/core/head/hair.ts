import { estimate, fromMemory, practice, type Figure } from "../figure";
import type { Traits } from "./traits";
import type { Usual, UsualKind } from "./usual";

export const STRAND_COUNTS = ["thin", "medium", "thick"] as const;
export type StrandCount = (typeof STRAND_COUNTS)[number];

export const STRAND_SIZES = ["fine", "medium", "coarse"] as const;
export type StrandSize = (typeof STRAND_SIZES)[number];

export const CUTS = ["ordinary", "oneLength", "layered", "short"] as const;
export type Cut = (typeof CUTS)[number];

export const LANDMARKS = ["ear", "chin", "collar", "shoulder", "armpit", "midBack", "waist", "hip"] as const;
export type Landmark = (typeof LANDMARKS)[number];

export const SHADES = ["black", "brown", "blond", "grey", "bleached"] as const;
/** Shades on which a stain shows. */
export const LIGHT_SHADES: readonly (typeof SHADES)[number][] = ["blond", "grey", "bleached"];
/** So much grey between the rest takes a stain that is seen. */
export const LIGHT_FROM_GREY = 0.1;
export type Shade = (typeof SHADES)[number];

export const AGES = ["adult", "teen", "child"] as const;
export type Age = (typeof AGES)[number];

/** What was put on hair that a dye or a lotion may meet. */
export const TREATMENTS = ["relaxer", "bleach", "perm", "boxDye", "henna", "metalSalts"] as const;
export type Treatment = (typeof TREATMENTS)[number];
/** Something that was put on, and the month of it where that is known, as `2026-08`. */
export interface Treated {
  readonly what: Treatment;
  readonly month?: string;
}

export interface ShedCount {
  /** ISO day. */
  readonly on: string;
  readonly hairs: number;
}
export interface Trial {
  readonly what: string;
  /** ISO day on which it was begun. */
  readonly from: string;
}

/** Somebody's hair and what to mind about them. Lengths in cm. */
export interface Head {
  readonly longest: { readonly cm: number } | { readonly landmark: Landmark };
  readonly amount: { readonly ponytailCm: number } | { readonly strands: StrandCount };
  readonly strand: StrandSize;
  readonly cut: Cut;
  readonly shade: Shade;
  /** Share of grey strands, 0–1. */
  readonly greyShare: number;
  readonly age: Age;
  readonly pregnant: boolean;
  readonly soreScalp: boolean;
  readonly asthma: boolean;
  /** Catalogue ids and groups that this person reacts to. */
  readonly allergies: readonly string[];
  /** What was put on it before; undefined where nobody said. */
  readonly treated?: readonly Treated[];
  /** Base level of colour on the hairdressers' scale, 1 black to 10 lightest blond; undefined where nobody said. */
  readonly baseLevel?: number;
  /** What more is known of it. */
  readonly traits?: Traits;
  /** Share of its length that it hides when it hangs by itself, 0–0.8; lengths by a landmark are seen so. */
  readonly shrinks?: number;
  /** The day its length was measured, ISO, from which on it grows; and cm a month, where that is known. */
  readonly measuredOn?: string;
  readonly growthCmPerMonth?: number;
  /** The day of the week it is washed, 1 Monday to 7. */
  readonly washDay?: number;
  /** Hairs counted in the comb and the drain on a wash day. */
  readonly shed?: readonly ShedCount[];
  /** What is tried for three months before it is judged. */
  readonly trials?: readonly Trial[];
  /** What weighed bowls taught of how much it takes; worked out by the house and never kept with it. */
  readonly usual?: Readonly<Partial<Record<UsualKind, Usual>>>;
}

/** A head nobody has described yet: the middle of everything, used until it is told otherwise. */
export const PLAIN_HEAD: Head = {
  longest: { landmark: "shoulder" },
  amount: { strands: "medium" },
  strand: "medium",
  cut: "ordinary",
  shade: "brown",
  greyShare: 0,
  age: "adult",
  pregnant: false,
  soreScalp: false,
  asthma: false,
  allergies: [],
};

/** cm of the longest hair where it reaches so far. */
export const LANDMARK_CM: Readonly<Record<Landmark, Figure>> = {
  ear: estimate(12, 9, 15),
  chin: estimate(17, 14, 20),
  collar: estimate(22, 18, 26),
  shoulder: estimate(35, 30, 40),
  armpit: estimate(45, 40, 50),
  midBack: estimate(58, 52, 65),
  waist: estimate(75, 68, 83),
  hip: estimate(92, 83, 102),
};

/**
 * cm round the ponytail that a word means. Common practice of braiders, from memory; a tape says it better.
 */
export const PONYTAIL_CM: Readonly<Record<StrandCount, Figure>> = {
  thin: practice(6, 5.2, 7),
  medium: practice(8, 7, 9),
  thick: practice(10, 9, 11.2),
};

/** Above this, cm, a ponytail is asked about when it is typed: few are, and a tape is easily read in another unit. */
export const ASKED_FROM_CM = 15;

/** What a strand's thickness does to the hair's mass where only words are known; a tape has it in it already. */
export const STRAND_BULK: Readonly<Record<StrandSize, Figure>> = {
  fine: estimate(0.85, 0.8, 0.92),
  medium: estimate(1, 0.95, 1.05),
  coarse: estimate(1.15, 1.07, 1.22),
};

/** g/cm³ of hair. */
export const HAIR_DENSITY = fromMemory(1.32, 1.3, 1.34, "Robbins, Chemical and Physical Behavior of Human Hair");

/**
 * Share of a ponytail's cross-section that is hair. Calibrated: with it a cut ponytail of 30 cm weighs about 50, 85 and
 * 130 g for the three words, as most do that are given away (60–115 g, common practice).
 */
export const PONYTAIL_PACKING = practice(0.42, 0.35, 0.5, "calibrated: cut ponytails");

/** Mean length over longest length. */
export const MEAN_LENGTH_SHARE: Readonly<Record<Cut, Figure>> = {
  ordinary: estimate(0.7, 0.63, 0.77),
  oneLength: estimate(0.8, 0.74, 0.87),
  layered: estimate(0.55, 0.48, 0.63),
  short: estimate(0.8, 0.7, 0.9),
};

/** Scalp area, cm². @source half the Lund–Browder adult head (from memory) */
export const SCALP_CM2 = fromMemory(580, 520, 640, "Lund & Browder 1944, half of the adult head");

/** Growth, cm a month. @source Loussouarn 2001: 0.8–1.25 (from memory) */
export const GROWTH_CM_PER_MONTH = fromMemory(1.1, 0.75, 1.3, "Loussouarn 2001");
