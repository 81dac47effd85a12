"use client";
import { useState } from "react";
import { foldText } from "@/core/text";
import { CATALOGUE, type Family, type Material } from "@/core/material";
import { ownColour } from "../parts/colour";
import { Field } from "../parts/Field";
import { Sheet } from "../parts/Sheet";

const FAMILY_NAME: Readonly<Record<Family, string>> = { powder: "Powders", wet: "Wet things", acid: "Sour things", oil: "Oils", essentialOil: "Essential oils", water: "Waters and teas" };
const matches = (material: Material, text: string) => material.names.some((name) => foldText(name.text).includes(foldText(text))) || foldText(material.use).includes(foldText(text));

/** Drops a thing into the bowl. */
export function AddThing({ onAdd, already, press = "put something in the bowl" }: { onAdd: (materialId: string) => void; already: readonly string[]; press?: string }) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const families = (Object.keys(FAMILY_NAME) as Family[]).map((family) => ({ family, found: CATALOGUE.filter((m) => m.family === family && matches(m, text.trim())) })).filter(({ found }) => found.length > 0);
  return (
    <Sheet title="Put something in the bowl" open={open} onOpenChange={setOpen} trigger={<button type="button" className="pressable min-h-11 text-left">{press}</button>}>
      <Field label="What goes in?">{(a) => <input {...a} type="search" value={text} onChange={(e) => setText(e.target.value)} placeholder="amla, yoghurt, oil …" />}</Field>
      {families.length === 0 && <p className="mt-3 text-quiet">Nothing by that name. Try its Latin name, or a shorter piece of it.</p>}
      {families.map(({ family, found }) => (
        <div key={family} className="mt-3">
          <p className="text-sm font-semibold text-quiet">{FAMILY_NAME[family]}</p>
          <ul>
            {found.map((material) => (
              <li key={material.id}>
                <button
                  type="button" className="flex min-h-11 w-full items-center gap-3 rounded-[3px] px-1 text-left hover:bg-sunk"
                  onClick={() => { onAdd(material.id); setText(""); setOpen(false); }}
                >
                  <span className="h-6 w-4 shrink-0 rounded-b-full border border-ink" style={{ background: ownColour(material.colour) }} aria-hidden />
                  <span>{material.names[0].text}{already.includes(material.id) && <span className="text-quiet"> · in the bowl already</span>}
                    <span className="block text-sm text-quiet">{material.use}</span></span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </Sheet>
  );
}
