import type { MakingStepId, TimedStep } from "@/core/making";
import { minuteWords } from "@/words/amounts";
import { MAKING_STEP_NAME } from "@/words/making";
import { clockWords } from "@/words/times";
import { LineOfTime, StepOnLine } from "../../parts/LineOfTime";

interface OrderOfWorkProps {
  readonly steps: readonly TimedStep[];
  readonly textOf: (step: MakingStepId) => string;
  readonly now: MakingStepId | undefined;
  readonly closed: boolean;
  readonly timeZone: string;
  readonly onTick: (step: MakingStepId, done: boolean) => void;
}

/** Every step on the clock, each to be ticked. */
export const OrderOfWork = ({ steps, textOf, now, closed, timeZone, onTick }: OrderOfWorkProps) => (
  <section aria-label="The order of work">
    <h2 className="mb-2">The order of work</h2>
    <LineOfTime>
      {steps.map(({ id, fromMs, toMs, durationMin, isDone }) => (
        <StepOnLine key={id} at={clockWords(fromMs, timeZone)} done={isDone}>
          <label className="flex min-h-11 items-center gap-x-2">
            <input
              type="checkbox"
              className="no-print"
              checked={isDone}
              disabled={closed}
              onChange={(event) => onTick(id, event.target.checked)}
            />
            <span className={`font-say text-lg ${id === now ? "font-semibold underline" : "font-semibold"}`}>
              {MAKING_STEP_NAME[id]}
            </span>
            <span className="text-sm text-quiet">
              {isDone ? `until ${clockWords(toMs, timeZone)}` : minuteWords(durationMin)}
            </span>
          </label>
          {!isDone && id !== now && <p className="max-w-[38rem]">{textOf(id)}</p>}
        </StepOnLine>
      ))}
    </LineOfTime>
  </section>
);
