import type { Source } from "../figure";
import {
  LIGHT_FROM_GREY,
  LIGHT_SHADES,
  type Age,
  type Shade,
  type TraitId,
  type TraitValue,
  type Treatment,
} from "../head";
import type { Tag } from "../material";

/** `stop`: do not go on before this is settled. `care`: do this. `note`: know this. */
export type CautionLevel = "stop" | "care" | "note";

/** All that is named must hold; lists mean any of them. */
export interface Condition {
  readonly tags?: readonly Tag[];
  readonly allergyInBowl?: true;
  readonly heavy?: true;
  readonly shades?: readonly Shade[];
  readonly greyFrom?: number;
  readonly ages?: readonly Age[];
  readonly pregnant?: true;
  readonly soreScalp?: true;
  readonly asthma?: true;
  readonly liquidFromC?: number;
  readonly kitchenFromC?: number;
  readonly essentialOilOverMl?: number;
  /** Essential oil is more than this share of the paste; harsh ones by themselves. */
  readonly essentialShareOver?: number;
  readonly harshShareOver?: number;
  /** Acid, as citric acid, is more than this share of the paste. */
  readonly acidShareOver?: number;
  /** Things that are any of these, or hold some of them. */
  readonly madeOf?: readonly string[];
  /** Something that is said of the head. */
  readonly trait?: { readonly [K in TraitId]?: TraitValue };
  /** Any of these was put on the hair before. */
  readonly treated?: readonly Treatment[];
  /** A thing that bears one of these does not count: lemon juice is too sour to spoil. */
  readonly butNot?: readonly Tag[];
  /** The bowl rests longer than this; not longer than that. */
  readonly restOverMin?: number;
  readonly restUpToMin?: number;
}

export interface CautionRule {
  readonly id: string;
  readonly level: CautionLevel;
  /** The rule applies when any of these holds. */
  readonly when: readonly Condition[];
  readonly source: Source;
}

const PRACTICE: Source = { kind: "practice" };
const memory = (name: string): Source => ({ kind: "published", name, fromMemory: true });
const PERISHABLE: readonly Tag[] = ["dairy", "egg", "fruit"];
/** What spoils stands out of the fridge two hours at the most. */
const OUT_AT_MOST_MIN = 120;
const STAINERS: readonly Tag[] = ["dye", "stainsRed", "stainsYellow", "stainsBlue", "stainsBrown"];

/** More than this in one bowl is a slip of the pen or a burn: some forty drops. */
export const ESSENTIAL_OIL_STOP_ML = 2;
/** Shares of a paste from which essential oils are too strong for a scalp: usual leave-on limits, from memory. */
const OIL_SHARE = { adult: 0.01, teen: 0.005, stop: 0.03, harsh: 0.001, harshStop: 0.005 };
/** Citric-acid equivalents: a fifth of lemon juice is 1 %; undiluted vinegar is 5 %. Estimate. */
const ACID_SHARE = 0.03;
const HARD_ON_HAIR: readonly Treatment[] = ["relaxer", "bleach", "perm", "boxDye"];
const SAFETY = memory("Tisserand & Young, Essential Oil Safety, usual leave-on limits");

/** Coconut's water brings none of what makes hair stiff. */
const COCONUT = ["coconut-oil", "coconut-milk", "coconut-cream", "coconut-flesh"];
const THIN_PLACES = ["hairline", "temples", "parting", "crown"] as const;

