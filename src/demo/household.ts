import { PLAIN_HEAD, type Head } from "@/core/head";
import type { Again, Mark } from "@/core/batch";
import type { MakingStepId, Stand } from "@/core/making";
import type { Blend, BlendLine } from "@/core/paste";
import type { DabMark } from "@/core/rest";
import type { Fill, Unit } from "@/core/measure";
import type { Reading } from "@/core/reading";

/**
 * The demo household. All of it is invented: a shared house of four with one bathroom, one kitchen and one freezer,
 * and a paste Sunday once a month. Dates are weeks before the moment of loading.
 */
export const HOUSE_NAME = "Nine Ferry Steps, paste Sunday";

type Who = "Mina" | "Seun" | "Bertil" | "Liv";
export const HEADS: Readonly<Record<Who, Head>> = {
  Mina: { ...PLAIN_HEAD, longest: { cm: 81 }, amount: { ponytailCm: 9 }, strand: "coarse", cut: "oneLength",
    shade: "black", greyShare: 0.15, washDay: 7,
    traits: { curl: "straight", porosity: "low", greyWhere: ["temples", "parting"], usuallyWorn: "loose" } },
  Seun: { ...PLAIN_HEAD, longest: { cm: 34 }, amount: { strands: "thick" }, strand: "fine", cut: "layered",
    shade: "black", washDay: 7,
    traits: { curl: "coily", porosity: "high", scalp: ["dry"], usuallyWorn: "loose" } },
  Bertil: { ...PLAIN_HEAD, longest: { landmark: "collar" }, amount: { strands: "thin" }, strand: "medium",
    cut: "ordinary", shade: "grey", greyShare: 0.85,
    asthma: true, washDay: 3, traits: { thinning: ["crown"], scalp: ["flakes"], greyWhere: ["scattered"] } },
  Liv: { ...PLAIN_HEAD, longest: { cm: 19 }, amount: { ponytailCm: 7.5 }, strand: "fine", cut: "short",
    shade: "bleached", washDay: 6, traits: { curl: "wavy", porosity: "high", dislikes: ["scent"] },
    allergies: ["coconut-milk", "coconut-oil"] },
};

const part = (materialId: string, amount: number, unit: Unit = "tbsp",
  fill: Fill = "level"): BlendLine => ({ materialId, role: "part", amount, unit, fill });
const fixed = (materialId: string, amount: number,
  unit: Unit = "tbsp"): BlendLine => ({ materialId, role: "fixed", amount, unit, fill: "level" });
const blend = (of: Partial<Blend> & Pick<Blend, "lines">): Blend => ({
  purpose: "mask", liquid: { materialId: "water", tempC: 40 }, target: { word: "cream" }, kitchenTempC: 20,
  sizing: "likely", ...of,
});

export interface DemoBlend {
  readonly name: string;
  readonly for: Who;
  readonly blend: Blend;
  /** The version before it. */
  readonly earlier?: Blend;
}

