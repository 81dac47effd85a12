import type { PurposeId } from "../head";
import type { BlendLine, Liquid } from "./blend";
import type { TargetWord } from "./target";

/** A page to write on: no head is named, and whoever takes it sizes it. */
export interface StartingBlend {
  readonly id: string;
  readonly name: string;
  readonly purpose: PurposeId;
  readonly word: TargetWord;
  readonly liquid: Liquid;
  readonly lines: readonly BlendLine[];
  readonly why: string;
}

const WARM: Liquid = { materialId: "water", tempC: 40 };
const part = (materialId: string, amount: number): BlendLine => ({
  materialId,
  role: "part",
  amount,
  unit: "tbsp",
  fill: "level",
});
const fixed = (materialId: string, amount: number, unit: BlendLine["unit"] = "tbsp"): BlendLine => ({
  materialId,
  role: "fixed",
  amount,
  unit,
  fill: "level",
});

/** Our own, made for this; each is computed in the tests and stays on a middle head. */
export const STARTING_BLENDS: readonly StartingBlend[] = [
  {
    id: "slippery",
    name: "A slippery mask",
    purpose: "mask",
    word: "cream",
    liquid: WARM,
    lines: [part("marshmallow-root", 2), part("hibiscus-flower", 1), fixed("aloe-gel", 3)],
    why: "for hair that tangles",
  },
  {
    id: "plain-dye",
    name: "Henna by itself",
    purpose: "dyePacked",
    word: "thickPaste",
    liquid: WARM,
    lines: [part("henna", 4), fixed("lemon-juice", 2)],
    why: "copper on grey, a red cast on dark",
  },
  {
    id: "scalp",
    name: "A scalp paste",
    purpose: "lightCoat",
    word: "pancakeBatter",
    liquid: WARM,
    lines: [part("tulsi", 1), part("liquorice", 1), part("kaolin", 1)],
    why: "thin, and mostly at the roots",
  },
  {
    id: "rich",
    name: "A rich mask for dry lengths",
    purpose: "soakedMask",
    word: "cream",
    liquid: WARM,
    lines: [part("shatavari", 2), part("rose-petal", 1), fixed("yoghurt", 4), fixed("olive-oil", 2, "tsp")],
    why: "with yoghurt and a little oil; made fresh",
  },
  {
    id: "shine",
    name: "Amla and bhringraj",
    purpose: "mask",
    word: "cream",
    liquid: WARM,
    lines: [part("amla", 2), part("bhringraj", 2), part("fenugreek-seed", 1)],
    why: "three powders and water",
  },
  {
    id: "wash",
    name: "A wash paste",
    purpose: "lightCoat",
    word: "pancakeBatter",
    liquid: WARM,
    lines: [part("shikakai", 2), part("mung-flour", 2), part("fullers-earth", 1)],
    why: "in place of shampoo; keep it off the eyes",
  },
];
export const startingBlend = (id: string | undefined): StartingBlend | undefined =>
  STARTING_BLENDS.find((one) => one.id === id);

/** The powders that stand in most kitchens, as a first visit shows them. Common practice. */
export const COMMONEST = [
  ...["amla", "henna", "brahmi", "bhringraj", "fenugreek-seed", "hibiscus-flower", "neem-leaf", "shikakai", "reetha"],
  ...["aloe-powder", "moringa-leaf", "tulsi", "curry-leaf", "rose-petal", "marshmallow-root", "shatavari"],
  ...["ashwagandha", "triphala", "liquorice", "nagarmotha", "manjistha", "indigo", "cassia", "fullers-earth", "kaolin"],
  ...["bentonite", "gram-flour", "orange-peel", "nettle-leaf", "rosemary-leaf"],
] as const;
