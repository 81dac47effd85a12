"use client";
import { useState } from "react";
import type { BatchPayload, DabbedState } from "@/core/batch";
import type { KnownOfDye } from "@/core/material";
import { DAB_MARKS, type DabMark } from "@/core/rest";
import { BLUE_DAB_NAME, DAB_NAME } from "@/words/colour/names";
import { dabLine } from "@/words/colour/dab";
import { momentWords } from "@/words/times";
import { TakeBack } from "../events/TakeBack";
import { Button } from "../parts/Button";

interface DabsProps {
  readonly dabs: DabbedState["dabs"];
  readonly blue: boolean;
  readonly known: KnownOfDye | undefined;
  /** One of them shows more than any leaf gives by then. */
  readonly strange: boolean;
  /** It is mixed, and still in its bowl. */
  readonly open: boolean;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
}
const LOOK: Readonly<Record<DabMark, string>> = {
  none: "bg-ground",
  pale: "bg-madder-wash",
  clear: "bg-madder-fill",
  deep: "bg-madder",
};
const BLUE_LOOK: Readonly<Record<DabMark, string>> = {
  none: "bg-ground",
  pale: "bg-leaf-fill/40",
  clear: "bg-leaf-fill",
  deep: "bg-leaf",
};

/** A dab on the palm, after the patch test: what it left moves this bowl's clock and is remembered of its jar. */
export function Dabs({ dabs, blue, known, strange, open, timeZone, nowMs, onHappen }: DabsProps) {
  const [tested, setTested] = useState(dabs.length > 0);
  const [names, looks] = blue ? [BLUE_DAB_NAME, BLUE_LOOK] : [DAB_NAME, LOOK];
  return (
    <section aria-label="A dab on the palm">
      <h2>A dab on the palm</h2>
      {dabs.length > 0 && (
        <ul>
          {dabs.map(({ eventId, mark, atMs }) => (
            <li key={eventId} className="flex flex-wrap items-baseline gap-x-3">
              {momentWords(atMs, timeZone, nowMs)}: {names[mark]}
              {open && <TakeBack eventId={eventId} onHappen={onHappen} />}
            </li>
          ))}
        </ul>
      )}
      {dabs.length > 0 && known && <p role="status">{dabLine(known)}</p>}
      {strange && (
        <p role="alert" className="mt-1 border-l-4 border-stop pl-3">
          <strong className="text-stop">Stop: more stain than any leaf gives so soon.</strong> Boxes called henna or
          indigo can hold para-phenylenediamine or other dyes, which harm. Wash it off, read the list on the box, and do
          not put it on. Skin that burns or blisters is seen by a doctor.
        </p>
      )}
      {open &&
        (tested ? (
          <>
            <p>A dab the size of a pea, five minutes, wiped off. What is left on the skin?</p>
            <div className="mt-1 grid grid-cols-2 gap-2">
              {DAB_MARKS.map((mark) => (
                <Button
                  key={mark}
                  className="flex min-h-12 items-center gap-2 px-2 text-left"
                  onClick={() => onHappen({ kind: "dabbed", mark })}
                >
                  <span aria-hidden className={`size-5 shrink-0 rounded-full border border-line ${looks[mark]}`} />
                  {names[mark]}
                </Button>
              ))}
            </div>
          </>
        ) : (
          <>
            <p>
              It says more than any clock. First the patch test: inner arm, 48 hours, looked at again at 72. Whoever
              reacted to a dye or a black tattoo before does not dab: ask a doctor.
            </p>
            <Button className="mt-1" onClick={() => setTested(true)}>
              The patch test stayed clear
            </Button>
          </>
        ))}
    </section>
  );
}
