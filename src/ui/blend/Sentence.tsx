"use client";
import { useState, type ReactNode } from "react";
import { PURPOSES } from "@/core/head";
import { SIZINGS, TARGETS, type PasteAnswer } from "@/core/paste";
import { minuteWords } from "@/words/amounts";
import {
  CONSISTENCY_NAME,
  CONSISTENCY_NOTE,
  LANDMARK_NAME,
  materialName,
  PURPOSE_NAME,
  PURPOSE_PHRASE,
  ratioWords,
  SIZING_NAME,
  warmthWord,
} from "@/words/names";
import { HairFields } from "../heads/HairFields";
import { Field } from "../parts/Field";
import { Options, optionsOf, type Option } from "../parts/Options";
import { Sheet } from "../parts/Sheet";
import { useShelf } from "../shelf/ShelfContext";
import { draftHead, typed, type BlendDocument, type Edit } from "./document";
import type { BlendPage } from "@/server/blendPage";

interface SentenceProps {
  readonly doc: BlendDocument;
  readonly heads: BlendPage["heads"];
  readonly answer: PasteAnswer | undefined;
  readonly dispatch: (action: Edit) => void;
  readonly problemAt: (field: string) => string | undefined;
}

const SOMEBODY = "somebody";
const TEMPERATURES = [
  ["8", "cold from the fridge"],
  ["20", "as the kitchen"],
  ["40", "hand-warm"],
  ["70", "hot"],
  ["100", "just boiled"],
] as const;

/** A part of the sentence that opens its choices in place. */
function Part({
  words,
  title,
  wrong,
  children,
}: {
  words: string;
  title: string;
  wrong?: boolean;
  children: (close: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      title={title}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button type="button" title={title} className={`pressable text-left ${wrong ? "!text-stop" : ""}`}>
          {words}
        </button>
      }
    >
      {children(() => setOpen(false))}
    </Sheet>
  );
}

function lengthWords({ head }: BlendDocument): string {
  if (head.by.length === "landmark" && "landmark" in head.hair.longest)
    return `${LANDMARK_NAME[head.hair.longest.landmark]} hair`;
  return `${head.cmText.trim() || "?"} cm hair`;
}

