import { nameOfThing } from "@/core/shelf";
import { ALLERGY_GROUPS, isAllergyGroup, type AllergyGroupId } from "@/core/material";
import type {
  Treatment,
  Age,
  Cut,
  Landmark,
  PurposeId,
  Shade,
  StrandCount,
  StrandSize,
  WettingId,
  Worn,
} from "@/core/head";
import type { Fill, SpoonSet, Unit } from "@/core/measure";
import type { ConsistencyWord, PasteQuestion, Sizing } from "@/core/paste";
import type { Role } from "@/core/balance";
import type { MixingWord } from "@/core/correct";
import type { Again, Mark, Place, StepId } from "@/core/batch";

/** English names of choices; a language is one file like this. */
export const PURPOSE_NAME: Readonly<Record<PurposeId, string>> = {
  lightCoat: "light coat",
  mask: "mask",
  soakedMask: "soaked mask",
  dyePacked: "dye, packed on",
  rootsOnly: "dye on the roots only",
};
export const PURPOSE_PHRASE: Readonly<Record<PurposeId, string>> = {
  lightCoat: "A light coat",
  mask: "A mask",
  soakedMask: "A soaked mask",
  dyePacked: "A dye, packed on,",
  rootsOnly: "A dye on the roots",
};
export const CONSISTENCY_NAME: Readonly<Record<ConsistencyWord, string>> = {
  drizzle: "a drizzle",
  pancakeBatter: "pancake batter",
  cream: "cream",
  thickPaste: "a thick paste",
  mash: "mash",
  tooStiff: "too stiff",
};
export const CONSISTENCY_NOTE: Readonly<Record<ConsistencyWord, string>> = {
  drizzle: "leaves a nozzle bottle; runs on hair",
  pancakeBatter: "ribbons off the spoon",
  cream: "a brush paints it; a 2–5 mm coat stays",
  thickPaste: "by hand, packs on, no drip",
  mash: "holds a peak; the top end for dye",
  tooStiff: "tangles; will not spread",
};
export const LANDMARK_NAME: Readonly<Record<Landmark, string>> = {
  ear: "ear-length",
  chin: "chin-length",
  collar: "collar-length",
  shoulder: "shoulder-length",
  armpit: "armpit-length",
  midBack: "mid-back",
  waist: "waist-length",
  hip: "hip-length",
};
export const STRAND_COUNT_NAME: Readonly<Record<StrandCount, string>> = {
  thin: "thin",
  medium: "medium",
  thick: "thick",
};
export const STRAND_SIZE_NAME: Readonly<Record<StrandSize, string>> = {
  fine: "fine",
  medium: "medium",
  coarse: "coarse",
};
export const CUT_NAME: Readonly<Record<Cut, string>> = {
  ordinary: "ordinary",
  oneLength: "one length",
  layered: "layered",
  short: "short all over",
};
export const SHADE_NAME: Readonly<Record<Shade, string>> = {
  black: "black",
  brown: "brown",
  blond: "blond",
  grey: "grey or white",
  bleached: "bleached",
};
export const TREATMENT_NAME: Readonly<Record<Treatment, string>> = {
  relaxer: "relaxer",
  bleach: "bleach",
  perm: "perm",
  boxDye: "box dye",
  henna: "henna or another plant dye",
  metalSalts: "metal salts (a restorer, “progressive” dye)",
};
/** Groups of things that somebody does not bear. */
export const ALLERGY_GROUP_NAME: Readonly<Record<AllergyGroupId, string>> = {
  "group-daisies": "the daisy family",
  "group-latex-fruit": "latex, and the fruit that goes with it",
  "group-legumes": "legumes",
  "group-nuts": "nuts",
  "group-sesame": "sesame",
  "group-wheat": "wheat",
  "group-bees": "what bees make",
};
export const ALLERGY_GROUP_IDS = ALLERGY_GROUPS.map(({ id }) => id);
/** What somebody does not bear: a group, or one thing. */
export const allergyName = (id: string): string => (isAllergyGroup(id) ? ALLERGY_GROUP_NAME[id] : materialName(id));

