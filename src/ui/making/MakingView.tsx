"use client";
import "@/core/catalogue";
import { useDeferredValue, useMemo, useState } from "react";
import { METHODS } from "@/core/making";
import type { Material } from "@/core/material";
import { jarFor } from "@/core/shelf";
import type { AtHand } from "@/server/commonest";
import { gramWords } from "@/words/amounts";
import { andWords } from "@/words/lists";
import { METHOD_WORDS, productName } from "@/words/making";
import { problemWords } from "@/words/problems";
import { OfferedDraft } from "../forms/OfferedDraft";
import { useDraft } from "../forms/useDraft";
import { Heap } from "../parts/Heap";
import { useLastGood } from "../parts/useLastGood";
import { useShelf } from "../shelf/ShelfContext";
import { freshMaking, ingredientsOf, isDraftMaking, isStillOf, settingsOf, withThing, type Begins } from "./draft";
import { AllMakings } from "./AllMakings";
import { BeginIt } from "./BeginIt";
import { HEAPS_MARK, MakingSentence } from "./MakingSentence";
import { MakingSteps } from "./MakingSteps";
import { OtherWays } from "./OtherWays";
import { coloursOf } from "./coloursOf";
import { Mind } from "./Mind";
import { PICTURES } from "./pictures";
import { PutItUp } from "./PutItUp";
import { saidOf } from "./said";
import { WhatComes } from "./WhatComes";

interface MakingViewProps {
  readonly methodId: string;
  readonly kitchenTempC: number;
  /** How high the house stands: what a method asks of it begins so. */
  readonly altitudeM: number;
  readonly timeZone: string;
  /** What is to be made of what, where one was sent here for it. */
  readonly begins?: Begins;
  /** What most makers begin with. */
  readonly atHand: readonly AtHand[];
}

/** Something made before the bowl: what it asks in one sentence, and everything that follows while one types. */
export function MakingView({ methodId, kitchenTempC, altitudeM, timeZone, atHand, begins }: MakingViewProps) {
  const method = METHODS.find(({ id }) => id === methodId)!;
  const words = METHOD_WORDS[method.id];
  const { find, shelf, spoons } = useShelf();
  const [draft, setDraft] = useState(() => freshMaking(method, { altitudeM }, begins));
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
    setDraft((now) => {
      const material = find(id);
      return material ? withThing(method, now, material) : now;
    });
  const names = things.map(({ material }) => material.names[0].text);
  const thingsWords =
    things.length === 0
      ? "nothing yet"
      : andWords(things.map(({ massG }, i) => (massG > 0 ? `${gramWords(massG)} g ${names[i]}` : names[i])));
  const over = things.flatMap(({ material, massG, jarId }, i) => {
    const jar = jarFor(shelf, { materialId: material.id, ...(jarId ? { jarId } : {}) });
    return jar && massG > jar.leftG ? [{ name: names[i], leftG: jar.leftG }] : [];
  });
  const lastTime = begins && isStillOf(begins, draft) ? begins.called : undefined;
  const called = lastTime ?? productName(shown?.made, words, names);
  const said = saidOf(method, things, settings);
  const Picture = PICTURES[method.id];
  const empty = draft.things.length === 0;
  // An oil without an oil, a cream without a starch: the heaps stand there until it is complete.
  const lacks = problems.some(({ field }) => field === "things");

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="sr-only">Make {words.name}</h1>
      {empty && kept.offered && (
        <p role="status" className="mb-2 border-l-4 border-madder pl-3">
          You were making {words.name} here and had not put it up.{" "}
          <OfferedDraft
            draft={kept}
            onTake={(then) =>
              setDraft({ ...then, settings: { ...freshMaking(method, { altitudeM }).settings, ...then.settings } })
            }
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
      {!empty && problems.length > 0 && (
        <p className="mt-3 text-lg text-stop" role="alert">
          {problemWords(problems[0])}
        </p>
      )}
      {(empty || lacks) && (
        <section aria-label={words.asks} className="mt-4">
          <h2>{words.asks}</h2>
          <ul {...{ [HEAPS_MARK]: "" }} className="mt-1 grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-5 lg:grid-cols-7">
            {atHand.map(({ id, name, colour }) => (
              <li key={id}>
                <Heap name={name} colour={colour} onPress={() => add({ id })} />
              </li>
            ))}
          </ul>
          <p className="mt-2 text-quiet">Anything else is found by name under “{thingsWords}” above.</p>
        </section>
      )}
      {over.length > 0 && (
        <p className="mt-2 text-madder" role="status">
          {over
            .map(({ name, leftG }) => `More ${name} than is thought to be left, ${gramWords(Math.max(0, leftG))} g.`)
            .join(" ")}
        </p>
      )}
      {shown && !empty && (
        <div className="mt-4 grid gap-x-12 gap-y-5 lg:grid-cols-[minmax(0,1fr)_24rem] lg:grid-rows-[auto_1fr]">
          <div className={result.ok ? "" : "opacity-40"}>
            <Picture {...shown} {...coloursOf(things)} />
          </div>
          <div className="flex flex-col gap-4 lg:row-span-2 lg:gap-8">
            <WhatComes made={shown.made} names={names} words={words} />
            {result.ok && (
              <div className="flex flex-col gap-3">
                <BeginIt called={called} said={said} timeZone={timeZone} onDone={kept.clear} />
                <PutItUp
                  words={words}
                  made={result.value}
                  names={names}
                  called={called}
                  path="makings"
                  said={said}
                  press="It is made already: put it up …"
                  onDone={kept.clear}
                />
              </div>
            )}
            <OtherWays
              made={shown.made}
              words={words}
              way={String(shown.settings.way)}
              onChoose={(way) => set({ way, minutes: "" })}
            />
            <Mind notes={shown.made.notes} />
          </div>
          <MakingSteps {...shown} words={words} things={thingsWords} />
        </div>
      )}
      <AllMakings />
    </div>
  );
}
