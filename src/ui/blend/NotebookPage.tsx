"use client";
import { useCallback, useDeferredValue, useEffect, useMemo, useRef } from "react";
import { convertForm, massG, NOT_IN_A_PASTE, otherForms, type Material } from "@/core/material";
import { UNITS, type TypedAmount, type Unit } from "@/core/measure";
import { isDrink, readPage, thingKey, unitKey, type Meanings, type PageLine, type ThingLine } from "@/core/search";
import { asOnShelf } from "@/core/shelf";
import { conversionWords, mismatchWords } from "@/words/shelf";
import { send } from "../api";
import { useBackCloses } from "../parts/backCloses";
import { Announced } from "../parts/Announced";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";
import { useEverything } from "../shelf/useEverything";
import type { DraftAmount } from "./draftAmount";
import type { TakenPage } from "./edit";
import { textOf } from "../forms/typed";
import { isMuchEssentialOil } from "./isMuchEssentialOil";
import { NotebookLine, type Standing } from "./NotebookLine";
import type { Decision, Written } from "./written";
import { counted } from "@/words/lists";

interface Read {
  readonly line: PageLine;
  readonly key: string;
  readonly decision: Decision;
  readonly standing: Standing;
}

const draftOf = ({ count, unit, fill }: TypedAmount): DraftAmount => ({ text: textOf(count.value), unit, fill });
/** What the page puts in the bowl: its drinks are the liquid, and everything else a line. */
function takenPage(
  lines: readonly Extract<Standing, { is: "in" }>[],
  mlOf: (material: Material, amount: DraftAmount) => number | undefined,
): TakenPage {
  const needed = lines.find(({ asNeeded }) => asNeeded);
  const poured = needed
    ? []
    : lines
        .filter(({ material, amount }) => isDrink(material) && amount && mlOf(material, amount) !== undefined)
        .slice(0, 2);
  const things = lines
    .filter((line) => line !== needed && !poured.includes(line))
    .flatMap(({ material, amount }) => (amount ? [{ material, amount }] : []));
  if (needed) return { things, liquid: { id: needed.material.id } };
  const [first, second] = poured.map(({ material, amount }) => ({ id: material.id, ml: mlOf(material, amount!)! }));
  if (!first) return { things };
  const ml = first.ml + (second?.ml ?? 0);
  return {
    things,
    liquid: {
      id: first.id,
      ml: Math.round(ml * 10) / 10,
      ...(second ? { with: { id: second.id, share: second.ml / ml } } : {}),
    },
  };
}

interface NotebookPageProps {
  /** What is in the bowl already. */
  readonly already: readonly string[];
  readonly onTake: (page: TakenPage) => void;
  readonly onClose: () => void;
  readonly written: Written;
  readonly setWritten: (written: Written) => void;
}

