import { estimate, fromMemory, practice, type Figure } from "../figure";

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
  /** Catalogue ids that this person reacts to. */
  readonly allergies: readonly string[];
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

/** Strands on a head. @source Robbins, Chemical and Physical Behavior of Human Hair: about 110 000 (from memory) */
export const STRANDS: Readonly<Record<StrandCount, Figure>> = {
  thin: estimate(80_000, 62_000, 98_000),
  medium: fromMemory(110_000, 90_000, 132_000, "Robbins, Chemical and Physical Behavior of Human Hair"),
  thick: estimate(145_000, 118_000, 172_000),
};

/** Strand diameter, µm. */
export const STRAND_UM: Readonly<Record<StrandSize, Figure>> = {
  fine: estimate(55, 50, 61),
  medium: fromMemory(70, 64, 76, "Robbins, Chemical and Physical Behavior of Human Hair"),
  coarse: estimate(90, 82, 99),
};

/** g/cm³ of hair. */
export const HAIR_DENSITY = fromMemory(1.32, 1.3, 1.34, "Robbins, Chemical and Physical Behavior of Human Hair");

/** Share of a ponytail's cross-section that is hair. */
export const PONYTAIL_PACKING = estimate(0.6, 0.45, 0.75);

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

/** Width of the curtain of hair that a coat lies on, cm; the paste's area is scalp + this × mean length. */
export const HAIR_SHEET_CM = practice(30, 24, 36);
