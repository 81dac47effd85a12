"use client";
import { scaleBand } from "@/core/figure";
import { largestBatch, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { haveOf, jarFor } from "@/core/shelf";
import { bandWords } from "@/words/amounts";
import { materialName } from "@/words/names";
import { useShelf } from "../shelf/ShelfContext";
import type { Edit } from "./edit";

/** The largest bowl of these proportions that the jars allow, and which runs out first. */
export function AsMuchAsThereIs({
  question,
  answer,
  dispatch,
}: {
  question: PasteQuestion;
  answer: PasteAnswer;
  dispatch: (action: Edit) => void;
}) {
  const { shelf } = useShelf();
  const found = largestBatch(
    question,
    haveOf(shelf, question.lines),
    question.lines.map((line) => jarFor(shelf, line)?.id),
  );
  if (!found.ok || !found.value || !Number.isFinite(found.value.scale)) return null;
  const { scale, line } = found.value;
  const name = materialName(question.lines[line].materialId);
  if (scale < 0.01)
    return (
      <p className="max-w-[26rem]">
        The jar of {name} is empty, so there is none of this to make. Fill it up, swap it, or leave it out.
      </p>
    );
  const take = () => dispatch({ do: "grams", massG: answer.lines.map(({ massG }) => massG.mid * scale) });
  const mostG = bandWords(scaleBand(answer.totalG, scale)).mid;
  return (
    <p className="mt-2 max-w-[26rem]">
      The shelf allows at most {mostG} g of this; the {name} runs out first.{" "}
      {scale < 1 ? <strong>That is less than this bowl.</strong> : null}{" "}
      <button type="button" className="pressable min-h-11" onClick={take}>
        take as much as there is
      </button>
    </p>
  );
}
