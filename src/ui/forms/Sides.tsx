"use client";
import type { SideRow } from "@/words/sides";
import { Button } from "../parts/Button";

export interface SidesProps {
  readonly rows: readonly SideRow[];
  readonly busy: boolean;
  readonly onTheirs: () => void;
  readonly onMine: () => void;
  /** Where mine can be kept beside theirs. */
  readonly onBoth?: () => void;
}

/** Somebody saved in between: both, row by row, and the choice. What differs stands out. */
export function Sides({ rows, busy, onTheirs, onMine, onBoth }: SidesProps) {
  return (
    <section aria-label="Theirs and yours" className="mt-2 border-l-4 border-madder pl-3">
      <table className="w-full max-w-2xl text-left text-ink">
        <thead>
          <tr>
            <td />
            <th className="py-1 font-semibold">Theirs, saved</th>
            <th className="py-1 font-semibold">Yours</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ what, theirs, mine }) => (
            <tr
              key={what}
              className={`border-t border-line align-baseline ${theirs === mine ? "text-quiet" : "font-semibold"}`}
            >
              <th className="py-1 pr-3 font-normal text-quiet">{what}</th>
              <td className="break-words pr-3">{theirs}</td>
              <td className="break-words">{mine}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button disabled={busy} onClick={onTheirs}>
          Take theirs
        </Button>
        <Button disabled={busy} onClick={onMine}>
          Save yours as the newest
        </Button>
        {onBoth && (
          <Button disabled={busy} onClick={onBoth}>
            Keep both: save yours as another
          </Button>
        )}
      </div>
    </section>
  );
}
