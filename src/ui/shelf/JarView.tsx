"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { HEAPS, type Material } from "@/core/material";
import { freshness, jarDensity, jarMaterial } from "@/core/shelf";
import { pricePerG } from "@/core/stock";
import type { JarReading } from "@/server/shelf";
import type { StoredJar } from "@/store/jars";
import type { StockMove } from "@/store/stock";
import { madeWords } from "@/words/making";
import { makingHref } from "../making/makingHref";
import { gramWords, roundTo } from "@/words/amounts";
import { dabLine } from "@/words/colour/dab";
import { FAMILY_NAME, FORM_NAME } from "@/words/families";
import { ageWords, calendarDayWords, moneyWords, spoonfulWords } from "@/words/shelf";
import { figureRows } from "@/words/sources";
import { dayWords as momentWords } from "@/words/times";
import { useWrite } from "../forms/useWrite";
import { JarForm } from "./JarForm";
import { OtherForms } from "./OtherForms";
import { JarPicture } from "./JarPicture";
import { useShelf } from "./ShelfContext";
import { WeighLeft, WeighSpoon } from "./Weighings";
import { WhatTestsTaught } from "./WhatTestsTaught";
import { WhichGood } from "./WhichGood";

interface JarViewProps {
  readonly jar: StoredJar;
  readonly moves: readonly StockMove[];
  readonly readings: readonly JarReading[];
  /** Its id was split since it was put up, and nobody has said which good it is. */
  readonly unsure: boolean;
  readonly usedIn: readonly { readonly id: string; readonly name: string }[];
  readonly timeZone: string;
  readonly nowMs: number;
}

const TEN_G = 10;

/** One jar: what is left, what a spoon of it weighs, where it went. */
export function JarView({ jar, moves, readings, unsure, usedIn, timeZone, nowMs }: JarViewProps) {
  const { find, shelf, today, currency, spoons } = useShelf();
  const router = useRouter();
  const [changing, setChanging] = useState(false);
  const { trouble, write } = useWrite();
  const material = find(jar.materialId);
  if (!material) return null;
  const dye = shelf.dyes?.[jar.id];
  const age = ageWords(freshness(jar, material, today));
  const perG = pricePerG(jar);
  const remove = async () => {
    if ((await write("PUT", `jars/${jar.id}/removed`, { removed: true })).ok) {
      router.push(`/shelf?removed=${jar.id}`);
      router.refresh();
    }
  };
  const facts: (readonly [string, string | undefined])[] = [
    ["what it is", `${FAMILY_NAME[material.family].toLowerCase()}, ${FORM_NAME[material.form]}`],
    ["lot", jar.lot],
    [jar.madeHere ? "made" : "bought", jar.boughtOn && calendarDayWords(jar.boughtOn, today)],
    ["opened", jar.openedOn && calendarDayWords(jar.openedOn, today)],
    ["best before", jar.bestBefore && calendarDayWords(jar.bestBefore, today)],
    ["stands on", jar.place],
    [
      "cost",
      jar.price === undefined
        ? undefined
        : `${moneyWords(jar.price, currency)}` +
          (perG === undefined ? "" : `, ${moneyWords(perG * 100, currency)} for 100 g`),
    ],
  ];
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <p>
        <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
          the whole shelf
        </Link>
      </p>
      <h1 className="text-sentence">{material.names[0].text}</h1>
      <p className="text-lg text-quiet">
        {jar.name === material.names[0].text ? "" : `“${jar.name}”`}
        {jar.madeHere ? " made here" : ""}
      </p>
      {jar.made && (
        <p className="max-w-[44rem]">
          {madeWords(jar.made)}{" "}
          {jar.made.makingId && (
            <>
              <Link href={`/makings/${jar.made.makingId}`} className="pressable">
                How it went
              </Link>
              ;{" "}
            </>
          )}
          <Link href={makingHref(jar.made, jar.made.isRest ? undefined : jar.name)} className="pressable">
            make it again
          </Link>
          .
        </p>
      )}
      {unsure && <WhichGood jarId={jar.id} materialId={jar.materialId} />}
      <div className="mt-3 grid gap-x-12 gap-y-8 md:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
        <div>
          <div className="flex items-end gap-6">
            <JarPicture jar={jar} material={{ ...material, ...jar.made?.figures }} height={330} />
            <p className="pb-8">
              <span className={`block font-say text-figure ${jar.leftG < 0 ? "text-stop" : ""}`}>
                {gramWords(Math.abs(jar.leftG))}&nbsp;g
              </span>
              <span className="text-quiet">
                {jar.leftG < 0
                  ? "more was drawn than was in it; put it on the scale"
                  : `left of ${gramWords(jar.fullG)} g`}
              </span>
            </p>
          </div>
          <dl className="mt-4 max-w-[28rem]">
            {facts.map(
              ([what, is]) =>
                is && (
                  <div key={what} className="flex justify-between gap-4 border-b border-line py-1">
                    <dt className="text-quiet">{what}</dt>
                    <dd className="text-right font-semibold">{is}</dd>
                  </div>
                ),
            )}
          </dl>
          {age && (
            <p className="mt-3 max-w-[28rem] border-l-4 border-madder pl-3">
              {age.charAt(0).toUpperCase() + age.slice(1)}
            </p>
          )}
          {material.notToConfuse && <p className="mt-3 max-w-[28rem] text-sm">{material.notToConfuse}</p>}
          <p className="mt-3 flex flex-wrap gap-x-6">
            <button
              type="button"
              className="pressable min-h-11"
              aria-expanded={changing}
              onClick={() => setChanging(!changing)}
            >
              {changing ? "leave it as it is" : "change what is written"}
            </button>
            <Link href={`/shelf/labels?jars=${jar.id}`} className="pressable inline-flex min-h-11 items-center">
              print its label
            </Link>
            <button type="button" className="pressable min-h-11" onClick={() => void remove()}>
              take it off the shelf
            </button>
          </p>
          <p role="status" className="text-stop">
            {trouble}
          </p>
          {changing && (
            <div className="mt-3 max-w-[30rem]">
              <JarForm jar={jar} key={jar.editedRev} />
            </div>
          )}
        </div>
        <div className="flex flex-col gap-8">
          <ASpoonOfIt jar={jar} material={material} />
          <WhatTestsTaught jarId={jar.id} material={material} readings={readings} timeZone={timeZone} nowMs={nowMs} />
          {dye && (
            <section aria-label="What dabs said of its dye">
              <h2>What dabs said of its dye</h2>
              <p>{dabLine(dye)}</p>
              <p className="text-sm text-quiet">
                Its pace {roundTo(dye.pace.low, 0.05)}–{roundTo(dye.pace.high, 0.05)} of the usual, its stain{" "}
                {roundTo(dye.strength.low, 0.05)}–{roundTo(dye.strength.high, 0.05)}. The next bowl of it begins with
                that.
              </p>
            </section>
          )}
          <section aria-label="What is left">
            <h2>What is left</h2>
            <WeighLeft jar={jar} />
            <Ledger moves={moves} timeZone={timeZone} nowMs={nowMs} />
          </section>
          <OtherForms material={jarMaterial(jar, material, spoons)} massG={TEN_G} />
          {usedIn.length > 0 && (
            <section aria-label="Used in">
              <h2>Used in</h2>
              <p>
                {usedIn.map(({ id, name }, i) => (
                  <span key={id}>
                    {i > 0 && ", "}
                    <Link href={`/blend/${id}`} className="pressable">
                      {name}
                    </Link>
                  </span>
                ))}
                .
              </p>
            </section>
          )}
          <details>
            <summary className="pressable min-h-11 cursor-pointer py-2">where its numbers come from</summary>
            <dl className="max-w-[32rem] text-sm">
              {figureRows(jarMaterial(jar, material, spoons, shelf.learnt)).map(({ what, is, source }) => (
                <div key={what} className="border-b border-line py-1">
                  <div className="flex justify-between gap-3">
                    <dt>{what}</dt>
                    <dd className="text-right font-semibold">{is}</dd>
                  </div>
                  <dd className="text-quiet">{source}</dd>
                </div>
              ))}
            </dl>
          </details>
        </div>
      </div>
    </div>
  );
}

