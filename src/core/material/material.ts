import type { Figure, Uncertain } from "../figure";
import type { Keeping } from "./keeping";

/** What a thing is. One catalogue file each. */
export const FAMILIES = [
  "leaf",
  "fruit",
  "seed",
  "root",
  "flower",
  "clay",
  "base",
  "acid",
  "oil",
  "essentialOil",
  "water",
  "lotionPart",
  "mixture",
] as const;
export type Family = (typeof FAMILIES)[number];

/** How it comes. `soft` has a body of its own: curd, gel, mashed fruit. */
export const FORMS = ["powder", "whole", "fresh", "soft", "liquid", "butter", "flakes", "crystals"] as const;
export type Form = (typeof FORMS)[number];

/** Forms that a spoon can heap. */
export const HEAPS: readonly Form[] = ["powder", "whole", "flakes", "crystals"];
/** Forms that are brewed, ground or melted before they go in a paste. */
export const NOT_IN_A_PASTE: readonly Form[] = ["whole", "fresh", "flakes"];

/** What makers use a thing for; what it can stand in for. */
export const JOBS = [
  "colour",
  "scalp",
  "flakes",
  "condition",
  "slip",
  "protein",
  "moisture",
  "wash",
  "oilControl",
  "soften",
  "acid",
  "scent",
  "thicken",
  "liquid",
  "emulsify",
  "preserve",
  "shine",
] as const;
export type Job = (typeof JOBS)[number];

/**
 * Properties that cautions, schedules, the feel and the order of mixing read. A material carries as many as are true of
 * it. The last ones say how it is by itself: `clumps` and is stirred into a powder first, is a `gum`, `smells`, its
 * smell `lingers`, is a `conditioner`, is what a kitchen gets for slip (`slipSource`), comes from the `tap`.
 */
export const TAGS = [
  "dye",
  "indigo",
  "cassia",
  "dust",
  "stainsRed",
  "stainsYellow",
  "stainsBlue",
  "stainsBrown",
  "dairy",
  "egg",
  "fruit",
  "fresh",
  "oil",
  "essentialOil",
  "acid",
  "tea",
  "drying",
  "protein",
  "clay",
  "slip",
  "honey",
  "saponin",
  "nut",
  "aloe",
  "irritant",
  "phototoxic",
  "notInPregnancy",
  "harsh",
  "rawStarch",
  "wool",
  "gelatine",
  "metal",
  "lawsone",
  "alkaline",
  "clumps",
  "gum",
  "smells",
  "lingers",
  "conditioner",
  "slipSource",
  "tap",
] as const;
export type Tag = (typeof TAGS)[number];

/** How a thing is by itself: a mixture with it need not be so. */
export const BY_ITSELF: readonly Tag[] = [
  "rawStarch",
  "clumps",
  "gum",
  "smells",
  "lingers",
  "conditioner",
  "slipSource",
  "tap",
];

export interface MaterialName {
  readonly text: string;
  /** BCP 47 language, with script where it is not the language's usual one; `la` for botanical names. */
  readonly language: string;
}

/** What a powder keeps from flowing (published or estimated), or the stiffness a wet base has by itself. */
export type Holding =
  | { readonly kind: "perGram"; readonly mlPerG: Figure }
  | { readonly kind: "ownStiffness"; readonly yieldPa: Figure }
  | { readonly kind: "none" };

/** What dabs taught of a dye powder: its pace beside the tables', and how much it gives beside it. */
export interface KnownOfDye {
  readonly pace: Uncertain;
  readonly strength: Uncertain;
}

/** One thing of the trade. Mass fractions: water + oil + dissolving + other solids = 1. */
export interface Material {
  readonly id: string;
  /** The jar whose measured figures these are; undefined for the tables' and for things in general. */
  readonly jarId?: string;
  readonly family: Family;
  readonly form: Form;
  readonly names: readonly [MaterialName, ...MaterialName[]];
  /** Its name on a cosmetic's list of ingredients (from memory). */
  readonly inci?: string;
  /** Materials with the same plant are one herb in several forms, and convert by what is dry in them. */
  readonly plant?: string;
  readonly jobs: readonly Job[];
  /** What makers use it for, in careful words. */
  readonly use: string;
  /** What it gets mistaken for, and how to tell. */
  readonly notToConfuse?: string;
  readonly water: Figure;
  readonly oil: Figure;
  readonly dissolving: Figure;
  /** g/ml of the solids that neither melt nor dissolve. */
  readonly solidsDensityGPerMl: Figure;
  /** g/ml as a level spoon finds it. */
  readonly bulkDensityGPerMl: Figure;
  readonly holding: Holding;
  /** Share of its holding it has at once, and the time constant of the rest in minutes at 22 °C. */
  readonly soak?: { readonly firstShare: Figure; readonly timeMin: Figure };
  /** Edible grams of one piece, where it comes in pieces. */
  readonly pieceG?: Figure;
  /** Grams of citric acid that do the work of the acid in a gram of it. */
  readonly acidity?: Figure;
  /** Ids of everything a mixture is made of, however deep. */
  readonly contains?: readonly string[];
  /** oklch lightness, chroma, hue of the thing itself. */
  readonly colour: readonly [number, number, number];
  readonly tags: readonly Tag[];
  /** How long it keeps, where it is not as its family. */
  readonly keeping?: Keeping;
  /** Of a jar of dye whose stain was looked at. */
  readonly knownDye?: KnownOfDye;
  /** May be the liquid that makes up the rest. */
  readonly makesUp?: true;
}

/** When a thing goes in a bowl: with the dry things, with the wet ones, or last, on top. */
export const PHASES = ["dry", "wet", "oil"] as const;
export type Phase = (typeof PHASES)[number];
export const phaseOf = ({ family, form }: Pick<Material, "family" | "form">): Phase =>
  family === "oil" || family === "essentialOil" ? "oil" : form === "powder" ? "dry" : "wet";

/** Finds a material, or the maker's own jar of it; undefined where there is none. */
export type Lookup = (materialId: string, jarId?: string) => Material | undefined;