export const BLENDS: readonly DemoBlend[] = [
  { name: "Ferry rust", for: "Mina", blend: blend({ purpose: "dyePacked",
    lines: [part("henna", 9, "g"), part("amla", 1, "g"), fixed("cider-vinegar", 5)],
    liquid: { materialId: "black-tea", tempC: 38 }, target: { word: "thickPaste" } }) },
  { name: "Rust at the roots", for: "Mina", blend: blend({ purpose: "rootsOnly", roots: { months: 3, share: 0.4 },
    lines: [part("henna", 50, "g"), fixed("cider-vinegar", 2, "tsp")], target: { word: "thickPaste" } }) },
  { name: "Long-haul mask", for: "Mina", blend: blend({ purpose: "soakedMask",
    lines: [part("brahmi", 2), part("hibiscus-flower", 1), part("marshmallow-root", 1), fixed("yoghurt", 0.75, "cup"),
      fixed("sesame-oil", 1.5)],
    target: { word: "cream" } }) },
  { name: "Coil softener", for: "Seun",
    blend: blend({ lines: [part("marshmallow-root", 2), part("fenugreek-seed", 1), fixed("aloe-gel", 4),
      fixed("olive-oil", 2, "tsp")],
    target: { word: "pancakeBatter" } }),
    earlier: blend({ lines: [part("marshmallow-root", 2), fixed("aloe-gel", 6), fixed("olive-oil", 1)],
      target: { word: "drizzle" } }) },
  { name: "Seun’s Sunday slip", for: "Seun", blend: blend({ purpose: "soakedMask",
    lines: [part("fenugreek-seed", 2), part("moringa-leaf", 1), fixed("banana", 1, "piece"),
      fixed("castor-oil", 2, "tsp")] }) },
  { name: "Quiet scalp", for: "Bertil",
    blend: blend({ purpose: "lightCoat", lines: [part("neem-leaf", 1), part("kaolin", 2), fixed("aloe-gel", 2, "tsp")],
      target: { word: "pancakeBatter" } }) },
  { name: "Pepper and salt", for: "Bertil",
    blend: blend({ lines: [part("amla", 3), part("bhringraj", 2), fixed("honey", 1, "tsp"),
      fixed("rosemary-essential-oil", 5, "drop")],
    liquid: { materialId: "fenugreek-water", tempC: 22 } }) },
  { name: "Pale mask", for: "Liv",
    blend: blend({ lines: [part("marshmallow-root", 2), part("cornstarch", 1), fixed("yoghurt", 3),
      fixed("honey", 1, "tsp")],
      target: { word: "cream" } }) },
  { name: "Liv’s egg night", for: "Liv",
    blend: blend({ lines: [part("moringa-leaf", 1), part("kaolin", 1), fixed("egg", 1, "piece")],
    liquid: { materialId: "water", tempC: 20 }, target: { word: "pancakeBatter" } }) },
  { name: "House wash paste", for: "Seun",
    blend: blend({ purpose: "lightCoat", lines: [part("shikakai", 2), part("kaolin", 1)],
    liquid: { materialId: "water", tempC: 38, with: { materialId: "rosemary-tea", share: 0.5 } },
    target: { word: "drizzle" },
    choices: { washOut: "conditioner" } }) },
];

/** What Bertil tries and counts, days before loading. */
export const TRIAL = { who: "Bertil" as Who, what: "Rosemary water at the crown, every other evening", daysAgo: 48 };
export const SHED = { who: "Bertil" as Who,
  counts: [[48, 92], [41, 105], [34, 88], [27, 96], [13, 81], [6, 84]] as const };

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
  /** Read on a ring or a plate just before it went on. */
  readonly tested?: Reading;
  /** Dabs on the palm, hours after it was mixed. */
  readonly dabs?: readonly (readonly [hours: number, mark: DabMark])[];
  /** What was left in the bowl, weighed, g, and whether it reached. */
  readonly left?: readonly [leftG: number, reached: boolean];
  /** Made from the version before. */
  readonly earlier?: true;
}

