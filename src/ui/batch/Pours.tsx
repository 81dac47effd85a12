"use client";
import { useState } from "react";
import { LIMITS } from "@/core/limits";
import { parseCount, spoonMl, type Spoons } from "@/core/measure";
import type { LiquidAnswer } from "@/core/paste";
import { bandWords, roundTo } from "@/words/amounts";
import { Jug } from "../bowl/Jug";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { textOf } from "../forms/typed";
import { TakeReading } from "../instruments/TakeReading";
import { firstPourOf } from "./stages";

interface PoursProps {
  readonly liquid: LiquidAnswer;
  readonly colour: readonly [number, number, number];
  readonly liquidName: string;
  readonly pouredMl: number;
  readonly spoons: Spoons;
  /** Two liquids in a set ratio: each one's name and share. */
  readonly parts?: readonly { readonly name: string; readonly share: number }[];
  /** How much a ml of it weighs: a scale says grams. */
  readonly gPerMl: number;
  readonly closed: boolean;
  readonly onPour: (ml: number) => void;
}

/** What really went in: one press for the first pour, one for a step, or typed. */
export function Pours({
  liquid,
  colour,
  liquidName,
  pouredMl,
  spoons,
  parts = [],
  gPerMl,
  closed,
  onPour,
}: PoursProps) {
  const [text, setText] = useState("");
  const [said, setSaid] = useState("");
  const pour = (ml: number) => {
    onPour(ml);
    setSaid(`Poured ${roundTo(ml, 0.1)} ml, ${roundTo(pouredMl + ml, 1)} ml in all.`);
  };
  if (liquid.state === "unreachable") return <p>No liquid goes in: the wet things are enough.</p>;
  const typed = parseCount(text);
  const wrong = text.trim() !== "" && (typed === undefined || typed <= 0 || typed > LIMITS.pouredMl.max);
  const plan = liquid.state === "solved" ? liquid.plan : undefined;
  const first = firstPourOf(liquid);
  const step = plan?.step ?? { count: 1, unit: "tbsp", ml: spoonMl(spoons).tbsp };
  const each = (ml: number, to: number) =>
    parts.map(({ name, share }) => `${roundTo(ml * share, to)} ml ${name}`).join(" and ");
  return (
    <div>
      <p className="font-say text-figure font-semibold">{roundTo(pouredMl, 1)} ml</p>
      <p className="text-quiet">
        of {liquidName} poured; about {bandWords(liquid.ml).both} planned
      </p>
      {parts.length > 1 && (
        <p className="text-sm">
          so far {each(pouredMl, 1)}; to every {step.count} {step.unit} {each(step.ml, 0.5)}
        </p>
      )}
      <p role="status" className="sr-only">
        {said}
      </p>
      <div className="mt-2">
        <Jug liquid={liquid} colour={colour} pouredMl={pouredMl} />
      </div>
      {!closed && (
        <div className="no-print mt-3 flex flex-wrap items-end gap-2">
          {pouredMl === 0 && first !== undefined && (
            <Button look="main" className="min-h-14" onClick={() => pour(first)}>
              Poured {first} ml
            </Button>
          )}
          <Button className="min-h-14" onClick={() => pour(Math.round(step.ml * 10) / 10)}>
            + {step.count} {step.unit}
          </Button>
          <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              if (typed !== undefined && !wrong) {
                pour(typed);
                setText("");
              }
            }}
          >
            <div className="w-28">
              <Field label="or ml" problem={wrong ? "A number above 0." : undefined}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="decimal"
                    value={text}
                    onChange={(e) => setText(e.target.value)}
                  />
                )}
              </Field>
            </div>
            <TakeReading of="scale" onTake={(grams) => setText(textOf(Math.round((grams / gPerMl) * 10) / 10))} />
            <Button type="submit" disabled={wrong || text.trim() === ""}>
              Poured
            </Button>
          </form>
        </div>
      )}
    </div>
  );
}
