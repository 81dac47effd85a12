"use client";
import { useState } from "react";
import type { InstrumentId } from "@/core/instrument";
import { INSTRUMENT_NAME, shownWords } from "@/words/instruments";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";
import { useShown } from "./useShown";
import { useWanted, want } from "./wanted";

interface TakeReadingProps {
  readonly of: InstrumentId;
  readonly onTake: (value: number) => void;
  /** What stands on it besides, and is taken off: an empty bowl's weight. */
  readonly off?: number;
}
/** What an instrument of this house shows, beside the field that it can fill; nothing where the house has none. */
export function TakeReading(props: TakeReadingProps) {
  const { of } = props;
  const { instruments } = useShelf();
  const wanted = useWanted(of);
  if (!instruments.includes(of)) return null;
  if (wanted) return <Showing {...props} />;
  return (
    <button type="button" className="pressable min-h-11 self-start text-left" onClick={() => want(of)}>
      read the {INSTRUMENT_NAME[of]}
    </button>
  );
}

function Showing({ of, onTake, off = 0 }: TakeReadingProps) {
  const seen = useShown(of);
  const [zeroAt, setZero] = useState(0);
  const name = INSTRUMENT_NAME[of];
  if (typeof seen === "string")
    return (
      <p className="flex min-h-11 items-center text-sm text-quiet" role="status">
        {seen === "silent" ? `The ${name} is silent: type it.` : ""}
      </p>
    );
  const value = Math.round((seen.value - zeroAt - (zeroAt === 0 ? off : 0)) * 10) / 10;
  return (
    <p className="flex min-h-11 flex-wrap items-center gap-x-3 text-sm">
      <Button
        idle={!seen.stable}
        className="min-w-44 text-left"
        onClick={() => onTake(of === "scale" ? Math.max(0, value) : value)}
      >
        {seen.stable ? `take ${shownWords(of, value)}` : `the ${name} moves`}
      </Button>
      {of === "scale" && (
        <button type="button" className="pressable min-h-11" onClick={() => setZero(zeroAt === 0 ? seen.value : 0)}>
          {zeroAt === 0 ? "count from here" : "count all of it again"}
        </button>
      )}
    </p>
  );
}