/** Paste Sundays, newest last. */
export const BATCHES: readonly DemoBatch[] = [
  { blend: "Coil softener", for: "Seun", daysAgo: 171, hour: 10, poured: 1.24, marks: { soft: 3, slip: 4, grit: 2 },
    again: "maybe",
    words: "Too thin, half of it in the bath.", earlier: true },
  { blend: "Quiet scalp", for: "Bertil", daysAgo: 171, hour: 14, poured: 0.97, marks: { soft: 2, grit: 1 },
    again: "yes",
    words: "No itch till Thursday. Mina did the powder, no sneezing." },
  { blend: "Ferry rust", for: "Mina", daysAgo: 143, hour: 18, poured: 1.02,
    marks: { colour: 4, grey: 4, shine: 5, soft: 2 }, again: "yes",
    words: "Greys copper, the rest warmer. Dry at the ends for a week." },
  { blend: "Seun’s Sunday slip", for: "Seun", daysAgo: 115, hour: 11, poured: 1.06,
    marks: { soft: 5, slip: 5, grit: 4 }, again: "maybe",
    words: "Lovely, but banana in the comb. Sieve it next time." },
  { blend: "Pale mask", for: "Liv", daysAgo: 115, hour: 13, poured: 0.93, marks: { soft: 4, shine: 3, grit: 1 },
    again: "yes",
    words: "No tint at all on the bleach.", left: [9, true] },
  { blend: "Long-haul mask", for: "Mina", daysAgo: 87, hour: 10, poured: 1.11, marks: { soft: 5, slip: 3, grit: 3 },
    again: "yes",
    words: "Needed a second comb-through. Yoghurt straight from the fridge was a shock." },
  { blend: "Pepper and salt", for: "Bertil", daysAgo: 87, hour: 15, poured: 1, marks: { soft: 3, shine: 4 },
    again: "maybe",
    words: "Smells of a hedge. He likes it." },
  { blend: "Liv’s egg night", for: "Liv", daysAgo: 66, hour: 20, poured: 0.9, marks: { soft: 4, grit: 1 }, again: "no",
    words: "Warm rinse: scrambled. Never again above lukewarm." },
  { blend: "Ferry rust", for: "Mina", daysAgo: 59, hour: 17, poured: 1.05,
    marks: { colour: 5, grey: 5, evenness: 3, shine: 5, soft: 3 }, again: "yes",
    words: "Rested overnight, deeper than last time.", dabs: [[1, "pale"], [4.5, "deep"]],
    tested: { by: "ring", heightMm: 50, slumpMm: 13 } },
  { blend: "Coil softener", for: "Seun", daysAgo: 59, hour: 11, poured: 0.99, marks: { soft: 4, slip: 5, grit: 2 },
    again: "yes",
    words: "Stopped pouring early this time. Stayed where it was put.",
    tested: { by: "plate", volumeMl: 15, acrossMm: 62, alongMm: 60 } },
  { blend: "Pale mask", for: "Liv", daysAgo: 31, hour: 12, poured: 1.01, marks: { soft: 5, shine: 4, grit: 1 },
    again: "yes", words: "Same again.", left: [22, true] },
  { blend: "Quiet scalp", for: "Bertil", daysAgo: 31, hour: 14, poured: 1.04, marks: { soft: 2, grit: 2 },
    again: "yes", words: "A bit runny at the neck.",
    tested: { by: "plate", volumeMl: 15, acrossMm: 66, alongMm: 69 } },
];

export interface DemoJar {
  readonly materialId: string;
  readonly name: string;
  readonly fullG: number;
  readonly price?: number;
  readonly place: string;
  readonly lot?: string;
  readonly boughtDaysAgo: number;
  readonly openedDaysAgo?: number;
  readonly bestBeforeInDays?: number;
  /** Level tablespoons and what they weighed. */
  readonly weighed?: readonly (readonly [tbsp: number, massG: number])[];
}

/** A bought mixture whose bag names its herbs and not their shares. */
export const BOUGHT_MIXTURE = { name: "Seven Sisters hair powder",
  parts: ["amla", "brahmi", "bhringraj", "hibiscus-flower", "neem-leaf", "reetha", "shikakai"] } as const;
/** What the house mixes for itself from its own jars, grams of each. */
export const PREMIX = { name: "Ferry Steps base", place: "kitchen shelf", daysAgo: 40,
  parts: [["amla", 80], ["bhringraj", 60], ["moringa-leaf", 40]] } as const;

