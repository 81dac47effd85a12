"use client";
import { useState } from "react";
import { inOrder, type BatchEvent } from "@/core/batch";
import { eventWords } from "@/words/events";
import { momentWords } from "@/words/times";

interface HistoryProps {
  readonly events: readonly BatchEvent[];
  readonly withdrawn: readonly string[];
  /** What stands on a line of the plan. */
  readonly materialOf: (line: number) => string;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onWithdraw: (eventId: string) => void;
}

/** A long history opens with its latest. */
const MOST = 60;

/** What happened, as it happened; anything can be taken back, and stays to be seen. */
export function History({ events, withdrawn, materialOf, timeZone, nowMs, onWithdraw }: HistoryProps) {
  const shown = [...events].filter(({ payload }) => payload.kind !== "withdrawn").sort(inOrder).reverse();
  const [whole, setWhole] = useState(false);
  if (shown.length === 0) return null;
  return (
    <details className="no-print">
      <summary className="pressable min-h-11 cursor-pointer py-2">what happened ({shown.length})</summary>
      <ul>
        {(whole ? shown : shown.slice(0, MOST)).map(({ id, payload, atMs }) => {
          const gone = withdrawn.includes(id);
          return (
            <li key={id} className="flex items-baseline justify-between gap-3 border-b border-line py-1">
              <span className={`min-w-0 break-words ${gone ? "text-quiet line-through" : ""}`}><span className="text-sm text-quiet">{momentWords(atMs, timeZone, nowMs)}</span> {eventWords(payload, materialOf)}</span>
              {!gone && <button type="button" className="pressable min-h-11 shrink-0" onClick={() => onWithdraw(id)}>take back</button>}
            </li>
          );
        })}
      </ul>
      {!whole && shown.length > MOST && <button type="button" className="pressable min-h-11" onClick={() => setWhole(true)}>and {shown.length - MOST} before that</button>}
    </details>
  );
}
