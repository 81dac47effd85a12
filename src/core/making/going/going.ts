import type { MakingStepId } from "../method";
import { makingNow, type TimedStep } from "./clock";
import type { MakingPlan } from "./question";

/** A making that is going on, on the clock: its step, and until when that lasts. Times are ms since the epoch. */
export interface GoingMaking {
  readonly makingId: string;
  readonly name: string;
  readonly method: string;
  /** Left out once every step is done, and it only has to be put up. */
  readonly step?: MakingStepId;
  readonly startsMs: number;
  readonly stepFromMs: number;
  readonly stepToMs: number;
  readonly endMs: number;
  readonly colour: readonly [number, number, number];
}

/** Where a making stands, as the foot and the first page say it. */
export function goingMaking(
  { id, name, question, startsAtMs }: MakingPlan & { readonly id: string; readonly name: string },
  colour: GoingMaking["colour"],
  steps: readonly TimedStep[],
): GoingMaking {
  const { step } = makingNow(steps);
  const endMs = steps.at(-1)?.toMs ?? startsAtMs;
  return {
    makingId: id,
    name,
    method: question.method,
    ...(step ? { step: step.id } : {}),
    startsMs: startsAtMs,
    stepFromMs: step?.fromMs ?? endMs,
    stepToMs: step?.toMs ?? endMs,
    endMs,
    colour,
  };
}
