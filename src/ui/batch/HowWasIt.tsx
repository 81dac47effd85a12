"use client";
import { useState } from "react";
import { AGAIN, marksFor, type BatchPayload, type BatchState } from "@/core/batch";
import type { PurposeId } from "@/core/head";
import { LIMITS } from "@/core/limits";
import { AGAIN_NAME } from "@/words/names";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { MarkScale } from "./MarkScale";

interface HowWasItProps {
  readonly purpose: PurposeId;
  /** There is a dye in the bowl, whatever it was for. */
  readonly dyes: boolean;
  readonly state: BatchState;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** Marks, a few words, and whether one would make it again. */
export function HowWasIt({ purpose, dyes, state, closed, onHappen }: HowWasItProps) {
  const [note, setNote] = useState("");
  return (
    <section aria-label="How was it?">
      <h2>How was it?</h2>
      <fieldset disabled={closed} className="mt-1">
        <legend className="sr-only">Marks</legend>
        {marksFor(purpose, dyes, state.marks).map((mark) => (
          <MarkScale
            key={mark}
            mark={mark}
            value={state.marks[mark]}
            onMark={(value) => onHappen({ kind: "marked", mark, value })}
          />
        ))}
        <div className="no-print mt-1 flex flex-wrap gap-2">
          {AGAIN.map((again) => (
            <Button
              key={again}
              aria-pressed={state.again === again}
              className={state.again === again ? "bg-sunk font-semibold" : ""}
              onClick={() => onHappen({ kind: "again", again })}
            >
              {AGAIN_NAME[again]}
            </Button>
          ))}
        </div>
        <form
          className="no-print mt-3 flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (note.trim()) {
              onHappen({ kind: "noted", text: note.trim() });
              setNote("");
            }
          }}
        >
          <Field label="A few words">
            {(a) => (
              <textarea
                {...a}
                rows={2}
                maxLength={LIMITS.noteChars.max}
                value={note}
                onChange={(e) => setNote(e.target.value)}
              />
            )}
          </Field>
          <Button type="submit" className="self-start" disabled={!note.trim()}>
            Note it
          </Button>
        </form>
      </fieldset>
      {state.notes.length > 0 && (
        <ul className="mt-2 space-y-1 print:text-[8.5pt] print:leading-tight">
          {state.notes.map(({ eventId, text }) => (
            <li key={eventId} className="break-words border-l-4 border-leaf-fill pl-3">
              {text}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
