import { PLAIN_HEAD, type Head } from "@/core/head";
import type { Again, Mark } from "@/core/batch";
import type { Blend, BlendLine } from "@/core/paste";
import type { Fill, Unit } from "@/core/measure";

/**
 * The demo household. All of it is invented: a shared house of four with one bathroom, one kitchen and one freezer,
 * and a paste Sunday once a month. Dates are weeks before the moment of loading.
 */
export const HOUSE_NAME = "Nine Ferry Steps, paste Sunday";

type Who = "Mina" | "Seun" | "Bertil" | "Liv";
export const HEADS: Readonly<Record<Who, Head>> = {
  Mina: { ...PLAIN_HEAD, longest: { cm: 81 }, amount: { ponytailCm: 10.5 }, strand: "coarse", cut: "oneLength", shade: "black", greyShare: 0.15 },
  Seun: { ...PLAIN_HEAD, longest: { cm: 34 }, amount: { strands: "thick" }, strand: "fine", cut: "layered", shade: "black" },
  Bertil: { ...PLAIN_HEAD, longest: { landmark: "collar" }, amount: { strands: "thin" }, strand: "medium", cut: "ordinary", shade: "grey", greyShare: 0.85, asthma: true },
  Liv: { ...PLAIN_HEAD, longest: { cm: 19 }, amount: { ponytailCm: 7.5 }, strand: "fine", cut: "short", shade: "bleached", allergies: ["coconut-milk", "coconut-oil"] },
};

const part = (materialId: string, amount: number, unit: Unit = "tbsp", fill: Fill = "level"): BlendLine => ({ materialId, role: "part", amount, unit, fill });
const fixed = (materialId: string, amount: number, unit: Unit = "tbsp"): BlendLine => ({ materialId, role: "fixed", amount, unit, fill: "level" });
const blend = (of: Partial<Blend> & Pick<Blend, "lines">): Blend => ({
  purpose: "mask", liquid: { materialId: "water", tempC: 40 }, target: { word: "cream" }, kitchenTempC: 20, sizing: "likely", ...of,
});

export interface DemoBlend { readonly name: string; readonly for: Who; readonly blend: Blend; /** The version before it. */ readonly earlier?: Blend }

export const BLENDS: readonly DemoBlend[] = [
  { name: "Ferry rust", for: "Mina", blend: blend({ purpose: "dyePacked", lines: [part("henna", 9, "g"), part("amla", 1, "g"), fixed("cider-vinegar", 5)], liquid: { materialId: "black-tea", tempC: 38 }, target: { word: "thickPaste" } }) },
  { name: "Rust at the roots", for: "Mina", blend: blend({ purpose: "rootsOnly", roots: { months: 3, share: 0.4 }, lines: [part("henna", 50, "g"), fixed("cider-vinegar", 2)], target: { word: "thickPaste" } }) },
  { name: "Long-haul mask", for: "Mina", blend: blend({ purpose: "soakedMask", lines: [part("brahmi", 2), part("hibiscus-flower", 1), part("marshmallow-root", 1), fixed("yoghurt", 0.75, "cup"), fixed("sesame-oil", 1.5)], target: { word: "cream" } }) },
  { name: "Coil softener", for: "Seun", blend: blend({ lines: [part("marshmallow-root", 2), part("fenugreek-seed", 1), fixed("aloe-gel", 6), fixed("olive-oil", 1)], target: { word: "pancakeBatter" } }),
    earlier: blend({ lines: [part("marshmallow-root", 2), fixed("aloe-gel", 8), fixed("olive-oil", 2)], target: { word: "drizzle" } }) },
  { name: "Seun’s Sunday slip", for: "Seun", blend: blend({ purpose: "soakedMask", lines: [part("fenugreek-seed", 2), part("moringa-leaf", 1), fixed("banana", 1, "piece"), fixed("castor-oil", 2, "tsp")] }) },
  { name: "Quiet scalp", for: "Bertil", blend: blend({ purpose: "lightCoat", lines: [part("neem-leaf", 1), part("kaolin", 2), fixed("aloe-gel", 2)], target: { word: "pancakeBatter" } }) },
  { name: "Pepper and salt", for: "Bertil", blend: blend({ lines: [part("amla", 3), part("bhringraj", 2), fixed("honey", 2, "tsp"), fixed("rosemary-essential-oil", 5, "drop")], liquid: { materialId: "fenugreek-water", tempC: 22 } }) },
  { name: "Pale mask", for: "Liv", blend: blend({ lines: [part("marshmallow-root", 2), part("cornstarch", 1), fixed("yoghurt", 4), fixed("honey", 1)], target: { word: "cream" } }) },
  { name: "Liv’s egg night", for: "Liv", blend: blend({ purpose: "lightCoat", lines: [part("moringa-leaf", 1), part("kaolin", 1), fixed("egg", 1, "piece")], liquid: { materialId: "water", tempC: 20 }, target: { word: "pancakeBatter" } }) },
  { name: "House wash paste", for: "Seun", blend: blend({ purpose: "lightCoat", lines: [part("shikakai", 2), part("kaolin", 1)], target: { word: "drizzle" } }) },
];

