import { foldBatch, plannedClock, staysOf, type BatchEvent } from "../batch";
import type { KnownOfDye } from "../material";
import { lookupIn, type PasteAnswer, type PasteQuestion } from "../paste";
import { isIndigo, isReleased, learnFromDabs } from "../rest";

const HOUR_MS = 3_600_000;

/**
 * What the dabs of a bowl say of the jar its dye came from, beside the tables and not beside what was known of it
 * before; undefined where nobody dabbed, where it came from no jar, or from several.
 */
export function taughtDye(
  question: PasteQuestion,
  { rest }: Pick<PasteAnswer, "rest">,
  events: readonly BatchEvent[],
): { readonly jarId: string; readonly known: KnownOfDye } | undefined {
  const state = foldBatch(events);
  const { mixed } = state.reachedMs;
  const planned = plannedClock(rest, question.kitchenTempC);
  if (!planned || mixed === undefined || state.dabs.length === 0) return undefined;
  const find = lookupIn(question);
  const is = planned.quick ? isIndigo : isReleased;
  const lines = question.lines.filter(({ materialId, jarId }) => {
    const material = find(materialId, jarId);
    return material && is(material);
  });
  const [jarId, ...others] = new Set(lines.map((line) => line.jarId));
  if (jarId === undefined || others.length > 0) return undefined;
  const { lots: _, known: __, ...byTheTables } = planned;
  const dabs = state.dabs.map(({ mark, atMs }) => ({ mark, atH: (atMs - mixed) / HOUR_MS }));
  return { jarId, known: learnFromDabs(byTheTables, staysOf(mixed, question.kitchenTempC, state), dabs) };
}
