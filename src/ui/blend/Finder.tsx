"use client";
import { useCombobox } from "downshift";
import { useId, useMemo, useState } from "react";
import { search } from "@/core/search";
import { jarInUse } from "@/core/shelf";
import { FAMILIES, NOT_IN_A_PASTE, otherForms, type Material } from "@/core/material";
import { gramWords } from "@/words/amounts";
import { FAMILY_NAME } from "@/words/families";
import { ownColour } from "../parts/colour";
import { useShelf } from "../shelf/ShelfContext";
import { useEverything } from "../shelf/useEverything";

interface FinderProps {
  readonly onAdd: (material: Material) => void;
  readonly already: readonly string[];
}

/** What goes in where this is taken: its powder where it is in no paste as it is; undefined where there is none. */
function taken(material: Material, everything: readonly Material[]): Material | undefined {
  if (!NOT_IN_A_PASTE.includes(material.form)) return material;
  return otherForms(material, everything).find(({ form }) => form === "powder");
}

/**
 * Finds a thing by any name: Enter takes the first, arrows move; with nothing typed, what is on the shelf, then all of
 * it.
 */
export function Finder({ onAdd, already }: FinderProps) {
  const { shelf, find } = useShelf();
  const { everything, index } = useEverything();
  const [text, setText] = useState("");
  const found = useMemo(
    () => (text.trim() ? search(index(), text).map(({ id, by }) => ({ material: find(id)!, by })) : undefined),
    [text, index, find],
  );
  const take = (material: Material) => {
    const powder = taken(material, everything);
    if (powder) onAdd(powder);
  };
  const inputId = useId();
  const { getInputProps, getMenuProps, getItemProps, getLabelProps, highlightedIndex } = useCombobox({
    inputId,
    items: found ?? [],
    inputValue: text,
    isOpen: found !== undefined,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (item) => item?.material.names[0].text ?? "",
    isItemDisabled: ({ material }) => taken(material, everything) === undefined,
    onSelectedItemChange: ({ selectedItem }) => selectedItem && take(selectedItem.material),
  });
  const stocked = everything.filter(
    ({ id, form }) =>
      !NOT_IN_A_PASTE.includes(form) && shelf.jars.some((jar) => jar.materialId === id && jar.leftG > 0),
  );
  const row = (material: Material) => (
    <li key={material.id}>
      <button
        type="button"
        className="flex min-h-11 w-full items-start gap-3 rounded-[3px] px-1 py-1 text-left hover:bg-sunk"
        onClick={() => onAdd(material)}
      >
        <Thing material={material} here={already.includes(material.id)} />
      </button>
    </li>
  );
  return (
    <>
      <div className="flex flex-col gap-1">
        <label {...getLabelProps()} htmlFor={inputId} className="text-sm font-semibold">
          What goes in?
        </label>
        <input
          {...getInputProps({
            type: "search",
            placeholder: "amla, yoghurt, oil, for slip …",
            // Typed letters are there at once, also where the rest waits for them.
            onChange: (event) => setText((event.target as HTMLInputElement).value),
          })}
        />
      </div>
      {found?.length === 0 && (
        <p className="mt-3 text-quiet">
          Nothing by that name. Try its Latin name, or a shorter piece of it; or make it a thing of your own on the
          shelf.
        </p>
      )}
      <ul {...getMenuProps({ "aria-label": "What was found" })} className="mt-2">
        {found?.map((item, i) => (
          <li
            key={item.material.id}
            {...getItemProps({ item, index: i })}
            className={
              "flex min-h-11 cursor-pointer items-start gap-3 rounded-[3px] px-1 py-1 aria-disabled:cursor-default" +
              " aria-disabled:text-quiet " +
              (i === highlightedIndex ? "bg-sunk outline outline-1 outline-ink" : "")
            }
          >
            <Thing material={item.material} by={item.by} here={already.includes(item.material.id)} />
          </li>
        ))}
      </ul>
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

/** A thing by its name, what it is for, and what of it stands on the shelf. */
function Thing({ material, by, here }: { material: Material; by?: string; here: boolean }) {
  const { shelf } = useShelf();
  const { everything } = useEverything();
  const jar = jarInUse(shelf.jars, material.id);
  const powder = taken(material, everything);
  return (
    <>
      <span
        className="mt-0.5 h-6 w-4 shrink-0 rounded-b-full border border-ink"
        style={{ background: ownColour(material.colour) }}
        aria-hidden
      />
      <span>
        {material.names[0].text}
        {by && <span className="text-quiet"> · {by}</span>}
        {here && <span className="text-quiet"> · in the bowl already</span>}
        {jar && (
          <span className="text-quiet"> · {jar.leftG > 0 ? `${gramWords(jar.leftG)} g on the shelf` : "used up"}</span>
        )}
        {powder?.id === material.id ? (
          <span className="block text-sm text-quiet">{material.use}</span>
        ) : (
          <span className="block text-sm text-quiet">
            not in a paste as it is{powder ? `: takes ${powder.names[0].text}` : ""}
          </span>
        )}
        {material.notToConfuse && <span className="block text-sm">{material.notToConfuse}</span>}
      </span>
    </>
  );
}
