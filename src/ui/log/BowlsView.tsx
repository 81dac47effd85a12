import Link from "next/link";
import { bowlRows } from "@/words/bowls";
import { dayWords } from "@/words/times";
import type { MadeBowl } from "@/server/bowls";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";

/** A blend's bowls side by side, oldest first: what differed, then what was the same in all. */
export function BowlsView({
  name,
  blendId,
  bowls,
  timeZone,
  nowMs,
}: {
  name: string;
  blendId: string;
  bowls: readonly MadeBowl[];
  timeZone: string;
  nowMs: number;
}) {
  const rows = bowlRows(bowls);
  const differing = rows.filter((row) => !row.same);
  const same = rows.filter((row) => row.same);
  const scaleMl = Math.max(...bowls.map(({ batch }) => bowlFor(batch.summary.totalMl)), 1);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence break-words">What differed between the bowls of {name}?</h1>
      <p className="flex flex-wrap gap-x-5">
        <Link href={`/blend/${blendId}`} className="pressable inline-flex min-h-11 items-center">
          the blend
        </Link>
        <Link href={`/log?blend=${blendId}`} className="pressable inline-flex min-h-11 items-center">
          all of them in the log
        </Link>
      </p>
      {bowls.length === 0 && <p className="mt-6 text-lg">It has not been made yet.</p>}
      {bowls.length > 0 && (
        <div className="mt-3 overflow-x-auto">
          <table className="text-left">
            <thead>
              <tr className="align-bottom">
                <td className="min-w-24" />
                {bowls.map(({ batch }) => (
                  <th key={batch.id} className="min-w-36 max-w-52 pb-2 pr-5 font-normal">
                    <SmallBowl layers={batch.summary.layers} totalMl={batch.summary.totalMl} scaleMl={scaleMl} />
                    <Link
                      href={`/batches/${batch.id}`}
                      className="pressable inline-flex min-h-11 items-center font-semibold first-letter:uppercase"
                    >
                      {dayWords(batch.startsAtMs, timeZone, nowMs)}
                    </Link>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {differing.map(({ what, each }) => (
                <tr key={what} className="border-t border-line align-baseline">
                  <th className="py-1 pr-4 font-normal text-quiet">{what}</th>
                  {each.map((one, i) => (
                    <td key={bowls[i].batch.id} className="max-w-52 break-words py-1 pr-5 font-semibold">
                      {one}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {bowls.length > 1 && same.length > 0 && (
        <p className="mt-4 max-w-3xl text-quiet">
          The same in all: {same.map(({ what, each }) => `${what} ${each[0]}`).join("; ")}.
        </p>
      )}
    </div>
  );
}