/** The shelf: one kitchen shelf, a fridge door, a bathroom cupboard. */
export const JARS: readonly DemoJar[] = [
  { materialId: "henna", name: "Rust leaf, body-art sift", lot: "H-0417", fullG: 2500, price: 56,
    place: "kitchen shelf", boughtDaysAgo: 200,
    openedDaysAgo: 150, bestBeforeInDays: 160, weighed: [[3, 18], [2, 12]] },
  { materialId: "amla", name: "Tart green powder from the corner shop", lot: "24/118", fullG: 500, price: 9.8,
    place: "kitchen shelf", boughtDaysAgo: 190,
    openedDaysAgo: 185, bestBeforeInDays: 300, weighed: [[2, 13], [3, 20]] },
  { materialId: "brahmi", name: "Bacopa, fine", fullG: 250, price: 7.4, place: "kitchen shelf", boughtDaysAgo: 120,
    openedDaysAgo: 100, bestBeforeInDays: 420 },
  { materialId: "hibiscus-flower", name: "Red petals, ground", fullG: 150, price: 6.2, place: "kitchen shelf",
    boughtDaysAgo: 420, openedDaysAgo: 370 },
  { materialId: "marshmallow-root", name: "Althaea root, cut fine and ground", fullG: 400, price: 12,
    place: "kitchen shelf", boughtDaysAgo: 210,
    openedDaysAgo: 200, bestBeforeInDays: 250, weighed: [[3, 24]] },
  { materialId: "fenugreek-seed", name: "Methi, ground at home", fullG: 300, price: 2.9, place: "kitchen shelf",
    boughtDaysAgo: 130, openedDaysAgo: 130 },
  { materialId: "moringa-leaf", name: "Green leaf powder, market", fullG: 200, price: 8.1, place: "kitchen shelf",
    boughtDaysAgo: 500, openedDaysAgo: 470,
    bestBeforeInDays: -30 },
  { materialId: "neem-leaf", name: "Neem, bitter", fullG: 100, price: 3.3, place: "kitchen shelf", boughtDaysAgo: 200,
    openedDaysAgo: 190,
    bestBeforeInDays: 200 },
  { materialId: "bhringraj", name: "False daisy leaf", fullG: 200, price: 5.6, place: "kitchen shelf",
    boughtDaysAgo: 100, openedDaysAgo: 95 },
  { materialId: "kaolin", name: "White clay, big tub", fullG: 1000, price: 7, place: "kitchen shelf",
    boughtDaysAgo: 700, openedDaysAgo: 690 },
  { materialId: "shikakai", name: "Pod powder", fullG: 100, price: 3.1, place: "kitchen shelf", boughtDaysAgo: 60 },
  { materialId: "cornstarch", name: "From the pantry", fullG: 400, price: 1.9, place: "kitchen shelf",
    boughtDaysAgo: 180, openedDaysAgo: 170 },
  { materialId: "sesame-oil", name: "Cold pressed", fullG: 460, price: 6.5, place: "kitchen shelf", boughtDaysAgo: 150,
    openedDaysAgo: 140,
    bestBeforeInDays: 220 },
  { materialId: "olive-oil", name: "Second best", fullG: 900, price: 8.9, place: "kitchen shelf", boughtDaysAgo: 90,
    openedDaysAgo: 80, bestBeforeInDays: 400 },
  { materialId: "castor-oil", name: "Thick, small bottle", fullG: 96, price: 4.4, place: "bathroom cupboard",
    boughtDaysAgo: 400, openedDaysAgo: 390 },
  { materialId: "honey", name: "Heather honey", fullG: 500, price: 6.8, place: "kitchen shelf", boughtDaysAgo: 300,
    openedDaysAgo: 280 },
  { materialId: "cider-vinegar", name: "Cloudy", fullG: 750, price: 2.4, place: "kitchen shelf", boughtDaysAgo: 170,
    openedDaysAgo: 160 },
  { materialId: "aloe-gel", name: "Tube from the chemist", fullG: 1200, price: 14.5, place: "fridge door",
    boughtDaysAgo: 180, openedDaysAgo: 172,
    bestBeforeInDays: 20 },
  { materialId: "rosemary-essential-oil", name: "Ten ml", fullG: 9, price: 5.2, place: "bathroom cupboard",
    boughtDaysAgo: 260, openedDaysAgo: 250 },
];

