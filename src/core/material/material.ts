import type { Figure } from "../figure";

export const FAMILIES = ["powder", "wet", "oil", "essentialOil", "acid", "water"] as const;
export type Family = (typeof FAMILIES)[number];

/** Properties that cautions and schedules read. A material carries as many as are true of it. */
export const TAGS = [
  "dye", "dust", "stainsRed", "stainsYellow", "dairy", "egg", "fruit", "fresh", "oil", "essentialOil", "acid",
  "tea", "drying", "protein", "clay", "slip", "honey", "saponin", "nut", "aloe",
] as const;
export type Tag = (typeof TAGS)[number];

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

/** One thing that goes in a bowl. Mass fractions: water + oil + dissolving + other solids = 1. */
export interface Material {
  readonly id: string;
  readonly family: Family;
  readonly names: readonly [MaterialName, ...MaterialName[]];
  /** What makers use it for, in careful words. */
  readonly use: string;
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
  /** oklch lightness, chroma, hue of the thing itself. */
  readonly colour: readonly [number, number, number];
  readonly tags: readonly Tag[];
  /** May be the liquid that makes up the rest. */
  readonly makesUp?: true;
}
