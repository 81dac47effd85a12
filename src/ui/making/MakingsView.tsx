import Link from "next/link";
import { METHODS, type GoingMaking, type MakingQuestion } from "@/core/making";
import { makingGoingWords } from "@/words/going";
import { madeWords, METHOD_WORDS } from "@/words/making";
import { dayWords } from "@/words/times";
import type { OwnWay } from "@/server/makings/ownWays";
import { ownColour } from "../parts/colour";
import { makingHref } from "./makingHref";

interface PastMaking {
  readonly id: string;
  readonly name: string;
  readonly question: MakingQuestion;
  readonly startsAtMs: number;
  readonly jarId?: string;
}
interface MakingsProps {
  readonly going: readonly GoingMaking[];
  /** The house's own ways, each under its name. */
  readonly own: readonly OwnWay[];
  /** The latest that are closed, newest first. */
  readonly past: readonly PastMaking[];
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What can be made before a bowl, what is being made, and what was. */
export function MakingsView({ going, own, past, timeZone, nowMs }: MakingsProps) {
  const ways = [
    ...METHODS.map(({ id }) => ({ href: `/making/${id}`, ...METHOD_WORDS[id] })),
    ...own.map(({ name, how }) => ({ href: makingHref(how, name), name, about: madeWords(how) })),
  ];
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="text-sentence">Made before the bowl</h1>
      <p className="max-w-[44rem] text-lg">
        Each is worked out first, made step by step, and stands on the shelf with figures of its own.
      </p>
      {going.length > 0 && (
        <section aria-label="Going on" className="mt-5">
          <h2>Going on</h2>
          <ul>
            {going.map((one) => {
              const { what, when } = makingGoingWords(one, timeZone, nowMs);
              return (
                <li key={one.makingId} className="border-b border-line">
                  <Link
                    href={`/makings/${one.makingId}`}
                    className="group flex min-h-12 flex-wrap items-center gap-x-3"
                  >
                    <span
                      aria-hidden
                      className="h-5 w-5 shrink-0 rounded-full border-[1.5px] border-ink"
                      style={{ background: ownColour(one.colour) }}
                    />
                    <span className="pressable font-say text-lg font-semibold">{what}</span>
                    <span>{when}</span>
                  </Link>
                </li>
              );
            })}
          </ul>
        </section>
      )}
      <section aria-label="What shall it be?" className="mt-6">
        <h2>What shall it be?</h2>
        <ul className="mt-1 grid gap-x-12 sm:grid-cols-2 lg:grid-cols-3">
          {ways.map(({ href, name, about }) => (
            <li key={href} className="border-b border-line">
              <Link href={href} className="group block min-h-14 py-2">
                <span className="pressable font-say text-xl font-semibold">{name}</span>
                <span className="block text-quiet">{about}</span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      {past.length > 0 && (
        <section aria-label="Lately" className="mt-6">
          <h2>Lately</h2>
          <ul className="max-w-[60rem]">
            {past.map(({ id, name, question, startsAtMs, jarId }) => (
              <li key={id} className="border-b border-line py-2">
                <Link href={`/makings/${id}`} className="pressable font-semibold">
                  {name}
                </Link>{" "}
                <span className="text-quiet">
                  {dayWords(startsAtMs, timeZone, nowMs)}
                  {jarId ? "" : ", given up"}
                </span>
                <span className="block text-sm">{madeWords(question)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <p className="mt-6">
        <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
          the whole shelf
        </Link>
      </p>
    </div>
  );
}