/** What a level spoon weighs: by this jar's own weighings, beside what the tables say. */
function ASpoonOfIt({ jar, material }: { jar: StoredJar; material: Material }) {
  const { spoons } = useShelf();
  const density = jarDensity(jar.weighings, spoons);
  const tables = spoonfulWords(material.bulkDensityGPerMl, "tbsp", spoons);
  return (
    <section aria-label="A level spoon of it">
      <h2>A level spoon of it</h2>
      {density ? (
        <p>
          A level tablespoon of this jar is <strong>{spoonfulWords(density, "tbsp", spoons)}</strong>,{" "}
          {density.source.name?.replace("a level spoon, ", "")}; the tables say {tables}. Every bowl that uses this jar
          is measured by its own.
        </p>
      ) : (
        <p>
          The tables say <strong>{tables}</strong> to a level tablespoon.{" "}
          {HEAPS.includes(material.form)
            ? "Powders differ by a fifth and more: weigh a few spoons of yours, and every bowl that uses this jar" +
              " is measured by them."
            : "Weigh a few spoons of it to be surer."}
        </p>
      )}
      <WeighSpoon jar={jar} />
    </section>
  );
}

const MOVE_NAME: Readonly<Record<StockMove["kind"], string>> = {
  came: "came",
  weighed: "on the scale",
  drawn: "into a bowl",
  premix: "into a mixture",
};
const SHOWN = 8;

function Ledger({ moves, timeZone, nowMs }: { moves: readonly StockMove[]; timeZone: string; nowMs: number }) {
  const [all, setAll] = useState(false);
  // One bowl's draws are one line.
  const rows: { key: string; atMs: number; what: string; href?: string; massG: number }[] = [];
  for (const move of moves) {
    const last = rows.at(-1);
    if (move.batch && last?.key === move.batch.id) {
      last.massG += move.massG;
      continue;
    }
    rows.push({
      key: move.batch?.id ?? move.id,
      atMs: move.atMs,
      massG: move.massG,
      what: move.batch?.name ?? (move.intoJar ? `into ${move.intoJar.name}` : MOVE_NAME[move.kind]),
      ...(move.batch
        ? { href: `/batches/${move.batch.id}` }
        : move.intoJar
          ? { href: `/shelf/${move.intoJar.id}` }
          : {}),
    });
  }
  return (
    <>
      <table className="mt-2 w-full max-w-[32rem] text-left">
        <caption className="sr-only">What went in and out</caption>
        <tbody>
          {(all ? rows : rows.slice(0, SHOWN)).map(({ key, atMs, what, href, massG }) => (
            <tr key={key} className="border-b border-line">
              <td className="whitespace-nowrap py-1 pr-3 text-quiet">{momentWords(atMs, timeZone, nowMs)}</td>
              <td>
                {href ? (
                  <Link href={href} className="hover:underline">
                    {what}
                  </Link>
                ) : (
                  what
                )}
              </td>
              <td className="whitespace-nowrap text-right font-semibold">
                {massG > 0 ? "+" : "−"}
                {gramWords(Math.abs(massG))} g
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length > SHOWN && !all && (
        <button type="button" className="pressable min-h-11" onClick={() => setAll(true)}>
          all {rows.length}
        </button>
      )}
    </>
  );
}
