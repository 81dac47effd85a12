import { PURPOSE, type Applied } from "../head";
import type { Blend } from "./blend";
import { TARGET_PA } from "./target";

/** What is aimed at, Pa. */
export const aimedPa = ({ target }: Pick<Blend, "target">): number =>
  "yieldPa" in target ? target.yieldPa : TARGET_PA[target.word];
/** With what and where a bowl goes on, and how much stiffer than is usual for what it is for. */
export const appliedAs = (blend: Pick<Blend, "target" | "purpose" | "choices">): Applied => ({
  ...blend.choices,
  stiffer: Math.log(aimedPa(blend) / TARGET_PA[PURPOSE[blend.purpose].word]),
});
