"use client";
import { useState } from "react";
import { search } from "@/core/search";
import type { Material } from "@/core/material";
import { FORM_NAME } from "@/words/families";
import { ownColour } from "../parts/colour";
import { Field } from "../forms/Field";
import { useShelf } from "./ShelfContext";
import { useEverything } from "./useEverything";

interface MaterialPickerProps {
  readonly label: string;
  readonly value: Material | undefined;
  readonly onChange: (material: Material | undefined) => void;
  readonly problem?: string;
  /** Only these; left out, all. */
  readonly takes?: (material: Material) => boolean;
}

/** Finds one thing by any of its names. */
export function MaterialPicker({ label, value, onChange, problem, takes }: MaterialPickerProps) {
  const { find } = useShelf();
  const { index } = useEverything();
  const [text, setText] = useState("");
  const found = text.trim()
    ? search(index(), text, takes ? 60 : 8)
        .filter(({ id }) => !takes || takes(find(id)!))
        .slice(0, 8)
    : [];
  if (value) {
    return (
      <div>
        <p className="text-sm font-semibold">{label}</p>
        <p className="flex items-center gap-2">
          <Swatch material={value} />
          <strong>{value.names[0].text}</strong> <span className="text-quiet">{FORM_NAME[value.form]}</span>{" "}
          <button type="button" className="pressable min-h-11" onClick={() => onChange(undefined)}>
            another
          </button>
        </p>
        {value.notToConfuse && <p className="text-sm">{value.notToConfuse}</p>}
      </div>
    );
  }
  return (
    <div>
      <Field
        label={label}
        problem={problem}
        hint="Any name will do: English, Latin, a regional one, or what it is for."
      >
        {(a) => <input {...a} type="search" value={text} onChange={(e) => setText(e.target.value)} />}
      </Field>
      <ul>
        {found.map(({ id, by }) => {
          const material = find(id)!;
          return (
            <li key={id}>
              <button
                type="button"
                className="flex min-h-11 w-full items-center gap-2 rounded-[3px] px-1 text-left hover:bg-sunk"
                onClick={() => {
                  onChange(material);
                  setText("");
                }}
              >
                <Swatch material={material} />
                <span>
                  {material.names[0].text}
                  {by && <span className="text-quiet"> · {by}</span>}{" "}
                  <span className="text-sm text-quiet">{FORM_NAME[material.form]}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {text.trim() !== "" && found.length === 0 && (
        <p className="text-sm text-quiet">
          Nothing by that name. You can make it a thing of your own under “mix your own”.
        </p>
      )}
    </div>
  );
}

const Swatch = ({ material }: { material: Material }) => (
  <span
    className="h-6 w-4 shrink-0 rounded-b-full border border-ink"
    style={{ background: ownColour(material.colour) }}
    aria-hidden
  />
);
