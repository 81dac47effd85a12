"use client";
import {
  reachedBy,
  stepAtMs,
  type BatchEvent,
  type BatchPayload,
  type BatchState,
  type Nights,
  type StepId,
  type Worksheet,
} from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { minuteWords } from "@/words/amounts";
import { STEP_NAME } from "@/words/names";
import { stepWords } from "@/words/steps";
import { clockWords, momentWords } from "@/words/times";
import { Button } from "../parts/Button";
import { LineOfTime, StepOnLine } from "../parts/LineOfTime";
import { useShelf } from "../shelf/ShelfContext";
import { AnotherTime } from "../events/AnotherTime";
import { GatherList } from "./GatherList";
import { reach, stageAfter } from "./stages";
import { WhereItStands } from "./WhereItStands";

interface OrderOfWorkProps {
  readonly startsAtMs: number;
  readonly sheet: Worksheet;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly events: readonly BatchEvent[];
  readonly state: BatchState;
  readonly closed: boolean;
  readonly nights: Nights | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
  readonly onTick: (step: StepId, done: boolean) => void;
  /** The step that stands by itself above, with its press. */
  readonly nowStep: StepId | undefined;
}

/** The steps with their times, to be ticked, and the stages that the clock follows. */
export function OrderOfWork({
  startsAtMs,
  sheet,
  question,
  answer,
  events,
  nights,
  state,
  closed,
  timeZone,
  nowMs,
  onHappen,
  onTick,
  nowStep,
}: OrderOfWorkProps) {
  const { vessels } = useShelf();
  const done = new Set(state.done);
  return (
    <section aria-label="The order of work">
      <LineOfTime>
        {sheet.steps.map((step) => {
          const { id, startMin, durationMin } = step;
          const stage = stageAfter(sheet, id);
          const at = stepAtMs(startMin, startsAtMs, sheet, answer, state);
          return (
            <StepOnLine key={id} at={clockWords(at, timeZone)} done={done.has(id)}>
              <label className="flex min-h-8 items-start gap-2 print:min-h-0">
                <input
                  type="checkbox"
                  className="mt-0.5 h-6 min-h-0 w-6 shrink-0 print:h-4 print:w-4"
                  checked={done.has(id)}
                  disabled={closed}
                  onChange={(event) => onTick(id, event.target.checked)}
                />
                <span>
                  <span className="font-say text-lg font-semibold print:text-base">{STEP_NAME[id]}</span>{" "}
                  <span className="text-sm text-quiet">{minuteWords(durationMin)}</span>
                </span>
              </label>
              <p className={done.has(id) ? "text-quiet" : ""}>{stepWords(step, answer, question, vessels)}</p>
              {id === "gather" && (
                <GatherList
                  answer={answer}
                  question={question}
                  drawn={closed || done.has("dry") || state.reachedMs.mixed !== undefined}
                />
              )}
              {id === "rest" && nowStep !== "rest" && (
                <WhereItStands
                  answer={answer}
                  state={state}
                  kitchenTempC={question.kitchenTempC}
                  nights={nights}
                  timeZone={timeZone}
                  nowMs={nowMs}
                  closed={closed}
                  onHappen={onHappen}
                />
              )}
              {stage &&
                !closed &&
                (state.reachedMs[stage.stage] ? (
                  <div className="flex flex-wrap items-baseline gap-x-3">
                    <p id={`reached-${stage.stage}`} tabIndex={-1} className="text-sm font-semibold text-leaf">
                      {momentWords(state.reachedMs[stage.stage]!, timeZone, nowMs)}:{" "}
                      {stage.press.split(":")[0].toLowerCase()}
                    </p>
                    {reachedBy(events, state, stage.stage) && (
                      <span className="no-print">
                        <AnotherTime
                          what={stage.press.split(":")[0].toLowerCase()}
                          atMs={state.reachedMs[stage.stage]!}
                          timeZone={timeZone}
                          onDate={(at) =>
                            onHappen({ kind: "dated", eventId: reachedBy(events, state, stage.stage)!, at })
                          }
                        />
                      </span>
                    )}
                  </div>
                ) : id === nowStep ? null : (
                  <Button
                    className="no-print mt-1 min-h-12"
                    onClick={() => reach(stage.stage, id, sheet, state, onHappen)}
                  >
                    {stage.press}
                  </Button>
                ))}
            </StepOnLine>
          );
        })}
      </LineOfTime>
    </section>
  );
}
