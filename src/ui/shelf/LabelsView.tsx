"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useState } from "react";
import { bestUsedBy, type Jar } from "@/core/shelf";
import type { StoredThing } from "@/store/ownThings";
import { gramWords } from "@/words/amounts";
import { calendarDayWords } from "@/words/shelf";
import { QrCode } from "../house/QrCode";
import { Button } from "../parts/Button";
import { useShelf } from "./ShelfContext";
import { plural } from "@/words/lists";

/** Labels on a sheet: what it is, what is in it, made or opened, use by, and a picture that opens the jar's page. */
export function LabelsView({
  chosen: first,
  things,
  origin,
}: {
  chosen: readonly string[];
  things: readonly StoredThing[];
  origin: string | undefined;
}) {
  const {
    shelf: { jars },
    find,
  } = useShelf();
  const [chosen, setChosen] = useState<readonly string[]>(
    first.length > 0 ? first : jars.slice(0, 8).map(({ id }) => id),
  );
  const [copies, setCopies] = useState(1);
  const toggle = (id: string) =>
    setChosen((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id]));
  const picked = chosen.flatMap((id) => jars.find((jar) => jar.id === id) ?? []);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10 print:max-w-none print:p-0">
      <div className="no-print">
        <p>
          <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
            the whole shelf
          </Link>
        </p>
        <h1 className="text-sentence">Labels for {plural(picked.length, "one jar", `${picked.length} jars`)}</h1>
        <fieldset className="mt-2 flex min-w-0 flex-wrap gap-x-5">
          <legend className="sr-only">Which jars</legend>
          {jars.map((jar) => (
            <label key={jar.id} className="flex min-h-11 min-w-0 items-center gap-2 wrap-anywhere">
              <input
                type="checkbox"
                className="min-h-5 min-w-5"
                checked={chosen.includes(jar.id)}
                onChange={() => toggle(jar.id)}
              />
              {find(jar.materialId)?.names[0].text}
            </label>
          ))}
        </fieldset>
        <p className="flex flex-wrap items-center gap-4">
          <label className="flex items-center gap-2">
            <span className="text-sm font-semibold">Of each</span>
            <select value={copies} onChange={(e) => setCopies(Number(e.target.value))}>
              {[1, 2, 4, 8].map((n) => (
                <option key={n}>{n}</option>
              ))}
            </select>
          </label>
          <Button look="main" disabled={picked.length === 0} onClick={() => window.print()}>
            Print the sheet
          </Button>
        </p>
        {origin ? (
          <p className="text-quiet">
            The picture on each opens the jar’s page at {origin}, which phones on the house’s network reach.
          </p>
        ) : (
          <p>
            There is no picture on them yet: no phone reaches this house.{" "}
            <Link href="/house" className="pressable">
              Lock it and let it answer on the network
            </Link>
            , start it again, and print the labels then.
          </p>
        )}
      </div>
      <ul className="mt-5 grid grid-cols-1 gap-0 sm:grid-cols-2 lg:grid-cols-3 print:mt-0 print:grid-cols-2">
        {picked.flatMap((jar) =>
          Array.from({ length: copies }, (_, i) => (
            <Label
              key={`${jar.id} ${i}`}
              jar={jar}
              thing={things.find(({ id }) => id === jar.materialId)}
              origin={origin}
            />
          )),
        )}
      </ul>
    </div>
  );
}

function Label({ jar, thing, origin }: { jar: Jar; thing: StoredThing | undefined; origin: string | undefined }) {
  const { find, today } = useShelf();
  const material = find(jar.materialId);
  if (!material) return null;
  const name = (id: string) => find(id)?.names[0].text ?? id;
  const inIt =
    thing?.kind === "mixture"
      ? thing.parts
          .map(
            ({ materialId, share }) =>
              `${name(materialId)}${share === undefined ? "" : ` ${Math.round(share * 100)} %`}`,
          )
          .join(", ")
      : [material.names.find(({ language }) => language === "la")?.text, material.inci].filter(Boolean).join(" · ");
  const useBy = bestUsedBy(jar, material);
  return (
    <li className="flex min-w-0 break-inside-avoid items-center gap-3 border border-dashed border-quiet bg-ware p-3">
      <div className="min-w-0 flex-1">
        <p className="font-say text-xl font-semibold leading-tight break-words">{material.names[0].text}</p>
        {jar.name !== material.names[0].text && <p className="text-sm leading-tight break-words">{jar.name}</p>}
        {inIt && <p className="mt-1 text-sm leading-tight break-words">{inIt}</p>}
        <p className="mt-1 text-sm leading-tight">
          {jar.boughtOn && (
            <>
              {jar.madeHere ? "made" : "bought"} {calendarDayWords(jar.boughtOn, today)}
              <br />
            </>
          )}
          {jar.openedOn && !jar.madeHere && (
            <>
              opened {calendarDayWords(jar.openedOn, today)}
              <br />
            </>
          )}
          {useBy && (
            <strong>
              {jar.bestBefore ? "use by" : "best by about"} {calendarDayWords(useBy, today)}
            </strong>
          )}
        </p>
        <p className="text-sm text-quiet">
          {gramWords(jar.fullG)} g{jar.lot ? ` · lot ${jar.lot}` : ""}
        </p>
      </div>
      {origin && (
        <div className="w-24 shrink-0 [&>*]:h-24 [&>*]:w-24">
          <QrCode text={`${origin}/shelf/${jar.id}`} label={`opens the page of ${material.names[0].text}`} />
        </div>
      )}
    </li>
  );
}
