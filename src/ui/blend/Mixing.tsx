"use client";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { parseCount } from "@/core/measure";
import {
  correctPaste,
  WORDS,
  type CorrectionAnswer,
  type CorrectionOption,
  type MixingWord,
  type Seen,
} from "@/core/correct";
import { type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { haveOf } from "@/core/shelf";
import type { Reading } from "@/core/reading";
import { addMl } from "@/words/mixing";
import { holdingWords, MIXING_WORD_NAME, optionEffect, optionWords, problemWords, roundTo } from "@/words";
import { Announced } from "../parts/Announced";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useShelf } from "../shelf/ShelfContext";

interface MixingProps {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  /** What has been poured, where it is known. */
  readonly pouredMl?: number;
  readonly minutesSoaked?: number;
  /** What was said and tested of it before says of its holdings. */
  readonly heard?: number;
  /** Where words are kept, "just right" is one of them. */
  readonly onSaid?: (word: MixingWord | "right") => void;
  readonly lastSaid?: MixingWord | "right";
  /** The last test of this bowl. */
  readonly lastTest?: Reading;
  /** Where what was done is kept: a way on, done. */
  readonly onDone?: (option: CorrectionOption) => void;
  readonly children?: ReactNode;
}

/** Too thick, runs, 30 ml too much, or a test: the ways on, and what each does to total, strength and head. */
export function Mixing({
  question,
  answer,
  pouredMl,
  minutesSoaked = 0,
  heard,
  onSaid,
  lastSaid,
  lastTest,
  onDone,
  children,
}: MixingProps) {
  const { shelf } = useShelf();
  const [seen, setSeen] = useState<Seen>();
  const [text, setText] = useState("");
  const [tooMuch, setTooMuch] = useState("30");
  const ways = useRef<HTMLDivElement>(null);
  // The answer may stand below the screen's edge, or under the foot.
  useEffect(() => {
    if (seen) ways.current?.scrollIntoView({ block: "nearest" });
  }, [seen]);
  if (answer.liquid.state === "unreachable") return null;
  const expected = answer.liquid.ml.mid;
  const overshot = seen?.by === "pour" && pouredMl === undefined && !text.trim();
  const poured = text.trim()
    ? (parseCount(text) ?? NaN)
    : overshot
      ? expected + (parseCount(tooMuch) ?? NaN)
      : (pouredMl ?? expected);
  const found =
    seen &&
    correctPaste(question, seen, { pouredMl: poured, minutesSoaked, heard, haveG: haveOf(shelf, question.lines) });
  const chose = (one: Seen, pressed: boolean) => {
    setSeen(pressed ? undefined : one);
    if (!pressed && one.by === "word") onSaid?.(one.word);
  };
  const press = (label: string, one: Seen, pressed: boolean) => (
    <Button
      key={label}
      aria-pressed={pressed}
      className={pressed ? "bg-sunk font-semibold" : ""}
      onClick={() => chose(one, pressed)}
    >
      {label}
    </Button>
  );
  return (
    <section aria-label="While mixing">
      <h2>While mixing</h2>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <div className="w-36">
          <Field label="Poured so far, ml">
            {(a) => (
              <input
                {...a}
                className="w-full"
                inputMode="decimal"
                placeholder={roundTo(pouredMl ?? expected, 1)}
                value={text}
                onChange={(e) => setText(e.target.value)}
              />
            )}
          </Field>
        </div>
        {WORDS.map((word) =>
          press(MIXING_WORD_NAME[word], { by: "word", word }, seen?.by === "word" && seen.word === word),
        )}
        {onSaid && (
          <Button
            onClick={() => {
              setSeen(undefined);
              onSaid("right");
            }}
          >
            {MIXING_WORD_NAME.right}
            {lastSaid === "right" ? " ✓" : ""}
          </Button>
        )}
        {press("Poured too much", { by: "pour", tooMuch: true }, seen?.by === "pour")}
        {lastTest && press("By the last test", { by: "test", reading: lastTest }, seen?.by === "test")}
      </div>
      {seen?.by === "pour" && pouredMl === undefined && !text.trim() && (
        <div className="mt-2 w-36">
          <Field label="Too much by, ml">
            {(a) => (
              <input
                {...a}
                className="w-full"
                inputMode="decimal"
                value={tooMuch}
                onChange={(e) => setTooMuch(e.target.value)}
              />
            )}
          </Field>
        </div>
      )}
      {children}
      <Announced text={found?.ok && found.value.options[0] ? optionWords(found.value.options[0], question) : ""} />
      <div ref={ways} className="mt-2 min-h-12 max-w-[44rem] scroll-mb-40">
        {found &&
          (found.ok ? (
            <WaysOn
              found={found.value}
              question={question}
              onDone={
                onDone &&
                ((option) => {
                  setSeen(undefined);
                  onDone(option);
                })
              }
            />
          ) : (
            <p className="text-stop">{found.problems.map(problemWords).join(" ")}</p>
          ))}
      </div>
    </section>
  );
}

/** The ways on, the first being what we would do. */
export function WaysOn({
  found,
  question,
  onDone,
}: {
  found: CorrectionAnswer;
  question: PasteQuestion;
  onDone?: (option: CorrectionOption) => void;
}) {
  const holding = holdingWords(found);
  return (
    <>
      {holding && <p className="mb-2">{holding}</p>}
      <ol className="space-y-2">
        {found.options.map((option, i) => (
          <li
            key={option.kind}
            className={i === 0 ? "border-l-4 border-leaf-fill pl-3" : "border-l-4 border-line pl-3"}
          >
            <p className={i === 0 ? "font-semibold" : ""}>
              {i > 0 && "Or: "}
              {optionWords(option, question)}
            </p>
            <p className="text-sm text-quiet">{optionEffect(option, found)}</p>
            {onDone && (option.kind === "liquid" || option.kind === "powder") && (
              <Button className="mt-1" onClick={() => onDone(option)}>
                {option.kind === "liquid" ? `Poured ${addMl(option.ml.mid)} ml of it` : "Put that in"}
              </Button>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}
