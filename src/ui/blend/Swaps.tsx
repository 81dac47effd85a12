"use client";
import { useMemo, useState } from "react";
import type { PasteQuestion } from "@/core/paste";
import { swapsFor } from "@/core/swap";
import { gramWords } from "@/words/amounts";
import { cautionWords } from "@/words/cautions";
import { swapCautions, swapWords } from "@/words/shelf";
import { useShelf } from "../shelf/ShelfContext";
import type { DraftLine } from "./document";
import { textOf } from "../forms/typed";
import { counted } from "@/words/lists";

interface SwapsProps {
  readonly question: PasteQuestion;
  readonly line: number;
  readonly onSwap: (to: Pick<DraftLine, "materialId" | "text" | "unit" | "fill">) => void;
  readonly onLeaveOut: () => void;
}

/** What on the shelf could take this thing's place, each with the bowl computed anew; and the bowl without it. */
export function Swaps(props: SwapsProps) {
  const [open, setOpen] = useState(false);
  return (
    <details onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="pressable min-h-11 cursor-pointer py-2">instead of it, or without it</summary>
      {open && <SwapList {...props} />}
    </details>
  );
}

function SwapList({ question, line, onSwap, onLeaveOut }: SwapsProps) {
  const { shelf, find } = useShelf();
  const swaps = useMemo(() => swapsFor(question, line, shelf), [question, line, shelf]);
  if (swaps.length === 0)
    return <p className="text-sm text-quiet">Nothing on the shelf does what this does, and the bowl needs it.</p>;
  return (
    <ul className="text-sm">
      {swaps.map(({ materialId, massG, before, after, question: asked }) => {
        const to = asked.lines[line];
        const { more, fewer } = swapCautions(before, after);
        return (
          <li key={materialId ?? "without"} className="border-b border-line py-1">
            {materialId === undefined ? (
              <button type="button" className="pressable min-h-11 text-left" onClick={onLeaveOut}>
                leave it out
              </button>
            ) : (
              <button
                type="button"
                className="pressable min-h-11 text-left"
                onClick={() => onSwap({ materialId, text: textOf(to.amount), unit: to.unit, fill: to.fill })}
              >
                {find(materialId)?.names[0].text}
                {massG === undefined ? "" : `, ${gramWords(massG)} g`}
              </button>
            )}
            <span className="block">
              {swapWords(before, after)}
              {fewer > 0 ? `, ${counted(fewer, "caution", "cautions")} fewer` : ""}
            </span>
            {more.map((caution) => (
              <span key={caution.id} className={`block ${caution.level === "stop" ? "text-stop" : "text-quiet"}`}>
                {cautionWords(caution)}
              </span>
            ))}
          </li>
        );
      })}
    </ul>
  );
}
