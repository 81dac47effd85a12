"use client";
import { Field } from "../forms/Field";
import { Sheet, SheetClose } from "../parts/Sheet";

/** Asks the other way round: with this much liquid, how thick? */
export function JugSheet({
  text,
  problem,
  onChange,
}: {
  text: string;
  problem: string | undefined;
  onChange: (text: string) => void;
}) {
  return (
    <Sheet
      title="Pour a set amount"
      trigger={
        <button type="button" className="pressable min-h-11 text-left">
          {text.trim() ? "let it be solved again, or set another amount" : "I have a set amount of it"}
        </button>
      }
    >
      <div className="flex flex-col gap-2">
        <Field
          label="Pour exactly, ml"
          problem={problem}
          hint="Then the bowl says how thick that comes out; or make the powders, or one thing, follow it."
        >
          {(a) => <input {...a} inputMode="decimal" value={text} onChange={(e) => onChange(e.target.value)} />}
        </Field>
        <SheetClose>
          <button type="button" className="pressable min-h-11 self-start" onClick={() => onChange("")}>
            solve it instead
          </button>
        </SheetClose>
      </div>
    </Sheet>
  );
}
