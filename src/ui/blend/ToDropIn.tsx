"use client";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { NOT_IN_A_PASTE, type Material } from "@/core/material";
import { gramWords } from "@/words/amounts";
import { Heap } from "../parts/Heap";
import { StartingPages, type StartingPage } from "../parts/StartingPages";
import { useShelf } from "../shelf/ShelfContext";
import { bowlTakes, carried } from "./dragging";

export interface ToDropInProps {
  /** Nothing is in the bowl yet: what was made before is another way to begin. */
  readonly empty: boolean;
  readonly already: readonly string[];
  readonly onAdd: (material: Material) => void;
  /** Blends that this house made last, and pages to write on. */
  readonly made: readonly { readonly id: string; readonly name: string }[];
  readonly starts: readonly StartingPage[];
}

/** Beside a bowl that is begun: what stands on the shelf, to press or to carry in, and what was made before. */
export function ToDropIn({ empty, already, onAdd, made, starts }: ToDropInProps) {
  const { shelf, find } = useShelf();
  const there = new Map<string, number>();
  for (const { materialId, leftG } of shelf.jars)
    if (leftG > 0 && !already.includes(materialId)) there.set(materialId, (there.get(materialId) ?? 0) + leftG);
  const stocked = [...there].flatMap(([id, leftG]) => {
    const material = find(id);
    return material && !NOT_IN_A_PASTE.includes(material.form) ? [{ material, leftG }] : [];
  });
  const heaps = useRef<HTMLUListElement>(null);
  const pressed = useRef<number>(undefined);
  // The heap that was pressed is in the bowl: the focus goes on to the next.
  useEffect(() => {
    if (pressed.current === undefined) return;
    const buttons = heaps.current?.querySelectorAll("button");
    buttons?.[Math.min(pressed.current, buttons.length - 1)]?.focus();
    pressed.current = undefined;
  }, [already.length]);
  const press = (material: Material, at: number) => {
    pressed.current = at;
    onAdd(material);
  };
  const add = useRef(onAdd);
  useEffect(() => {
    add.current = onAdd;
  }, [onAdd]);
  useEffect(
    () =>
      bowlTakes((id) => {
        const material = find(id);
        if (material) add.current(material);
      }),
    [find],
  );
  return (
    <section aria-label={empty ? "To begin with" : "More from your shelf"} className="no-print mt-3">
      {stocked.length > 0 && (
        <>
          <h2>{empty ? "On your shelf" : "More from your shelf"}</h2>
          <ul
            ref={heaps}
            className={
              empty ? "grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-5 lg:grid-cols-6" : "flex overflow-x-auto pb-1"
            }
          >
            {stocked.map(({ material, leftG }, i) => (
              <li
                key={material.id}
                className={`cursor-grab ${empty ? "" : "w-28 shrink-0"}`}
                ref={(element) => (element ? carried(element, material.id) : undefined)}
              >
                <Heap name={material.names[0].text} colour={material.colour} onPress={() => press(material, i)}>
                  <span className="text-sm text-quiet">{gramWords(leftG)} g</span>
                </Heap>
              </li>
            ))}
          </ul>
        </>
      )}
      {empty && made.length > 0 && (
        <p className="mt-3">
          Made last:{" "}
          {made.map(({ id, name }) => (
            <Link key={id} href={`/blend/${id}`} className="pressable mr-4 inline-flex min-h-11 items-center">
              {name}
            </Link>
          ))}
        </p>
      )}
      {empty && stocked.length === 0 && <StartingPages starts={starts} />}
    </section>
  );
}
