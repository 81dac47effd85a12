import type { BatchPayload } from "@/core/batch";
import { computePaste, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { haveOf } from "@/core/shelf";
import { gramWords, roundTo } from "@/words/amounts";
import { liquidName, materialName } from "@/words";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";

interface IfShortProps {
  /** What is in the bowl, and the paste that it makes. */
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly planned: PasteAnswer;
  readonly shortG: number;
  readonly bowlG: number;
  readonly onHappen: (payload: BatchPayload) => void;
}
/** So much more liquid is a try; more makes another paste of it. */
const LOOSEN = 0.1;
const LEAST_G = 5;

/** ml that the bowl can be loosened by and still stay on, as far as the model says. */
function loosenMl({ question, answer, shortG }: IfShortProps): number | undefined {
  if (answer.liquid.state === "unreachable") return undefined;
  const { mid } = answer.liquid.ml;
  const ml = Math.floor(Math.min(LOOSEN * mid, shortG) / 5) * 5;
  if (ml < LEAST_G) return undefined;
  const looser = computePaste({
    ...question,
    sizing: "asGiven",
    lines: question.lines.map((line, i) => ({ ...line, role: "fixed", amount: answer.lines[i].count })),
    liquid: { ...question.liquid, amountMl: mid + ml },
  });
  return looser.ok && looser.value.verdict.state !== "willRun" ? ml : undefined;
}

/** What can still be done when a bowl runs short, the gentlest first. */
export function IfShort(props: IfShortProps) {
  const { question, planned, shortG, bowlG, onHappen } = props;
  const { shelf } = useShelf();
  const ml = loosenMl(props);
  const thinner = shortG / Math.max(1, bowlG);
  // As much as the shelf still has of each, in the blend's own proportions.
  const totalG = planned.totalG.mid;
  const have = haveOf(shelf, planned.lines);
  const allowed = planned.lines.map(({ massG }, i) => ((have[i] ?? Infinity) * totalG) / Math.max(1e-9, massG.mid));
  const leastAt = allowed.indexOf(Math.min(...allowed));
  const scarce = materialName(planned.lines[leastAt].materialId);
  const moreG = Math.floor(Math.min(Math.ceil(shortG / 5) * 5, Math.max(0, allowed[leastAt])));
  const share = moreG / totalG;
  const each = planned.lines.map(
    ({ materialId, massG }) => `${gramWords(share * massG.mid)} g ${materialName(materialId)}`,
  );
  const pour =
    planned.liquid.state === "unreachable"
      ? ""
      : `, ${roundTo(share * planned.liquid.ml.mid, 5)} ml ${liquidName(question.liquid)}`;
  return (
    <ol aria-label="What can be done" className="mt-1 flex list-decimal flex-col gap-2 pl-5">
      {thinner < 0.2 && <li>A thinner coat from here on, about {roundTo(100 * thinner, 5)} % less, roots first.</li>}
      {ml !== undefined && (
        <li>
          Loosen what is left with {ml} ml of {liquidName(question.liquid)}; it still stays on.{" "}
          <Button onClick={() => onHappen({ kind: "poured", ml })}>poured {ml} ml</Button>
        </li>
      )}
      {moreG >= LEAST_G ? (
        <li>
          Mix {moreG} g more in its own proportions: {each.join(", ")}
          {pour}.{moreG < shortG - LEAST_G && ` The shelf has no more ${scarce}.`}{" "}
          <Button onClick={() => onHappen({ kind: "mixedMore", massG: moreG })}>mixed {moreG} g more</Button>
        </li>
      ) : (
        <li>There is no {scarce} left on the shelf to mix more of it.</li>
      )}
      <li>Leave the ends: roots and what shows first.</li>
    </ol>
  );
}
