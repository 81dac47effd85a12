"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { METHODS, type Made, type Method, type Settings } from "@/core/making";
import type { Material } from "@/core/material";
import type { AtHand } from "@/server/commonest";
import { bandWords, gramWords, minuteWords, roundTo } from "@/words/amounts";
import { andWords } from "@/words/lists";
import {
  keepsWords,
  kitchenMl,
  MAKING_STEP_NAME,
  METHOD_WORDS,
  noteWords,
  THINGS,
  type MethodWords,
} from "@/words/making";
import { problemWords } from "@/words/problems";
import { Announced } from "../parts/Announced";
import { Fold } from "../parts/Fold";
import { Heap } from "../parts/Heap";
import { Sheet } from "../parts/Sheet";
import { useShelf } from "../shelf/ShelfContext";
import { freshMaking, ingredientsOf, settingsOf, type DraftMaking, type DraftThing } from "./draft";
import { MakingFieldInput } from "./MakingFieldInput";
import { PICTURES } from "./pictures";
import { PutItUp } from "./PutItUp";
import { ThingsIn } from "./ThingsIn";

interface MakingViewProps {
  readonly kitchenTempC: number;
  /** What most makers begin with. */
  readonly atHand: readonly AtHand[];
}

/** The commonest spoon of a thing to begin with. */
const FIRST: Pick<DraftThing, "text" | "unit" | "fill"> = { text: "10", unit: "g", fill: "level" };

/** Something made before the bowl: what it asks in one sentence, and everything that follows while one types. */
export function MakingView({ kitchenTempC, atHand }: MakingViewProps) {
  const method = METHODS[0];
  const words = METHOD_WORDS[method.id];
  const { find, spoons } = useShelf();
  const [draft, setDraft] = useState<DraftMaking>(() => freshMaking(method));
  const [open, setOpen] = useState<number>();
  // The keys come first; it is worked out when there is time.
  const soon = useDeferredValue(draft);
  const settings = useMemo(() => settingsOf(method, soon), [method, soon]);
  const things = useMemo(() => ingredientsOf(soon, find, spoons), [soon, find, spoons]);
  const result = useMemo(() => method.make(things, settings, kitchenTempC), [method, things, settings, kitchenTempC]);
  const last = useRef<{ readonly made: Made; readonly settings: Settings } | undefined>(undefined);
  const [kept, setKept] = useState<typeof last.current>();
  useEffect(() => {
    if (result.ok) last.current = { made: result.value, settings };
    else setKept(last.current);
  }, [result, settings]);
  const shown = result.ok ? { made: result.value, settings } : kept;
  const problems = result.ok ? [] : result.problems;
  const problemAt = (field: string) => {
    const found = problems.find((problem) => problem.field === field || problem.field.startsWith(`${field}.`));
    return found && problemWords(found);
  };
  const set = (id: string, value: string | boolean) =>
    setDraft((now) => ({ ...now, settings: { ...now.settings, [id]: value } }));
  const add = (material: Pick<Material, "id">) =>
    setDraft((now) => ({
      ...now,
      things: now.things.some(({ materialId }) => materialId === material.id)
        ? now.things
        : [...now.things, { key: Date.now(), materialId: material.id, ...FIRST }],
    }));
  const names = draft.things.map(({ materialId }) => find(materialId)?.names[0].text ?? materialId);
  const thingsWords =
    things.length === 0
      ? "nothing yet"
      : andWords(
          things.map(({ material, massG }) =>
            Number.isFinite(massG) ? `${gramWords(massG)} g ${material.names[0].text}` : material.names[0].text,
          ),
        );
  const Picture = PICTURES[method.id];
  const empty = draft.things.length === 0;
  const chooseWay = (way: string) => setDraft((now) => ({ ...now, settings: { ...now.settings, way, minutes: "" } }));

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="sr-only">Make {words.name}</h1>
      <p className="text-sentence font-say font-medium">
        {words.sentence(thingsWords, settings, shown?.made).map((piece, i) =>
          typeof piece === "string" ? (
            piece
          ) : (
            <Sheet
              key={piece.opens.join()}
              title={piece.words}
              open={open === i}
              onOpenChange={(to) => setOpen((now) => (to ? i : now === i ? undefined : now))}
              trigger={
                <button
                  type="button"
                  className={
                    "pressable text-left " +
                    (piece.opens.some((id) => problemAt(id === THINGS ? THINGS : `settings.${id}`)) && !empty
                      ? "!text-stop"
                      : "")
                  }
                >
                  {piece.words}
                </button>
              }
            >
              {piece.opens[0] === THINGS ? (
                <ThingsIn
                  things={draft.things}
                  method={method}
                  problemAt={(at) => problemAt(`${THINGS}.${at}`)}
                  onAdd={add}
                  onChange={(changed) => setDraft((now) => ({ ...now, things: changed }))}
                />
              ) : (
                <Asked
                  method={method}
                  words={words}
                  ids={piece.opens}
                  draft={draft}
                  settings={settings}
                  problemAt={problemAt}
                  onChange={set}
                />
              )}
            </Sheet>
          ),
        )}
      </p>
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
            <Picture
              made={shown.made}
              settings={shown.settings}
              potColour={things[0]?.material.colour ?? [0.6, 0.05, 110]}
            />
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
              />
            )}
            <Schools words={words} made={shown.made} way={String(shown.settings.way)} onChoose={chooseWay} />
            <section aria-label="Mind">
              <ul className="max-w-[26rem] space-y-1">
                {shown.made.notes.map((note) => (
                  <li key={note.code}>{noteWords(note)}</li>
                ))}
              </ul>
            </section>
          </div>
          <Steps words={words} things={thingsWords} settings={shown.settings} made={shown.made} />
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

