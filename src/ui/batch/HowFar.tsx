"use client";
import { useState } from "react";
import type { BatchPayload, BatchState } from "@/core/batch";
import { checkNumber } from "@/core/checkNumber";
import { gramWords } from "@/words/amounts";

import { TakeBack } from "../events/TakeBack";

import { NumberText } from "../forms/NumberText";
import { textOf, typed } from "../forms/typed";
import { Button } from "../parts/Button";

interface HowFarProps {
  readonly madeG: number;
  readonly state: BatchState;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** What is left in the bowl once all is on, and whether it reached: what this head takes is learnt from it. */
export function HowFar({ madeG, state: { session, bareG }, closed, onHappen }: HowFarProps) {
  const [text, setText] = useState(session ? textOf(session.leftG) : "");
  const leftG = typed(text);
  const problem =
    text.trim() === ""
      ? undefined
      : (checkNumber("leftG", leftG, "leftInBowlG") ??
        (leftG > madeG
          ? { field: "leftG", code: "tooLarge" as const, detail: { max: Math.round(madeG) } }
          : undefined));
  const ready = text.trim() !== "" && !problem;
  // Nobody weighed it, and nobody will.
  if (closed && !session) return null;
  const say = (reached: boolean) => ready && onHappen({ kind: "weighed", leftG, reached });
  return (
    <section aria-label="How far did it go?">
      <h2>How far did it go?</h2>
      {session && (
        <p role="status">
          {gramWords(session.leftG)} g left of about {gramWords(madeG)} g;{" "}
          {session.reached ? "it reached everywhere" : "it did not reach everywhere"}.{" "}
          {!closed && <TakeBack eventId={session.eventId} onHappen={onHappen} />}
        </p>
      )}
      {!closed && (
        <>
          <NumberText
            label="Left in the bowl, weighed, g"
            hint="Without the bowl. Nothing left is 0. The next bowl for this head goes by it."
            text={text}
            onText={setText}
            problem={problem}
            readBy="scale"
            readOff={bareG}
          />
          <div className="mt-2 flex flex-wrap gap-2">
            <Button idle={!ready} onClick={() => say(true)}>
              It reached everywhere
            </Button>
            <Button idle={!ready} onClick={() => say(false)}>
              It did not reach
            </Button>
          </div>
        </>
      )}
    </section>
  );
}
