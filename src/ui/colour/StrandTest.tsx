"use client";
import "@/core/catalogue";
import { useState } from "react";
import { STRAND_STEPS, type BatchPayload, type StrandStep, type StrandTestedState } from "@/core/batch";
import { checkNumber } from "@/core/checkNumber";
import { sketchOf, stepsOf, STRAND_FACTOR, strandsOf, type ColourPlan } from "@/core/colour";
import type { Head } from "@/core/head";
import { STRAND_NAME } from "@/words/colour/names";
import { problemWords } from "@/words/problems";
import { momentWords } from "@/words/times";
import { TakeBack } from "../events/TakeBack";
import { Field } from "../forms/Field";
import { textOf, typed } from "../forms/typed";
import { TILE } from "../parts/tile";
import { smallPhoto } from "./smallPhoto";

interface StrandTestProps {
  readonly plan: ColourPlan;
  readonly head: Head;
  readonly kitchenTempC: number;
  readonly tests: StrandTestedState["strandTests"];
  readonly closed: boolean;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** A strand from the comb, dyed with this bowl and held beside five swatches: what it looks like moves the sketch. */
export function StrandTest({ plan, head, kitchenTempC, tests, closed, timeZone, nowMs, onHappen }: StrandTestProps) {
  const [hoursText, setHours] = useState(textOf(plan.hoursOn));
  const [photo, setPhoto] = useState<string>();
  const [trouble, setTrouble] = useState<string>();
  const hoursOn = typed(hoursText);
  const problem = checkNumber("hoursOn", hoursOn, "hoursOn");
  const strands = strandsOf(head);
  const steps = stepsOf({ ...plan, hoursOn: problem ? plan.hoursOn : hoursOn, rounds: 1 }, kitchenTempC);
  // A strand that shows anything is a grey or a light one; without any it is the head's own.
  const kind = strands.greyShare > 0.01 ? "grey" : "own";
  const looksAs = (step: StrandStep) => sketchOf(strands, steps, "settled", STRAND_FACTOR[step])[kind];
  return (
    <section aria-label="A strand, tried first">
      <h2>A strand, tried first</h2>
      {tests.map(({ eventId, atMs, looks, hoursOn: its, photo: own }) => (
        <div key={eventId} className="mt-1 flex flex-wrap items-center gap-x-3">
          {own && (
            // eslint-disable-next-line @next/next/no-img-element -- a small picture of one's own, kept with the event
            <img src={own} alt="the strand" className="size-20 object-cover" />
          )}
          <span>
            {momentWords(atMs, timeZone, nowMs)}, {textOf(its)} h on: {STRAND_NAME[looks]}
          </span>
          {!closed && <TakeBack eventId={eventId} onHappen={onHappen} />}
        </div>
      ))}
      {!closed && (
        <>
          <p className="mt-1">
            A few {kind === "grey" ? "grey " : ""}hairs from the comb in a spoon of this bowl, for as long as it will be
            on; rinsed, dried, and looked at by daylight two days later. Which is nearest?
          </p>
          <div className="mt-2 flex flex-wrap items-end gap-4">
            <Field label="Hours on" problem={problem && problemWords(problem)}>
              {(a) => (
                <input
                  {...a}
                  className="w-24"
                  inputMode="decimal"
                  value={hoursText}
                  onChange={(event) => setHours(event.target.value)}
                />
              )}
            </Field>
            <Field label="A picture of it, if you like" problem={trouble}>
              {(a) => (
                <input
                  {...a}
                  type="file"
                  accept="image/*"
                  onChange={(event) => {
                    const [file] = event.target.files ?? [];
                    if (!file) return;
                    smallPhoto(file).then(
                      (text) => {
                        setPhoto(text);
                        setTrouble(undefined);
                      },
                      () => setTrouble("That is no picture this device can read."),
                    );
                  }}
                />
              )}
            </Field>
          </div>
          <ul className="mt-3 grid grid-cols-2 gap-2 sm:grid-cols-5">
            {STRAND_STEPS.map((looks) => (
              <li key={looks}>
                <button
                  type="button"
                  className={`${TILE} flex h-full flex-col items-center gap-1 p-2`}
                  disabled={problem !== undefined}
                  onClick={() => {
                    onHappen({ kind: "strandTested", hoursOn, looks, ...(photo ? { photo } : {}) });
                    setPhoto(undefined);
                  }}
                >
                  <span aria-hidden className="block h-16 w-full" style={{ background: looksAs(looks).hex }} />
                  <span className="text-sm">{STRAND_NAME[looks]}</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
