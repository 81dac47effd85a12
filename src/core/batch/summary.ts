import type { Band } from "../figure";
import type { PurposeId } from "../head";
import { thingsOf, type Layer, type PasteAnswer, type PasteQuestion } from "../paste";

/** What a list shows of a planned bowl, without the whole question and answer. */
export interface BatchSummary {
  readonly purpose: PurposeId;
  readonly materialIds: readonly string[];
  readonly layers: readonly Layer[];
  readonly totalMl: number;
  readonly totalG: Band;
  readonly pasteG: Band;
  /** Undefined where no liquid goes in. */
  readonly liquidMl?: Band;
}

export function summaryOf(question: PasteQuestion, answer: PasteAnswer): BatchSummary {
  return {
    purpose: question.purpose,
    materialIds: [...new Set(thingsOf(question).map(({ materialId }) => materialId))],
    layers: answer.layers,
    totalMl: answer.totalMl,
    totalG: answer.totalG,
    pasteG: answer.head.pasteG,
    ...(answer.liquid.state === "unreachable" ? {} : { liquidMl: answer.liquid.ml }),
  };
}
