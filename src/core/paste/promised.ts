import { computePaste, PASTE_MODEL, type PasteAnswer } from "./computePaste";
import type { PasteQuestion } from "./blend";
import type { Verdict } from "./verdict";

/** What a blend promised when it was saved: the numbers she goes by. */
export interface PromisedNumbers {
  readonly model: number;
  readonly totalG: number;
  /** What is poured; undefined where nothing gets there. */
  readonly liquidMl?: number;
  readonly verdict: Verdict["state"];
}
/** The same with the question that it answers, so that only the figures can differ later. */
export interface Promised extends PromisedNumbers {
  readonly question: PasteQuestion;
}

export interface FigureChange {
  readonly before: PromisedNumbers;
  readonly after: PromisedNumbers;
}

const numbersOf = ({ model, totalG, liquid, verdict }: PasteAnswer): PromisedNumbers => ({
  model,
  totalG: totalG.mid,
  ...(liquid.state === "unreachable" ? {} : { liquidMl: liquid.ml.mid }),
  verdict: verdict.state,
});

export const promisedOf = (question: PasteQuestion, answer: PasteAnswer): Promised => ({
  ...numbersOf(answer),
  question,
});

/** A number that moved by less is the same in a kitchen. */
const SAME = 0.05;
const moved = (before: number | undefined, after: number | undefined): boolean =>
  before === undefined || after === undefined ? before !== after : Math.abs(after - before) > SAME * before;
/** Verdicts of before model 5 knew two words for the four of today. */
const likely = (verdict: Verdict["state"]): string =>
  (({ clings: "on", stays: "on", shouldStay: "on", mayDrip: "off", willRun: "off" }) as Record<string, string>)[
    verdict
  ] ?? verdict;

/**
 * What today's figures say otherwise of the question that was answered then; undefined where they are those of then,
 * or say the same.
 */
export function changedSince(promised: Promised): FigureChange | undefined {
  if (promised.model >= PASTE_MODEL) return undefined;
  const today = computePaste(promised.question);
  if (!today.ok) return undefined;
  const after = numbersOf(today.value);
  const same =
    !moved(promised.totalG, after.totalG) &&
    !moved(promised.liquidMl, after.liquidMl) &&
    likely(promised.verdict) === likely(after.verdict);
  const { question: _, ...before } = promised;
  return same ? undefined : { before, after };
}
