import { tintsOf } from "@/core/colour";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { tintWords } from "@/words/colour/tint";

/** What dyes in a bowl that is not to dye may leave. */
export const Tints = ({ question, answer }: { question: PasteQuestion; answer: PasteAnswer }) =>
  tintsOf(answer, question.kitchenTempC, question.head.strand).map((one) => <p key={one.dye}>{tintWords(one)}</p>);
