"use client";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import { problemWords } from "@/words/problems";
import { Field } from "../forms/Field";
import { typed } from "../forms/typed";
import { Button } from "../parts/Button";

/** A thermometer in a warm bowl: one reading says how warm it began, a second one how fast it cools. */
export function HowWarm({ onNote }: { onNote: (tempC: number) => void }) {
  const [text, setText] = useState("");
  const problem = text.trim() === "" ? undefined : checkNumber("tempC", typed(text), "liquidTempC");
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (problem || text.trim() === "") return;
        onNote(typed(text));
        setText("");
      }}
    >
      <Field label="A thermometer in it says, °C" problem={problem && problemWords(problem)}>
        {(a) => (
          <input
            {...a}
            className="w-28"
            inputMode="decimal"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      <Button type="submit" disabled={problem !== undefined || text.trim() === ""}>
        Note it
      </Button>
    </form>
  );
}
