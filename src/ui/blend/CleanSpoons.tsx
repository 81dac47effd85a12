"use client";
import { useMemo } from "react";
import { roundBlend, ROUNDING_TOLERANCE, lookupIn, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { spoonMl, type SpoonAmount, type Spoons } from "@/core/measure";
import { spoonWords } from "@/words/amounts";
import { materialName } from "@/words/names";
import type { DraftLine } from "./document";
import type { Edit } from "./edit";
import { Fold } from "../parts/Fold";
import { textOf } from "../forms/typed";

const SPOONED = ["tsp", "tbsp", "cup", "g", "ml"];

/** The whole blend in clean spoons, with how far each share is off; written into the blend when wanted. */
export function CleanSpoons({
  question,
  answer,
  lines,
  dispatch,
}: {
  question: PasteQuestion;
  answer: PasteAnswer;
  lines: readonly DraftLine[];
  dispatch: (action: Edit) => void;
}) {
  const find = lookupIn(question);
  const which = question.lines.flatMap((line, i) => (SPOONED.includes(line.unit) ? [i] : []));
  const volumes = which.map(
    (i) =>
      answer.lines[i].massG.mid /
      (find(question.lines[i].materialId, question.lines[i].jarId)?.bulkDensityGPerMl.value ?? 1),
  );
  const key = volumes.map((ml) => ml.toFixed(3)).join();
  // The volumes are made anew with every answer; only their values count.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const rounded = useMemo(() => roundBlend(volumes, question.spoons), [key, question.spoons]);
  if (!rounded || which.length < 2) return null;
  const write = () => {
    for (const [n, { spoons }] of rounded.lines.entries())
      dispatch({
        do: "line",
        key: lines[which[n]].key,
        change: { ...oneUnit(spoons, question.spoons), fill: "level" },
      });
    dispatch({ do: "set", change: { sizing: "asGiven" } });
  };
  const surest = `a level spoon is no surer than ${Math.round(ROUNDING_TOLERANCE * 100)} %`;
  const off = Math.round(Math.abs(rounded.scale - 1) * 100);
  const whole = off < 1 ? "the same" : `${off} % ${rounded.scale > 1 ? "more" : "less"}`;
  const within = Math.max(1, Math.round(rounded.worst * 100));
  return (
    <Fold title="In clean spoons" line={rounded.lines.map(({ spoons }) => spoonWords(spoons)).join(", ")}>
      <ul className="max-w-[26rem]">
        {rounded.lines.map(({ spoons }, n) => (
          <li key={lines[which[n]]?.key ?? n} className="flex justify-between gap-4 border-b border-line py-1">
            <span>{materialName(question.lines[which[n]].materialId)}</span>
            <strong>{spoonWords(spoons)}</strong>
          </li>
        ))}
      </ul>
      <p className="mt-1 max-w-[40rem]">
        Each keeps its share to within {within} %; {surest}. The whole is {whole}.{" "}
        <button type="button" className="pressable min-h-11" onClick={write}>
          write it so
        </button>
      </p>
    </Fold>
  );
}

/** Spoons of several sizes as one count: of the cup or tablespoon where there is only that, of teaspoons otherwise. */
function oneUnit({ cups, tbsp, tsp, volumeMl }: SpoonAmount, spoons: Spoons): Pick<DraftLine, "text" | "unit"> {
  if (tbsp === 0 && tsp === 0) return { text: textOf(cups), unit: "cup" };
  if (cups === 0 && tsp === 0) return { text: textOf(tbsp), unit: "tbsp" };
  return { text: textOf(volumeMl / spoonMl(spoons).tsp), unit: "tsp" };
}
