import Link from "next/link";
import { MARKS } from "@/core/batch";
import { PURPOSES } from "@/core/head";
import { CATALOGUE } from "@/core/catalogue";
import type { BatchRow } from "@/store/batches";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";
import { AGAIN_NAME, grainOf, MARK_NAME, materialName, PURPOSE_NAME, roundTo } from "@/words";
import { HOW_CHOICES } from "@/words/found";
import { clockWords, dateKey, dayWords } from "@/words/times";
import { MarksChart, type MarkedDay } from "./MarksChart";

/** What the log can be looked through by; the same names as in its address. */
export const FILTERS = ["head", "text", "blend", "material", "purpose", "how", "from", "to"] as const;
export type LogQuery = Readonly<Record<(typeof FILTERS)[number], string>>;

interface LogViewProps {
  readonly batches: readonly BatchRow[];
  readonly heads: readonly { readonly id: string; readonly name: string }[];
  readonly blends: readonly { readonly id: string; readonly name: string }[];
  /** Things of the house's own. */
  readonly own: readonly { readonly id: string; readonly name: string }[];
  readonly query: LogQuery;
  /** The chosen head's marks, oldest first. */
  readonly marked: readonly MarkedDay[];
  readonly older?: string;
  readonly timeZone: string;
  readonly nowMs: number;
}

const addressOf = (query: LogQuery, more: Readonly<Record<string, string>> = {}): string =>
  new URLSearchParams([...Object.entries(query), ...Object.entries(more)].filter(([, value]) => value)).toString();

/** What was made, newest first: small bowls in section, one line of time a day. */
export function LogView({ batches, heads, blends, own, query, marked, older, timeZone, nowMs }: LogViewProps) {
  const scaleMl = Math.max(...batches.map((batch) => bowlFor(batch.summary.totalMl)), 1);
  const days = [...new Set(batches.map((batch) => dateKey(batch.startsAtMs, timeZone)))];
  const asked = FILTERS.some((name) => query[name]);
  const headName = heads.find(({ id }) => id === query.head)?.name;
  if (batches.length === 0 && !asked)
    return (
      <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
        <h1 className="text-sentence">Nothing has been made yet.</h1>
        <p className="mt-2 max-w-[44rem] text-lg">
          What you mix stands here afterwards: what went in, how it was, and what you would do otherwise.{" "}
          <Link href="/blend" className="pressable inline-flex min-h-11 items-center">
            Blend the first bowl
          </Link>
        </p>
      </div>
    );
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">What did we do, and what worked?</h1>
      <form method="get" role="search" className="mt-2 flex flex-wrap items-end gap-3">
        <Choice
          name="head"
          label="Whose head"
          query={query}
          any="anybody’s"
          choices={heads.map(({ id, name }) => ({ value: id, label: name }))}
        />
        <label className="flex flex-col gap-1 text-sm font-semibold">
          Words in it
          <input
            name="text"
            type="search"
            defaultValue={query.text}
            className="text-base font-normal"
            maxLength={120}
          />
        </label>
        <details className="order-last basis-full" open={FILTERS.slice(2).some((name) => query[name])}>
          <summary className="pressable inline-flex min-h-11 cursor-pointer items-center">more to look by</summary>
          <div className="mt-1 grid grid-cols-2 items-end gap-3 sm:flex sm:flex-wrap">
            <Choice
              name="blend"
              label="Which blend"
              query={query}
              any="any"
              choices={blends.map(({ id, name }) => ({ value: id, label: name }))}
            />
            <Choice
              name="material"
              label="With"
              query={query}
              any="anything"
              choices={[...own, ...CATALOGUE.map(({ id }) => ({ id, name: materialName(id) }))]
                .map(({ id, name }) => ({ value: id, label: name }))
                .sort((a, b) => a.label.localeCompare(b.label))}
            />
            <Choice
              name="purpose"
              label="For"
              query={query}
              any="any purpose"
              choices={PURPOSES.map((value) => ({ value, label: PURPOSE_NAME[value] }))}
            />
            <Choice name="how" label="How it was" query={query} any="however" choices={HOW_CHOICES} />
            {(["from", "to"] as const).map((name) => (
              <label key={name} className="flex flex-col gap-1 text-sm font-semibold first-letter:uppercase">
                {name === "from" ? "From" : "To"}
                <input
                  name={name}
                  type="date"
                  defaultValue={query[name]}
                  className="w-full min-w-0 text-base font-normal"
                />
              </label>
            ))}
          </div>
        </details>
        <button type="submit" className="min-h-11 rounded-[3px] border-[1.5px] border-ink px-4 py-2 hover:bg-sunk">
          Look
        </button>
        {asked && (
          <Link href="/log" className="pressable flex min-h-11 items-center">
            everything
          </Link>
        )}
        {query.blend && (
          <Link href={`/blend/${query.blend}/bowls`} className="pressable flex min-h-11 items-center">
            side by side
          </Link>
        )}
        <span className="flex flex-wrap gap-x-5 sm:ml-auto">
          <a href={`/api/v1/log?${addressOf(query)}`} className="pressable flex min-h-11 items-center">
            {asked ? "these" : "the whole log"} as a table (CSV)
          </a>
          <a href={`/api/v1/log/lines?${addressOf(query)}`} className="pressable flex min-h-11 items-center">
            what went in (CSV)
          </a>
        </span>
      </form>
      {headName && marked.length > 1 && <MarksChart days={marked} name={headName} timeZone={timeZone} />}
      {batches.length === 0 && <p className="mt-8 text-lg">Nothing like that was made.</p>}
      {days.map((day) => {
        const own = batches.filter((batch) => dateKey(batch.startsAtMs, timeZone) === day);
        return (
          <section key={day} className="mt-6 grid border-t-[1.5px] border-ink pt-2 md:grid-cols-[10rem_1fr]">
            <h2 className="first-letter:uppercase">{dayWords(own[0].startsAtMs, timeZone, nowMs)}</h2>
            <ul className="grid grid-cols-1 gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-3">
              {own.map((batch) => (
                <LogBowl key={batch.id} batch={batch} scaleMl={scaleMl} timeZone={timeZone} />
              ))}
            </ul>
          </section>
        );
      })}
      {older && (
        <p className="mt-8">
          <Link href={`/log?${addressOf(query, { before: older })}`} className="pressable flex min-h-11 items-center">
            older bowls
          </Link>
        </p>
      )}
    </div>
  );
}

