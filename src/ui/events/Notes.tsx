"use client";
import { useState } from "react";
import type { NotedState } from "@/core/happening";
import { LIMITS } from "@/core/limits";
import { Field } from "../forms/Field";
import { Button } from "../parts/Button";

interface NotesProps extends NotedState {
  readonly closed: boolean;
  readonly onNote: (text: string) => void;
}

/** A few words, and those that were noted before. */
export function Notes({ notes, closed, onNote }: NotesProps) {
  const [note, setNote] = useState("");
  return (
    <>
      <form
        className="no-print mt-3 flex flex-col gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (!note.trim()) return;
          onNote(note.trim());
          setNote("");
        }}
      >
        <fieldset disabled={closed} className="contents">
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
        </fieldset>
      </form>
      {notes.length > 0 && (
        <ul className="mt-2 space-y-1 print:text-[8.5pt] print:leading-tight">
          {notes.map(({ eventId, text }) => (
            <li key={eventId} className="break-words border-l-4 border-leaf-fill pl-3">
              {text}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
