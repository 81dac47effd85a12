"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useDeferredValue, useMemo, useState } from "react";
import { METHODS } from "@/core/making";
import type { Material } from "@/core/material";
import type { AtHand } from "@/server/commonest";
import { gramWords } from "@/words/amounts";
import { andWords } from "@/words/lists";
import { METHOD_WORDS, noteWords } from "@/words/making";
import { problemWords } from "@/words/problems";
import { OfferedDraft } from "../forms/OfferedDraft";
import { useDraft } from "../forms/useDraft";
import { Heap } from "../parts/Heap";
import { useLastGood } from "../parts/useLastGood";
import { useShelf } from "../shelf/ShelfContext";
import { freshMaking, ingredientsOf, isDraftMaking, settingsOf, type DraftThing } from "./draft";
import { MakingSentence } from "./MakingSentence";
import { MakingSteps } from "./MakingSteps";
import { OtherWays } from "./OtherWays";
import { PICTURES } from "./pictures";
import { PutItUp } from "./PutItUp";
import { WhatComes } from "./WhatComes";

interface MakingViewProps {
  readonly kitchenTempC: number;
  /** What most makers begin with. */
  readonly atHand: readonly AtHand[];
}

/** How much of a thing to begin with. */
const FIRST: Omit<DraftThing, "materialId"> = { text: "10", unit: "g", fill: "level" };

/** Something made before the bowl: what it asks in one sentence, and everything that follows while one types. */
export function MakingView({ kitchenTempC, atHand }: MakingViewProps) {
  const method = METHODS[0];
  const words = METHOD_WORDS[method.id];
  const { find, shelf, spoons } = useShelf();
  const [draft, setDraft] = useState(() => freshMaking(method));
  const kept = useDraft(`making:${method.id}`, draft, isDraftMaking, draft.things.length > 0, 0);
  // The keys come first; it is worked out when there is time.
  const soon = useDeferredValue(draft);
  const settings = useMemo(() => settingsOf(method, soon), [method, soon]);
  const things = useMemo(() => ingredientsOf(soon, find, shelf, spoons), [soon, find, shelf, spoons]);
  const result = useMemo(() => method.make(things, settings, kitchenTempC), [method, things, settings, kitchenTempC]);
  const shown = useLastGood(
    useMemo(() => (result.ok ? { made: result.value, settings } : undefined), [result, settings]),
  );
  const problems = result.ok ? [] : result.problems;
  const problemAt = (field: string) => {
    const found = problems.find((problem) => problem.field === field || problem.field.startsWith(`${field}.`));
    return found && problemWords(found);
  };
  const set = (change: Readonly<Record<string, string | boolean>>) =>
    setDraft((now) => ({ ...now, settings: { ...now.settings, ...change } }));
  const add = ({ id }: Pick<Material, "id">) =>
    setDraft((now) =>
      now.things.some(({ materialId }) => materialId === id)
        ? now
        : { ...now, things: [...now.things, { materialId: id, ...FIRST }] },
    );
  const names = things.map(({ material }) => material.names[0].text);
  const thingsWords =
    things.length === 0
      ? "nothing yet"
      : andWords(things.map(({ massG }, i) => (massG > 0 ? `${gramWords(massG)} g ${names[i]}` : names[i])));
  const Picture = PICTURES[method.id];
  const empty = draft.things.length === 0;

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="sr-only">Make {words.name}</h1>
      {empty && kept.offered && (
        <p role="status" className="mb-2 border-l-4 border-madder pl-3">
          You were making {words.name} here and had not put it up.{" "}
          <OfferedDraft
            draft={kept}
            onTake={(then) => setDraft({ ...then, settings: { ...freshMaking(method).settings, ...then.settings } })}
          />
        </p>
      )}
      <MakingSentence
        method={method}
        words={words}
        pieces={words.sentence(thingsWords, settings, shown?.made)}
        draft={draft}
        settings={settings}
        problemAt={problemAt}
        onSet={(id, value) => set({ [id]: value })}
        onAdd={add}
        onThings={(changed) => setDraft((now) => ({ ...now, things: changed }))}
      />
      {empty ? (
        <section aria-label="What goes into the pot?" className="mt-4">
          <h2>What goes into the pot?</h2>
          <ul className="mt-1 grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-5 lg:grid-cols-7">
            {atHand.map(({ id, name, colour }) => (
              <li key={id}>
                <Heap name={name} colour={colour} onPress={() => add({ id })} />
              </li>
            ))}
          </ul>
          <p className="mt-2 text-quiet">Anything else is found by name under “nothing yet” above.</p>
        </section>
      ) : (
        problems.length > 0 && (
          <p className="mt-3 text-lg text-stop" role="alert">
            {problemWords(problems[0])}
          </p>
        )
      )}
      {shown && !empty && (
        <div className="mt-4 grid gap-x-12 gap-y-5 lg:grid-cols-[minmax(0,1fr)_24rem] lg:grid-rows-[auto_1fr]">
          <div className={result.ok ? "" : "opacity-40"}>
            <Picture {...shown} potColour={things[0]?.material.colour ?? [0.6, 0.05, 110]} />
          </div>
          <div className="flex flex-col gap-4 lg:row-span-2 lg:gap-8">
            <WhatComes made={shown.made} names={names} words={words} />
            {result.ok && (
              <PutItUp
                method={method}
                things={things}
                settings={settings}
                made={result.value}
                called={result.value.isInTables ? result.value.material.names[0].text : words.product(names)}
                onDone={kept.clear}
              />
            )}
            <OtherWays
              made={shown.made}
              words={words}
              way={String(shown.settings.way)}
              onChoose={(way) => set({ way, minutes: "" })}
            />
            <section aria-label="Mind">
              <ul className="max-w-[26rem] space-y-1">
                {shown.made.notes.map((note) => (
                  <li key={note.code}>{noteWords(note)}</li>
                ))}
              </ul>
            </section>
          </div>
          <MakingSteps {...shown} words={words} things={thingsWords} />
        </div>
      )}
      <p className="mt-6">
        <Link href="/shelf" className="pressable inline-flex min-h-11 items-center">
          the whole shelf
        </Link>
      </p>
    </div>
  );
}
