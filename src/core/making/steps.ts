import type { MakingStep, MakingStepId } from "./method";

/** Steps one after the other, each with its minutes. */
export function inTurn(...steps: readonly (readonly [id: MakingStepId, durationMin: number])[]): MakingStep[] {
  let clock = 0;
  return steps.map(([id, durationMin]) => {
    const step = { id, startMin: clock, durationMin: Math.round(durationMin) };
    clock += step.durationMin;
    return step;
  });
}
