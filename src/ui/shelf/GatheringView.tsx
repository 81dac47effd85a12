"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { freshness } from "@/core/shelf";
import { isShort, type Gathered } from "@/core/stock";
import type { Gathering, Want } from "@/server/gathering";
import { gramWords } from "@/words/amounts";
import { ageBrief, moneyWords, shoppingWords } from "@/words/shelf";
import { bowlFor } from "../bowl/geometry";
import { SmallBowl } from "../bowl/SmallBowl";
import { Button } from "../parts/Button";
import { JarPicture } from "./JarPicture";
import { useShelf } from "./ShelfContext";
import { andWords, plural } from "@/words/lists";
import { makingHref } from "../making/makingHref";

const textOf = (wants: readonly Want[]): string =>
  wants.map(({ blendId, headId }) => (headId ? `${blendId}~${headId}` : blendId)).join(",");

/** What some bowls want against the shelf, what is to be bought, and what can be made as it is. */
export function GatheringView({ blends, heads, wants, gathered, cost }: Omit<Gathering, "shelf">) {
  const { currency } = useShelf();
  const router = useRouter();
  const go = (next: readonly Want[]) =>
    router.push(`/shelf/gathering${next.length > 0 ? `?want=${textOf(next)}` : ""}`, { scroll: false });
  const scaleMl = Math.max(...blends.map(({ totalMl }) => bowlFor(totalMl)), 1);
  const name = (id: string) => blends.find((blend) => blend.id === id)?.name ?? "a blend";
  const short = gathered.filter(isShort);
  const makeable = blends.filter(({ missing }) => missing.length === 0).length;
  const spent =
    (cost.known > 0 ? `about ${moneyWords(cost.known, currency)} of powder and the rest` : "") +
    (cost.known > 0 && cost.unpricedG >= 1 ? `, and ${gramWords(cost.unpricedG)} g whose price nobody wrote down` : "");
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <p className="no-print">
        <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
          the whole shelf
        </Link>
      </p>
      <h1 className="text-sentence">
        {wants.length === 0
          ? `Today’s shelf can make ${makeable} of ${blends.length} blends.`
          : short.length === 0
            ? "All of it is on the shelf."
            : "Short of " +
              plural(short.length, "one thing", `${short.length} things`) +
              " for " +
              plural(wants.length, "this bowl", `these ${wants.length} bowls`) +
              "."}
      </h1>
      {heads.some(({ id }) => blends.some(({ headId }) => headId === id)) && (
        <p className="no-print mt-1 flex flex-wrap items-center gap-x-4">
          One day’s heads:{" "}
          {heads.map(({ id, name: who }) => {
            const own = blends.find(({ headId }) => headId === id);
            return (
              own && (
                <button
                  key={id}
                  type="button"
                  className="pressable min-h-11"
                  onClick={() => go([...wants, { blendId: own.id, headId: id }])}
                >
                  {who}
                </button>
              )
            );
          })}
        </p>
      )}
      {wants.length > 0 && (
        <div className="mt-2 grid gap-x-16 gap-y-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
          <section aria-label="To gather">
            <ul className="no-print mb-3">
              {wants.map((want, i) => (
                <li key={`${want.blendId} ${i}`} className="flex flex-wrap items-center gap-x-3">
                  <strong>{name(want.blendId)}</strong>
                  <label className="flex items-center gap-2">
                    for{" "}
                    <select
                      aria-label={`${name(want.blendId)}: for whom`}
                      value={want.headId ?? blends.find(({ id }) => id === want.blendId)?.headId ?? ""}
                      onChange={(e) =>
                        go(wants.map((one, n) => (n === i ? { ...one, headId: e.target.value || null } : one)))
                      }
                    >
                      {heads.map(({ id, name: who }) => (
                        <option key={id} value={id}>
                          {who}
                        </option>
                      ))}
                    </select>
                  </label>
                  <button
                    type="button"
                    className="pressable min-h-11"
                    onClick={() => go(wants.filter((_, n) => n !== i))}
                  >
                    not this one
                  </button>
                </li>
              ))}
            </ul>
            <ul>
              {gathered.map((one) => (
                <Row key={one.materialId} of={one} />
              ))}
            </ul>
            {spent && <p className="mt-3">It uses {spent}.</p>}
          </section>
          {short.length > 0 && <Shopping short={short} />}
        </div>
      )}
      <section aria-label="What can be made" className="no-print mt-8">
        <h2>{wants.length === 0 ? "Use what is there" : "And what else?"}</h2>
        {blends.length === 0 && (
          <p>
            No blend is kept yet.{" "}
            <Link href="/blend" className="pressable">
              Put the first powders in a bowl
            </Link>
            .
          </p>
        )}
        <ul className="mt-3 grid grid-cols-2 items-end gap-x-6 gap-y-7 sm:grid-cols-3 lg:grid-cols-5">
          {blends.map(({ id, name: called, layers, totalMl, missing, cost: one, unpricedG }) => (
            <li key={id} className={missing.length > 0 ? "text-quiet" : ""}>
              <SmallBowl layers={layers} totalMl={totalMl} scaleMl={scaleMl} />
              <Link href={`/blend/${id}`} className="pressable mt-1 block break-words font-semibold">
                {called}
              </Link>
              <span className="block text-sm">
                {missing.length === 0 ? (
                  <span className="text-leaf">all of it is here</span>
                ) : (
                  <>short of {missing.join(", ")}</>
                )}
                {one === undefined ? "" : `; ${moneyWords(one, currency)}${unpricedG >= 1 ? " and more" : ""}`}
              </span>
              <button
                type="button"
                className="pressable min-h-11 text-sm"
                aria-label={`gather for it: ${called}`}
                onClick={() => go([...wants, { blendId: id, headId: null }])}
              >
                gather for it
              </button>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function Row({ of: { materialId, needG, haveG, shortG, tight, fresh, from, make } }: { of: Gathered }) {
  const {
    find,
    shelf: { jars },
    today,
  } = useShelf();
  const material = find(materialId);
  if (!material) return null;
  const taken = from.flatMap(({ jarId, massG }) => {
    const jar = jars.find(({ id }) => id === jarId);
    return jar ? [{ jar, massG }] : [];
  });
  const really = isShort({ shortG, needG });
  return (
    <li className="grid grid-cols-[3rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-line py-1.5">
      <JarPicture
        jar={{ leftG: fresh ? needG.mid : Math.min(haveG, needG.mid), fullG: needG.mid }}
        material={material}
        height={46}
      />
      <div>
        <p className="font-semibold">{material.names[0].text}</p>
        <p className="text-sm text-quiet">
          {taken.map(({ jar, massG }, i) => {
            const age = ageBrief(freshness(jar, material, today));
            return (
              <span key={jar.id}>
                {i > 0 && "; "}
                <Link href={`/shelf/${jar.id}`} className="hover:underline">
                  {gramWords(massG)} g of {jar.name}
                </Link>
                {age && <span className="text-madder"> ({age})</span>}
              </span>
            );
          })}
          {make ? (
            <>
              {taken.length > 0 && "; "}
              <Link href={makingHref(make)} className="pressable">
                make {gramWords(make.ml)} ml of it
              </Link>{" "}
              from{" "}
              {andWords(
                make.things.map(
                  ({ materialId: id, massG }) => `${gramWords(massG)} g ${find(id)?.names[0].text ?? id}`,
                ),
              )}
            </>
          ) : (
            taken.length === 0 && (fresh ? "brewed or poured fresh" : "none on the shelf")
          )}
        </p>
      </div>
      <p className="text-right">
        <strong>{gramWords(needG.mid)} g</strong>
        <span className={`block text-sm ${really ? "text-stop" : tight ? "text-madder" : "text-quiet"}`}>
          {really ? `${gramWords(shortG)} g short` : fresh ? "" : tight ? "just enough" : "enough"}
        </span>
      </p>
    </li>
  );
}

/** What is to be bought, to print or to copy. */
function Shopping({ short }: { short: readonly Gathered[] }) {
  const { find } = useShelf();
  const [said, setSaid] = useState("");
  const lines = short.map((one) => shoppingWords(one, find));
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(lines.join("\n"));
      setSaid("Copied.");
    } catch {
      setSaid("This browser does not let a page copy here; mark the lines instead.");
    }
  };
  return (
    <section aria-label="To buy" className="h-fit border-[1.5px] border-ink bg-ware p-4">
      <h2>To buy</h2>
      <ul className="mt-1 select-text">
        {lines.map((line) => (
          <li key={line} className="border-b border-line py-1">
            {line}
          </li>
        ))}
      </ul>
      <p className="no-print mt-3 flex flex-wrap gap-3">
        <Button onClick={() => window.print()}>Print</Button>
        <Button onClick={() => void copy()}>Copy</Button>
        <span role="status" className="self-center">
          {said}
        </span>
      </p>
    </section>
  );
}
