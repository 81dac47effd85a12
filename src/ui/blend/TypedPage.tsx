"use client";
import { useMemo, useState } from "react";
import { readPage, type PageLine } from "@/core/search";
import { convertForm, massG, NOT_IN_A_PASTE, otherForms, type Material } from "@/core/material";
import type { TypedAmount } from "@/core/measure";
import { jarFor, jarMaterial } from "@/core/shelf";
import { gramWords } from "@/words/amounts";
import { measuredWords } from "@/words/events";
import { conversionWords, slipWords } from "@/words/shelf";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";
import { useShelf } from "../shelf/ShelfContext";
import { textOf, type DraftLine } from "./document";

export interface TypedThing { readonly material: Material; readonly amount?: Pick<DraftLine, "text" | "unit" | "fill"> }

/** A notebook page typed as it stands; each line says at once how it was understood. */
export function TypedPage({ onTake }: { onTake: (things: readonly TypedThing[]) => void }) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet title="Type a page of your notebook" open={open} onOpenChange={setOpen} trigger={<button type="button" className="pressable min-h-11 text-left">type a page of your notebook</button>}>
      <Page onTake={(things) => { onTake(things); setOpen(false); }} />
    </Sheet>
  );
}

function Page({ onTake }: { onTake: (things: readonly TypedThing[]) => void }) {
  const { index, find, spoons, shelf, everything } = useShelf();
  const [text, setText] = useState("");
  const [meant, setMeant] = useState<Readonly<Record<number, number>>>({});
  const [instead, setInstead] = useState<Readonly<Record<number, true>>>({});
  const [which, setWhich] = useState<Readonly<Record<number, string>>>({});
  const own = useMemo(() => (id: string) => { const material = find(id); const jar = material && jarFor(shelf, { materialId: id }); return jar ? jarMaterial(jar, material, spoons) : material; }, [find, shelf, spoons]);
  const lines = useMemo(() => readPage(text, index(), own, spoons), [text, index, own, spoons]);
  const amountOf = ({ reading }: PageLine, i: number): TypedAmount | undefined => (reading?.kind === "understood" ? reading.amount : reading?.kind === "ask" && meant[i] !== undefined ? reading.choices[meant[i]] : undefined);
  const thingOf = ({ found }: PageLine, i: number): Material | undefined => { const id = which[i] ?? found[0]?.id; return id === undefined ? undefined : own(id); };
  /** The powder of a herb that was written down whole or fresh, by what is dry in it. */
  const powderFor = (material: Material, amount: TypedAmount | undefined) => {
    const powder = otherForms(material, everything).find(({ form }) => form === "powder");
    const mass = amount && massG(material, amount.count.value, amount.unit, amount.fill, spoons);
    const conversion = powder && mass && convertForm(material, own(powder.id) ?? powder, mass.value, spoons);
    return conversion && powder && { material: powder, massG: conversion.massG.mid, words: conversionWords(conversion) };
  };
  const ready = lines.flatMap((line, i): TypedThing[] => {
    const material = line.kind === "thing" ? thingOf(line, i) : undefined;
    const amount = amountOf(line, i);
    if (material && instead[i]) { const to = powderFor(material, amount); return to ? [{ material: to.material, amount: { text: textOf(Number(to.massG.toFixed(1))), unit: "g", fill: "level" } }] : []; }
    if (!material || NOT_IN_A_PASTE.includes(material.form) || (line.reading?.kind === "ask" && !amount)) return [];
    return [{ material: find(material.id)!, ...(amount ? { amount: { text: textOf(amount.count.value), unit: amount.unit, fill: amount.fill } } : line.reading?.kind === "number" ? { amount: { text: textOf(line.reading.count), unit: "tbsp", fill: "level" as const } } : {}) }];
  });
  return (
    <div className="flex flex-col gap-3">
      <label className="flex flex-col gap-1"><span className="text-sm font-semibold">As it stands there, a line for each thing</span>
        <textarea rows={6} value={text} maxLength={4000} onChange={(e) => { setText(e.target.value); setMeant({}); setWhich({}); setInstead({}); }} placeholder={"2 heaped tbsp amla\n1 T methi\n½ cup curd\nhoney, 2 tsp"} />
      </label>
      <ol aria-live="polite" className="text-sm">
        {lines.map((line, i) => {
          const material = thingOf(line, i);
          const amount = amountOf(line, i);
          const mass = amount && material && massG(material, amount.count.value, amount.unit, amount.fill, spoons);
          return (
            <li key={`${i} ${line.text}`} className="border-b border-line py-1">
              {line.kind === "thing" && (
                <>
                  <span className="flex flex-wrap items-baseline justify-between gap-x-3">
                    {line.found.length > 1
                      ? <select aria-label={`${line.text}: which thing`} className="max-w-[12rem]" value={material?.id} onChange={(e) => setWhich({ ...which, [i]: e.target.value })}>{line.found.map(({ id }) => <option key={id} value={id}>{find(id)?.names[0].text}</option>)}</select>
                      : <strong>{material?.names[0].text ?? `“${line.name || line.text}”: nothing is called that`}</strong>}
                    <span>{amount ? `${measuredWords({ amount: amount.count.value, unit: amount.unit, fill: amount.fill })}${mass && amount.unit !== "g" ? `, ${gramWords(mass.value)} g (${gramWords(mass.low)}–${gramWords(mass.high)})` : ""}` : line.reading?.kind === "number" ? "how much of it? taken as tablespoons" : ""}</span>
                  </span>
                  {line.reading?.kind === "ask" && <span className="flex flex-wrap gap-2 py-1"><span className="self-center">Which one?</span>{line.reading.choices.map((choice, n) => <Button key={choice.unit} aria-pressed={meant[i] === n} className={meant[i] === n ? "bg-sunk" : ""} onClick={() => setMeant({ ...meant, [i]: n })}>{measuredWords({ amount: choice.count.value, unit: choice.unit, fill: choice.fill })}</Button>)}</span>}
                  {material && amount && !mass && <span className="block text-stop">{material.names[0].text} is not measured that way.</span>}
                  {material && NOT_IN_A_PASTE.includes(material.form) && <Whole to={powderFor(material, amount)} taken={instead[i] === true} onTake={() => setInstead({ ...instead, [i]: true })} />}
                </>
              )}
              {line.kind !== "thing" && <span className="text-quiet">{line.text}{line.kind === "equation" && !line.slip ? ": that is right" : line.kind === "words" ? ": left as words" : ""}</span>}
              {line.slip && <span className="block text-stop" role="alert">{slipWords(line.slip)}</span>}
            </li>
          );
        })}
      </ol>
      <Button look="main" disabled={ready.length === 0} onClick={() => onTake(ready)}>{ready.length === 1 ? "Put it in the bowl" : `Put these ${ready.length || ""} in the bowl`}</Button>
    </div>
  );
}

/** What is whole or fresh stays out of a paste; its powder can go in for it, so much of it. */
function Whole({ to, taken, onTake }: { to: { readonly material: Material; readonly words: string } | undefined; taken: boolean; onTake: () => void }) {
  if (!to) return <span className="block text-stop">This is whole or fresh; grind, mash or brew it first. It stays out of the bowl.</span>;
  if (taken) return <span className="block">Instead of it: {to.material.names[0].text}, {to.words}.</span>;
  return <span className="block text-stop">This is whole or fresh; grind, mash or brew it first. Or take {to.words} of its powder: <button type="button" className="pressable min-h-11" onClick={onTake}>take {to.material.names[0].text}</button></span>;
}
