import type { StrandStep, Tending } from "@/core/batch";
import type { DabMark } from "@/core/rest";

export const DAB_NAME: Readonly<Record<DabMark, string>> = {
  none: "no mark",
  pale: "pale orange",
  clear: "clear orange",
  deep: "deep orange",
};
/** Of indigo, whose mark is another. */
export const BLUE_DAB_NAME: Readonly<Record<DabMark, string>> = {
  none: "no mark",
  pale: "a breath of blue-green",
  clear: "clear blue-green",
  deep: "deep blue",
};
export const STRAND_NAME: Readonly<Record<StrandStep, string>> = {
  muchLighter: "much lighter than the sketch",
  lighter: "lighter than the sketch",
  alike: "like the sketch",
  deeper: "deeper than the sketch",
  muchDeeper: "much deeper than the sketch",
};
export const TENDING_NAME: Readonly<Record<Tending, string>> = {
  stains: "skin, towel and basin wiped",
  dry: "dried",
  oil: "a little oil",
  shampoo: "the first shampoo",
  moisture: "something moist for loosened curl",
  judge: "judged",
};
