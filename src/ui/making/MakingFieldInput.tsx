"use client";
import type { MakingField } from "@/core/making";
import type { MethodWords } from "@/words/making";
import { Field } from "../forms/Field";
import { Options } from "../forms/Options";

interface MakingFieldInputProps {
  readonly field: MakingField;
  readonly words: MethodWords["fields"][string];
  readonly value: string | boolean;
  readonly problem?: string;
  readonly onChange: (value: string | boolean) => void;
}

/** What a method asks, whatever it is: a number, one of a few, or yes and no. */
export function MakingFieldInput({ field, words, value, problem, onChange }: MakingFieldInputProps) {
  switch (field.kind) {
    case "number":
      return (
        <Field label={words.label} problem={problem} hint={words.hint}>
          {(a) => (
            <input
              {...a}
              className="w-full"
              inputMode="decimal"
              value={String(value)}
              onChange={(event) => onChange(event.target.value)}
            />
          )}
        </Field>
      );
    case "choice":
      return (
        <div>
          <p className="text-sm font-semibold">{words.label}</p>
          <Options
            label={words.label}
            value={String(value)}
            options={field.options.map((one) => ({ value: one, label: words.options?.[one] ?? one }))}
            onChange={onChange}
          />
        </div>
      );
    case "yes":
      return (
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="h-5 min-h-0 w-5"
            checked={value === true}
            onChange={(event) => onChange(event.target.checked)}
          />
          {words.label}
        </label>
      );
  }
}
