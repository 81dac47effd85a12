"use client";
import Link from "next/link";
import { NOT_IN_A_PASTE, type Material } from "@/core/material";
import { gramWords } from "@/words/amounts";
import { Heap } from "../parts/Heap";
import { useShelf } from "../shelf/ShelfContext";

export interface EmptyBowlProps {
  readonly onAdd: (material: Material) => void;
  /** Blends that this house made last, and pages to write on. */
  readonly made: readonly { readonly id: string; readonly name: string }[];
  readonly starts: readonly { readonly id: string; readonly name: string; readonly why: string }[];
}

/** Beside a bowl with nothing in it: what stands on the shelf, and what was made before. */
export function EmptyBowl({ onAdd, made, starts }: EmptyBowlProps) {
  const { shelf, find } = useShelf();
  const there = new Map<string, number>();
  for (const { materialId, leftG } of shelf.jars)
    if (leftG > 0) there.set(materialId, (there.get(materialId) ?? 0) + leftG);
  const stocked = [...there].flatMap(([id, leftG]) => {
    const material = find(id);
    return material && !NOT_IN_A_PASTE.includes(material.form) ? [{ material, leftG }] : [];
  });
  return (
    <section aria-label="To begin with" className="mt-3">
      {stocked.length > 0 && (
        <>
          <h2>On your shelf</h2>
          <ul className="grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-5 lg:grid-cols-6">
            {stocked.map(({ material, leftG }) => (
              <li key={material.id}>
                <Heap name={material.names[0].text} colour={material.colour} onPress={() => onAdd(material)}>
                  <span className="text-sm text-quiet">{gramWords(leftG)} g</span>
                </Heap>
              </li>
            ))}
          </ul>
        </>
      )}
      {made.length > 0 && (
        <p className="mt-3">
          Made last:{" "}
          {made.map(({ id, name }) => (
            <Link key={id} href={`/blend/${id}`} className="pressable mr-4 inline-flex min-h-11 items-center">
              {name}
            </Link>
          ))}
        </p>
      )}
      {stocked.length === 0 && (
        <ul className="mt-1 grid max-w-[52rem] gap-x-8 sm:grid-cols-2">
          {starts.map(({ id, name, why }) => (
            <li key={id} className="border-b border-line py-1">
              <Link href={`/blend?start=${id}`} className="flex min-h-11 flex-wrap items-center gap-x-3">
                <span className="pressable font-semibold">{name}</span>
                <span className="text-quiet">{why}</span>
              </Link>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
