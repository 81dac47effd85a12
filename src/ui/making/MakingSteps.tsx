import type { Made, Settings } from "@/core/making";
import { minuteWords } from "@/words/amounts";
import { MAKING_STEP_NAME, makingStepWords, type MethodWords } from "@/words/making";
import { Fold } from "../parts/Fold";
import { LineOfTime, StepOnLine } from "../parts/LineOfTime";

interface MakingStepsProps {
  readonly words: MethodWords;
  readonly things: string;
  readonly settings: Settings;
  readonly made: Made;
}

/** What is done in which order, minutes from the start. */
export function MakingSteps({ words, things, settings, made }: MakingStepsProps) {
  const last = made.steps.at(-1)!;
  return (
    <Fold title="The order of work" line={`${minuteWords(last.startMin + last.durationMin)} in all`} open>
      <LineOfTime>
        {made.steps.map(({ id, startMin, durationMin }) => (
          <StepOnLine key={id} at={startMin === 0 ? "first" : minuteWords(startMin)}>
            <p>
              <span className="font-say text-lg font-semibold">{MAKING_STEP_NAME[id]}</span>{" "}
              <span className="text-sm text-quiet">{minuteWords(durationMin)}</span>
            </p>
            <p className="max-w-[38rem]">{makingStepWords(words, id, things, settings, made)}</p>
          </StepOnLine>
        ))}
      </LineOfTime>
    </Fold>
  );
}