export interface DemoBatch {
  readonly blend: string;
  readonly for: Who;
  /** Days before loading, at this hour of the household's clock. */
  readonly daysAgo: number;
  readonly hour: number;
  /** Share of the planned liquid that really went in. */
  readonly poured: number;
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
  readonly again: Again;
  readonly words: string;
  /** Made from the version before. */
  readonly earlier?: true;
}

/** Paste Sundays, newest last. */
export const BATCHES: readonly DemoBatch[] = [
  { blend: "Coil softener", for: "Seun", daysAgo: 171, hour: 10, poured: 1.24, marks: { soft: 3, slip: 4, grit: 2 }, again: "maybe", words: "Too thin, half of it in the bath.", earlier: true },
  { blend: "Quiet scalp", for: "Bertil", daysAgo: 171, hour: 14, poured: 0.97, marks: { soft: 2, grit: 1 }, again: "yes", words: "No itch till Thursday. Mina did the powder, no sneezing." },
  { blend: "Ferry rust", for: "Mina", daysAgo: 143, hour: 18, poured: 1.02, marks: { shine: 5, soft: 2, grit: 3 }, again: "yes", words: "Greys copper, the rest warmer. Dry at the ends for a week." },
  { blend: "Seun’s Sunday slip", for: "Seun", daysAgo: 115, hour: 11, poured: 1.06, marks: { soft: 5, slip: 5, grit: 4 }, again: "maybe", words: "Lovely, but banana in the comb. Sieve it next time." },
  { blend: "Pale mask", for: "Liv", daysAgo: 115, hour: 13, poured: 0.93, marks: { soft: 4, shine: 3, grit: 1 }, again: "yes", words: "No tint at all on the bleach." },
  { blend: "Long-haul mask", for: "Mina", daysAgo: 87, hour: 10, poured: 1.11, marks: { soft: 5, slip: 3, grit: 3 }, again: "yes", words: "Needed a second comb-through. Yoghurt straight from the fridge was a shock." },
  { blend: "Pepper and salt", for: "Bertil", daysAgo: 87, hour: 15, poured: 1, marks: { soft: 3, shine: 4 }, again: "maybe", words: "Smells of a hedge. He likes it." },
  { blend: "Liv’s egg night", for: "Liv", daysAgo: 66, hour: 20, poured: 0.9, marks: { soft: 4, grit: 1 }, again: "no", words: "Warm rinse: scrambled. Never again above lukewarm." },
  { blend: "Ferry rust", for: "Mina", daysAgo: 59, hour: 17, poured: 1.05, marks: { shine: 5, soft: 3, grit: 2 }, again: "yes", words: "Rested overnight, deeper than last time." },
  { blend: "Coil softener", for: "Seun", daysAgo: 59, hour: 11, poured: 0.99, marks: { soft: 4, slip: 5, grit: 2 }, again: "yes", words: "Stopped pouring early this time. Stayed where it was put." },
  { blend: "Pale mask", for: "Liv", daysAgo: 31, hour: 12, poured: 1.01, marks: { soft: 5, shine: 4, grit: 1 }, again: "yes", words: "Same again." },
  { blend: "Quiet scalp", for: "Bertil", daysAgo: 31, hour: 14, poured: 1.04, marks: { soft: 2, grit: 2 }, again: "yes", words: "A bit runny at the neck." },
];

/** Resting at the moment of loading: mixed this many hours before it. */
export const RESTING = { blend: "Ferry rust", for: "Mina" as Who, mixedHoursAgo: 7 };
