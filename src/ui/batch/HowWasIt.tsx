"use client";
import { AGAIN, marksFor, type BatchPayload, type BatchState } from "@/core/batch";
import type { PurposeId } from "@/core/head";
import { AGAIN_NAME } from "@/words/names";
import { Button } from "../parts/Button";
import { Notes } from "../events/Notes";
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
      </fieldset>
      <Notes notes={state.notes} closed={closed} onNote={(text) => onHappen({ kind: "noted", text })} />
    </section>
  );
}
