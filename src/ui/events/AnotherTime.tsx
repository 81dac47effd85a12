"use client";
import { useState } from "react";
import { momentWords, wallTimeOf } from "@/words/times";
import { houseNow } from "../clock";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { Sheet } from "../parts/Sheet";

const MINUTE_MS = 60_000;
const EARLIER = [
  [5, "5 min earlier"],
  [15, "15 min earlier"],
  [60, "an hour earlier"],
] as const;

interface AnotherTimeProps {
  /** What it was, for those who do not see where the press stands. */
  readonly what: string;
  readonly atMs: number;
  readonly timeZone: string;
  readonly onDate: (at: string) => void;
}

/** Something happened at another time than it was tapped: a press or two earlier, or the time itself. */
export function AnotherTime({ what, atMs, timeZone, onDate }: AnotherTimeProps) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string>();
  const set = (ms: number) => {
    onDate(new Date(ms).toISOString());
    setOpen(false);
  };
  const setTyped = async () => {
    const { DateTime } = await import("luxon");
    const at = DateTime.fromISO(text, { zone: timeZone });
    if (!at.isValid) return setProblem("A day and a time.");
    if (at.toMillis() > houseNow()) return setProblem("That has not come yet.");
    set(at.toMillis());
  };
  return (
    <Sheet
      title={`When was it? ${what}`}
      open={open}
      onOpenChange={(now) => {
        setOpen(now);
        setText(wallTimeOf(atMs, timeZone));
        setProblem(undefined);
      }}
      trigger={
        <button type="button" className="pressable min-h-11 shrink-0" aria-label={`another time: ${what}`}>
          another time
        </button>
      }
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void setTyped();
        }}
      >
        <p>
          {what}, {momentWords(atMs, timeZone, houseNow())}
        </p>
        <div className="flex flex-wrap gap-2">
          {EARLIER.map(([minutes, words]) => (
            <Button key={minutes} onClick={() => set(atMs - minutes * MINUTE_MS)}>
              {words}
            </Button>
          ))}
        </div>
        <Field label="Or it was at" problem={problem}>
          {(a) => <input {...a} type="datetime-local" value={text} onChange={(e) => setText(e.target.value)} />}
        </Field>
        <Button type="submit" className="self-start" disabled={text === ""}>
          Set it so
        </Button>
      </form>
    </Sheet>
  );
}
