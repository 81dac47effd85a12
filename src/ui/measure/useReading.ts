"use client";
import { useState } from "react";
import { spoonMl } from "@/core/measure";
import { pasteDensity } from "@/core/correct";
import { checkReading, OUT_OF_REACH, readYield, type Reading } from "@/core/reading";
import { typed } from "../forms/typed";
import { useShelf } from "../shelf/ShelfContext";

export interface Typed {
  readonly by: Reading["by"];
  readonly height: string;
  readonly slump: string;
  readonly drop: string;
  readonly across: string;
  readonly along: string;
}
const FIRST: Typed = { by: "plate", height: "50", slump: "", drop: "", across: "", along: "" };

function readingOf(text: Typed): Reading {
  return text.by === "ring"
    ? { by: "ring", heightMm: typed(text.height), slumpMm: typed(text.slump) }
    : { by: "plate", volumeMl: typed(text.drop), acrossMm: typed(text.across), alongMm: typed(text.along) };
}

/** The form and the true-size picture; what is read comes out as a reading, usable or not. */
export function useReading(density: number) {
  const { spoons } = useShelf();
  const [text, setText] = useState<Typed>({ ...FIRST, drop: String(Number(spoonMl(spoons).tbsp.toFixed(1))) });
  const reading = readingOf(text);
  const problems = checkReading(reading, density);
  const read = problems.length === 0 ? readYield(reading, pasteDensity(density)) : undefined;
  const started = text.by === "ring" ? text.slump.trim() !== "" : text.across.trim() !== "" && text.along.trim() !== "";
  const outOfReach = problems.some(({ code }) => OUT_OF_REACH.includes(code));
  return {
    text,
    setText,
    reading,
    problems: started ? problems : [],
    read: read?.ok ? read.value : undefined,
    started,
    outOfReach,
    usable: started && (problems.length === 0 || outOfReach),
  };
}
export type Form = ReturnType<typeof useReading>;
