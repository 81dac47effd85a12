"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { Z95 } from "@/core/figure";
import { tablesSay } from "@/core/readings";
import type { Material } from "@/core/material";
import type { JarReading } from "@/server/shelf";
import { measuredWords, readingWords } from "@/words/events";
import { givePercent, knownWords, notLearntWords, taughtWords } from "@/words/learn";
import { dayWords } from "@/words/times";
import { useWrite } from "../forms/useWrite";

interface WhatTestsTaughtProps {
  readonly jarId: string;
  readonly material: Material;
  /** Newest first. */
  readonly readings: readonly JarReading[];
  readonly timeZone: string;
  readonly nowMs: number;
}

const WIDE = { width: 320, row: 18, reach: 0.45 };

/** What ring and plate taught of this jar: the band of what it holds, narrowing from test to test. */
export function WhatTestsTaught({ jarId, material, readings, timeZone, nowMs }: WhatTestsTaughtProps) {
  const router = useRouter();
  const { trouble, write } = useWrite();
  if (material.holding.kind !== "perGram") return null;
  const count = async (id: string, withdrawn: boolean) => {
    if ((await write("PUT", `readings/${id}/withdrawn`, { withdrawn })).ok) router.refresh();
  };
  const taught = readings
    .flatMap(({ outcome }) => (outcome.learnt ? outcome.taught.filter((one) => one.jarId === jarId) : []))
    .reverse();
  const prior = taught[0]?.before ?? { factor: 1, sd: tablesSay(material)?.sd ?? 0 };
  const last = taught.at(-1)?.after;
  return (
    <section aria-label="What tests taught">
      <h2>What tests taught</h2>
      {last ? (
        <p>
          By {taught.length} {taught.length === 1 ? "test" : "tests"} this jar {knownWords(last)}. Every bowl that uses
          it is solved so.
        </p>
      ) : (
        <p>
          Nothing yet: bowls go by the tables, give or take {givePercent(prior.sd)} %. One test on a plate narrows that
          to about half.
        </p>
      )}
      {last && <Narrowing bands={[prior, ...taught.map(({ after }) => after)]} />}
      <ul className="mt-2 max-w-[34rem]">
        {readings.map(({ id, takenMs, bowl, powder, outcome, withdrawn }) => {
          const own = outcome.learnt ? outcome.taught.find((one) => one.jarId === jarId) : undefined;
          return (
            <li key={id} className="border-b border-line py-1.5">
              <p className={withdrawn ? "text-quiet" : ""}>
                {dayWords(takenMs, timeZone, nowMs)}:{" "}
                {bowl ? (
                  <>
                    <Link href={`/batches/${bowl.batchId}`} className="hover:underline">
                      {bowl.name}
                    </Link>
                    , {readingWords(bowl.reading)}
                  </>
                ) : powder ? (
                  `${measuredWords(powder.test)} in ${powder.test.waterMl} ml of water, ` +
                  `${readingWords(powder.test.reading)}`
                ) : (
                  ""
                )}
              </p>
              <p className="text-sm text-quiet">
                {outcome.learnt ? (own ? taughtWords(own.before, own.after) : "") : notLearntWords(outcome.why)}{" "}
                <button type="button" className="pressable min-h-8" onClick={() => void count(id, !withdrawn)}>
                  {withdrawn ? "let it count again" : "do not learn from it"}
                </button>
              </p>
            </li>
          );
        })}
      </ul>
      <p role="status" className="text-stop">
        {trouble}
      </p>
      <p>
        <Link href={`/measure?jar=${jarId}`} className="pressable inline-flex min-h-11 items-center">
          test this powder
        </Link>
      </p>
    </section>
  );
}

/** Bands of what it holds against the tables, one below the other: before any test, after the first, the second … */
function Narrowing({ bands }: { bands: readonly { readonly factor: number; readonly sd: number }[] }) {
  const shown = bands.length > 7 ? [bands[0], ...bands.slice(-6)] : bands;
  const x = (ln: number) =>
    WIDE.width / 2 + (Math.max(-WIDE.reach, Math.min(WIDE.reach, ln)) / WIDE.reach) * (WIDE.width / 2 - 10);
  const height = shown.length * WIDE.row + 22;
  return (
    <svg
      viewBox={`0 0 ${WIDE.width} ${height}`}
      role="img"
      aria-label={`What it holds, from test to test: ${shown.map((one) => knownWords(one)).join("; ")}.`}
      className="mt-1 block w-full max-w-[26rem]"
    >
      <path d={`M${WIDE.width / 2} 0V${height - 18}`} className="stroke-line" strokeWidth="1.5" />
      {shown.map(({ factor, sd }, i) => {
        const [low, mid, high] = [-Z95, 0, Z95].map((z) => x(Math.log(factor) + z * sd));
        const y = i * WIDE.row + 9;
        return (
          <g key={i}>
            <path
              d={`M${low} ${y}H${high}`}
              className={i === shown.length - 1 ? "stroke-madder" : "stroke-madder-fill"}
              strokeWidth={i === shown.length - 1 ? 9 : 6}
              opacity={i === shown.length - 1 ? 1 : 0.55}
            />
            <path d={`M${mid} ${y - 6}v12`} className="stroke-ink" strokeWidth="2" />
          </g>
        );
      })}
      <text x={WIDE.width / 2} y={height - 4} textAnchor="middle" className="fill-quiet text-[12px]">
        the tables
      </text>
      <text x={10} y={height - 4} className="fill-quiet text-[12px]">
        holds less
      </text>
      <text x={WIDE.width - 10} y={height - 4} textAnchor="end" className="fill-quiet text-[12px]">
        holds more
      </text>
    </svg>
  );
}
