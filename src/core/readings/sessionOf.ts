import { asMade, bowlG, foldBatch, type BatchEvent } from "../batch";
import { coverage, usualKindOf, type Session, type UsualKind } from "../head";
import { appliedAs, type PasteAnswer, type PasteQuestion } from "../paste";

/** A weighed bowl of a head, and of which kind. */
export interface HeadSession extends Session {
  readonly kind: UsualKind;
  readonly eventId: string;
  readonly atMs: number;
  /** What went on her, and what the model had her take, g. */
  readonly usedG: number;
  readonly modelG: number;
}
/** So little on a head says nothing of how much it takes. */
const LEAST_G = 5;
/** A factor beyond these was another bowl, or a slip of the scale. */
const LIKELY = { least: Math.log(0.2), most: Math.log(5) };

/** What weighing the rest of a bowl says of its head; undefined where nobody did, or it cannot be. */
export function sessionOf(
  question: PasteQuestion,
  answer: PasteAnswer,
  events: readonly BatchEvent[],
): HeadSession | undefined {
  const state = foldBatch(events);
  if (!state.session) return undefined;
  const { leftG, reached, eventId, atMs } = state.session;
  const { usual: _, ...byTheModel } = question.head;
  const { pasteG, leftInBowlG } = coverage(byTheModel, question.purpose, question.roots, appliedAs(question));
  const modelG = pasteG.mid - leftInBowlG.mid;
  const usedG = bowlG(answer, asMade(question, answer, state), state) - leftG;
  if (!(usedG >= LEAST_G) || !(modelG > 0)) return undefined;
  const lnRatio = Math.log(usedG / modelG);
  if (lnRatio < LIKELY.least || lnRatio > LIKELY.most) return undefined;
  return { kind: usualKindOf(question.purpose), lnRatio, reached, eventId, atMs, usedG, modelG };
}
