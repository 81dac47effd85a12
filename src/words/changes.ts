import type { Blend, BlendChange, BlendLine } from "@/core/paste";
import { kitchenNumber, minuteWords } from "./amounts";
import { CONSISTENCY_NAME, FILL_NAME, liquidName, materialName, PURPOSE_NAME, SIZING_NAME, UNIT_NAME } from "./names";

export const amountWords = ({ amount, unit, fill, role }: BlendLine): string =>
  (role === "part" ? "parts of " : role === "solved" ? "as much as it takes, " : "") +
  `${fill === "level" ? "" : `${FILL_NAME[fill]} `}${kitchenNumber(amount)} ${UNIT_NAME[unit]}`;
export const targetWords = (target: Blend["target"]): string =>
  "word" in target ? CONSISTENCY_NAME[target.word] : `${target.yieldPa} Pa`;
export const liquidOf = ({ tempC, amountMl, ...liquid }: Blend["liquid"]): string =>
  `${liquidName({ tempC, ...liquid })} at ${kitchenNumber(tempC)}°` +
  (amountMl === undefined ? "" : `, exactly ${Math.round(amountMl)} ml`);
export const restWords = (minutes: number | undefined): string =>
  minutes === undefined ? "as long as the bowl needs" : minuteWords(minutes);

/** One change between two versions, in words. */
export function changeWords(change: BlendChange): string {
  switch (change.kind) {
    case "added":
      return `${materialName(change.line.materialId)} put in, ${amountWords(change.line)}`;
    case "leftOut":
      return `${materialName(change.line.materialId)} left out`;
    case "amount":
      return `${materialName(change.from.materialId)}: ${amountWords(change.from)} became ${amountWords(change.to)}`;
    case "purpose":
      return `${PURPOSE_NAME[change.from]} became ${PURPOSE_NAME[change.to]}`;
    case "target":
      return `like ${targetWords(change.from)} became like ${targetWords(change.to)}`;
    case "liquid":
      return `${liquidOf(change.from)} became ${liquidOf(change.to)}`;
    case "kitchen":
      return `the kitchen went from ${kitchenNumber(change.fromC)}° to ${kitchenNumber(change.toC)}°`;
    case "rest":
      return `rested ${restWords(change.fromMin)}, now ${restWords(change.toMin)}`;
    case "sizing":
      return `${SIZING_NAME[change.from]} became ${SIZING_NAME[change.to]}`;
    case "choices":
      return "what is done otherwise than the advice changed";
    case "roots":
      return "the roots’ months or share changed";
  }
}
