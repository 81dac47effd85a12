"use client";
import { useState } from "react";
import { search } from "@/core/search";
import { jarInUse } from "@/core/shelf";
import { FAMILIES, NOT_IN_A_PASTE, otherForms, type Material } from "@/core/material";
import { gramWords } from "@/words/amounts";
import { FAMILY_NAME } from "@/words/families";
import { ownColour } from "../parts/colour";
import { Field } from "../forms/Field";
import { useShelf } from "../shelf/ShelfContext";
import { useEverything } from "../shelf/useEverything";

interface FinderProps {
  readonly onAdd: (material: Material) => void;
  readonly already: readonly string[];
}

/** Finds a thing by any name: first what is on the shelf, then everything. */
export function Finder({ onAdd, already }: FinderProps) {
  const { shelf, find } = useShelf();
  const { everything, index } = useEverything();
  const [text, setText] = useState("");
  const found = text.trim() ? search(index(), text) : undefined;
  const stocked = everything.filter(
    ({ id, form }) =>
      !NOT_IN_A_PASTE.includes(form) && shelf.jars.some((jar) => jar.materialId === id && jar.leftG > 0),
  );
  const row = (material: Material, by?: string) => (
    <Thing key={material.id} material={material} by={by} here={already.includes(material.id)} onAdd={onAdd} />
  );
  return (
    <>
      <Field label="What goes in?">
        {(a) => (
          <input
            {...a}
            type="search"
            value={text}
            onChange={(e) => setText(e.target.value)}
            placeholder="amla, yoghurt, oil, for slip …"
          />
        )}
      </Field>
      {found?.length === 0 && (
        <p className="mt-3 text-quiet">
          Nothing by that name. Try its Latin name, or a shorter piece of it; or make it a thing of your own on the
          shelf.
        </p>
      )}
      {found && <ul className="mt-2">{found.map(({ id, by }) => row(find(id)!, by))}</ul>}
      {!found && (
        <>
          {stocked.length > 0 && (
            <>
              <p className="mt-3 text-sm font-semibold text-quiet">On your shelf</p>
              <ul>{stocked.map((material) => row(material))}</ul>
            </>
          )}
          {FAMILIES.map((family) => ({
            family,
            of: everything.filter((one) => one.family === family && !NOT_IN_A_PASTE.includes(one.form)),
          }))
            .filter(({ of }) => of.length > 0)
            .map(({ family, of }) => (
              <details key={family} className="border-b border-line">
                <summary className="min-h-11 cursor-pointer py-2">
                  <span className="pressable">{FAMILY_NAME[family]}</span>{" "}
                  <span className="text-sm text-quiet">{of.length}</span>
                </summary>
                <ul>{of.map((material) => row(material))}</ul>
              </details>
            ))}
        </>
      )}
    </>
  );
}

function Thing({
  material,
  by,
  here,
  onAdd,
}: {
  material: Material;
  by?: string;
  here: boolean;
  onAdd: FinderProps["onAdd"];
}) {
  const { shelf } = useShelf();
  const { everything } = useEverything();
  const jar = jarInUse(shelf.jars, material.id);
  const name = material.names[0].text;
  const swatch = (
    <span
      className="h-6 w-4 shrink-0 rounded-b-full border border-ink"
      style={{ background: ownColour(material.colour) }}
      aria-hidden
    />
  );
  const words = (
    <span>
      {name}
      {by && <span className="text-quiet"> · {by}</span>}
      {here && <span className="text-quiet"> · in the bowl already</span>}
      {jar && (
        <span className="text-quiet"> · {jar.leftG > 0 ? `${gramWords(jar.leftG)} g on the shelf` : "used up"}</span>
      )}
      <span className="block text-sm text-quiet">{material.use}</span>
      {material.notToConfuse && <span className="block text-sm">{material.notToConfuse}</span>}
    </span>
  );
  if (NOT_IN_A_PASTE.includes(material.form)) {
    const powder = otherForms(material, everything).find(({ form }) => form === "powder");
    return (
      <li className="flex items-start gap-3 px-1 py-2 text-quiet">
        {swatch}
        <span>
          {name}
          <span className="block text-sm">
            not in a paste as it is
            {powder ? (
              <>
                :{" "}
                <button type="button" className="pressable" onClick={() => onAdd(powder)}>
                  take {powder.names[0].text}
                </button>
              </>
            ) : (
              ""
            )}
          </span>
        </span>
      </li>
    );
  }
  return (
    <li>
      <button
        type="button"
        className="flex min-h-11 w-full items-start gap-3 rounded-[3px] px-1 py-1 text-left hover:bg-sunk"
        onClick={() => onAdd(material)}
      >
        {swatch}
        {words}
      </button>
    </li>
  );
}
