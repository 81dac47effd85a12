"use client";
import { useEffect, useRef, useState } from "react";
import { datesOf, inOrder, type Dated, type Happening, type Withdrawn } from "@/core/happening";
import { momentWords } from "@/words/times";
import { AnotherTime } from "./AnotherTime";

interface HistoryProps<P> {
  readonly events: readonly Happening<P>[];
  readonly withdrawn: readonly string[];
  /** Undefined for what is about another event, and is shown there. */
  readonly wordsOf: (payload: P) => string | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: Withdrawn | Dated) => void;
}

/** A long history opens with its latest. */
const MOST = 60;

/** What happened, as it happened; anything can be taken back or given another time, and stays to be seen. */
export function History<P extends { readonly kind: string }>({
  events,
  withdrawn,
  wordsOf,
  timeZone,
  nowMs,
  onHappen,
}: HistoryProps<P>) {
  const ordered = [...events].sort(inOrder);
  const dates = datesOf(ordered, new Set(withdrawn));
  const shown = ordered
    .flatMap(({ id, payload, atMs }) => {
      const words = wordsOf(payload);
      return words === undefined ? [] : [{ id, words, atMs }];
    })
    .reverse();
  const [whole, setWhole] = useState(false);
  const [said, setSaid] = useState("");
  // What nobody has opened is not drawn; it may have been opened before this was listening.
  const details = useRef<HTMLDetailsElement>(null);
  const [open, setOpen] = useState(false);
  useEffect(() => setOpen(details.current?.open ?? false), []);
  if (shown.length === 0) return null;
  return (
    <details className="no-print" ref={details} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="pressable min-h-11 cursor-pointer py-2">what happened ({shown.length})</summary>
      <ul>
        {(!open ? [] : whole ? shown : shown.slice(0, MOST)).map(({ id, words, atMs: tappedMs }) => {
          const gone = withdrawn.includes(id);
          const atMs = dates.get(id) ?? tappedMs;
          return (
            <li key={id} className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-line py-1">
              <span className={`min-w-0 break-words ${gone ? "text-quiet line-through" : ""}`}>
                <span className="text-sm text-quiet">{momentWords(atMs, timeZone, nowMs)}</span> {words}
              </span>
              {!gone && (
                <span className="flex gap-3">
                  <AnotherTime
                    what={words}
                    atMs={atMs}
                    timeZone={timeZone}
                    onDate={(at) => onHappen({ kind: "dated", eventId: id, at })}
                  />
                  <button
                    type="button"
                    className="pressable min-h-11 shrink-0"
                    aria-label={`take back: ${words}`}
                    onClick={(event) => {
                      onHappen({ kind: "withdrawn", eventId: id });
                      setSaid(`Taken back: ${words}.`);
                      event.currentTarget.closest("details")?.querySelector("summary")?.focus();
                    }}
                  >
                    take back
                  </button>
                </span>
              )}
            </li>
          );
        })}
      </ul>
      {!whole && shown.length > MOST && (
        <button type="button" className="pressable min-h-11" onClick={() => setWhole(true)}>
          and {shown.length - MOST} before that
        </button>
      )}
      <p role="status" className="sr-only">
        {said}
      </p>
    </details>
  );
}
