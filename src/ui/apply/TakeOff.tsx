import type { TakeOffStep } from "@/core/apply";
import type { BatchPayload, BatchState } from "@/core/batch";
import { TAKE_OFF_NAME, takeOffWords } from "@/words/apply";

interface TakeOffProps {
  readonly steps: readonly TakeOffStep[];
  /** What asks for a step, by its index. */
  readonly nameOf: (thing: number) => string;
  readonly dye: boolean;
  readonly state: BatchState;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}
/** How it comes off, by what is in the bowl, and what follows; ticked as it is done. */
export function TakeOff({ steps, nameOf, dye, state, closed, onHappen }: TakeOffProps) {
  return (
    <section aria-label="How it comes off" className="border-t border-line pt-3">
      <h2>How it comes off</h2>
      <ol>
        {steps.map((step) => {
          const done = state.takenOff.includes(step.id);
          const who = [...new Set(step.because.map(nameOf))].join(" and ");
          return (
            <li key={step.id} className="border-b border-line py-1">
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="size-6"
                  checked={done}
                  disabled={closed}
                  onChange={(event) => onHappen({ kind: "takenOff", step: step.id, done: event.target.checked })}
                />
                <span className="font-say text-lg font-semibold">{TAKE_OFF_NAME[step.id]}</span>
              </label>
              <p className={done ? "pl-9 text-quiet" : "pl-9"}>{takeOffWords(step, who, dye)}</p>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
