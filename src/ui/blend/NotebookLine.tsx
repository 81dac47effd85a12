"use client";
import { type ReactNode } from "react";
import { massG, NOT_IN_A_PASTE, type Material } from "@/core/material";
import { parseAmount, type TypedAmount } from "@/core/measure";
import { type ThingLine } from "@/core/search";
import { gramWords } from "@/words/amounts";
import { typedWords } from "@/words/events";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";
import type { DraftAmount } from "./draftAmount";
import { isMuchEssentialOil } from "./isMuchEssentialOil";
import { MuchEssentialOil } from "./MuchEssentialOil";
import type { Decision } from "./written";

/** Where a line stands: it goes in, it waits for an answer, or it stays out. */
export type Standing =
  | { readonly is: "in"; readonly material: Material; readonly amount?: DraftAmount; readonly asNeeded?: true }
  | { readonly is: "waits" | "out" };

interface ThingProps {
  readonly line: ThingLine;
  readonly decision: Decision;
  readonly standing: Standing;
  readonly already: readonly string[];
  readonly material: Material | undefined;
  readonly amount: TypedAmount | undefined;
  readonly powder: (
    material: Material,
    amount: TypedAmount | undefined,
  ) => { readonly material: Material; readonly words: string } | undefined;
  readonly onDecide: (change: Decision) => void;
  readonly onMean: (id: string) => void;
  readonly onUnit: (amount: TypedAmount) => void;
  readonly onAskAgain: () => void;
}

/** One line with a thing on it: as it was understood, or what has to be said first. */
/** How one line was read, and what it waits for. */
export function NotebookLine({
  line,
  decision,
  standing,
  already,
  material,
  amount,
  powder,
  onDecide,
  onMean,
  onUnit,
  onAskAgain,
}: ThingProps) {
  const { find, spoons } = useShelf();
  if (decision.out) {
    return (
      <span className="text-quiet">
        <s>{line.text}</s>: left out{" "}
        <button
          type="button"
          className="pressable min-h-11"
          aria-label={`read “${line.text}” after all`}
          onClick={() => onDecide({ out: undefined })}
        >
          read it after all
        </button>
      </span>
    );
  }
  const mass = amount && material && massG(material, amount.count.value, amount.unit, amount.fill, spoons);
  const grams =
    mass && amount.unit !== "g" ? `, ${gramWords(mass.value)} g (${gramWords(mass.low)}–${gramWords(mass.high)})` : "";
  const needed = line.amount.kind === "asNeeded" && !decision.amount;
  const twice =
    (line.twice !== undefined || (material !== undefined && already.includes(material.id))) &&
    material !== undefined &&
    !decision.both &&
    !(needed || material.makesUp);
  const whole = material !== undefined && NOT_IN_A_PASTE.includes(material.form);
  return (
    <div role="group" aria-label={line.text}>
      <span className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span>
          <strong>{material?.names[0].text ?? line.text}</strong>
          {material && <span className="text-sm text-quiet"> · {line.text}</span>}
        </span>
        <span>
          {needed ? "as much as it takes" : amount ? `${typedWords(amount)}${grams}` : ""}{" "}
          <button
            type="button"
            className="pressable min-h-11 text-quiet"
            aria-label={`leave out “${line.text}”`}
            onClick={() => onDecide({ out: true })}
          >
            leave out
          </button>
        </span>
      </span>
      {line.remembered && (
        <span className="block text-quiet">
          as you meant it last time{" "}
          <button type="button" className="pressable min-h-11" onClick={onAskAgain}>
            ask again
          </button>
        </span>
      )}
      {line.several ? (
        <span className="block">More than one thing stands here. Write each on a line of its own above.</span>
      ) : (
        <>
          {line.thing.kind === "which" && (
            <WhichThing
              name={line.name || line.text}
              ids={line.thing.ids}
              called={line.thing.called}
              nameOf={(id) => find(id)?.names[0].text ?? id}
              onMean={onMean}
            />
          )}
          {line.amount.kind === "which" && !decision.amount && (
            <Asked words={line.mismatch ? "Which of them?" : "How much is meant?"}>
              {line.amount.choices.map((choice) => (
                <Button key={`${choice.count.value} ${choice.unit}`} onClick={() => onUnit(choice)}>
                  {typedWords(choice)}
                </Button>
              ))}
            </Asked>
          )}
          {(line.amount.kind === "missing" || (material && amount && !mass) || (needed && standing.is === "waits")) &&
            !(decision.amount && mass) && (
              <HowMuch
                name={material?.names[0].text ?? line.name}
                typed={decision.amountText ?? ""}
                onType={(amountText, read) => onDecide({ amountText, amount: read })}
              />
            )}
          {twice && (
            <Asked words={`${material.names[0].text} is there already.`}>
              <Button onClick={() => onDecide({ both: true })}>put both in</Button>
              <Button onClick={() => onDecide({ out: true })}>leave this one out</Button>
            </Asked>
          )}
          {whole && amount && (
            <Whole
              to={powder(material, amount)}
              taken={decision.powder === true}
              onTake={() => onDecide({ powder: true })}
            />
          )}
          {material && mass && isMuchEssentialOil(material, mass.value) && !decision.sure && (
            <MuchEssentialOil amount={typedWords(amount!)} onSure={() => onDecide({ sure: true })} />
          )}
        </>
      )}
    </div>
  );
}

