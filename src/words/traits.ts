import type { TraitId, TraitValue } from "@/core/head";

interface TraitWords {
  readonly name: string;
  /** Why it is asked, or how one tells. */
  readonly why: string;
  readonly of: Readonly<Partial<Record<TraitValue, string>>>;
}
/** What more is asked of a head, each with why. */
export const TRAIT_WORDS: Readonly<Record<TraitId, TraitWords>> = {
  curl: {
    name: "Curl",
    why: "Henna loosens it for some washes.",
    of: { straight: "straight", wavy: "wavy", curly: "curly", coily: "coily" },
  },
  porosity: {
    name: "How it takes water",
    why:
      "Spray a clean dry strand: drops that sit are slow, gone at once is fast. A hair in a glass says little: oil" +
      " and bubbles float it.",
    of: { low: "slowly, drops sit on it", medium: "in between", high: "at once, dries fast" },
  },
  usuallyWorn: {
    name: "Worn while it is on",
    why: "Twists and braids take less on their lengths.",
    of: { loose: "loose", twists: "in twists", braids: "in braids" },
  },
  greyWhere: {
    name: "Grey where",
    why: "The stubborn places get the first and thickest paste.",
    of: { temples: "temples", hairline: "hairline", parting: "parting", scattered: "scattered" },
  },
  thinning: {
    name: "Thin places",
    why: "A thin coat there, no rubbing.",
    of: { hairline: "hairline", temples: "temples", parting: "parting", crown: "crown" },
  },
  scalp: {
    name: "The scalp",
    why: "Wounds are said below, as a sore scalp.",
    of: { itch: "itches", flakes: "flakes", oily: "oily", dry: "dry" },
  },
  dislikes: {
    name: "Does not like",
    why: "It is said where a bowl has it.",
    of: { protein: "protein", coconut: "coconut", scent: "scent", oil: "oil" },
  },
};
export const DAY_NAMES = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"] as const;
