"use client";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import { problemWords } from "@/words/problems";
import { Field } from "../forms/Field";
import { typed } from "../forms/typed";

/** How warm a place is; what cannot be stays in the field, and nothing else follows it. */
export function Degrees({ tempC, onChange }: { tempC: number; onChange: (tempC: number) => void }) {
  const [text, setText] = useState(String(tempC));
  const problem = checkNumber("tempC", typed(text), "standsC");
  return (
    <Field label="How warm, °C" problem={problem && problemWords(problem)}>
      {(a) => (
        <input
          {...a}
          className="w-24"
          inputMode="decimal"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            const value = typed(event.target.value);
            if (!checkNumber("tempC", value, "standsC")) onChange(value);
          }}
        />
      )}
    </Field>
  );
}