const Asked = ({ words, children }: { words: string; children: ReactNode }) => (
  <span role="group" aria-label={words} className="flex flex-wrap items-center gap-2 py-1">
    <span>{words}</span>
    {children}
  </span>
);

/** Several things are called that, or none is: what it may be. */
function WhichThing({
  name,
  ids,
  called,
  nameOf,
  onMean,
}: {
  name: string;
  ids: readonly string[];
  called: boolean;
  nameOf: (id: string) => string;
  onMean: (id: string) => void;
}) {
  if (ids.length === 0)
    return (
      <span className="block text-stop">
        Nothing is called “{name}”. Write it otherwise, make it a thing of your own on the shelf, or leave it out.
      </span>
    );
  return (
    <Asked words={called ? `Which is “${name}”?` : `Nothing is called “${name}”. Do you mean`}>
      {ids.map((id) => (
        <Button key={id} onClick={() => onMean(id)}>
          {nameOf(id)}
        </Button>
      ))}
    </Asked>
  );
}

/** The page does not say how much. */
function HowMuch({
  name,
  typed,
  onType,
}: {
  name: string;
  typed: string;
  onType: (text: string, amount: TypedAmount | undefined) => void;
}) {
  const read = (text: string): TypedAmount | undefined => {
    const reading = parseAmount(text);
    return reading.kind === "understood" && reading.amount.of === "" ? reading.amount : undefined;
  };
  return (
    <label className="flex flex-wrap items-center gap-2 py-1">
      <span>How much {name}?</span>
      <input
        className="w-32"
        value={typed}
        placeholder="2 tbsp"
        onChange={(e) => onType(e.target.value, read(e.target.value))}
      />
      {typed.trim() !== "" && !read(typed) && (
        <span className="text-stop">An amount with its unit, such as 2 tbsp or 40 g.</span>
      )}
    </label>
  );
}

/** What is whole or fresh stays out of a paste; its powder can go in for it, so much of it. */
function Whole({
  to,
  taken,
  onTake,
}: {
  to: { readonly material: Material; readonly words: string } | undefined;
  taken: boolean;
  onTake: () => void;
}) {
  if (!to)
    return (
      <span className="block text-stop">This is whole or fresh; grind, mash or brew it first, or leave it out.</span>
    );
  if (taken)
    return (
      <span className="block">
        Instead of it: {to.material.names[0].text}, {to.words}.
      </span>
    );
  return (
    <span className="block text-stop">
      This is whole or fresh; grind, mash or brew it first. Or take {to.words} of its powder:{" "}
      <button type="button" className="pressable min-h-11" onClick={onTake}>
        take {to.material.names[0].text}
      </button>
    </span>
  );
}
