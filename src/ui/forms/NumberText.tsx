import { problemWords } from "@/words/problems";
import type { Problem } from "@/core/problem";
import type { InstrumentId } from "@/core/instrument";
import { TakeReading } from "../instruments/TakeReading";
import { Field } from "./Field";
import { textOf } from "./typed";

interface NumberTextProps {
  readonly label: string;
  readonly hint?: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly problem: Problem | undefined;
  readonly large?: true;
  /** What of the house's instruments can fill it. */
  readonly readBy?: InstrumentId;
  readonly readOff?: number;
}
/** A number as it is typed, to be heeded once it is sent. */
export const NumberText = ({ label, hint, text, onText, problem, large, readBy, readOff }: NumberTextProps) => (
  <Field label={label} hint={hint} problem={problem && problemWords(problem)}>
    {(a) => (
      <>
        <input
          {...a}
          className={large ? "w-32 text-xl" : "w-28"}
          inputMode="decimal"
          value={text}
          onChange={(event) => onText(event.target.value)}
        />
        {readBy && <TakeReading of={readBy} off={readOff} onTake={(value) => onText(textOf(value))} />}
      </>
    )}
  </Field>
);
