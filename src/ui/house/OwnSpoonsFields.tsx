"use client";
import { useState } from "react";
import {
  checkSpoons,
  LEAST_TSP,
  SPOON_SETS,
  spoonMl,
  type OwnSpoons,
  type Spoons,
  type SpoonSet,
} from "@/core/measure";
import { kitchenNumber } from "@/words/amounts";
import { SPOON_SET_NAME } from "@/words/names";
import { problemWords } from "@/words/problems";
import { textOf, typed } from "../forms/typed";
import { Field } from "../forms/Field";
import { Options } from "../forms/Options";

/** g/ml of water at kitchen warmth. @source CRC Handbook, water at 20 °C 0.998 (from memory) */
const WATER_G_PER_ML = 0.998;
const OWN = "own";
const LEAST_NAME: Readonly<Record<OwnSpoons["leastTsp"], string>> = {
  0.125: "an eighth",
  0.25: "a quarter",
  0.5: "a half",
  1: "only the whole one",
};
const SPOONS = [
  ["tsp", "Teaspoon"],
  ["tbsp", "Tablespoon"],
  ["cup", "Cup"],
] as const;

/** Which spoons this house measures with: a known set, or its own, weighed full of water. */
export function OwnSpoonsFields({ spoons, onChange }: { spoons: Spoons; onChange: (spoons: Spoons) => void }) {
  const own = typeof spoons === "string" ? undefined : spoons;
  const [texts, setTexts] = useState<Readonly<Record<"tsp" | "tbsp" | "cup", string>>>(() => gramsOf(spoons));
  const [lastSet, setLastSet] = useState<SpoonSet>(typeof spoons === "string" ? spoons : "metric");
  const choose = (value: string) => {
    if (value === OWN) {
      setTexts(gramsOf(lastSet));
      onChange({ ...spoonMl(lastSet), leastTsp: 0.25, hasCup: true });
    } else {
      setLastSet(value as SpoonSet);
      onChange(value as SpoonSet);
    }
  };
  const problems = checkSpoons(spoons);
  return (
    <div>
      <h2>The spoons in the drawer</h2>
      <Options
        label="The spoons in the drawer"
        value={own ? OWN : (spoons as SpoonSet)}
        onChange={choose}
        options={[
          ...SPOON_SETS.map((value) => ({ value: value as string, label: SPOON_SET_NAME[value] })),
          { value: OWN, label: "these very spoons", note: "weighed full of water to the brim" },
        ]}
      />
      {own && (
        <div className="mt-2 flex flex-col gap-3 border-l-4 border-leaf-fill pl-3">
          <p>
            Put a glass on the scale, fill each spoon to the brim with water and tip it in. A few spoonfuls, divided by
            how many, are surer than one.
          </p>
          <div className="grid grid-cols-3 gap-3">
            {SPOONS.map(([unit, label]) => {
              const problem = problems.find(({ field }) => field === `spoons.${unit}`);
              return (
                <Field
                  key={unit}
                  label={`${label}, g`}
                  problem={problem && problemWords(problem)}
                  hint={Number.isFinite(own[unit]) ? `${kitchenNumber(own[unit])} ml` : undefined}
                >
                  {(a) => (
                    <input
                      {...a}
                      className="w-full"
                      inputMode="decimal"
                      value={texts[unit]}
                      onChange={(e) => {
                        setTexts({ ...texts, [unit]: e.target.value });
                        onChange({ ...own, [unit]: (typed(e.target.value) ?? NaN) / WATER_G_PER_ML });
                      }}
                    />
                  )}
                </Field>
              );
            })}
          </div>
          <Field label="The smallest part of a teaspoon there is">
            {(a) => (
              <select
                {...a}
                value={own.leastTsp}
                onChange={(e) => onChange({ ...own, leastTsp: Number(e.target.value) as OwnSpoons["leastTsp"] })}
              >
                {LEAST_TSP.map((one) => (
                  <option key={one} value={one}>
                    {LEAST_NAME[one]}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="min-h-5 min-w-5"
              checked={own.hasCup}
              onChange={(e) => onChange({ ...own, hasCup: e.target.checked })}
            />
            there is a measuring cup with quarters
          </label>
        </div>
      )}
    </div>
  );
}

const gramsOf = (spoons: Spoons) => {
  const { tsp, tbsp, cup } = spoonMl(spoons);
  const grams = (ml: number) => textOf(Number((ml * WATER_G_PER_ML).toFixed(1)));
  return { tsp: grams(tsp), tbsp: grams(tbsp), cup: grams(cup) };
};