interface AskedProps {
  readonly method: Method;
  readonly words: MethodWords;
  readonly ids: readonly string[];
  readonly draft: DraftMaking;
  readonly settings: Settings;
  readonly problemAt: (field: string) => string | undefined;
  readonly onChange: (id: string, value: string | boolean) => void;
}

/** The fields that a piece of the sentence opens, as far as they are asked now. */
function Asked({ method, words, ids, draft, settings, problemAt, onChange }: AskedProps) {
  return (
    <div className="flex flex-col gap-3">
      {method.fields
        .filter(({ id, when }) => ids.includes(id) && (!when || when(settings)))
        .map((field) => (
          <MakingFieldInput
            key={field.id}
            field={field}
            words={words.fields[field.id]}
            value={draft.settings[field.id]}
            problem={problemAt(`settings.${field.id}`)}
            onChange={(value) => onChange(field.id, value)}
          />
        ))}
    </div>
  );
}

const tenths = (value: number): string => roundTo(value, 0.1);

/** What to pour at first, what comes of it, and how long that keeps. */
function WhatComes({ made, names, words }: { made: Made; names: readonly string[]; words: MethodWords }) {
  const { amounts, strengthGPer100Ml, drawn, material, isInTables, keeps } = made;
  const pour = kitchenMl(amounts.pourMl.mid);
  const rows: readonly (readonly [string, string])[] = [
    ["strained", `${bandWords(amounts.productMl).both} ml`],
    ["stays in the sieve, wet", `${kitchenMl(amounts.restG.mid)} g`],
    ["goes as steam", `${kitchenMl(amounts.steamG.mid)} ml`],
    [
      "dissolved in 100 ml",
      `${tenths(strengthGPer100Ml.mid)} g (${tenths(strengthGPer100Ml.low)}–${tenths(strengthGPer100Ml.high)})`,
    ],
    ["drawn of what dissolves", `${Math.round(drawn.mid * 100)} %`],
    ...(material.acidity
      ? [["as sour as", `${roundTo(material.acidity.value * 100, 0.1)} g citric acid in 100 ml`] as const]
      : []),
    ["keeps", keepsWords(keeps)],
  ];
  return (
    <section aria-label="What comes of it">
      <p className="font-say text-figure font-semibold">{pour} ml</p>
      <p className="text-quiet">
        of water to pour at first ({kitchenMl(amounts.pourMl.low)}–{kitchenMl(amounts.pourMl.high)})
      </p>
      <Announced text={`${pour} ml of water first, ${kitchenMl(amounts.productMl.mid)} ml in the end`} />
      <dl className="mt-2 max-w-[26rem]">
        {rows.map(([name, value]) => (
          <div key={name} className="flex items-baseline justify-between gap-4 border-b border-line py-1">
            <dt className="shrink-0 text-quiet">{name}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2 max-w-[26rem] text-sm text-quiet">
        {isInTables
          ? `It is ${material.names[0].text}, with figures of its own.`
          : `It is ${words.product(names)}: the tables know none, so it is one of your own.`}
      </p>
    </section>
  );
}

/** The same drawn in another way: a press takes it. */
function Schools({
  words,
  made,
  way,
  onChoose,
}: {
  words: MethodWords;
  made: Made;
  way: string;
  onChoose: (way: string) => void;
}) {
  const names = words.fields.way.options ?? {};
  if (made.schools.length === 0) return null;
  const times = made.schools.map(({ minutes }) => minutes).sort((a, b) => a - b);
  return (
    <Fold title="Done as well by" line={`${minuteWords(times[0])} to ${minuteWords(times.at(-1)!)}`}>
      <ul className="max-w-[26rem]">
        {made.schools.map((school) => (
          <li key={school.way} className="flex items-baseline justify-between gap-4 border-b border-line">
            {school.way === way ? (
              <span className="flex min-h-11 items-center font-semibold">{names[school.way]}</span>
            ) : (
              <button type="button" className="pressable min-h-11 text-left" onClick={() => onChoose(school.way)}>
                {names[school.way]}
              </button>
            )}
            <span className="font-semibold">{minuteWords(school.minutes)}</span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}

/** What is done in which order, minutes from the start. */
function Steps({
  words,
  things,
  settings,
  made,
}: {
  words: MethodWords;
  things: string;
  settings: Settings;
  made: Made;
}) {
  const last = made.steps.at(-1);
  const whole = last ? last.startMin + last.durationMin : 0;
  return (
    <Fold title="The order of work" line={`${minuteWords(whole)} in all`} open>
      <ol className="relative ml-1.5 max-w-[44rem] border-l-[3px] border-ink">
        {made.steps.map(({ id, startMin, durationMin }) => (
          <li key={id} className="grid grid-cols-[4.6rem_1fr] gap-x-2 pb-3">
            <span className="relative pl-3 font-semibold tabular-nums">
              <span
                className={
                  "absolute -left-[9px] top-1.5 h-[15px] w-[15px] rounded-full border-[3px] border-ink bg-ground"
                }
                aria-hidden
              />
              {startMin === 0 ? "first" : minuteWords(startMin)}
            </span>
            <div>
              <p>
                <span className="font-say text-lg font-semibold">{MAKING_STEP_NAME[id]}</span>{" "}
                <span className="text-sm text-quiet">{minuteWords(durationMin)}</span>
              </p>
              <p>{words.step(id, things, settings, made)}</p>
            </div>
          </li>
        ))}
      </ol>
    </Fold>
  );
}
