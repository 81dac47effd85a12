import Link from "next/link";
import type { Going } from "@/core/batch";
import type { PurposeId } from "@/core/head";
import type { BlendAndBowl } from "@/server/blendBowls";
import { goingWords } from "@/words/going";
import { PURPOSE_NAME } from "@/words/names";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";
import { PutBack } from "../parts/PutBack";
import { Strip } from "../ribbon/Strip";

interface TodayProps {
  readonly going: readonly Going[];
  readonly blends: readonly BlendAndBowl[];
  readonly timeZone: string;
  readonly nowMs: number;
  readonly houseName: string;
  /** A blend that was just removed. */
  readonly gone?: { readonly id: string; readonly name: string };
}

/** What needs me now: the ribbon grown to a page, then what could be begun. */
export function TodayView({ going, blends, timeZone, nowMs, houseName, gone }: TodayProps) {
  const scaleMl = Math.max(...blends.map(({ totalMl }) => bowlFor(totalMl)), 1);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">
        {going.length === 0
          ? "Nothing is resting, soaking or on a head."
          : going.length === 1
            ? "One bowl is going."
            : `${going.length} bowls are going.`}
      </h1>
      <p className="text-quiet">{houseName}</p>
      {gone && <PutBack path={`blends/${gone.id}/removed`} then="/" words={`${gone.name} is removed.`} />}
      <section aria-label="Going on" className="mt-5">
        <ul>
          {going.map((one) => {
            const { what, when } = goingWords(one, timeZone, nowMs);
            return (
              <li key={one.batchId} className="mb-5">
                <Link href={`/batches/${one.batchId}`} className="group block">
                  <span className="flex flex-wrap items-baseline gap-x-3">
                    <span className="pressable min-w-0 max-w-full font-say text-xl font-semibold wrap-anywhere">
                      {what}
                    </span>
                    <span className="text-lg">{when}</span>
                  </span>
                  <Strip going={[one]} timeZone={timeZone} nowMs={nowMs} backH={12} aheadH={36} laneHeight={34} />
                </Link>
              </li>
            );
          })}
          {going.length === 0 && (
            <li>
              <Strip going={[]} timeZone={timeZone} nowMs={nowMs} backH={12} aheadH={36} laneHeight={34} />
            </li>
          )}
        </ul>
      </section>
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
