"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { STANDS, usualStand, type Made, type Stand } from "@/core/making";
import { LIMITS } from "@/core/limits";
import { daysWords, kitchenMl, STAND_NAME, type MethodWords } from "@/words/making";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { typed } from "../forms/typed";
import { useWrite } from "../forms/useWrite";
import { Sheet } from "../parts/Sheet";

interface PutItUpProps {
  readonly words: MethodWords;
  readonly made: Made;
  readonly names: readonly string[];
  /** What it would be called. */
  readonly called: string;
  /** Where the house takes it, and what it is told besides. */
  readonly path: string;
  readonly said?: object;
  readonly press: string;
  readonly look?: "main";
  readonly onDone?: () => void;
}

/** What is wrong with these stands at them. */
const FIELDS: readonly string[] = ["name", "outMl", "place"];

/** It is made: it draws on the jars of what went in, and stands on the shelf as a jar with figures of its own. */
export function PutItUp({ words, made, names, called, path, said, press, look, onDone }: PutItUpProps) {
  const router = useRouter();
  const { busy, at, trouble, refused, settle, write, idFor } = useWrite();
  const [name, setName] = useState<string>();
  const [outMl, setOutMl] = useState("");
  const [place, setPlace] = useState("");
  const [chosen, setStands] = useState<Stand>();
  const stands = chosen ?? (made.keeps ? usualStand(made.keeps) : "fridge");
  const [keepsRest, setKeepsRest] = useState(false);
  const besides = (refused?.errors ?? []).filter(({ field: of }) => !FIELDS.includes(of)).map(({ message }) => message);
  const rest = made.rest && words.rest?.(names, made.rest.material.names[0].text);
  const put = async () => {
    const what = {
      ...said,
      name: (name ?? called).trim(),
      ...(made.keeps ? { stands } : {}),
      ...(outMl.trim() ? { outMl: typed(outMl) } : {}),
      ...(place.trim() ? { place: place.trim() } : {}),
    };
    // The same one sent again is the same jar.
    const answer = await write<{ id: string }>("POST", path, {
      id: idFor(what),
      thingId: idFor(["thing", what]),
      ...what,
      ...(rest && keepsRest
        ? { rest: { id: idFor(["rest", what]), thingId: idFor(["rest thing", what]), name: rest.name } }
        : {}),
    });
    if (!answer.ok) return;
    onDone?.();
    router.push(`/shelf/${answer.value.id}`);
    router.refresh();
  };
  const field = (label: string, value: string, set: (text: string) => void, problem?: string, hint?: string) => (
    <Field label={label} problem={problem} hint={hint}>
      {(a) => (
        <input
          {...a}
          className="w-full"
          value={value}
          maxLength={LIMITS.thingNameChars.max}
          onChange={(event) => {
            set(event.target.value);
            settle();
          }}
        />
      )}
    </Field>
  );
  return (
    <Sheet
      title="It is made"
      trigger={
        <Button look={look} className="self-start">
          {press}
        </Button>
      }
    >
      <div className="flex flex-col gap-3">
        {field("What is it called?", name ?? called, setName, at("name"))}
        {field(
          "It came to, ml",
          outMl,
          setOutMl,
          at("outMl"),
          `left empty: about ${kitchenMl(made.amounts.productMl.mid)}, as computed`,
        )}
        {made.keeps && (
          <Field
            label="Where is it kept?"
            hint={
              stands === "freezer" ? "in portions, each for one bowl; thawed in the fridge, warmed once" : undefined
            }
          >
            {(a) => (
              <select {...a} value={stands} onChange={(event) => setStands(event.target.value as Stand)}>
                {STANDS.map((stand) => (
                  <option key={stand} value={stand}>
                    {STAND_NAME[stand]}, {daysWords(made.keeps![stand])}
                  </option>
                ))}
              </select>
            )}
          </Field>
        )}
        {field("On which shelf?", place, setPlace, at("place"))}
        {rest && (
          <label className="flex min-h-11 items-start gap-2">
            <input
              type="checkbox"
              className="mt-1"
              checked={keepsRest}
              onChange={(event) => setKeepsRest(event.target.checked)}
            />
            <span>
              keep {kitchenMl(made.amounts.restG.mid)} g of {rest.name} too: {rest.use}
            </span>
          </label>
        )}
        <p role="status" className="text-stop">
          {refused && [trouble, ...besides].join(" ")}
        </p>
        <Button look="main" disabled={busy} onClick={() => void put()}>
          Put it on the shelf
        </Button>
      </div>
    </Sheet>
  );
}
