"use client";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { stepAtMs, stepNow, type BatchPayload, type BatchState, type StepId, type Worksheet } from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { STEP_NAME } from "@/words/names";
import { stepWords } from "@/words/steps";
import { clockWords } from "@/words/times";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";
import { reach, stageAfter } from "./stages";

interface StepNowProps {
  readonly startsAtMs: number;
  readonly sheet: Worksheet;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly state: BatchState;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
  readonly onTick: (step: StepId, done: boolean) => void;
  /** What one does at this step, where it is more than saying that it is done: the jug, the words. */
  readonly control?: ReactNode;
  /** It is for a later step: what is done now stands before it. */
  readonly later?: boolean;
}

/**
 * The step that is on now, first and large with its own control, for hands with paste on them; the next in one line.
 */
export function StepNow({
  startsAtMs,
  sheet,
  question,
  answer,
  state,
  timeZone,
  nowMs,
  onHappen,
  onTick,
  control,
  later = false,
}: StepNowProps) {
  const { vessels } = useShelf();
  const { step, next } = stepNow(sheet, state);
  const place = useRef<HTMLElement>(null);
  const doneRow = useRef<HTMLParagraphElement>(null);
  const [first] = useState(step?.id);
  // Another step begins at its top, with its press at hand.
  useEffect(() => {
    if (step?.id === first || !place.current) return;
    if (place.current.getBoundingClientRect().top < 0) place.current.scrollIntoView();
    if (document.activeElement === document.body)
      doneRow.current?.querySelector("button")?.focus({ preventScroll: true });
  }, [step?.id, first]);
  if (!step) return null;
  const stage = stageAfter(sheet, step.id);
  const beginsMs = stepAtMs(step.startMin, startsAtMs, sheet, answer, state);
  const open = stage && state.reachedMs[stage.stage] === undefined;
  const done = (
    <p key="done" ref={doneRow} className="mt-3">
      {open ? (
        <Button look="main" className="min-h-14" onClick={() => reach(stage.stage, step.id, sheet, state, onHappen)}>
          {stage.press}
        </Button>
      ) : (
        <Button look="main" className="min-h-14" onClick={() => onTick(step.id, true)}>
          Done: {STEP_NAME[step.id].toLowerCase()}
        </Button>
      )}
    </p>
  );
  const at = control && (
    <div key="control" className="mt-3 max-w-[44rem]">
      {control}
    </div>
  );
  return (
    <section ref={place} aria-label="Now" className="no-print scroll-mt-2 border-b-[3px] border-ink pb-5">
      <p className="text-quiet">
        {beginsMs <= nowMs ? "now, since" : "next, at"} {clockWords(beginsMs, timeZone)}
      </p>
      <h2 className="text-sentence font-say font-semibold">{STEP_NAME[step.id]}</h2>
      <p className="max-w-[44rem] text-lg">{stepWords(step, answer, question, vessels)}</p>
      {later ? [done, at] : [at, done]}
      {next && (
        <p className="mt-2 text-quiet">
          Then, at {clockWords(stepAtMs(next.startMin, startsAtMs, sheet, answer, state), timeZone)}:{" "}
          {STEP_NAME[next.id].toLowerCase()}.
        </p>
      )}
    </section>
  );
}