/** Resting at the moment of loading: mixed this many hours before it. */
export const RESTING = { blend: "Ferry rust", for: "Mina" as Who, mixedHoursAgo: 7,
  dab: [4, "clear"] as readonly [hours: number, mark: DabMark] };

/** Something that the demo's house made before a bowl. All of it is invented. */
export interface DemoMaking {
  readonly name: string;
  readonly method: string;
  readonly things: readonly (readonly [materialId: string, massG: number])[];
  readonly settings: Readonly<Record<string, number | string | boolean>>;
  readonly daysAgo: number;
  /** On the household's clock; of what is going on now, minutes before it. */
  readonly hour?: number;
  readonly minutesAgo?: number;
  /** What came of it, ml, and where it stands; left out while it is going on. */
  readonly came?: { readonly outMl?: number; readonly stands: Stand; readonly place: string; readonly rest?: string };
  /** Steps that are done, of what is going on. */
  readonly done?: readonly MakingStepId[];
  readonly words?: string;
}

/** Newest last; the last one is going on. */
export const MAKINGS: readonly DemoMaking[] = [
  { name: "False daisy oil", method: "oil", things: [["sesame-oil", 110], ["bhringraj", 7]],
    settings: { way: "waterBath" }, daysAgo: 61, hour: 15,
    came: { outMl: 104, stands: "room", place: "bathroom cupboard" },
    words: "Clear after a night. Bertil wants it warmer next time." },
  { name: "rosemary tea", method: "brew", things: [["rosemary-leaf-whole", 12]],
    settings: { way: "boiled", wantMl: 350, heat: "low", lid: true, potCm: 16 }, daysAgo: 31, hour: 9,
    came: { outMl: 340, stands: "freezer", place: "freezer, ice tray" },
    words: "Frozen in cubes, for the wash paste." },
  { name: "aloe gel", method: "juice", things: [["aloe-leaf", 480]], settings: { way: "scraped" },
    daysAgo: 17, hour: 18, came: { outMl: 270, stands: "freezer", place: "freezer, flat bag" },
    words: "Two leaves from the stairwell. It drips yellow for longer than one thinks." },
  { name: "ground curry leaf", method: "grind", things: [["curry-leaf-fresh", 70]],
    settings: { waterMl: 70, strained: false }, daysAgo: 9, hour: 17,
    came: { outMl: 120, stands: "freezer", place: "freezer, flat bag" } },
  { name: "Leaf oil, green", method: "oil", things: [["sesame-oil", 60], ["hibiscus-leaf-fresh", 18]],
    settings: { way: "lowestFlame" }, daysAgo: 4, hour: 20,
    came: { outMl: 60, stands: "fridge", place: "fridge door" },
    words: "Bubbled for an hour and ten. Strained it warm." },
  { name: "roselle night tea", method: "brew", things: [["roselle-whole", 15]],
    settings: { way: "fridge", wantMl: 400 }, daysAgo: 2, hour: 21,
    came: { outMl: 385, stands: "fridge", place: "fridge door", rest: "spent roselle" },
    words: "Red to the fingertips." },
  { name: "smooth cream", method: "starch", things: [["cornstarch", 12]], settings: { waterMl: 260, minutes: 4 },
    daysAgo: 1, hour: 19, came: { outMl: 220, stands: "fridge", place: "fridge door" },
    words: "Glassy at last. Liv stirred, Seun read the thermometer." },
  { name: "hung curd", method: "curd", things: [["yoghurt", 500]], settings: { hours: 5, cold: true },
    daysAgo: 0, minutesAgo: 95, done: ["weigh"] },
];
