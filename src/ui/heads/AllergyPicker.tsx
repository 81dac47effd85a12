"use client";
import { useId, useState } from "react";
import { search } from "@/core/search";
import { ALLERGY_GROUP_IDS, allergyName } from "@/words/names";
import { useEverything } from "../shelf/useEverything";

interface AllergyPickerProps {
  readonly allergies: readonly string[];
  readonly onChange: (allergies: readonly string[]) => void;
}

const MOST_SHOWN = 6;

/** What somebody does not bear: whole groups to tick, single things by their name. */
export function AllergyPicker({ allergies, onChange }: AllergyPickerProps) {
  const { index } = useEverything();
  const [text, setText] = useState("");
  const id = useId();
  const found = text.trim() ? search(index(), text).slice(0, MOST_SHOWN) : [];
  const without = (one: string) => allergies.filter((other) => other !== one);
  const single = allergies.filter((one) => !ALLERGY_GROUP_IDS.some((group) => group === one));
  return (
    <fieldset className="col-span-2">
      <legend className="text-sm font-semibold">Known allergies</legend>
      <div className="flex flex-wrap gap-x-5">
        {ALLERGY_GROUP_IDS.map((group) => (
          <label key={group} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="h-5 min-h-0 w-5"
              checked={allergies.includes(group)}
              onChange={(event) => onChange(event.target.checked ? [...allergies, group] : without(group))}
            />
            {allergyName(group)}
          </label>
        ))}
      </div>
      <label htmlFor={id} className="text-sm font-semibold">
        One thing, by its name
      </label>
      <input id={id} type="search" className="w-full" value={text} onChange={(event) => setText(event.target.value)} />
      <ul>
        {found.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              className="pressable min-h-11 text-left"
              disabled={allergies.includes(one.id)}
              onClick={() => {
                onChange([...allergies, one.id]);
                setText("");
              }}
            >
              not {allergyName(one.id)}
            </button>
          </li>
        ))}
      </ul>
      {single.length > 0 && (
        <ul className="flex flex-wrap gap-x-4">
          {single.map((one) => (
            <li key={one}>
              {allergyName(one)}{" "}
              <button type="button" className="pressable min-h-11" onClick={() => onChange(without(one))}>
                not any more
              </button>
            </li>
          ))}
        </ul>
      )}
    </fieldset>
  );
}
