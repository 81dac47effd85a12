"use client";
import { useEffect, useRef, type ReactNode } from "react";
import type { MakingStepId, TimedStep } from "@/core/making";
import { minuteWords } from "@/words/amounts";
import { MAKING_STEP_NAME, type Late } from "@/words/making";
import { clockWords } from "@/words/times";
import { Button } from "../../parts/Button";

interface StepNowProps {
  readonly step: TimedStep;
  readonly next: TimedStep | undefined;
  readonly text: string;
  /** What one sees when it is done. */
  readonly sign: string | undefined;
  /** What is lost by now where it goes on for too long. */
  readonly late: Late | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onDone: (step: MakingStepId) => void;
  readonly children: ReactNode;
}

/** The step that is on now, first and large, with what to look for; the next in one line. */
export function StepNow({ step, next, text, sign, late, timeZone, nowMs, onDone, children }: StepNowProps) {
  const press = useRef<HTMLParagraphElement>(null);
  const first = useRef(step.id);
  useEffect(() => {
    if (step.id === first.current) return;
    first.current = step.id;
    if (document.activeElement === document.body)
      press.current?.querySelector("button")?.focus({ preventScroll: true });
  }, [step.id]);
  // What was ticked a moment ago began now, whatever this page's clock says.
  const isOn = step.fromMs <= nowMs + 60_000;
  const leftMin = Math.round((step.toMs - nowMs) / 60_000);
  return (
    <section aria-label="Now" className="border-b-[3px] border-ink pb-5">
      <p className="text-quiet">
        {isOn ? "now, since" : "next, at"} {clockWords(step.fromMs, timeZone)}
      </p>
      <h2 className="text-sentence font-say font-semibold">{MAKING_STEP_NAME[step.id]}</h2>
      <p className="max-w-[44rem] text-lg">{text}</p>
      <p role="timer" className="mt-1 text-lg font-semibold">
        {!isOn
          ? `takes about ${minuteWords(step.durationMin)}`
          : leftMin > 0
            ? `about ${minuteWords(leftMin)} more, until ${clockWords(step.toMs, timeZone)}`
            : `Look at it${sign ? `: ${sign}?` : "."}`}
      </p>
      {late && -leftMin > late.afterMin && (
        <p role="status" className="text-madder">
          {late.text}
        </p>
      )}
      <p ref={press} className="mt-3">
        <Button look="main" className="min-h-14" onClick={() => onDone(step.id)}>
          {sign ? `Done: ${sign}` : `Done: ${MAKING_STEP_NAME[step.id].toLowerCase()}`}
        </Button>
      </p>
      {children}
      {next && (
        <p className="mt-2 text-quiet">
          Then, at {clockWords(next.fromMs, timeZone)}: {MAKING_STEP_NAME[next.id].toLowerCase()}.
        </p>
      )}
    </section>
  );
}
