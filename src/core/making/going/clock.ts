import type { Gauged, Made, MakingStep } from "../method";
import type { MakingState } from "./events";

const MINUTE_MS = 60_000;

/** A step with the moments between which it falls, as far as anybody knows, ms since the epoch. */
export interface TimedStep extends MakingStep {
  readonly fromMs: number;
  readonly toMs: number;
  readonly isDone: boolean;
}

/** Steps on the clock: what was done when it was done, and the rest after it as long as each takes. */
export function timed(
  { steps }: Pick<Made, "steps">,
  startsAtMs: number,
  { doneMs }: Pick<MakingState, "doneMs">,
): TimedStep[] {
  // What was done after a step that was never ticked says that it was done as well.
  const last = steps.findLastIndex(({ id }) => doneMs[id] !== undefined);
  let clockMs = startsAtMs;
  return steps.map((step, i) => {
    const fromMs = clockMs;
    clockMs = doneMs[step.id] ?? fromMs + step.durationMin * MINUTE_MS;
    return { ...step, fromMs, toMs: clockMs, isDone: i <= last };
  });
}

/** The step that is on now, and the next; nothing where all is done. */
export function makingNow(steps: readonly TimedStep[]): { readonly step?: TimedStep; readonly next?: TimedStep } {
  const [step, next] = steps.filter(({ isDone }) => !isDone);
  return { ...(step ? { step } : {}), ...(next ? { next } : {}) };
}

/** What was read off, with the step in which it was; in the order of time. */
export function gaugedIn(
  steps: readonly TimedStep[],
  startsAtMs: number,
  { read }: Pick<MakingState, "read">,
): Gauged[] {
  return [...read]
    .sort((a, b) => a.atMs - b.atMs)
    .flatMap(({ gauge, value, atMs }) => {
      // A step that is not done yet lasts as long as it takes.
      const step = steps.find(({ toMs, isDone }) => !isDone || atMs <= toMs);
      return step ? [{ gauge, value, atMin: (atMs - startsAtMs) / MINUTE_MS, step: step.id }] : [];
    });
}
