import Link from "next/link";
import { MARKS } from "@/core/batch";
import type { HairSwatch } from "@/server/colour";
import type { BatchRow } from "@/store/batches";
import { AGAIN_NAME, MARK_NAME, PURPOSE_NAME } from "@/words/names";
import { dayWords } from "@/words/times";

interface WhatWentOnProps {
  readonly headId: string;
  readonly bowls: readonly BatchRow[];
  /** Of those that were to colour, by the bowl. */
  readonly swatches: Readonly<Record<string, HairSwatch>>;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What went on a head and how it came out, newest first. */
export function WhatWentOn({ headId, bowls, swatches, timeZone, nowMs }: WhatWentOnProps) {
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
                {swatches[id] && <SwatchOf swatch={swatches[id]} />}
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

/** The colour as computed, own hair and grey, and the strand that was tried. */
function SwatchOf({ swatch: { own, grey, photo } }: { swatch: HairSwatch }) {
  const said = `The colour a week later, as computed: own hair${grey ? " and grey" : ""}`;
  return (
    <span className="float-right ml-3 flex gap-1">
      <svg viewBox="0 0 44 44" className="size-11 stroke-ink" role="img" aria-label={said}>
        <title>{said}</title>
        <path d={grey ? "M1 1H43L1 43Z" : "M1 1H43V43H1Z"} fill={own} />
        {grey && <path d="M43 1V43H1Z" fill={grey} />}
      </svg>
      {photo && (
        <svg viewBox="0 0 44 44" className="size-11" role="img" aria-label="The strand that was tried">
          <image href={photo} width="44" height="44" preserveAspectRatio="xMidYMid slice" />
        </svg>
      )}
    </span>
  );
}
