import { computePaste, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { gramWords, roundTo } from "@/words/amounts";
import { liquidName, materialName } from "@/words";

interface IfShortProps {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly shortG: number;
  readonly bowlG: number;
}
/** So much more liquid is a try; more makes another paste of it. */
const LOOSEN = 0.1;

/** ml that the bowl can be loosened by and still stay on, as far as the model says. */
function loosenMl({ question, answer, shortG }: IfShortProps): number | undefined {
  if (answer.liquid.state === "unreachable") return undefined;
  const { mid } = answer.liquid.ml;
  const ml = Math.min(LOOSEN * mid, shortG);
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
  const { question, answer, shortG, bowlG } = props;
  const share = shortG / Math.max(1, bowlG);
  const ml = loosenMl(props);
  const more = answer.lines.map(
    ({ materialId, massG }) => `${gramWords(share * massG.mid)} g of ${materialName(materialId)}`,
  );
  const pour = answer.liquid.state === "unreachable" ? "" : ` with ${roundTo(share * answer.liquid.ml.mid, 5)} ml`;
  return (
    <ol aria-label="What can be done" className="mt-1 list-decimal pl-5">
      {share < 0.2 && <li>A thinner coat from here on, about {roundTo(100 * share, 5)} % less, roots first.</li>}
      {ml !== undefined && ml >= 5 && (
        <li>
          Loosen what is left with {roundTo(ml, 5)} ml of {liquidName(question.liquid)}; it still stays on.
        </li>
      )}
      <li>
        Mix {roundTo(shortG, 5)} g more in its own proportions: {more.join(", ")}
        {pour} of {liquidName(question.liquid)}.
      </li>
      <li>Leave the ends: roots and what shows first.</li>
    </ol>
  );
}
