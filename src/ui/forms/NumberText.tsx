import { problemWords } from "@/words/problems";
import type { Problem } from "@/core/problem";
import { Field } from "./Field";

interface NumberTextProps {
  readonly label: string;
  readonly hint?: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly problem: Problem | undefined;
  readonly large?: true;
}
/** A number as it is typed, to be heeded once it is sent. */
export const NumberText = ({ label, hint, text, onText, problem, large }: NumberTextProps) => (
  <Field label={label} hint={hint} problem={problem && problemWords(problem)}>
    {(a) => (
      <input
        {...a}
        className={large ? "w-32 text-xl" : "w-28"}
        inputMode="decimal"
        value={text}
        onChange={(event) => onText(event.target.value)}
      />
    )}
  </Field>
);
