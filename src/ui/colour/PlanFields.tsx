"use client";
import { DYES, HOWS, WORN_C, type ColourPlan, type DyeId, type How, type WornWarm } from "@/core/colour";

import { DYE_DOES, HOW_NAME, WORN_WARM_NAME } from "@/words/colour/sketch";
import { DYE_NAME } from "@/words/colour/dyeNames";
import { Field } from "../forms/Field";
import { NumberField } from "../forms/NumberField";
import { Button } from "../parts/Button";
import { MOST_DYES } from "./planText";

interface PlanFieldsProps {
  readonly plan: ColourPlan;
  readonly onChange: (plan: ColourPlan) => void;
}
/** How much of its dye a paste has when it goes on. */
const STRENGTHS: readonly (readonly [value: number, name: string])[] = [
  [1, "at its best"],
  [0.8, "just ready, or nearly past"],
  [0.5, "too early, or old powder"],
];

/** What goes on, for how long, and how often. */
export function PlanFields({ plan, onChange }: PlanFieldsProps) {
  const { parts, how, hoursOn, worn, strength, acid, rounds } = plan;
  const set = (change: Partial<ColourPlan>) => onChange({ ...plan, ...change });
  const setPart = (i: number, change: Partial<ColourPlan["parts"][number]>) =>
    set({ parts: parts.map((one, k) => (k === i ? { ...one, ...change } : one)) });
  const free = DYES.filter((dye) => !parts.some((one) => one.dye === dye));
  const slow = parts.some(({ dye }) => dye !== "indigo");
  const both = slow && parts.some(({ dye }) => dye === "indigo");
  const strengths = STRENGTHS.some(([value]) => value === strength)
    ? STRENGTHS
    : [[strength, `${Math.round(strength * 100)} % of the most`] as const, ...STRENGTHS];
  return (
    <div className="flex flex-col gap-3">
      <ul className="flex flex-col gap-2">
        {parts.map(({ dye, parts: its }, i) => (
          <li key={dye}>
            <div className="flex flex-wrap items-end gap-x-3 gap-y-1">
              <Field label={i === 0 ? "What colours" : "and"}>
                {(a) => (
                  <select {...a} value={dye} onChange={(event) => setPart(i, { dye: event.target.value as DyeId })}>
                    {DYES.filter((one) => one === dye || free.includes(one)).map((one) => (
                      <option key={one} value={one}>
                        {DYE_NAME[one]}
                      </option>
                    ))}
                  </select>
                )}
              </Field>
              {parts.length > 1 && (
                <>
                  <NumberField
                    label="Parts"
                    limit="dyeParts"
                    value={its}
                    onChange={(value) => setPart(i, { parts: value })}
                  />
                  <button
                    type="button"
                    className="pressable min-h-11"
                    aria-label={`take out ${DYE_NAME[dye]}`}
                    onClick={() => set({ parts: parts.filter((_, k) => k !== i) })}
                  >
                    take out
                  </button>
                </>
              )}
            </div>
            <p className="text-sm text-quiet">{DYE_DOES[dye]}.</p>
          </li>
        ))}
      </ul>
      {parts.length < MOST_DYES && (
        <Button
          className="self-start"
          onClick={() =>
            set({
              parts: [...parts, { dye: free.includes("indigo") ? "indigo" : free[0], parts: parts.at(-1)!.parts }],
            })
          }
        >
          Another dye with it
        </Button>
      )}
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        {both && (
          <Field label="How they come together">
            {(a) => (
              <select {...a} value={how} onChange={(event) => set({ how: event.target.value as How })}>
                {HOWS.map((one) => (
                  <option key={one} value={one}>
                    {HOW_NAME[one]}
                  </option>
                ))}
              </select>
            )}
          </Field>
        )}
        <NumberField label="Hours on" limit="hoursOn" value={hoursOn} onChange={(value) => set({ hoursOn: value })} />
        <Field label="Worn">
          {(a) => (
            <select {...a} value={worn} onChange={(event) => set({ worn: event.target.value as WornWarm })}>
              {(Object.keys(WORN_C) as WornWarm[]).map((one) => (
                <option key={one} value={one}>
                  {WORN_WARM_NAME[one]}
                </option>
              ))}
            </select>
          )}
        </Field>
        {slow && (
          <Field label="When it goes on it is">
            {(a) => (
              <select {...a} value={strength} onChange={(event) => set({ strength: Number(event.target.value) })}>
                {strengths.map(([value, name]) => (
                  <option key={value} value={value}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        )}
        {slow && (
          <Field label="Mixed">
            {(a) => (
              <select
                {...a}
                value={acid ? "acid" : "plain"}
                onChange={(event) => set({ acid: event.target.value === "acid" })}
              >
                <option value="plain">without acid</option>
                <option value="acid">with lemon</option>
              </select>
            )}
          </Field>
        )}
        <NumberField
          label="How often, a week or more apart"
          limit="dyeRounds"
          value={rounds}
          onChange={(value) => set({ rounds: Math.round(value) })}
        />
      </div>
    </div>
  );
}
