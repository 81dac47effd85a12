"use client";
import { useState } from "react";
import { parseCount } from "@/core/measure";
import { correctPaste, WORDS, type MixingWord, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { correctionWords, MIXING_WORD_NAME, problemWords, roundTo } from "@/words";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";

interface MixingProps {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  /** What has been poured, where it is known. */
  readonly pouredMl?: number;
  readonly minutesSoaked?: number;
  /** Where words are kept, "just right" is one of them. */
  readonly onSaid?: (word: MixingWord | "right") => void;
  readonly lastSaid?: MixingWord | "right";
}

/** Too thick, a bit thin, runs: what to add, in which step, and what it does to the total. */
export function Mixing({ question, answer, pouredMl, minutesSoaked = 0, onSaid, lastSaid }: MixingProps) {
  const [word, setWord] = useState<MixingWord>();
  const [text, setText] = useState("");
  if (answer.liquid.state === "unreachable") return null;
  const expected = answer.liquid.ml.mid;
  const poured = text.trim() ? (parseCount(text) ?? NaN) : (pouredMl ?? expected);
  const found = word && correctPaste(question, word, poured, minutesSoaked);
  return (
    <section aria-label="While mixing">
      <h2>While mixing</h2>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <div className="w-36"><Field label="Poured so far, ml">{(a) => <input {...a} className="w-full" inputMode="decimal" placeholder={roundTo(pouredMl ?? expected, 1)} value={text} onChange={(e) => setText(e.target.value)} />}</Field></div>
        {WORDS.map((one) => (
          <Button key={one} aria-pressed={word === one} className={word === one ? "bg-sunk font-semibold" : ""} onClick={() => { setWord(word === one ? undefined : one); if (word !== one) onSaid?.(one); }}>
            {MIXING_WORD_NAME[one]}
          </Button>
        ))}
        {onSaid && <Button onClick={() => { setWord(undefined); onSaid("right"); }}>{MIXING_WORD_NAME.right}{lastSaid === "right" ? " ✓" : ""}</Button>}
      </div>
      <p className="mt-2 min-h-12 max-w-[44rem]" aria-live="polite">
        {found && (found.ok
          ? correctionWords(found.value, question.liquid.materialId, question.lines.map((line) => line.materialId))
          : <span className="text-stop">{found.problems.map(problemWords).join(" ")}</span>)}
      </p>
    </section>
  );
}