interface ChoiceProps {
  readonly name: keyof LogQuery;
  readonly label: string;
  readonly query: LogQuery;
  readonly any: string;
  readonly choices: readonly { readonly value: string; readonly label: string }[];
}

function Choice({ name, label, query, any, choices }: ChoiceProps) {
  return (
    <label className="flex min-w-0 max-w-full flex-col gap-1 text-sm font-semibold">
      {label}
      <select name={name} defaultValue={query[name]} className="w-full text-base font-normal sm:max-w-60">
        <option value="">{any}</option>
        {choices.map(({ value, label: text }) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

function LogBowl({ batch, scaleMl, timeZone }: { batch: BatchRow; scaleMl: number; timeZone: string }) {
  const marks = MARKS.filter((mark) => batch.marks[mark] !== undefined).map(
    (mark) => `${MARK_NAME[mark]} ${batch.marks[mark]}`,
  );
  const verdict = [batch.closedMs ? undefined : "open", batch.again && AGAIN_NAME[batch.again], ...marks]
    .filter(Boolean)
    .join(", ");
  return (
    <li className="grid grid-cols-[7rem_1fr] items-start gap-3">
      <SmallBowl layers={batch.summary.layers} totalMl={batch.summary.totalMl} scaleMl={scaleMl} />
      <div className="min-w-0">
        <Link
          href={`/batches/${batch.id}`}
          className="pressable inline-flex min-h-11 max-w-full items-center font-semibold wrap-anywhere md:min-h-8"
        >
          {batch.blendName}
        </Link>
        <span className="block text-sm">
          {batch.headName}, {clockWords(batch.startsAtMs, timeZone)},{" "}
          {roundTo(batch.summary.totalG.mid, grainOf(batch.summary.pasteG))} g
        </span>
        <span className="block text-sm text-quiet">{verdict}</span>
        {batch.note && <span className="line-clamp-2 block break-words text-sm italic">{batch.note}</span>}
      </div>
    </li>
  );
}
