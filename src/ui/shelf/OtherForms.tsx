"use client";
import { convertForm, otherForms, type Material } from "@/core/material";
import { gramWords } from "@/words/amounts";
import { conversionWords } from "@/words/shelf";
import { useShelf } from "./ShelfContext";
import { useEverything } from "./useEverything";

/** So much of a herb in its other forms, worked out and never by name only. */
export function OtherForms({ material, massG }: { material: Material; massG: number }) {
  const { spoons } = useShelf();
  const { everything } = useEverything();
  const rows = otherForms(material, everything).flatMap((other) => {
    const conversion = convertForm(material, other, massG, spoons);
    return conversion ? [{ other, conversion }] : [];
  });
  if (rows.length === 0) return null;
  return (
    <section aria-label="In other forms">
      <h2 className="text-base">In other forms</h2>
      <p className="text-sm">What is dry in {gramWords(massG)} g of it is in</p>
      <ul className="max-w-[32rem] text-sm">
        {rows.map(({ other, conversion }) => (
          <li key={other.id} className="flex flex-wrap justify-between gap-x-4 border-b border-line py-1">
            <span>{other.names[0].text}</span>
            <strong>{conversionWords(conversion)}</strong>
          </li>
        ))}
      </ul>
    </section>
  );
}
