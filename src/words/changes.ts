import type { Blend, BlendChange, BlendLine } from "@/core/paste";
import { kitchenNumber, minuteWords } from "./amounts";
import { CONSISTENCY_NAME, FILL_NAME, materialName, PURPOSE_NAME, SIZING_NAME, UNIT_NAME, warmthWord } from "./names";

export const amountWords = ({ amount, unit, fill, role }: BlendLine): string =>
  `${role === "part" ? "parts of " : ""}${fill === "level" ? "" : `${FILL_NAME[fill]} `}${kitchenNumber(amount)} ${UNIT_NAME[unit]}`;
export const targetWords = (target: Blend["target"]): string => ("word" in target ? CONSISTENCY_NAME[target.word] : `${target.yieldPa} Pa`);
export const liquidOf = ({ materialId, tempC, amountMl }: Blend["liquid"]): string =>
  `${warmthWord(tempC)} ${materialName(materialId)} at ${kitchenNumber(tempC)}°${amountMl === undefined ? "" : `, exactly ${Math.round(amountMl)} ml`}`;
export const restWords = (minutes: number | undefined): string => (minutes === undefined ? "as long as the bowl needs" : minuteWords(minutes));

/** One change between two versions, in words. */
export function changeWords(change: BlendChange): string {
  switch (change.kind) {
    case "added": return `${materialName(change.line.materialId)} put in, ${amountWords(change.line)}`;
    case "leftOut": return `${materialName(change.line.materialId)} left out`;
    case "amount": return `${materialName(change.from.materialId)}: ${amountWords(change.from)} became ${amountWords(change.to)}`;
    case "purpose": return `${PURPOSE_NAME[change.from]} became ${PURPOSE_NAME[change.to]}`;
    case "target": return `like ${targetWords(change.from)} became like ${targetWords(change.to)}`;
    case "liquid": return `${liquidOf(change.from)} became ${liquidOf(change.to)}`;
    case "kitchen": return `the kitchen went from ${kitchenNumber(change.fromC)}° to ${kitchenNumber(change.toC)}°`;
    case "rest": return `rested ${restWords(change.fromMin)}, now ${restWords(change.toMin)}`;
    case "sizing": return `${SIZING_NAME[change.from]} became ${SIZING_NAME[change.to]}`;
    case "roots": return "the roots’ months or share changed";
  }
}
