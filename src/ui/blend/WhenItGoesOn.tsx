"use client";
import { worksheetFor } from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { whenWords } from "@/words/when";
import { useShelf } from "../shelf/ShelfContext";

export interface WhenProps {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly whenText: string;
}

/**
 * Counted back from when it should be on the head: when to gather, mix, put on and rinse, and what falls in the night.
 */
export function WhenItGoesOn({ question, answer, whenText }: WhenProps) {
  const { today } = useShelf();
  // The browser stands where the house does, or says so by what it shows.
  const nowMs = Date.now() - new Date().getTimezoneOffset() * 60_000;
  return <p>{whenWords(worksheetFor(question, answer), whenText, today, nowMs)}</p>;
}
