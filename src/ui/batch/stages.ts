import type { LiquidAnswer } from "@/core/paste";
import { pourMl } from "@/words/amounts";
import {
  doneBy,
  mixingSteps,
  type BatchPayload,
  type BatchState,
  type Stage,
  type StepId,
  type Worksheet,
} from "@/core/batch";

/** A stage that ends a step, and the press that says so. */
export interface StageAfter {
  readonly stage: Stage;
  readonly press: string;
}
const STAGE_AFTER: Readonly<Partial<Record<StepId, StageAfter>>> = {
  apply: { stage: "onHead", press: "On the head, last section" },
  rinse: { stage: "rinsed", press: "Rinsed" },
};
const MIXED: StageAfter = { stage: "mixed", press: "Mixed: the rest begins" };

/** The stage that a step of this sheet ends with, where it ends with one. */
export const stageAfter = (sheet: Worksheet, step: StepId): StageAfter | undefined =>
  step === mixingSteps(sheet).at(-1) ? MIXED : STAGE_AFTER[step];

/** What the first pour is, in one press; undefined where nothing is poured. */
export function firstPourOf(liquid: LiquidAnswer): number | undefined {
  if (liquid.state === "unreachable") return undefined;
  return pourMl((liquid.state === "solved" ? liquid.plan?.firstPourMl : undefined) ?? liquid.ml.mid, liquid.ml);
}

/**
 * Ticks a step. The first pour, ticked where none was noted, is noted as it was planned; what is poured after it goes
 * by the feel, so that nobody but who pours can say how much it was.
 */
export const ticker =
  (sheet: Worksheet, state: BatchState, liquid: LiquidAnswer, onHappen: (payload: BatchPayload) => void) =>
  (step: StepId, done: boolean): void => {
    const ml = firstPourOf(liquid);
    if (done && step === "firstPour" && state.pouredMl === 0 && ml) onHappen({ kind: "poured", ml });
    onHappen({ kind: "ticked", step, done });
  };

/** Says that a stage is reached; what had to be done for it is done. */
export function reach(
  stage: Stage,
  step: StepId,
  sheet: Worksheet,
  state: BatchState,
  onHappen: (payload: BatchPayload) => void,
): void {
  onHappen({ kind: "reached", stage });
  // The press gives way to when it was; that takes the focus, and is read out by it.
  requestAnimationFrame(() => document.getElementById(`reached-${stage}`)?.focus());
  for (const one of doneBy(sheet, step))
    if (!state.done.includes(one)) onHappen({ kind: "ticked", step: one, done: true });
}
