import type { PasteAnswer } from "../paste";
import { inOrder } from "../happening";
import type { BatchEvent, BatchState, Stage, StepId } from "./eventKinds";
import type { Worksheet, WorkStep } from "./worksheet";

const MINUTE_MS = 60_000;

/**
 * When a minute of the worksheet falls, ms since the epoch. Once something really happened, the later steps follow it
 * and not the plan.
 * @param startMin minutes from the beginning of the work
 */
export function stepAtMs(
  startMin: number,
  startsAtMs: number,
  sheet: Pick<Worksheet, "mixedMin" | "rinseMin">,
  { leaveOnMin }: Pick<PasteAnswer, "leaveOnMin">,
  { reachedMs }: Pick<BatchState, "reachedMs">,
): number {
  const planned = (min: number) => startsAtMs + min * MINUTE_MS;
  const { onHead, mixed } = reachedMs;
  if (onHead && startMin >= sheet.rinseMin - leaveOnMin.mid)
    return planned(startMin) + onHead - planned(sheet.rinseMin - Math.round(leaveOnMin.mid));
  if (mixed && startMin >= sheet.mixedMin) return planned(startMin) + mixed - planned(sheet.mixedMin);
  return planned(startMin);
}

/** The steps of mixing in their order: all before the rest. */
export const mixingSteps = ({ steps }: Pick<Worksheet, "steps">): StepId[] =>
  steps
    .slice(
      0,
      steps.findIndex(({ id }) => id === "rest"),
    )
    .map(({ id }) => id);

/** Steps that are done by a stage that was reached with this one: the last of mixing ends all from the pour on. */
export function doneBy(sheet: Pick<Worksheet, "steps">, step: StepId): StepId[] {
  const mixing = mixingSteps(sheet);
  return step === mixing.at(-1) ? mixing.slice(mixing.indexOf("pour")) : [step];
}

/** The event that said a stage was reached, and stands. */
export const reachedBy = (
  events: readonly BatchEvent[],
  { withdrawn }: Pick<BatchState, "withdrawn">,
  stage: Stage,
): string | undefined =>
  [...events]
    .sort(inOrder)
    .findLast(({ id, payload }) => payload.kind === "reached" && payload.stage === stage && !withdrawn.includes(id))
    ?.id;

/**
 * The step that is on now, and the next: the first that is neither ticked nor left behind by a stage that was reached,
 * or by what was poured. Nothing where all is done.
 */
export function stepNow(
  { steps }: Pick<Worksheet, "steps">,
  { done, reachedMs, pouredMl }: Pick<BatchState, "done" | "reachedMs" | "pouredMl">,
): { readonly step?: WorkStep; readonly next?: WorkStep } {
  const placeOf = (step: StepId | undefined) => steps.findIndex(({ id }) => id === step);
  const behind = Math.max(
    pouredMl > 0 ? placeOf("firstPour") : -1,
    reachedMs.mixed === undefined ? -1 : placeOf(mixingSteps({ steps }).at(-1)),
    reachedMs.onHead === undefined ? -1 : placeOf("apply"),
    reachedMs.rinsed === undefined ? -1 : placeOf("rinse"),
  );
  const [step, next] = steps.filter(({ id }, i) => i > behind && !done.includes(id));
  return { ...(step ? { step } : {}), ...(next ? { next } : {}) };
}
