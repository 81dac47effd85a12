"use client";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import type { LIMITS } from "@/core/limits";
import { problemWords } from "@/words/problems";
import { Field } from "./Field";
import { textOf, typed } from "./typed";

interface NumberFieldProps {
  readonly label: string;
  readonly limit: keyof typeof LIMITS;
  readonly value: number;
  readonly onChange: (value: number) => void;
}
/** A number that is heeded as soon as it can be; until then it stays as it was typed. */
export function NumberField({ label, limit, value, onChange }: NumberFieldProps) {
  const [text, setText] = useState(textOf(value));
  const [last, setLast] = useState(value);
  if (last !== value) {
    // It was changed from elsewhere.
    setLast(value);
    if (typed(text) !== value) setText(textOf(value));
  }
  const problem = checkNumber(limit, typed(text), limit);
  return (
    <Field label={label} problem={problem && problemWords(problem)}>
      {(a) => (
        <input
          {...a}
          className="w-24"
          inputMode="decimal"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            const to = typed(event.target.value);
            if (!checkNumber(limit, to, limit)) onChange(to);
          }}
        />
      )}
    </Field>
  );
}
