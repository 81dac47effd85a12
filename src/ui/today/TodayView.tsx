import Link from "next/link";
import type { PurposeId } from "@/core/head";
import type { BlendAndBowl } from "@/server/blendBowls";
import type { SoonGone } from "@/server/soonGone";
import { gramWords } from "@/words/amounts";
import { calendarDayWords } from "@/words/shelf";
import { PURPOSE_NAME } from "@/words/names";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";
import { PutBack } from "../parts/PutBack";
import type { OnRibbon } from "../ribbon/onRibbon";
import { Strip } from "../ribbon/Strip";

interface TodayProps {
  readonly going: readonly OnRibbon[];
  readonly blends: readonly BlendAndBowl[];
  /** What was made and is gone soon. */
  readonly soonGone: readonly SoonGone[];
  readonly timeZone: string;
  readonly nowMs: number;
  readonly houseName: string;
  /** ISO day in the household's zone. */
  readonly today: string;
  /** A blend that was just removed. */
  readonly gone?: { readonly id: string; readonly name: string };
}

/** What needs me now: the ribbon grown to a page, then what could be begun. */
export function TodayView({ going, blends, soonGone, timeZone, nowMs, houseName, today, gone }: TodayProps) {
  const scaleMl = Math.max(...blends.map(({ totalMl }) => bowlFor(totalMl)), 1);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">
        {going.length === 0
          ? "Nothing is resting, soaking or on a head."
          : going.length === 1
            ? "One thing is going."
            : `${going.length} things are going.`}
      </h1>
      <p className="text-quiet">{houseName}</p>
      {gone && <PutBack path={`blends/${gone.id}/removed`} then="/" words={`${gone.name} is removed.`} />}
      <section aria-label="Going on" className="mt-5">
        <ul>
          {going.map(({ href, what, when, lane }) => (
            <li key={href} className="mb-5">
              <Link href={href} className="group block">
                <span className="flex flex-wrap items-baseline gap-x-3">
                  <span className="pressable min-w-0 max-w-full font-say text-xl font-semibold wrap-anywhere">
                    {what}
                  </span>
                  <span className="text-lg">{when}</span>
                </span>
                <Strip lanes={[lane]} timeZone={timeZone} nowMs={nowMs} backH={12} aheadH={36} laneHeight={34} />
              </Link>
            </li>
          ))}
          {going.length === 0 && (
            <li>
              <Strip lanes={[]} timeZone={timeZone} nowMs={nowMs} backH={12} aheadH={36} laneHeight={34} />
            </li>
          )}
        </ul>
      </section>
      {soonGone.length > 0 && (
        <section aria-label="Use up" className="mt-8">
          <h2>Use up</h2>
          <ul className="max-w-[52rem]">
            {soonGone.map(({ jarId, name, leftG, bestBefore, as }) => (
              <li key={jarId} className="border-b border-line py-1">
                <Link href={`/shelf/${jarId}`} className="pressable inline-flex min-h-11 items-center font-semibold">
                  {name}
                </Link>
                , {gramWords(leftG)} g, by {calendarDayWords(bestBefore, today)}: {as}.
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-label="Begin a bowl" className="mt-8">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h2>Begin a bowl</h2>
          <Link href="/blend" className="pressable flex min-h-11 items-center">
            a new blend
          </Link>
        </div>
        {blends.length === 0 && (
          <p className="mt-2">
            No blend is kept yet.{" "}
            <Link href="/blend" className="pressable">
              Put the first powders in a bowl
            </Link>
            .
          </p>
        )}
        <ul className="mt-3 grid grid-cols-2 items-end gap-x-6 gap-y-7 sm:grid-cols-3 lg:grid-cols-5">
          {blends.map((blend) => (
            <li key={blend.id}>
              <Link href={`/blend/${blend.id}`} className="group block">
                <SmallBowl layers={blend.layers} totalMl={blend.totalMl} scaleMl={scaleMl} />
                <span className="pressable mt-1 block break-words font-semibold">{blend.name}</span>
                <span className="block text-sm text-quiet">
                  {PURPOSE_NAME[blend.purpose as PurposeId]}
                  {blend.headName ? ` for ${blend.headName}` : ""}, about {blend.totalG}&nbsp;g
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
