"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { LIMITS } from "@/core/limits";
import { wallTimeOf } from "@/words/times";
import { houseNow } from "../clock";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";

interface BeginItProps {
  readonly called: string;
  readonly said: object;
  readonly timeZone: string;
  readonly onDone: () => void;
}

/** It is begun now, in one press, or at another time; from then on it is followed step by step. */
export function BeginIt({ called, said, timeZone, onDone }: BeginItProps) {
  const router = useRouter();
  const { busy, wholeTrouble, settle, write, idFor } = useWrite();
  const [name, setName] = useState<string>();
  const [at, setAt] = useState("");
  const [problem, setProblem] = useState<string>();
  const begin = async (when: string) => {
    const { DateTime } = await import("luxon");
    const moment = when ? DateTime.fromISO(when, { zone: timeZone }) : undefined;
    if (moment && !moment.isValid) return setProblem("A day and a time.");
    const what = {
      ...said,
      name: (name ?? called).trim(),
      ...(moment ? { startsAt: moment.toUTC().toISO() } : {}),
    };
    const answer = await write<{ id: string }>("POST", "makings/begun", { id: idFor(what), ...what });
    if (!answer.ok) return;
    onDone();
    router.push(`/makings/${answer.value.id}`);
    router.refresh();
  };
  return (
    <div className="flex flex-col gap-1">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <Button look="main" disabled={busy} onClick={() => void begin("")}>
          Begin it now
        </Button>
        <Sheet
          title="Begin it at another time"
          trigger={
            <Button look="text" disabled={busy}>
              at another time …
            </Button>
          }
        >
          <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void begin(at || wallTimeOf(houseNow(), timeZone));
            }}
          >
            <Field label="What is it called?">
              {(a) => (
                <input
                  {...a}
                  className="w-full"
                  value={name ?? called}
                  maxLength={LIMITS.thingNameChars.max}
                  onChange={(event) => {
                    setName(event.target.value);
                    settle();
                  }}
                />
              )}
            </Field>
            <Field label="It begins" problem={problem}>
              {(a) => (
                <input
                  {...a}
                  type="datetime-local"
                  value={at || wallTimeOf(houseNow(), timeZone)}
                  onChange={(event) => {
                    setAt(event.target.value);
                    setProblem(undefined);
                  }}
                />
              )}
            </Field>
            <Button look="main" type="submit" className="self-start" disabled={busy}>
              Begin it then
            </Button>
          </form>
        </Sheet>
      </div>
      <p role="status" className="text-stop">
        {wholeTrouble}
      </p>
    </div>
  );
}
