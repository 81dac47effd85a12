"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useState } from "react";
import type { Sharer } from "@/server/share";
import { bandWords, minuteWords, roundTo } from "@/words/amounts";
import { cautionWords } from "@/words/cautions";

interface ShareViewProps {
  readonly blendId: string;
  readonly name: string;
  readonly sharers: readonly Sharer[];
}
/** Together their errors average out, as independent ones do. */
function together(some: readonly Sharer[]) {
  const mid = some.reduce((sum, { totalG }) => sum + totalG.mid, 0);
  const apart = (of: (sharer: Sharer) => number) => Math.hypot(...some.map(of));
  return {
    low: Math.max(0, mid - apart(({ totalG }) => totalG.mid - totalG.low)),
    mid,
    high: mid + apart(({ totalG }) => totalG.high - totalG.mid),
  };
}

/** One bowl for several heads on one day: how much in all, who takes how much of it, and who may not share it. */
export function ShareView({ blendId, name, sharers }: ShareViewProps) {
  const may = ({ cautions }: Sharer) => !cautions.some(({ level }) => level === "stop");
  const [chosen, setChosen] = useState<readonly string[]>(() => sharers.filter(may).map(({ headId }) => headId));
  const some = sharers.filter(({ headId }) => chosen.includes(headId));
  const all = together(some);
  const longest = Math.max(0, ...some.map(({ leaveOnMin }) => leaveOnMin));
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <p>
        <Link href={`/blend/${blendId}`} className="pressable inline-flex min-h-11 items-center">
          {name}
        </Link>
      </p>
      <h1 className="text-sentence" aria-live="polite">
        {some.length === 0
          ? "Who shares it?"
          : `One bowl of about ${bandWords(all).both} g for ${some.map((one) => one.name).join(", ")}.`}
      </h1>
      {some.length > 1 && (
        <p className="max-w-[46rem] text-quiet">
          Mixed at once and parted before the first is begun, each into a bowl of its own: no brush goes from head to
          bowl to head. It waits for the last one, so begin within {minuteWords(Math.max(30, longest / 2))} of each
          other, and cover what waits.
        </p>
      )}
      <ul className="mt-4 grid gap-x-12 gap-y-4 md:grid-cols-2">
        {sharers.map((one) => {
          const isIn = chosen.includes(one.headId);
          return (
            <li key={one.headId} className="border-b border-line pb-3">
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="size-5 accent-(--press)"
                  checked={isIn}
                  onChange={(event) =>
                    setChosen(event.target.checked ? [...chosen, one.headId] : chosen.filter((id) => id !== one.headId))
                  }
                />
                <span className="font-say text-xl font-semibold">{one.name}</span>
                <span className="ml-auto font-semibold">{bandWords(one.totalG).both} g</span>
              </label>
              {isIn && all.mid > 0 && (
                <p className="pl-8">
                  {roundTo((100 * one.totalG.mid) / all.mid, 1)} % of the bowl, in {one.sections} sections.
                </p>
              )}
              {one.cautions.map((caution) => (
                <p key={caution.id} className={`pl-8 ${caution.level === "stop" ? "text-stop" : ""}`}>
                  {caution.level === "stop" && <strong>A bowl of their own, without that. </strong>}
                  {cautionWords(caution)}
                </p>
              ))}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
