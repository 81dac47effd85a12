"use client";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import { judgeOn, shedTrend, USUALLY_SHED, type Head } from "@/core/head";
import { LIMITS } from "@/core/limits";

import { calendarDayWords } from "@/words/shelf";
import { Field } from "../forms/Field";
import { NumberText } from "../forms/NumberText";
import { typed } from "../forms/typed";
import { Button } from "../parts/Button";

interface CountsAndTrialsProps {
  readonly hair: Head;
  readonly onChange: (change: Partial<Head>) => void;
}
const TREND = {
  less: "The last three are clearly fewer than the first three.",
  more: "The last three are clearly more than the first three. If that goes on, or comes in patches, ask a doctor.",
  alike: "The last three are about like the first three.",
} as const;

/** Hairs counted on wash days, and what is tried for three months before anybody judges it. Kept with the head. */
export function CountsAndTrials({ hair, onChange }: CountsAndTrialsProps) {
  const today = new Date().toISOString().slice(0, 10);
  const [hairsText, setHairs] = useState("");
  const [what, setWhat] = useState("");
  const { shed = [], trials = [] } = hair;
  const wrong = hairsText.trim() === "" ? undefined : checkNumber("shed", typed(hairsText), "shedHairs");
  const trend = shedTrend(shed);
  const without = <T,>(all: readonly T[], i: number) => all.filter((_, k) => k !== i);
  const orNone = <T,>(all: readonly T[]) => (all.length > 0 ? all : undefined);
  return (
    <details>
      <summary className="pressable min-h-11 content-center">counts and three-month trials</summary>
      <div className="mt-2 flex flex-col gap-4">
        <div>
          <div className="flex flex-wrap items-end gap-3">
            <NumberText
              label="Hairs counted today"
              hint="Comb and drain together."
              text={hairsText}
              onText={setHairs}
              problem={wrong}
            />
            <Button
              idle={Boolean(wrong) || hairsText.trim() === "" || shed.length >= LIMITS.headNotes.max}
              onClick={() => {
                onChange({ shed: [...shed.filter(({ on }) => on !== today), { on: today, hairs: typed(hairsText) }] });
                setHairs("");
              }}
            >
              Count it
            </Button>
          </div>
          {shed.length > 0 && (
            <ul className="mt-1">
              {[...shed].map(({ on, hairs }, i) => (
                <li key={on} className="flex items-center justify-between gap-4 border-b border-line">
                  {calendarDayWords(on, today)}: {hairs}
                  <button
                    type="button"
                    className="pressable min-h-11"
                    onClick={() => onChange({ shed: orNone(without(shed, i)) })}
                  >
                    take it out
                  </button>
                </li>
              ))}
            </ul>
          )}
          <p className="text-sm text-quiet">
            {trend
              ? TREND[trend]
              : `Usual is ${USUALLY_SHED.low}–${USUALLY_SHED.high} a day, more where it is washed seldom; ` +
                "six counts show a change."}
          </p>
        </div>
        <div>
          <div className="flex flex-wrap items-end gap-3">
            <Field label="On trial from today" hint="An oil, a blend, leaving something out.">
              {(a) => (
                <input
                  {...a}
                  value={what}
                  maxLength={LIMITS.labelChars.max}
                  onChange={(event) => setWhat(event.target.value)}
                />
              )}
            </Field>
            <Button
              idle={what.trim() === "" || trials.length >= LIMITS.headNotes.max}
              onClick={() => {
                onChange({ trials: [...trials, { what: what.trim(), from: today }] });
                setWhat("");
              }}
            >
              Begin it
            </Button>
          </div>
          {trials.length > 0 && (
            <ul className="mt-1">
              {trials.map((trial, i) => {
                const until = judgeOn(trial);
                return (
                  <li key={i} className="flex items-center justify-between gap-4 border-b border-line">
                    <span className="break-words">
                      {trial.what}, since {calendarDayWords(trial.from, today)}:{" "}
                      {until && until <= today ? "judge it now" : until && `judge on ${calendarDayWords(until, today)}`}
                    </span>
                    <button
                      type="button"
                      className="pressable min-h-11"
                      onClick={() => onChange({ trials: orNone(without(trials, i)) })}
                    >
                      take it out
                    </button>
                  </li>
                );
              })}
            </ul>
          )}
          <p className="text-sm text-quiet">Growth and shedding are judged after three months, and not before.</p>
        </div>
      </div>
    </details>
  );
}
