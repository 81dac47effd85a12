"use client";
import { inOrder, type BatchEvent } from "@/core/batch";
import { eventWords } from "@/words/events";
import { momentWords } from "@/words/times";

interface HistoryProps {
  readonly events: readonly BatchEvent[];
  readonly withdrawn: readonly string[];
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onWithdraw: (eventId: string) => void;
}

/** What happened, as it happened; anything can be taken back, and stays to be seen. */
export function History({ events, withdrawn, timeZone, nowMs, onWithdraw }: HistoryProps) {
  const shown = [...events].filter(({ payload }) => payload.kind !== "withdrawn").sort(inOrder).reverse();
  if (shown.length === 0) return null;
  return (
    <details className="no-print">
      <summary className="pressable min-h-11 cursor-pointer py-2">what happened ({shown.length})</summary>
      <ul>
        {shown.map(({ id, payload, atMs }) => {
          const gone = withdrawn.includes(id);
          return (
            <li key={id} className="flex items-baseline justify-between gap-3 border-b border-line py-1">
              <span className={`min-w-0 break-words ${gone ? "text-quiet line-through" : ""}`}><span className="text-sm text-quiet">{momentWords(atMs, timeZone, nowMs)}</span> {eventWords(payload)}</span>
              {!gone && <button type="button" className="pressable min-h-11 shrink-0" onClick={() => onWithdraw(id)}>take back</button>}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
