"use client";
import { useState } from "react";
import { grownCm, TRAIT_IDS, TRAITS, type Head, type TraitId, type Traits, type TraitValue } from "@/core/head";
import { DAY_NAMES, TRAIT_WORDS } from "@/words/traits";
import { Field } from "../forms/Field";
import { textOf, typed } from "../forms/typed";

interface MoreAboutItProps {
  readonly hair: Head;
  /** Its length was measured: then it grows. */
  readonly byTape: boolean;
  readonly onChange: (change: Partial<Head>) => void;
  readonly problemAt: (field: string) => string | undefined;
}

/** What more can be said of a head, folded away: all of it may stay unknown. */
export function MoreAboutIt({ hair, byTape, onChange, problemAt }: MoreAboutItProps) {
  const traits = hair.traits ?? {};
  const [shrinksText, setShrinks] = useState(hair.shrinks === undefined ? "" : textOf(hair.shrinks * 100));
  const [growthText, setGrowth] = useState(hair.growthCmPerMonth === undefined ? "" : textOf(hair.growthCmPerMonth));
  const say = (trait: TraitId, said: TraitValue | readonly TraitValue[] | undefined) => {
    const { [trait]: _, ...rest } = traits;
    const all = said === undefined || (Array.isArray(said) && said.length === 0) ? rest : { ...rest, [trait]: said };
    onChange({ traits: Object.keys(all).length > 0 ? (all as Traits) : undefined });
  };
  const today = new Date().toISOString().slice(0, 10);
  const grown = byTape ? grownCm(hair, today) : 0;
  return (
    <details className="col-span-2">
      <summary className="pressable min-h-11 content-center">more about this hair; all of it may stay unknown</summary>
      <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-3">
        {TRAIT_IDS.map((trait) => {
          const { many, of } = TRAITS[trait];
          const { name, why, of: names } = TRAIT_WORDS[trait];
          const said = [traits[trait] ?? []].flat() as readonly TraitValue[];
          return many ? (
            <fieldset key={trait} className="col-span-2">
              <legend className="text-sm font-semibold">{name}</legend>
              <div className="flex flex-wrap gap-x-5">
                {of.map((one) => (
                  <label key={one} className="flex min-h-11 items-center gap-2">
                    <input
                      type="checkbox"
                      className="h-5 min-h-0 w-5"
                      checked={said.includes(one)}
                      onChange={(event) =>
                        say(trait, event.target.checked ? [...said, one] : said.filter((other) => other !== one))
                      }
                    />
                    {names[one]}
                  </label>
                ))}
              </div>
              <p className="text-sm text-quiet">{why}</p>
            </fieldset>
          ) : (
            <Field key={trait} label={name} hint={why}>
              {(a) => (
                <select
                  {...a}
                  value={said[0] ?? ""}
                  onChange={(event) => say(trait, (event.target.value || undefined) as TraitValue | undefined)}
                >
                  <option value="">not known</option>
                  {of.map((one) => (
                    <option key={one} value={one}>
                      {names[one]}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          );
        })}
        <Field
          label="Hides of its length, %"
          hint="What curls take up when it hangs; it counts where the length is a landmark."
          problem={problemAt("shrinks")}
        >
          {(a) => (
            <input
              {...a}
              inputMode="numeric"
              value={shrinksText}
              onChange={(event) => {
                setShrinks(event.target.value);
                const percent = typed(event.target.value);
                onChange({ shrinks: percent === undefined ? undefined : percent / 100 });
              }}
            />
          )}
        </Field>
        <Field label="Washed on">
          {(a) => (
            <select
              {...a}
              value={hair.washDay ?? ""}
              onChange={(event) => onChange({ washDay: event.target.value ? Number(event.target.value) : undefined })}
            >
              <option value="">no day of its own</option>
              {DAY_NAMES.map((name, i) => (
                <option key={name} value={i + 1}>
                  {name}
                </option>
              ))}
            </select>
          )}
        </Field>
        {byTape && (
          <>
            <Field
              label="Measured on"
              hint={
                grown >= 0.5
                  ? `It has grown about ${Math.round(grown)} cm since, and bowls count that.`
                  : "From that day on it grows; after a trim type the new length and day."
              }
              problem={problemAt("measuredOn")}
            >
              {(a) => (
                <input
                  {...a}
                  type="date"
                  value={hair.measuredOn ?? ""}
                  onChange={(event) => onChange({ measuredOn: event.target.value || undefined })}
                />
              )}
            </Field>
            <Field label="Grows, cm a month" hint="Empty: 1.1, as most." problem={problemAt("growthCmPerMonth")}>
              {(a) => (
                <input
                  {...a}
                  inputMode="decimal"
                  value={growthText}
                  onChange={(event) => {
                    setGrowth(event.target.value);
                    onChange({ growthCmPerMonth: typed(event.target.value) });
                  }}
                />
              )}
            </Field>
          </>
        )}
      </div>
    </details>
  );
}
