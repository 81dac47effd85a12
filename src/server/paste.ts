import { feelAdvice } from "@/core/feel";
import { mixingOrder } from "@/core/order";
import { computePaste, simulatePour, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { correctPaste, type Seen } from "@/core/correct";
import { haveOf } from "@/core/shelf";
import { toQuestion, type CorrectionInput, type PasteInput } from "@/inputs/pasteInput";
import { toReading } from "@/inputs/readingInput";
import { shelfAsOf } from "./shelf";
import { unusable } from "./refusal";
import type { Asked } from "./route";

/** The answer to a question, or its problems as a refusal. */
export function answerOf(question: PasteQuestion): PasteAnswer {
  const result = computePaste(question);
  if (!result.ok) throw unusable(result.problems);
  return result.value;
}

export const computeUse = async ({ input, settings, household }: Asked<PasteInput>) =>
  answerOf(toQuestion(input, settings.spoons, await shelfAsOf(household)));

export async function correctUse({ input, settings, household }: Asked<CorrectionInput>) {
  const shelf = await shelfAsOf(household);
  const question = toQuestion(input, settings.spoons, shelf);
  const seen: Seen = input.reading
    ? { by: "test", reading: toReading(input.reading) }
    : input.word
      ? { by: "word", word: input.word }
      : { by: "pour", ...(input.tooMuch ? { tooMuch: true as const } : {}) };
  const result = correctPaste(question, seen, {
    pouredMl: input.pouredMl,
    minutesSoaked: input.minutesSoaked,
    heard: input.heard,
    haveG: haveOf(shelf, question.lines),
  });
  if (!result.ok) throw unusable(result.problems);
  return result.value;
}

/** Where the pour will stop by 20 000 draws, for a browser without workers. */
export async function drawUse({ input, settings, household }: Asked<PasteInput>) {
  const question = toQuestion(input, settings.spoons, await shelfAsOf(household));
  answerOf(question);
  return { drawn: simulatePour(question) };
}

/** How a bowl will feel, what to do about it, and in which order it is mixed. */
export async function feelUse({ input, settings, household }: Asked<PasteInput>) {
  const shelf = await shelfAsOf(household);
  const question = toQuestion(input, settings.spoons, shelf);
  const answer = answerOf(question);
  const feel = feelAdvice(
    question,
    answer,
    shelf.jars.filter(({ leftG }) => leftG > 0),
  );
  return { feel, order: mixingOrder(question, answer, feel, settings.vessels) };
}