/** A page of a notebook as it is typed, and how each line was read. */
export function NotebookPage({ already, written, setWritten, onTake, onClose }: NotebookPageProps) {
  const { find, spoons, shelf, meanings } = useShelf();
  const { everything, index } = useEverything();
  const { text, answers, decisions } = written;
  /** A thing by the jar of it that is in use. */
  const own = useCallback(
    (id: string) => {
      const material = find(id);
      return material && asOnShelf(shelf, material, spoons);
    },
    [find, shelf, spoons],
  );
  const both = useMemo(
    (): Meanings => ({
      things: { ...meanings.things, ...answers.things },
      units: { ...meanings.units, ...answers.units },
    }),
    [meanings, answers],
  );
  // The keys come first; the page is read when there is time.
  const readSoon = useDeferredValue(text);
  const lines = useMemo(() => readPage(readSoon, index(), own, spoons, both), [readSoon, index, own, spoons, both]);
  const massOf = (material: Material, { count, unit, fill }: TypedAmount) =>
    massG(material, count.value, unit, fill, spoons);
  /** The powder of a herb that was written down whole or fresh, by what is dry in it. */
  const powderFor = (material: Material, amount: TypedAmount | undefined) => {
    const powder = otherForms(material, everything).find(({ form }) => form === "powder");
    const mass = amount && massOf(material, amount);
    const conversion = powder && mass && convertForm(material, own(powder.id) ?? powder, mass.value, spoons);
    return (
      conversion && powder && { material: powder, massG: conversion.massG.mid, words: conversionWords(conversion) }
    );
  };
  const amountOf = ({ amount }: ThingLine, { amount: chosen }: Decision): TypedAmount | undefined =>
    chosen ?? (amount.kind === "known" ? amount.amount : undefined);

  const standingOf = (line: PageLine, decision: Decision, neededAbove: boolean): Standing => {
    if (line.kind !== "thing" || decision.out) return { is: "out" };
    const material = line.thing.kind === "known" ? own(line.thing.id) : undefined;
    const amount = amountOf(line, decision);
    if (!material || line.several) return { is: "waits" };
    if ((line.twice !== undefined || already.includes(material.id)) && !decision.both && !isDrink(material))
      return { is: "waits" };
    if (line.amount.kind === "asNeeded" && !decision.amount)
      return neededAbove ? { is: "waits" } : { is: "in", material, asNeeded: true };
    if (!amount || !massOf(material, amount)) return { is: "waits" };
    if (NOT_IN_A_PASTE.includes(material.form)) {
      const powder = decision.powder && powderFor(material, amount);
      return powder
        ? {
            is: "in",
            material: powder.material,
            amount: { text: textOf(Number(powder.massG.toFixed(1))), unit: "g", fill: "level" },
          }
        : { is: "waits" };
    }
    if (isMuchEssentialOil(material, massOf(material, amount)?.value) && !decision.sure) return { is: "waits" };
    return { is: "in", material: find(material.id)!, amount: draftOf(amount) };
  };

  useBackCloses(true, onClose);
  const field = useRef<HTMLTextAreaElement>(null);
  useEffect(() => field.current?.focus(), []);

  const seen = new Map<string, number>();
  const read: Read[] = [];
  for (const line of lines) {
    const nth = seen.get(line.text) ?? 0;
    seen.set(line.text, nth + 1);
    const key = `${line.text} ${nth}`;
    const decision = decisions[key] ?? {};
    const neededAbove = read.some(({ standing }) => standing.is === "in" && standing.asNeeded);
    read.push({ line, key, decision, standing: standingOf(line, decision, neededAbove) });
  }
  const going = read.flatMap(({ standing }) => (standing.is === "in" ? [standing] : []));
  const waiting = read.filter(({ standing }) => standing.is === "waits");

  const decide = (key: string, change: Decision) =>
    setWritten({ ...written, decisions: { ...decisions, [key]: { ...decisions[key], ...change } } });
  const mean = (line: ThingLine, id: string) =>
    setWritten({ ...written, answers: { ...answers, things: { ...answers.things, [thingKey(line)]: id } } });
  const meanUnit = (line: ThingLine, amount: TypedAmount) =>
    setWritten({ ...written, answers: { ...answers, units: { ...answers.units, [unitKey(line)]: amount.unit } } });
  const askAgain = (line: ThingLine) => {
    // Stands before what the house remembers, and means nothing: it is asked.
    setWritten({
      ...written,
      answers: {
        things: { ...answers.things, [thingKey(line)]: "" },
        units: { ...answers.units, [unitKey(line)]: "" as Unit },
      },
    });
  };
  const leaveOut = () =>
    setWritten({
      ...written,
      decisions: {
        ...decisions,
        ...Object.fromEntries(waiting.map(({ key, decision }) => [key, { ...decision, out: true as const }])),
      },
    });
  const take = () => {
    const things = Object.entries(answers.things)
      .filter(([said, id]) => said !== "" && id !== "")
      .map(([said, materialId]) => ({ said, materialId }));
    const units = Object.entries(answers.units)
      .filter(([said, unit]) => said !== "" && UNITS.includes(unit))
      .map(([said, unit]) => ({ said, unit }));
    // What is not remembered is only asked again.
    if (things.length + units.length > 0) void send("POST", "settings/meanings", { things, units });
    onTake(
      takenPage(going, (material, { text: count, unit, fill }) => {
        const mass = massG(material, Number(count), unit, fill, spoons);
        return mass && mass.value / material.bulkDensityGPerMl.value;
      }),
    );
  };

  const left = read.length - going.length - waiting.length;
  const sum =
    `${counted(going.length, "line goes", "lines go")} in` +
    (waiting.length > 0 ? `, ${counted(waiting.length, "waits", "wait")} for an answer` : "") +
    (left > 0 ? `, ${left} left out.` : ".");

  return (
    <section
      aria-label="A page of your notebook"
      className="no-print border-y border-line py-3 xl:row-span-3 xl:border-y-0 xl:border-l xl:py-0 xl:pl-6"
    >
      <h2>A page of your notebook</h2>
      <div className="mt-2 grid gap-x-10 gap-y-4 md:grid-cols-2 xl:grid-cols-1">
        <label className="flex flex-col gap-1">
          <span className="text-sm font-semibold">As it stands there, a line for each thing</span>
          <textarea
            rows={9}
            value={text}
            maxLength={4000}
            ref={field}
            onChange={(e) => setWritten({ ...written, text: e.target.value })}
            placeholder={"2 heaped tbsp amla\nmethi powder, 1 T\ncurd 1/2 cup\nwarm tea as needed"}
          />
        </label>
        <div className="flex max-w-[44rem] flex-col gap-3">
          <ol aria-label="How it was read">
            {read.map(({ line, key, decision, standing }) => (
              <li key={key} className="border-b border-line py-1">
                {line.kind === "thing" ? (
                  <NotebookLine
                    line={line}
                    decision={decision}
                    standing={standing}
                    already={already}
                    amount={amountOf(line, decision)}
                    powder={powderFor}
                    material={line.thing.kind === "known" ? own(line.thing.id) : undefined}
                    onDecide={(change) => decide(key, change)}
                    onMean={(id) => mean(line, id)}
                    onAskAgain={() => askAgain(line)}
                    onUnit={(amount) => (line.mismatch ? decide(key, { amount }) : meanUnit(line, amount))}
                  />
                ) : (
                  <span className="text-quiet">
                    {line.text}
                    {line.kind === "equation" && !line.mismatch
                      ? ": that is right"
                      : line.kind === "words"
                        ? ": left out, as words"
                        : ""}
                  </span>
                )}
                {line.mismatch && (
                  <span className="block text-stop" role="alert">
                    {mismatchWords(line.mismatch)}
                  </span>
                )}
              </li>
            ))}
          </ol>
          {read.length === 0 && (
            <p className="text-quiet">
              Each line is read as you type it. What it does not say is asked, and never made up.
            </p>
          )}
          <Announced text={read.length > 0 ? sum : ""} />
          {read.length > 0 && (
            <p>
              {sum}{" "}
              {waiting.length > 0 && (
                <button type="button" className="pressable min-h-11" onClick={leaveOut}>
                  leave out what waits
                </button>
              )}
            </p>
          )}
          <div className="flex flex-wrap items-center gap-4">
            <Button look="main" disabled={going.length === 0 || waiting.length > 0 || readSoon !== text} onClick={take}>
              {going.length === 1 ? "Put it in the bowl" : `Put these ${going.length || ""} in the bowl`}
            </Button>
            <Button look="text" onClick={onClose}>
              close the page
            </Button>
          </div>
        </div>
      </div>
    </section>
  );
}
