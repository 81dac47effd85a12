import { estimate, type Figure } from "../figure";

/**
 * What more is known of a head. Each may be left out; unknown is the middle of everything. Ids are kept for good.
 * `one` has one of these, `some` any of them.
 */
export const TRAITS = {
  curl: { many: false, of: ["straight", "wavy", "curly", "coily"] },
  porosity: { many: false, of: ["low", "medium", "high"] },
  usuallyWorn: { many: false, of: ["loose", "twists", "braids"] },
  greyWhere: { many: true, of: ["temples", "hairline", "parting", "scattered"] },
  thinning: { many: true, of: ["hairline", "temples", "parting", "crown"] },
  scalp: { many: true, of: ["itch", "flakes", "oily", "dry"] },
  dislikes: { many: true, of: ["protein", "coconut", "scent", "oil"] },
} as const;
export type TraitId = keyof typeof TRAITS;
export const TRAIT_IDS = Object.keys(TRAITS) as readonly TraitId[];
type Of<K extends TraitId> = (typeof TRAITS)[K]["of"][number];
export type TraitValue = { [K in TraitId]: Of<K> }[TraitId];
/** What is said of a head, by trait. */
export type Traits = {
  readonly [K in TraitId]?: (typeof TRAITS)[K]["many"] extends true ? readonly Of<K>[] : Of<K>;
};

/** Hair in twists or braids takes less on its lengths: the paste goes on the outside of each. */
export const WORN_TAKES: Readonly<Record<"loose" | "twists" | "braids", Figure>> = {
  loose: estimate(1, 1, 1, "the loads are of loose hair"),
  twists: estimate(0.75, 0.6, 0.9),
  braids: estimate(0.6, 0.45, 0.8),
};
/** The most that coils hide of their length. */
export const MOST_SHRUNK = 0.8;
