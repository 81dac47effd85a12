"use client";
import {
  AGES,
  ASKED_FROM_CM,
  CUTS,
  LANDMARKS,
  PONYTAIL_CM,
  SHADES,
  STRAND_COUNTS,
  STRAND_SIZES,
  type Head,
} from "@/core/head";
import { AGE_NAME, CUT_NAME, LANDMARK_NAME, SHADE_NAME, STRAND_COUNT_NAME, STRAND_SIZE_NAME } from "@/words/names";
import type { DraftHead } from "./draftHead";
import { Field } from "../forms/Field";
import { typed } from "../forms/typed";
import { AllergyPicker } from "./AllergyPicker";
import { LengthOnDrawing } from "./LengthOnDrawing";
import { MoreAboutIt } from "./MoreAboutIt";
import { Treatments } from "./Treatments";

interface HairFieldsProps {
  readonly head: DraftHead;
  readonly onChange: (head: DraftHead) => void;
  readonly problemAt: (field: string) => string | undefined;
  /** Path of the head in the problems: "head" in a question, "hair" on its own. */
  readonly path: string;
}

const STRAND_HOW = "Rolled between two fingers: not felt is fine, felt is medium, like a thread is coarse.";
const MEASURE = "measure";
const LEVELS = Array.from({ length: 10 }, (_, i) => i + 1);
const ROUND_ASKED =
  `More than ${ASKED_FROM_CM} cm is rare. Is that once round, in cm, with all the hair in it? Then it counts as it` +
  " stands.";

/** Everything about one head of hair, measured or in words. */
export function HairFields({ head, onChange, problemAt, path }: HairFieldsProps) {
  const { hair, by } = head;
  const set = (change: Partial<Head>) => onChange({ ...head, hair: { ...hair, ...change } });
  const picks = <T extends string>(
    name: "strand" | "cut" | "shade" | "age",
    label: string,
    values: readonly T[],
    names: Readonly<Record<T, string>>,
    hint?: string,
  ) => (
    <Field label={label} hint={hint} problem={problemAt(`${path}.${name}`)}>
      {(attributes) => (
        <select
          {...attributes}
          value={hair[name]}
          onChange={(event) => set({ [name]: event.target.value } as Partial<Head>)}
        >
          {values.map((value) => (
            <option key={value} value={value}>
              {names[value]}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
  const tick = (name: "pregnant" | "soreScalp" | "asthma", label: string) => (
    <label className="flex min-h-11 items-center gap-2">
      <input
        type="checkbox"
        className="h-5 min-h-0 w-5"
        checked={hair[name]}
        onChange={(event) => set({ [name]: event.target.checked } as Partial<Head>)}
      />
      {label}
    </label>
  );
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-3">
      <Field label="Longest hair" problem={by.length === "cm" ? undefined : problemAt(`${path}.longest.landmark`)}>
        {(attributes) => (
          <select
            {...attributes}
            value={by.length === "cm" ? MEASURE : "landmark" in hair.longest ? hair.longest.landmark : "shoulder"}
            onChange={({ target: { value } }) =>
              onChange(
                value === MEASURE
                  ? { ...head, by: { ...by, length: "cm" } }
                  : {
                      ...head,
                      by: { ...by, length: "landmark" },
                      hair: { ...hair, longest: { landmark: value as (typeof LANDMARKS)[number] } },
                    },
              )
            }
          >
            <option value={MEASURE}>measured in cm</option>
            {LANDMARKS.map((landmark) => (
              <option key={landmark} value={landmark}>
                {LANDMARK_NAME[landmark]}
              </option>
            ))}
          </select>
        )}
      </Field>
      {by.length === "cm" ? (
        <Field label="cm, longest" hint="Or in inches: 14 in." problem={problemAt(`${path}.longest.cm`)}>
          {(attributes) => (
            <input
              {...attributes}
              inputMode="decimal"
              value={head.cmText}
              onChange={(event) => onChange({ ...head, cmText: event.target.value })}
            />
          )}
        </Field>
      ) : (
        <LengthOnDrawing
          head={hair}
          chosen={"landmark" in hair.longest ? hair.longest.landmark : undefined}
          onChoose={(landmark) => set({ longest: { landmark } })}
        />
      )}
      <Field label="How much hair">
        {(attributes) => (
          <select
            {...attributes}
            value={by.amount === "ponytail" ? MEASURE : "strands" in hair.amount ? hair.amount.strands : "medium"}
            onChange={({ target: { value } }) =>
              onChange(
                value === MEASURE
                  ? { ...head, by: { ...by, amount: "ponytail" } }
                  : {
                      ...head,
                      by: { ...by, amount: "strands" },
                      hair: { ...hair, amount: { strands: value as (typeof STRAND_COUNTS)[number] } },
                    },
              )
            }
          >
            <option value={MEASURE}>ponytail measured</option>
            {STRAND_COUNTS.map((count) => (
              <option key={count} value={count}>
                {STRAND_COUNT_NAME[count]}, about {PONYTAIL_CM[count].value} cm round
              </option>
            ))}
          </select>
        )}
      </Field>
      {by.amount === "ponytail" ? (
        <Field
          label="cm round the ponytail"
          problem={problemAt(`${path}.amount.ponytailCm`)}
          hint={typed(head.ponytailText) > ASKED_FROM_CM ? ROUND_ASKED : undefined}
        >
          {(attributes) => (
            <input
              {...attributes}
              inputMode="decimal"
              value={head.ponytailText}
              onChange={(event) => onChange({ ...head, ponytailText: event.target.value })}
            />
          )}
        </Field>
      ) : (
        by.length === "cm" && <span />
      )}
      {picks("strand", "One strand", STRAND_SIZES, STRAND_SIZE_NAME, STRAND_HOW)}
      {picks("cut", "Cut", CUTS, CUT_NAME)}
      {picks("shade", "Colour", SHADES, SHADE_NAME)}
      <Field label="Grey, %" problem={problemAt(`${path}.greyShare`)}>
        {(attributes) => (
          <input
            {...attributes}
            inputMode="numeric"
            value={head.greyText}
            onChange={(event) => onChange({ ...head, greyText: event.target.value })}
          />
        )}
      </Field>
      {picks("age", "Age", AGES, AGE_NAME)}
      <AllergyPicker allergies={hair.allergies} onChange={(allergies) => set({ allergies })} />
      <Treatments
        treated={hair.treated}
        onChange={(treated) => set({ treated })}
        problemAt={(at) => problemAt(`${path}.treated.${at}`)}
      />
      <Field label="Natural colour, 1 black to 10 palest blond" problem={problemAt(`${path}.baseLevel`)}>
        {(attributes) => (
          <select
            {...attributes}
            value={hair.baseLevel ?? ""}
            onChange={(event) => set({ baseLevel: event.target.value ? Number(event.target.value) : undefined })}
          >
            <option value="">not said</option>
            {LEVELS.map((level) => (
              <option key={level} value={level}>
                {level}
              </option>
            ))}
          </select>
        )}
      </Field>
      <MoreAboutIt
        hair={hair}
        byTape={by.length === "cm"}
        onChange={set}
        problemAt={(at) => problemAt(`${path}.${at}`)}
      />
      <div className="col-span-2 flex flex-wrap gap-x-5">
        {tick("soreScalp", "sore scalp")}
        {tick("asthma", "asthma")}
        {tick("pregnant", "pregnant or nursing")}
      </div>
    </div>
  );
}
