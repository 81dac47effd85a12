"use client";
import { useState } from "react";
import type { InstrumentId } from "@/core/instrument";
import { checkMakingPayload, type Gauge, type GaugeRead } from "@/core/making";
import { GAUGE_NAME } from "@/words/making";
import { problemWords } from "@/words/problems";
import { Field } from "../../forms/Field";
import { textOf, typed } from "../../forms/typed";
import { TakeReading } from "../../instruments/TakeReading";
import { Button } from "../../parts/Button";
import { Fold } from "../../parts/Fold";

/** What of the house's instruments shows it. */
const READ_BY: Readonly<Partial<Record<Gauge, InstrumentId>>> = { weightG: "scale", tempC: "probe" };

interface ReadOffProps {
  readonly gauges: readonly Gauge[];
  readonly count: number;
  readonly onRead: (read: GaugeRead) => void;
}

/** What a stick, a scale or a thermometer says now; two of a kind narrow everything that follows. */
export function ReadOff({ gauges, count, onRead }: ReadOffProps) {
  const [texts, setTexts] = useState<Readonly<Partial<Record<Gauge, string>>>>({});
  const [said, setSaid] = useState("");
  if (gauges.length === 0) return null;
  return (
    <Fold
      title="Read it off"
      line={count === 0 ? "two readings of a kind narrow the rest" : `${count} noted`}
      open={count > 0}
    >
      <ul className="mt-1 flex flex-wrap items-start gap-x-6 gap-y-2">
        {gauges.map((gauge) => {
          const text = texts[gauge] ?? "";
          const read: GaugeRead = { kind: "gaugeRead", gauge, value: typed(text) };
          const [problem] = text.trim() === "" ? [] : checkMakingPayload(read);
          return (
            <li key={gauge}>
              <form
                className="flex items-end gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  if (problem || text.trim() === "") return;
                  onRead(read);
                  setTexts((now) => ({ ...now, [gauge]: "" }));
                  setSaid(`Noted: ${GAUGE_NAME[gauge]} ${text}.`);
                }}
              >
                <Field label={GAUGE_NAME[gauge]} problem={problem && problemWords(problem)}>
                  {(a) => (
                    <>
                      <input
                        {...a}
                        className="w-24"
                        inputMode="decimal"
                        value={text}
                        onChange={(event) => setTexts((now) => ({ ...now, [gauge]: event.target.value }))}
                      />
                      {READ_BY[gauge] && (
                        <TakeReading
                          of={READ_BY[gauge]}
                          onTake={(value) => setTexts((now) => ({ ...now, [gauge]: textOf(value) }))}
                        />
                      )}
                    </>
                  )}
                </Field>
                <Button type="submit" idle={problem !== undefined || text.trim() === ""}>
                  note
                </Button>
              </form>
            </li>
          );
        })}
      </ul>
      <p role="status" className="sr-only">
        {said}
      </p>
    </Fold>
  );
}
