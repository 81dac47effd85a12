"use client";
import type { ComponentType } from "react";
import { PURPOSE, PURPOSES } from "@/core/head";
import { SIZINGS, TARGETS } from "@/core/paste";
import {
  CONSISTENCY_NAME,
  CONSISTENCY_NOTE,
  materialName,
  PURPOSE_NAME,
  SIZING_NAME,
  SIZING_NOTE,
} from "@/words/names";
import type { BlendPage } from "@/server/blendPage";
import { HairFields } from "../heads/HairFields";
import { Field } from "../forms/Field";
import { Options, optionsOf, type Option } from "../forms/Options";
import { useEverything } from "../shelf/useEverything";
import type { BlendDocument } from "./document";
import { forPurpose, type Edit } from "./edit";
import { draftHead } from "../heads/draftHead";

/** The parts of the sentence that can be chosen. */
export type SentencePart =
  "purpose" | "whose" | "hair" | "thickness" | "liquid" | "kitchen" | "rest" | "sizing" | "when";

export interface ChoiceProps {
  readonly doc: BlendDocument;
  readonly heads: BlendPage["heads"];
  readonly set: (change: Partial<BlendDocument>) => void;
  readonly dispatch: (action: Edit) => void;
  readonly problemAt: (field: string) => string | undefined;
  readonly close: () => void;
}

const SOMEBODY = "somebody";
const TEMPERATURES = [
  ["8", "cold from the fridge"],
  ["20", "as the kitchen"],
  ["40", "hand-warm"],
  ["70", "hot"],
  ["100", "just boiled"],
] as const;

function Purpose({ doc, set, problemAt, close }: ChoiceProps) {
  return (
    <div className="flex flex-col gap-3">
      <Options
        label="What is it for?"
        value={doc.purpose}
        options={optionsOf(PURPOSES, PURPOSE_NAME)}
        onChange={(purpose) => set(forPurpose(doc, purpose))}
        onPick={(purpose) => {
          if (PURPOSE[purpose].region === "wholeHead") close();
        }}
      />
      {PURPOSE[doc.purpose].region === "newGrowth" && (
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
  );
}

function Whose({ doc, heads, dispatch, close }: ChoiceProps) {
  const headOptions: Option<string>[] = [
    ...heads.map(({ id, name }) => ({ value: id, label: name })),
    { value: SOMEBODY, label: "somebody else", note: "describe the hair here" },
  ];
  return (
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
  );
}

function Hair({ doc, dispatch, problemAt }: ChoiceProps) {
  return (
    <HairFields
      head={doc.head}
      path="head"
      problemAt={problemAt}
      onChange={(changed) => dispatch({ do: "head", headId: doc.headId, head: changed })}
    />
  );
}

function Thickness({ doc, set, close }: ChoiceProps) {
  return (
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
  );
}

function LiquidChoice({ doc, set, problemAt }: ChoiceProps) {
  const liquids = useEverything()
    .everything.filter((material) => material.makesUp)
    .map(({ id, use }) => ({ value: id, label: materialName(id), note: use }));
  return (
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
  );
}

function Kitchen({ doc, set, problemAt }: ChoiceProps) {
  return (
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
  );
}

function Rest({ doc, set, problemAt }: ChoiceProps) {
  return (
    <div className="flex flex-col gap-2">
      <Field
        label="Minutes between mixing and the head"
        problem={problemAt("restMin")}
        hint="Leave it empty, and the bowl decides: a herb paste its soak, a dye its peak."
      >
        {(a) => (
          <input {...a} inputMode="numeric" value={doc.restText} onChange={(e) => set({ restText: e.target.value })} />
        )}
      </Field>
      <button type="button" className="pressable min-h-11 self-start" onClick={() => set({ restText: "" })}>
        let the bowl decide
      </button>
    </div>
  );
}

function HowMuch({ doc, set, close }: ChoiceProps) {
  return (
    <Options
      label="How much?"
      value={doc.sizing}
      options={optionsOf(SIZINGS, SIZING_NAME, SIZING_NOTE)}
      onChange={(sizing) => set({ sizing })}
      onPick={close}
    />
  );
}

function When({ doc, set, close }: ChoiceProps) {
  return (
    <div className="flex flex-col gap-3">
      <Field label="On the head at" hint="It counts back from there. It is of this bowl, and not kept with the blend.">
        {(a) => (
          <input
            {...a}
            type="datetime-local"
            value={doc.whenText ?? ""}
            onChange={(event) => set({ whenText: event.target.value })}
          />
        )}
      </Field>
      <button
        type="button"
        className="pressable min-h-11 self-start"
        onClick={() => {
          set({ whenText: "" });
          close();
        }}
      >
        whenever it suits
      </button>
    </div>
  );
}

const CHOICE: Readonly<Record<SentencePart, ComponentType<ChoiceProps>>> = {
  purpose: Purpose,
  whose: Whose,
  hair: Hair,
  thickness: Thickness,
  liquid: LiquidChoice,
  kitchen: Kitchen,
  rest: Rest,
  sizing: HowMuch,
  when: When,
};

/** What one can choose for a part of the sentence. */
export function SentenceChoice({ part, ...props }: ChoiceProps & { readonly part: SentencePart }) {
  const Choice = CHOICE[part];
  return <Choice {...props} />;
}
