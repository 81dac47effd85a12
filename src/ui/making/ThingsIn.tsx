"use client";
import { useEffect, useRef } from "react";
import type { Method } from "@/core/making";
import type { Material } from "@/core/material";
import { jarsOf } from "@/core/shelf";
import { AmountFields } from "../blend/AmountFields";
import { FromJar } from "../blend/FromJar";
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
  const { find, shelf } = useShelf();
  const box = useRef<HTMLDivElement>(null);
  const count = useRef(things.length);
  // What was pressed is gone: the focus goes on to how much of the new one, or back to what else goes in.
  useEffect(() => {
    const inputs = [...(box.current?.querySelectorAll("input") ?? [])];
    if (things.length < count.current) inputs.at(-1)?.focus();
    if (things.length > count.current) box.current?.querySelector<HTMLElement>("[data-last] input")?.focus();
    count.current = things.length;
  }, [things.length]);
  return (
    <div ref={box} className="flex flex-col gap-4">
      {things.map((thing, i) => {
        const material = find(thing.materialId);
        const change = (to: Partial<DraftThing>) =>
          onChange(things.map((one) => (one === thing ? { ...one, ...to } : one)));
        return (
          <div
            key={thing.materialId}
            data-last={i === things.length - 1 ? "" : undefined}
            className="flex flex-col gap-2 border-b border-line pb-3"
          >
            <AmountFields
              label={material?.names[0].text ?? thing.materialId}
              amount={thing}
              material={material}
              jarId={thing.jarId}
              problem={problemAt(String(i))}
              onChange={change}
            />
            {jarsOf(shelf.jars, thing.materialId).length > 1 && <FromJar line={thing} onChange={change} />}
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