/** What is wanted, as one sentence; each underlined part opens its choices. */
export function Sentence({ doc, heads, answer, dispatch, problemAt }: SentenceProps) {
  const set = (change: Partial<BlendDocument>) => dispatch({ do: "set", change });
  const head = heads.find(({ id }) => id === doc.headId);
  const who = head ? `${head.name}’s` : "somebody’s";
  const headOptions: Option<string>[] = [
    ...heads.map(({ id, name }) => ({ value: id, label: name })),
    { value: SOMEBODY, label: "somebody else", note: "describe the hair here" },
  ];
  const headWrong = ["head.longest.cm", "head.amount.ponytailCm", "head.greyShare"].some(problemAt);
  const warmth = Number.isFinite(typed(doc.liquidTempText)) ? warmthWord(typed(doc.liquidTempText)) : "?";
  const rest = doc.restText.trim()
    ? Number.isFinite(typed(doc.restText))
      ? minuteWords(typed(doc.restText))
      : "?"
    : answer
      ? minuteWords(answer.rest.restMin)
      : "as long as it needs";
  const liquids = useShelf()
    .everything.filter((material) => material.makesUp)
    .map(({ id, use }) => ({ value: id, label: materialName(id), note: use }));
  const share = typed(doc.secondShareText ?? "") / 100;
  const poured = `${warmth} ${materialName(doc.liquidId)}${doc.secondId ? ` and ${materialName(doc.secondId)}, ${share > 0 && share < 1 ? ratioWords(1 - share) : "?"}` : ""}`;
  return (
    <p className="text-sentence font-say font-medium">
      <Part
        words={PURPOSE_PHRASE[doc.purpose]}
        title="What is it for?"
        wrong={Boolean(problemAt("roots.months") ?? problemAt("roots.share"))}
      >
        {(close) => (
          <div className="flex flex-col gap-3">
            <Options
              label="What is it for?"
              value={doc.purpose}
              options={optionsOf(PURPOSES, PURPOSE_NAME)}
              onChange={(purpose) => set({ purpose })}
              onPick={(purpose) => {
                if (purpose !== "rootsOnly") close();
              }}
            />
            {doc.purpose === "rootsOnly" && (
              <div className="grid grid-cols-2 gap-3">
                <Field label="Months since" problem={problemAt("roots.months")}>
                  {(a) => (
                    <input
                      {...a}
                      inputMode="decimal"
                      value={doc.rootMonthsText}
                      onChange={(e) => set({ rootMonthsText: e.target.value })}
                    />
                  )}
                </Field>
                <Field label="Share of the head, %" problem={problemAt("roots.share")}>
                  {(a) => (
                    <input
                      {...a}
                      inputMode="numeric"
                      value={doc.rootShareText}
                      onChange={(e) => set({ rootShareText: e.target.value })}
                    />
                  )}
                </Field>
              </div>
            )}
          </div>
        )}
      </Part>{" "}
      for{" "}
      <Part words={who} title="Whose hair?">
        {(close) => (
          <Options
            label="Whose hair?"
            value={doc.headId ?? SOMEBODY}
            options={headOptions}
            onChange={(id) => {
              const chosen = heads.find((one) => one.id === id);
              dispatch({ do: "head", headId: chosen?.id ?? null, head: chosen ? draftHead(chosen.hair) : doc.head });
            }}
            onPick={(id) => {
              if (id !== SOMEBODY) close();
            }}
          />
        )}
      </Part>{" "}
      <Part words={lengthWords(doc)} title="The hair" wrong={headWrong}>
        {() => (
          <HairFields
            head={doc.head}
            path="head"
            problemAt={problemAt}
            onChange={(changed) => dispatch({ do: "head", headId: doc.headId, head: changed })}
          />
        )}
      </Part>
      , like{" "}
      <Part
        words={typeof doc.target === "number" ? `${doc.target} Pa` : CONSISTENCY_NAME[doc.target]}
        title="How thick when it goes on?"
      >
        {(close) => (
          <Options
            label="How thick when it goes on?"
            value={typeof doc.target === "number" ? undefined : doc.target}
            options={TARGETS.map((word) => ({
              value: word,
              label: CONSISTENCY_NAME[word],
              note: CONSISTENCY_NOTE[word],
            }))}
            onChange={(target) => set({ target })}
            onPick={close}
          />
        )}
      </Part>
      , made up with{" "}
      <Part
        words={poured}
        title="Which liquid?"
        wrong={Boolean(
          problemAt("liquid.tempC") ?? problemAt("liquid.with.share") ?? problemAt("liquid.with.materialId"),
        )}
      >
        {() => (
          <div className="flex flex-col gap-3">
            <Options
              label="Which liquid?"
              value={doc.liquidId}
              options={liquids}
              onChange={(liquidId) => set({ liquidId })}
            />
            <Field label="How warm, °C" problem={problemAt("liquid.tempC")}>
              {(a) => (
                <input
                  {...a}
                  inputMode="decimal"
                  value={doc.liquidTempText}
                  onChange={(e) => set({ liquidTempText: e.target.value })}
                />
              )}
            </Field>
            <Field
              label="Together with"
              problem={problemAt("liquid.with.materialId")}
              hint="Two liquids are poured in a set ratio, from the first drop to the last."
            >
              {(a) => (
                <select
                  {...a}
                  value={doc.secondId ?? ""}
                  onChange={(e) => set({ secondId: e.target.value, secondShareText: doc.secondShareText || "50" })}
                >
                  <option value="">nothing else</option>
                  {liquids
                    .filter(({ value }) => value !== doc.liquidId)
                    .map(({ value, label }) => (
                      <option key={value} value={value}>
                        {label}
                      </option>
                    ))}
                </select>
              )}
            </Field>
            {doc.secondId && (
              <Field label={`Of which ${materialName(doc.secondId)}, %`} problem={problemAt("liquid.with.share")}>
                {(a) => (
                  <input
                    {...a}
                    inputMode="decimal"
                    value={doc.secondShareText ?? ""}
                    onChange={(e) => set({ secondShareText: e.target.value })}
                  />
                )}
              </Field>
            )}
            <div className="flex flex-wrap gap-x-4">
              {TEMPERATURES.map(([value, label]) => (
                <button
                  key={value}
                  type="button"
                  className="pressable min-h-11"
                  onClick={() => set({ liquidTempText: value })}
                >
                  {label}
                </button>
              ))}
            </div>
          </div>
        )}
      </Part>{" "}
      in a{" "}
      <Part
        words={`${doc.kitchenText.trim() || "?"}°`}
        title="How warm is the kitchen?"
        wrong={Boolean(problemAt("kitchenTempC"))}
      >
        {() => (
          <Field label="Kitchen, °C" problem={problemAt("kitchenTempC")} hint="Warmer soaks and frees dye sooner.">
            {(a) => (
              <input
                {...a}
                inputMode="decimal"
                value={doc.kitchenText}
                onChange={(e) => set({ kitchenText: e.target.value })}
              />
            )}
          </Field>
        )}
      </Part>{" "}
      kitchen, rested{" "}
      <Part words={rest} title="How long does it rest?" wrong={Boolean(problemAt("restMin"))}>
        {() => (
          <div className="flex flex-col gap-2">
            <Field
              label="Minutes between mixing and the head"
              problem={problemAt("restMin")}
              hint="Leave it empty, and the bowl decides: a herb paste its soak, a dye its peak."
            >
              {(a) => (
                <input
                  {...a}
                  inputMode="numeric"
                  value={doc.restText}
                  onChange={(e) => set({ restText: e.target.value })}
                />
              )}
            </Field>
            <button type="button" className="pressable min-h-11 self-start" onClick={() => set({ restText: "" })}>
              let the bowl decide
            </button>
          </div>
        )}
      </Part>
      ;{" "}
      <Part words={SIZING_NAME[doc.sizing]} title="How much?">
        {(close) => (
          <Options
            label="How much?"
            value={doc.sizing}
            options={optionsOf(SIZINGS, SIZING_NAME)}
            onChange={(sizing) => set({ sizing })}
            onPick={close}
          />
        )}
      </Part>
      .
    </p>
  );
}
