"use client";
import { dayAfter, type BatchPayload, type BatchState } from "@/core/batch";
import { AFTER_NAME, AFTER_TEXT } from "@/words/colour/dayAfter";
import { momentWords } from "@/words/times";

interface DayAfterProps {
  readonly rinsedMs: number;
  readonly state: BatchState;
  readonly closed: boolean;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** What is done after a dye was rinsed out, each when it is time; ticked as it is done. */
export function DayAfter({ rinsedMs, state, closed, timeZone, nowMs, onHappen }: DayAfterProps) {
  return (
    <section aria-label="After the rinse">
      <h2>After the rinse</h2>
      <ol className="mt-1">
        {dayAfter(rinsedMs).map(({ task, fromMs }) => {
          const done = state.tended.includes(task);
          return (
            <li key={task} className="border-b border-line py-1">
              <label className="flex min-h-11 flex-wrap items-center gap-x-3">
                <input
                  type="checkbox"
                  className="size-5 accent-(--press)"
                  checked={done}
                  disabled={closed}
                  onChange={(event) => onHappen({ kind: "tended", task, done: event.target.checked })}
                />
                <span className="font-say text-lg font-semibold">{AFTER_NAME[task]}</span>
                <span className="text-quiet">
                  {fromMs <= nowMs ? "now" : `from ${momentWords(fromMs, timeZone, nowMs)}`}
                </span>
              </label>
              <p className={done ? "pl-8 text-quiet" : "pl-8"}>{AFTER_TEXT[task]}</p>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
