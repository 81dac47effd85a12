import { nextBowlBand, usualBand, type Usual, type UsualKind } from "@/core/head";
import type { Band } from "@/core/figure";

export const USUAL_KIND_NAME: Readonly<Record<UsualKind, string>> = { mask: "masks", dye: "packed dyes" };

/** "0.78–1.29". */
const factorWords = ({ low, high }: Band): string => `${low.toFixed(2)}–${high.toFixed(2)}`;

/** "Of masks this head takes 0.9 (0.78–1.29) of the middle, by 1 weighed bowl; one next bowl 0.68–1.48." */
export function usualWords(kind: UsualKind, usual: Usual): string {
  const times = usual.sessions === 1 ? "one weighed bowl" : `${usual.sessions} weighed bowls`;
  return (
    `Of ${USUAL_KIND_NAME[kind]} this head usually takes ${usualBand(usual).mid.toFixed(2)} times the ` +
    `middle head of its measures (${factorWords(usualBand(usual))}), by ${times}; its next bowl ` +
    `${factorWords(nextBowlBand(usual))}, since no two days are alike.`
  );
}
/** What one weighed bowl moved: "1.00 (0.61–1.64) became 0.90 (0.70–1.16)". */
export function lessonWords(before: Usual, after: Usual): string {
  const say = (usual: Usual) => `${usualBand(usual).mid.toFixed(2)} (${factorWords(usualBand(usual))})`;
  return `${say(before)} became ${say(after)}`;
}
