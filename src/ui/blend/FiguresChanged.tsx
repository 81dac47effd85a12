"use client";
import { useState } from "react";
import type { FigureChange } from "@/core/paste";
import { figureChangeWords } from "@/words/verdict";
import { useWrite } from "../forms/useWrite";

export interface FiguresChangedProps {
  readonly blendId: string;
  readonly change: FigureChange;
}

/** What better figures change of a blend since it was saved: said once, until somebody has read it. */
export function FiguresChanged({ blendId, change }: FiguresChangedProps) {
  const [read, setRead] = useState(false);
  const { busy, trouble, write } = useWrite();
  if (read) return null;
  const accept = async () => {
    if ((await write("PUT", `blends/${blendId}/figures`, { accepted: true })).ok) setRead(true);
  };
  return (
    <aside aria-label="Better figures" className="no-print mb-3 max-w-[52rem] border-l-4 border-madder pl-3">
      <p>
        Our figures have become better since this was saved. With today’s it {figureChangeWords(change)}. Bowls that
        were made keep theirs.{" "}
        <button type="button" className="pressable min-h-11" disabled={busy} onClick={() => void accept()}>
          I have read it
        </button>
      </p>
      <p role="status" className="text-stop">
        {trouble}
      </p>
    </aside>
  );
}
