"use client";
import { useState } from "react";
import type { Material } from "@/core/material";
import { opened } from "../parts/later";
import { Sheet } from "../parts/Sheet";

const Finder = opened(() => import("./Finder").then((file) => file.Finder));

interface AddThingProps {
  readonly onAdd: (material: Material) => void;
  readonly already: readonly string[];
  readonly press?: string;
}

/** Drops a thing into the bowl: first what is on the shelf, then everything, by any name. */
export function AddThing({ onAdd, already, press = "put something in the bowl" }: AddThingProps) {
  const [open, setOpen] = useState(false);
  return (
    <Sheet
      title="Put something in the bowl"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button type="button" className="pressable min-h-11 text-left">
          {press}
        </button>
      }
    >
      <Finder
        already={already}
        onAdd={(material) => {
          onAdd(material);
          setOpen(false);
        }}
      />
    </Sheet>
  );
}
