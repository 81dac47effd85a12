import Link from "next/link";
import { MARKS } from "@/core/batch";
import type { BatchRow } from "@/store/batches";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";
import { AGAIN_NAME, grainOf, MARK_NAME, roundTo } from "@/words";
import { clockWords, dateKey, dayWords } from "@/words/times";

interface LogViewProps {
  readonly batches: readonly BatchRow[];
  readonly heads: readonly { readonly id: string; readonly name: string }[];
  readonly filter: { readonly head: string; readonly text: string };
  readonly older?: string;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What was made, newest first: small bowls in section, one line of time a day. */
export function LogView({ batches, heads, filter, older, timeZone, nowMs }: LogViewProps) {
  const scaleMl = Math.max(...batches.map((batch) => bowlFor(batch.summary.totalMl)), 1);
  const days = [...new Set(batches.map((batch) => dateKey(batch.startsAtMs, timeZone)))];
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">What did we do, and what worked?</h1>
      <form method="get" role="search" className="mt-2 flex flex-wrap items-end gap-3">
        <label className="flex flex-col gap-1 text-sm font-semibold">Whose head
          <select name="head" defaultValue={filter.head} className="text-base font-normal"><option value="">anybody’s</option>{heads.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}</select>
        </label>
        <label className="flex flex-col gap-1 text-sm font-semibold">Words in it
          <input name="text" type="search" defaultValue={filter.text} className="text-base font-normal" maxLength={120} />
        </label>
        <button type="submit" className="min-h-11 rounded-[3px] border-[1.5px] border-ink px-4 py-2 hover:bg-sunk">Look</button>
        {(filter.head || filter.text) && <Link href="/log" className="pressable flex min-h-11 items-center">everything</Link>}
        <a href="/api/v1/log" className="pressable flex min-h-11 items-center sm:ml-auto">the whole log as a table (CSV)</a>
      </form>
      {batches.length === 0 && <p className="mt-8 text-lg">{filter.head || filter.text ? "Nothing like that was made." : <>Nothing has been made yet. <Link href="/blend" className="pressable">Blend the first bowl</Link>.</>}</p>}
      {days.map((day) => {
        const own = batches.filter((batch) => dateKey(batch.startsAtMs, timeZone) === day);
        return (
          <section key={day} className="mt-6 grid border-t-[1.5px] border-ink pt-2 md:grid-cols-[10rem_1fr]">
            <h2 className="first-letter:uppercase">{dayWords(own[0].startsAtMs, timeZone, nowMs)}</h2>
            <ul className="grid grid-cols-1 gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-3">
              {own.map((batch) => <LogBowl key={batch.id} batch={batch} scaleMl={scaleMl} timeZone={timeZone} />)}
            </ul>
          </section>
        );
      })}
      {older && <p className="mt-8"><Link href={`/log?${new URLSearchParams({ ...(filter.head ? { head: filter.head } : {}), ...(filter.text ? { text: filter.text } : {}), before: older })}`} className="pressable flex min-h-11 items-center">older bowls</Link></p>}
    </div>
  );
}

function LogBowl({ batch, scaleMl, timeZone }: { batch: BatchRow; scaleMl: number; timeZone: string }) {
  const marks = MARKS.filter((mark) => batch.marks[mark] !== undefined).map((mark) => `${MARK_NAME[mark]} ${batch.marks[mark]}`);
  const verdict = [batch.closedMs ? undefined : "open", batch.again && AGAIN_NAME[batch.again], ...marks].filter(Boolean).join(", ");
  return (
    <li className="grid grid-cols-[7rem_1fr] items-start gap-3">
      <SmallBowl layers={batch.summary.layers} totalMl={batch.summary.totalMl} scaleMl={scaleMl} />
      <div className="min-w-0">
        <Link href={`/batches/${batch.id}`} className="pressable inline-flex min-h-11 items-center break-words font-semibold md:min-h-8">{batch.blendName}</Link>
        <span className="block text-sm">{batch.headName}, {clockWords(batch.startsAtMs, timeZone)}, {roundTo(batch.summary.totalG.mid, grainOf(batch.summary.pasteG))} g</span>
        <span className="block text-sm text-quiet">{verdict}</span>
        {batch.note && <span className="line-clamp-2 block break-words text-sm italic">{batch.note}</span>}
      </div>
    </li>
  );
}
