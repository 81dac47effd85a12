"use client";
import { useState } from "react";
import type { InstrumentId } from "@/core/instrument";
import { INSTRUMENT_NAME, shownWords } from "@/words/instruments";
import { useShown } from "../instruments/useShown";
import { useShelf } from "../shelf/ShelfContext";

/** What of the kitchen is read off, and what it shows; nothing where the house was started without. */
export function InstrumentsHere() {
  const { instruments } = useShelf();
  if (instruments.length === 0) return null;
  return (
    <section aria-label="Instruments" className="mt-8">
      <h2>Instruments</h2>
      <p className="max-w-[44rem]">
        Wherever a weight or a warmth is asked for, what these show can be taken with a press. Only what stands still is
        noted.
      </p>
      <ul className="mt-1">
        {instruments.map((id) => (
          <One key={id} id={id} />
        ))}
      </ul>
    </section>
  );
}

function One({ id }: { id: InstrumentId }) {
  const [open, setOpen] = useState(false);
  return (
    <li className="flex min-h-11 items-center gap-4 border-b border-line">
      <span className="font-semibold">{INSTRUMENT_NAME[id]}</span>
      {open ? (
        <Shows id={id} />
      ) : (
        <button type="button" className="pressable min-h-11" onClick={() => setOpen(true)}>
          what it shows
        </button>
      )}
    </li>
  );
}
function Shows({ id }: { id: InstrumentId }) {
  const seen = useShown(id);
  if (seen === "waiting") return <span role="status">asked …</span>;
  return (
    <span role="status">{seen === "silent" ? "silent; it is asked again and again" : shownWords(id, seen.value)}</span>
  );
}