/** Data, not branches: adding a caution is a row here and a sentence in `words/`. */
export const CAUTION_RULES = [
  { id: "knownAllergy", level: "stop", when: [{ allergyInBowl: true }], source: PRACTICE },
  { id: "childDye", level: "stop", when: [{ ages: ["child"], tags: ["dye", "essentialOil"] }], source: PRACTICE },
  { id: "soreScalp", level: "stop", when: [{ soreScalp: true }], source: PRACTICE },
  { id: "childPaste", level: "stop", when: [{ ages: ["child"] }], source: PRACTICE },
  {
    id: "essentialOilMuch",
    level: "stop",
    when: [{ essentialOilOverMl: ESSENTIAL_OIL_STOP_ML }, { essentialShareOver: OIL_SHARE.stop }],
    source: SAFETY,
  },
  { id: "harshOilMuch", level: "stop", when: [{ harshShareOver: OIL_SHARE.harshStop }], source: SAFETY },
  {
    id: "perishableRest",
    level: "stop",
    when: [{ tags: PERISHABLE, restOverMin: OUT_AT_MOST_MIN }],
    source: memory("USDA FSIS: two hours out"),
  },
  {
    id: "soldAsHenna",
    level: "care",
    when: [{ tags: ["dye"], butNot: ["indigo"] }],
    source: memory("SCCS/1511/13; EU and US authorities on para-phenylenediamine sold as black henna"),
  },
  {
    id: "patchTest",
    level: "care",
    when: [{ tags: ["dust"] }],
    source: memory("contact-allergy practice: read at 48 h, again at 72 h"),
  },
  { id: "teenDye", level: "care", when: [{ ages: ["teen"], tags: ["dye", "essentialOil"] }], source: PRACTICE },
  {
    id: "pregnancy",
    level: "care",
    when: [{ pregnant: true, tags: ["dye", "essentialOil", "notInPregnancy"] }, { pregnant: true }],
    source: PRACTICE,
  },
  {
    id: "indigoSold",
    level: "care",
    when: [{ tags: ["indigo"] }],
    source: memory("EU and US authorities on black henna"),
  },
  { id: "treatedHair", level: "care", when: [{ treated: HARD_ON_HAIR, tags: ["dye", "metal"] }], source: PRACTICE },
  { id: "metalOnHair", level: "care", when: [{ treated: ["metalSalts"], tags: ["dye", "metal"] }], source: PRACTICE },
  { id: "metal", level: "care", when: [{ tags: ["metal"] }], source: PRACTICE },
  {
    id: "enzymeDeficiency",
    level: "care",
    when: [{ tags: ["lawsone"] }],
    source: memory("SCCS/1511/13 on lawsone and G6PD deficiency"),
  },
  {
    id: "hotLiquid",
    level: "care",
    when: [{ liquidFromC: 49 }],
    source: memory("burn tables: 49 °C 5–10 min, 60 °C 3–5 s"),
  },
  { id: "dustAsthma", level: "care", when: [{ asthma: true, tags: ["dust"] }], source: PRACTICE },
  {
    id: "stainsLightHair",
    level: "care",
    when: [
      { tags: STAINERS, shades: LIGHT_SHADES },
      { tags: STAINERS, greyFrom: LIGHT_FROM_GREY },
    ],
    source: PRACTICE,
  },
  {
    id: "essentialOilStrong",
    level: "care",
    when: [
      { essentialShareOver: OIL_SHARE.adult },
      { ages: ["teen", "child"], essentialShareOver: OIL_SHARE.teen },
      { harshShareOver: OIL_SHARE.harsh },
    ],
    source: SAFETY,
  },
  { id: "essentialOil", level: "care", when: [{ tags: ["essentialOil"] }], source: PRACTICE },
  { id: "phototoxic", level: "care", when: [{ tags: ["phototoxic"] }], source: SAFETY },
  { id: "undilutedAcid", level: "care", when: [{ acidShareOver: ACID_SHARE }], source: PRACTICE },
  { id: "alkaline", level: "care", when: [{ tags: ["alkaline"] }], source: PRACTICE },
  {
    id: "eggHot",
    level: "care",
    when: [{ tags: ["egg"], liquidFromC: 60 }],
    source: memory("egg white sets from 62 °C"),
  },
  { id: "eyes", level: "care", when: [{ tags: ["saponin", "acid"] }], source: PRACTICE },
  {
    id: "dislikesProtein",
    level: "care",
    when: [{ trait: { dislikes: "protein" }, tags: ["protein", "egg"] }],
    source: PRACTICE,
  },
  {
    id: "dislikesCoconut",
    level: "care",
    when: [{ trait: { dislikes: "coconut" }, madeOf: COCONUT }],
    source: PRACTICE,
  },
  {
    id: "dislikesScent",
    level: "care",
    when: [{ trait: { dislikes: "scent" }, tags: ["essentialOil", "lingers"] }],
    source: PRACTICE,
  },
  { id: "dislikesOil", level: "care", when: [{ trait: { dislikes: "oil" }, tags: ["oil"] }], source: PRACTICE },
  {
    id: "thinningDose",
    level: "care",
    when: THIN_PLACES.map((thinning) => ({ trait: { thinning }, tags: ["dye", "drying", "essentialOil", "irritant"] })),
    source: PRACTICE,
  },
  {
    id: "flakyScalp",
    level: "note",
    when: [{ trait: { scalp: "flakes" } }, { trait: { scalp: "itch" } }],
    source: PRACTICE,
  },
  { id: "oilyScalp", level: "note", when: [{ trait: { scalp: "oily" }, tags: ["oil"] }], source: PRACTICE },
  { id: "dryScalp", level: "note", when: [{ trait: { scalp: "dry" }, tags: ["drying", "clay"] }], source: PRACTICE },
  { id: "lowPorosity", level: "note", when: [{ trait: { porosity: "low" } }], source: PRACTICE },
  { id: "highPorosity", level: "note", when: [{ trait: { porosity: "high" } }], source: PRACTICE },
  { id: "irritant", level: "care", when: [{ tags: ["irritant"] }], source: PRACTICE },
  { id: "indigo", level: "note", when: [{ tags: ["indigo"] }], source: PRACTICE },
  { id: "aloeLatex", level: "note", when: [{ tags: ["aloe"] }], source: PRACTICE },
  {
    id: "perishable",
    level: "note",
    when: [{ tags: PERISHABLE, restUpToMin: OUT_AT_MOST_MIN }],
    source: memory("USDA FSIS: two hours out, one above 32 °C"),
  },
  { id: "fresh", level: "note", when: [{ tags: ["fresh"], butNot: ["acid", ...PERISHABLE] }], source: PRACTICE },
  {
    id: "hotDayPerishable",
    level: "care",
    when: [{ tags: PERISHABLE, kitchenFromC: 32 }],
    source: memory("USDA FSIS"),
  },
  { id: "dust", level: "note", when: [{ tags: ["dust"] }], source: PRACTICE },
  { id: "stainsRoom", level: "note", when: [{ tags: STAINERS }], source: PRACTICE },
  { id: "oilOnFloor", level: "note", when: [{ tags: ["oil"] }], source: PRACTICE },
  { id: "eggSets", level: "note", when: [{ tags: ["egg"] }], source: memory("egg white sets from 62 °C") },
  { id: "heavyPack", level: "note", when: [{ heavy: true }], source: PRACTICE },
] as const satisfies readonly CautionRule[];
export type CautionId = (typeof CAUTION_RULES)[number]["id"];
