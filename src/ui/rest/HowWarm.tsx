"use client";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";

import { NumberText } from "../forms/NumberText";
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
      <NumberText label="A thermometer in it says, °C" text={text} onText={setText} problem={problem} readBy="probe" />
      <Button type="submit" disabled={problem !== undefined || text.trim() === ""}>
        Note it
      </Button>
    </form>
  );
}
