import Link from "next/link";
import { MARKS } from "@/core/batch";
import type { BatchRow } from "@/store/batches";
import { AGAIN_NAME, MARK_NAME, PURPOSE_NAME } from "@/words/names";
import { dayWords } from "@/words/times";

interface WhatWentOnProps {
  readonly headId: string;
  readonly bowls: readonly BatchRow[];
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What went on a head and how it came out, newest first. */
export function WhatWentOn({ headId, bowls, timeZone, nowMs }: WhatWentOnProps) {
  return (
    <section aria-label="What went on it">
      <h2>What went on it</h2>
      {bowls.length === 0 ? (
        <p>No bowl for this head yet.</p>
      ) : (
        <>
          <ol className="border-l-2 border-line pl-4">
            {bowls.map(({ id, blendName, startsAtMs, summary, marks, again, note }) => (
              <li key={id} className="py-1">
                <Link href={`/batches/${id}`} className="pressable font-semibold">
                  {blendName}, {dayWords(startsAtMs, timeZone, nowMs)}
                </Link>
                <span className="block">
                  {[
                    PURPOSE_NAME[summary.purpose],
                    ...MARKS.flatMap((mark) => (marks[mark] === undefined ? [] : `${MARK_NAME[mark]} ${marks[mark]}`)),
                    ...(again ? [AGAIN_NAME[again]] : []),
                  ].join(", ")}
                </span>
                {note && <span className="block break-words text-quiet line-clamp-2">“{note}”</span>}
              </li>
            ))}
          </ol>
          <Link href={`/log?head=${headId}`} className="pressable inline-flex min-h-11 items-center">
            all of it in the log
          </Link>
        </>
      )}
    </section>
  );
}
