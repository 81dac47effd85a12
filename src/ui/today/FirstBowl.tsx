"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { PONYTAIL_CM, STRAND_COUNTS, type Landmark, type StrandCount } from "@/core/head";
import type { Material } from "@/core/material";
import { STRAND_COUNT_NAME } from "@/words/names";
import type { AtHand } from "@/server/commonest";
import { send } from "../api";
import { AddThing } from "../blend/AddThing";
import { Lengths } from "../heads/Lengths";
import { Heap } from "../parts/Heap";
import { StartingPages, type StartingPage } from "../parts/StartingPages";
import { TILE } from "../parts/tile";
import { theirSettings } from "./theirSettings";

interface FirstBowlProps {
  readonly heaps: readonly AtHand[];
  readonly starts: readonly StartingPage[];
  /** Nobody has said where the house is yet: the browser knows. */
  readonly unset: boolean;
}

/** A ponytail across, in picture units a cm. */
const CM = 15;

/** An empty house: what is at hand, whose hair, and it stands in a bowl. Nothing else is asked before. */
export function FirstBowl({ heaps, starts, unset }: FirstBowlProps) {
  const router = useRouter();
  const [powders, setPowders] = useState<readonly string[]>([]);
  const [others, setOthers] = useState<readonly AtHand[]>([]);
  const [longest, setLongest] = useState<Landmark>();
  const [hair, setHair] = useState<StrandCount>();
  const asked = useRef(false);
  useEffect(() => {
    if (!unset || asked.current) return;
    asked.current = true;
    void theirSettings()
      .then((settings) => send("PUT", "settings", settings))
      .then((answer) => answer.ok && router.refresh());
  }, [unset, router]);
  const toggle = (id: string) =>
    setPowders((now) => (now.includes(id) ? now.filter((one) => one !== id) : [...now, id]));
  /** Found by name: it stands with the others, pressed. */
  const addOther = ({ id, names, colour }: Material) => {
    if (![...heaps, ...others].some((one) => one.id === id))
      setOthers([...others, { id, name: names[0].text, colour }]);
    setPowders((now) => (now.includes(id) ? now : [...now, id]));
  };
  const query = new URLSearchParams({
    of: powders.join("."),
    ...(longest ? { longest } : {}),
    ...(hair ? { hair } : {}),
  });
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">What have you got at hand?</h1>
      <p className="max-w-[44rem] text-quiet">
        Press the powders, say whose hair it is for, and the bowl is there with its amounts. Nothing is kept yet.
      </p>
      <ul aria-label="Powders" className="mt-4 grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-5 lg:grid-cols-10">
        {[...heaps, ...others].map(({ id, name, colour }) => (
          <li key={id}>
            <Heap name={name} colour={colour} pressed={powders.includes(id)} onPress={() => toggle(id)} />
          </li>
        ))}
      </ul>
      <AddThing press="something else: search for it" already={powders} onAdd={addOther} />
      <div className="mt-3 grid gap-x-10 gap-y-4 lg:grid-cols-[3fr_2fr]">
        <section aria-label="How long is the hair?">
          <h2>How long is the hair?</h2>
          <Lengths chosen={longest} onChoose={setLongest} />
        </section>
        <section aria-label="How thick is a ponytail of it?">
          <h2>How thick is a ponytail of it?</h2>
          <ul className="grid grid-cols-3 gap-x-2">
            {STRAND_COUNTS.map((count) => (
              <li key={count}>
                <button
                  type="button"
                  aria-pressed={hair === count}
                  onClick={() => setHair(count)}
                  className={`flex flex-col items-center pb-1 ${TILE}`}
                >
                  <svg viewBox="-28 -28 56 56" className="h-20 w-20" aria-hidden>
                    <circle
                      r={(PONYTAIL_CM[count].value / Math.PI / 2) * CM}
                      className="fill-sunk stroke-ink stroke-[1.5]"
                    />
                  </svg>
                  {STRAND_COUNT_NAME[count]}
                  <span className="text-sm text-quiet">{PONYTAIL_CM[count].value} cm round</span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      </div>
      <p
        className={`mt-4 py-2 ${powders.length > 0 ? "sticky bottom-28 bg-ground md:bottom-20" : ""}`}
        aria-live="polite"
      >
        {powders.length === 0 ? (
          <span className="text-quiet">Press at least one powder.</span>
        ) : (
          <Link
            href={`/blend?${query}`}
            className={
              "inline-block min-h-11 rounded-[3px] bg-press px-5 py-2.5 font-semibold text-on-press" +
              " underline-offset-4 hover:underline"
            }
          >
            See the bowl
          </Link>
        )}
      </p>
      <section aria-label="Or a page to write on" className="mt-8">
        <h2>Or a page to write on</h2>
        <StartingPages starts={starts} />
      </section>
    </div>
  );
}
