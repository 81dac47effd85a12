import { asHeard } from "../correct";
import { computePaste, type LiquidAnswer, type PasteAnswer, type PasteQuestion } from "../paste";
import { differs, type Made } from "./asMade";
import type { BatchState } from "./eventKinds";

/** What a bowl in progress is brought to. */
export interface Aim {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  /** What the jug shows: after "too thick" it is to stop later than it was planned. */
  readonly jug: LiquidAnswer;
}

/**
 * The aim of a bowl: the plan, or, once something went in otherwise or was said of it, what is in the bowl with the
 * liquid solved as it was asked for.
 */
export function aimOf(
  question: PasteQuestion,
  answer: PasteAnswer,
  state: BatchState,
  made: Made & { readonly heard: number },
): Aim {
  const otherwise = differs(state) || made.heard !== 1;
  const asked = otherwise ? { ...made.question, liquid: question.liquid } : question;
  const found = otherwise ? computePaste(asked) : undefined;
  const aim = found?.ok ? { question: asked, answer: found.value } : { question, answer };
  const heard = made.heard === 1 ? undefined : computePaste(asHeard(aim.question, made.heard));
  const jug = heard?.ok && heard.value.liquid.state !== "unreachable" ? heard.value.liquid : aim.answer.liquid;
  return { ...aim, jug };
}