export const AGE_NAME: Readonly<Record<Age, string>> = { adult: "adult", teen: "teenager", child: "child" };
export const UNIT_NAME: Readonly<Record<Unit, string>> = {
  g: "g",
  ml: "ml",
  tsp: "tsp",
  tbsp: "tbsp",
  cup: "cup",
  drop: "drops",
  piece: "pieces",
};
export const FILL_NAME: Readonly<Record<Fill, string>> = {
  scant: "scant",
  level: "level",
  rounded: "rounded",
  heaped: "heaped",
};
export const SPOON_SET_NAME: Readonly<Record<SpoonSet, string>> = {
  us: "US spoons (14.8 ml tablespoon)",
  metric: "metric spoons (15 ml tablespoon)",
  australian: "Australian spoons (20 ml tablespoon)",
};
export const SIZING_NAME: Readonly<Record<Sizing, string>> = {
  likely: "enough for this head",
  generous: "enough and a quarter more",
  asGiven: "the powders as written",
  forLiquid: "as much powder as the liquid wants",
};
export const SIZING_NOTE: Readonly<Record<Sizing, string>> = {
  likely: "the middle of what heads like this take",
  generous: "that and a quarter; what is left over keeps in the freezer",
  asGiven: "whatever the head takes",
  forLiquid: "the liquid is set, the powder follows",
};
export const WORN_NAME: Readonly<Record<Worn, string>> = {
  loose: "hanging loose",
  pinnedUp: "pinned up",
  wrapped: "wrapped",
};
export const WETTING_NAME: Readonly<Record<WettingId, string>> = {
  dampSpray: "a spray, until it is damp",
  dailyMist: "a daily mist",
  oil: "an oil",
  rinse: "a rinse, caught and poured again",
};
export const ROLE_NAME: Readonly<Record<Role, string>> = {
  part: "scaled to the head",
  fixed: "exactly this much",
  solved: "as much as it takes",
};
export const ROLE_NOTE: Readonly<Record<Role, string>> = {
  part: "keeps its proportion to the other parts",
  fixed: "pinned: it goes in as it stands",
  solved: "with a set amount of liquid, this makes up the consistency",
};
export const MIXING_WORD_NAME: Readonly<Record<MixingWord | "right", string>> = {
  stillDry: "Still dry",
  tooThick: "Too thick",
  right: "Just right",
  bitThin: "A bit thin",
  runs: "Runs",
};
export const MARK_NAME: Readonly<Record<Mark, string>> = {
  soft: "soft",
  slip: "slip",
  grit: "grit left",
  shine: "shine",
  colour: "colour taken",
  grey: "grey covered",
  evenness: "evenness",
};
export const AGAIN_NAME: Readonly<Record<Again, string>> = { yes: "again", maybe: "maybe again", no: "not again" };
export const PLACE_NAME: Readonly<Record<Place, string>> = {
  kitchen: "the kitchen",
  fridge: "the fridge",
  freezer: "the freezer",
  elsewhere: "another place",
};
export const STEP_NAME: Readonly<Record<StepId, string>> = {
  gather: "Gather",
  mash: "Mash",
  warm: "Warm",
  lumps: "What lumps, first",
  dry: "Dry things",
  oilFirst: "Oil first",
  wet: "Wet things",
  firstPour: "First pour",
  pour: "Pour by steps",
  strain: "Sieve",
  oil: "Oil last",
  scent: "Scent",
  bottle: "Into the bottle",
  rest: "Rest",
  check: "Look again",
  hair: "Hair ready",
  apply: "Put it on",
  leaveOn: "Leave on",
  rinse: "Rinse",
  clear: "Clear away",
};

export const materialName = nameOfThing;

/** Temperature of a liquid in words. */
export function warmthWord(tempC: number): string {
  if (tempC < 15) return "cold";
  if (tempC < 30) return "cool";
  if (tempC < 49) return "warm";
  return tempC < 95 ? "hot" : "boiling";
}

/** "warm water", or "warm water and rose water, 2 : 1". */
export function liquidName({ materialId, tempC, with: second }: PasteQuestion["liquid"]): string {
  const first = `${warmthWord(tempC)} ${materialName(materialId)}`;
  return second ? `${first} and ${materialName(second.materialId)}, ${ratioWords(1 - second.share)}` : first;
}

/** A share of two as one says it: "2 : 1", "1 : 3", "1 : 1"; "45 : 55" where no small numbers come near. */
export function ratioWords(share: number): string {
  for (const sum of [2, 3, 4, 5, 6, 7, 8]) {
    const first = Math.round(share * sum);
    if (first > 0 && first < sum && Math.abs(first / sum - share) < 0.012) return `${first} : ${sum - first}`;
  }
  return `${Math.round(share * 100)} : ${Math.round((1 - share) * 100)}`;
}
