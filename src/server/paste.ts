import { computePaste, correctPaste, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { toQuestion, type CorrectionInput, type PasteInput } from "@/inputs/pasteInput";
import { shelfOf } from "@/store/jars";
import { unusable } from "./refusal";
import type { Asked } from "./route";

/** The answer to a question, or its problems as a refusal. */
export function answerOf(question: PasteQuestion): PasteAnswer {
  const result = computePaste(question);
  if (!result.ok) throw unusable(result.problems);
  return result.value;
}

export const computeUse = async ({ input, settings, household }: Asked<PasteInput>) => answerOf(toQuestion(input, settings.spoons, await shelfOf(household.id)));

export async function correctUse({ input, settings, household }: Asked<CorrectionInput>) {
  const result = correctPaste(toQuestion(input, settings.spoons, await shelfOf(household.id)), input.word, input.pouredMl, input.minutesSoaked);
  if (!result.ok) throw unusable(result.problems);
  return result.value;
}
