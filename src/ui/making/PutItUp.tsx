"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Ingredient, Made, Method, Settings } from "@/core/making";
import { LIMITS } from "@/core/limits";
import { kitchenMl } from "@/words/making";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { typed } from "../forms/typed";
import { useWrite } from "../forms/useWrite";
import { Sheet } from "../parts/Sheet";

interface PutItUpProps {
  readonly method: Method;
  readonly things: readonly Ingredient[];
  readonly settings: Settings;
  readonly made: Made;
  /** What it would be called. */
  readonly called: string;
  readonly onDone: () => void;
}

/** One setting as the house takes it. */
const settingOf = ([id, value]: [string, number | string | boolean | undefined]) =>
  value === undefined
    ? []
    : [
        {
          id,
          ...(typeof value === "number"
            ? { number: value }
            : typeof value === "boolean"
              ? { yes: value }
              : { choice: value }),
        },
      ];

/** It is made: it draws on the jars of what went in, and stands on the shelf as a jar with figures of its own. */
export function PutItUp({ method, things, settings, made, called, onDone }: PutItUpProps) {
  const router = useRouter();
  const { busy, at, trouble, wholeTrouble, refused, settle, write, idFor } = useWrite();
  const [name, setName] = useState<string>();
  const [outMl, setOutMl] = useState("");
  const [place, setPlace] = useState("");
  const put = async () => {
    const what = {
      method: method.id,
      things: things.map(({ material, massG }) => ({ materialId: material.id, massG })),
      settings: Object.entries(settings).flatMap(settingOf),
      name: (name ?? called).trim(),
      ...(outMl.trim() ? { outMl: typed(outMl) } : {}),
      ...(place.trim() ? { place: place.trim() } : {}),
    };
    // The same one sent again is the same jar.
    const answer = await write<{ id: string }>("POST", "makings", {
      id: idFor(what),
      thingId: idFor(["thing", what]),
      ...what,
    });
    if (!answer.ok) return;
    onDone();
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
        <Button look="main" className="self-start">
          It is made: put it up …
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
        {field("Where does it stand?", place, setPlace, at("place"))}
        <p role="status" className="text-stop">
          {refused && (["name", "outMl", "place"].some(at) ? trouble : wholeTrouble)}
        </p>
        <Button look="main" disabled={busy} onClick={() => void put()}>
          Put it on the shelf
        </Button>
      </div>
    </Sheet>
  );
}
