"use client";
import Link from "next/link";
import { useState, useSyncExternalStore } from "react";
import { search } from "@/core/search";
import { freshness, jarDensity, type Jar } from "@/core/shelf";
import { spoonMl } from "@/core/measure";
import type { AtHand } from "@/server/commonest";
import type { StoredThing } from "@/store/ownThings";
import { gramWords } from "@/words/amounts";
import { ageBrief, leftWords } from "@/words/shelf";
import { Heap } from "../parts/Heap";
import { PutBack } from "../parts/PutBack";
import { CsvFile } from "./CsvFile";
import { JarPicture } from "./JarPicture";
import { OwnThings } from "./OwnThings";
import { useShelf } from "./ShelfContext";
import { useEverything } from "./useEverything";
import { andWords, counted } from "@/words/lists";

const NO_PLACE = "somewhere in the house";
const FIRST_SENT = 60;
const nothingChanges = () => () => undefined;
/** A jar with less than this share left is nearly out. */
const NEARLY_OUT = 0.12;

/** What has this house got, how does it behave, and is it still good: the boards with their jars. */
export function ShelfView({
  things,
  atHand,
  gone,
}: {
  things: readonly StoredThing[];
  /** What most makers have: where the shelf is empty, it begins with them. */
  atHand: readonly AtHand[];
  gone?: { readonly id: string; readonly name: string };
}) {
  const {
    shelf: { jars },
    find,
    today,
  } = useShelf();
  const { index } = useEverything();
  const [text, setText] = useState("");
  const hits = text.trim() ? new Set(search(index(), text, 60).map(({ id }) => id)) : undefined;
  const shown = jars.filter((jar) => !hits || hits.has(jar.materialId));
  // A shelf of hundreds is sent with its first boards; the others are drawn where it is looked at.
  const inBrowser = useSyncExternalStore(
    nothingChanges,
    () => true,
    () => false,
  );
  const sent = inBrowser ? shown : shown.slice(0, FIRST_SENT);
  const places = [...new Set(shown.map((jar) => jar.place ?? NO_PLACE))];
  const nameOf = (jar: Jar) => find(jar.materialId)?.names[0].text ?? "";
  const known = jars.flatMap((jar) => {
    const material = find(jar.materialId);
    return material ? [{ jar, material, age: freshness(jar, material, today) }] : [];
  });
  const past = known.filter(({ age, jar }) => age.state === "past" && jar.leftG > 0);
  const out = known.filter(({ jar }) => jar.leftG < NEARLY_OUT * jar.fullG);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence font-say font-medium">
        {jars.length === 0
          ? "The shelf is empty."
          : summary(
              jars.length,
              places.length,
              past.map(({ material }) => material.names[0].text),
              out.map(({ material }) => material.names[0].text),
            )}
      </h1>
      <p className="mt-1 flex flex-wrap items-center gap-x-6">
        <Link href="/shelf/new" className="pressable flex min-h-11 items-center">
          put a jar on the shelf
        </Link>
        <Link href="/shelf/mix" className="pressable flex min-h-11 items-center">
          something of your own
        </Link>
        <Link href="/making" className="pressable flex min-h-11 items-center">
          make something
        </Link>
        <Link href="/shelf/gathering" className="pressable flex min-h-11 items-center">
          what is short?
        </Link>
        {jars.length > 0 && (
          <Link href="/shelf/labels" className="pressable flex min-h-11 items-center">
            print labels
          </Link>
        )}
        {jars.length > 6 && (
          <label className="flex items-center gap-2">
            <span className="text-sm font-semibold">Look for</span>
            <input
              type="search"
              className="w-44"
              value={text}
              onChange={(e) => setText(e.target.value)}
              placeholder="slip, methi, scalp …"
            />
          </label>
        )}
      </p>
      {gone && <PutBack path={`jars/${gone.id}/removed`} then="/shelf" words={`${gone.name} is off the shelf.`} />}
      {jars.length === 0 && (
        <>
          <p className="mt-3 max-w-[44rem]">
            A jar is one bag, bottle or tub. Put the first one up: what it is, and what it weighs. Then weigh a level
            spoon of it, and every amount that uses it is your own jar’s, not a table’s.
          </p>
          <ul
            aria-label="Which is the first?"
            className="mt-4 grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-5 lg:grid-cols-10"
          >
            {atHand.map(({ id, name, colour }) => (
              <li key={id}>
                <Heap name={name} colour={colour} href={`/shelf/new?of=${id}`} />
              </li>
            ))}
          </ul>
        </>
      )}
      {places.map((place) => (
        <section key={place} aria-label={place} className="mt-5">
          <h2 className="text-base text-quiet">{place}</h2>
          <ul className="grid grid-cols-3 overflow-x-clip sm:grid-cols-5 lg:grid-cols-8">
            {sent
              .filter((jar) => (jar.place ?? NO_PLACE) === place)
              .sort((a, b) => nameOf(a).localeCompare(nameOf(b)))
              .map((jar) => (
                <OnBoard key={jar.id} jar={jar} />
              ))}
          </ul>
        </section>
      ))}
      {hits && shown.length === 0 && <p className="mt-4 text-quiet">No jar is called that or used for that.</p>}
      <div className="mt-10 grid gap-x-16 gap-y-8 md:grid-cols-2">
        <OwnThings things={things} />
        <CsvFile />
      </div>
    </div>
  );
}

function summary(count: number, places: number, past: readonly string[], out: readonly string[]): string {
  const list = (names: readonly string[]) =>
    andWords(names.length > 2 ? [...names.slice(0, 2), `${names.length - 2} more`] : names);
  const said = [`${counted(count, "jar", "jars")}${places > 1 ? ` in ${places} places` : ""}.`];
  if (past.length > 0) said.push(`Try before use: ${list(past)}.`);
  if (out.length > 0) said.push(`Nearly out: ${list(out)}.`);
  return said.join(" ");
}

function OnBoard({ jar }: { jar: Jar }) {
  const { find, spoons, today } = useShelf();
  const material = find(jar.materialId);
  if (!material) return null;
  const age = ageBrief(freshness(jar, material, today));
  const density = jarDensity(jar.weighings, spoons);
  return (
    <li className="group/jar flex flex-col">
      <Link href={`/shelf/${jar.id}`} className="group flex flex-1 flex-col">
        <span
          className={
            "flex h-[6.6rem] items-end justify-center relative border-b-[5px] border-ink px-1" +
            " group-last/jar:after:absolute group-last/jar:after:-bottom-[5px] group-last/jar:after:left-full" +
            " group-last/jar:after:h-[5px] group-last/jar:after:w-screen group-last/jar:after:bg-ink"
          }
        >
          <JarPicture jar={jar} material={material} height={104} toScale />
        </span>
        <span className="px-1 pb-3 pt-1 text-center leading-tight">
          <span className="block break-words font-semibold group-hover:underline">{material.names[0].text}</span>
          <span className={`block text-sm ${jar.leftG < 0 ? "text-stop" : ""}`}>{leftWords(jar)}</span>
          {density && (
            <span className="block text-sm text-leaf">
              {gramWords(density.value * spoonMl(spoons).tbsp)} g a tbsp, weighed
            </span>
          )}
          {age && <span className="block text-sm text-madder">{age}</span>}
        </span>
      </Link>
    </li>
  );
}
