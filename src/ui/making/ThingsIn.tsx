"use client";
import { useEffect, useRef } from "react";
import type { Method } from "@/core/making";
import type { Material } from "@/core/material";
import { AmountFields } from "../blend/AmountFields";
import { MaterialPicker } from "../shelf/MaterialPicker";
import { useShelf } from "../shelf/ShelfContext";
import type { DraftThing } from "./draft";

interface ThingsInProps {
  readonly things: readonly DraftThing[];
  readonly method: Pick<Method, "takes">;
  readonly problemAt: (field: string) => string | undefined;
  readonly onAdd: (material: Material) => void;
  readonly onChange: (things: readonly DraftThing[]) => void;
}

/** What goes in, each with its amount, and one more. */
export function ThingsIn({ things, method, problemAt, onAdd, onChange }: ThingsInProps) {
  const { find } = useShelf();
  const box = useRef<HTMLDivElement>(null);
  const count = useRef(things.length);
  // What was pressed is gone with its thing: the focus stays here.
  useEffect(() => {
    if (things.length < count.current) [...(box.current?.querySelectorAll("input") ?? [])].at(-1)?.focus();
    count.current = things.length;
  }, [things.length]);
  return (
    <div ref={box} className="flex flex-col gap-4">
      {things.map((thing, i) => {
        const material = find(thing.materialId);
        return (
          <div key={thing.materialId} className="flex flex-col gap-2 border-b border-line pb-3">
            <AmountFields
              label={material?.names[0].text ?? thing.materialId}
              amount={thing}
              material={material}
              problem={problemAt(String(i))}
              onChange={(change) => onChange(things.map((one) => (one === thing ? { ...one, ...change } : one)))}
            />
            <button
              type="button"
              className="pressable min-h-11 self-start"
              onClick={() => onChange(things.filter((one) => one !== thing))}
            >
              take {material?.names[0].text ?? "it"} out
            </button>
          </div>
        );
      })}
      <MaterialPicker
        label={things.length === 0 ? "What goes in?" : "Something more?"}
        value={undefined}
        takes={method.takes}
        onChange={(material) => material && onAdd(material)}
      />
    </div>
  );
}
