import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { lineWords, liquidWords } from "@/words";

/** Everything that goes in, as it is to be measured out. */
export function GatherList({ answer, question }: { answer: PasteAnswer; question: PasteQuestion }) {
  return (
    <ul className="mt-1 grid gap-x-8 sm:grid-cols-2">
      {answer.lines.map(({ materialId }, line) => <li key={`${materialId}${line}`} className="border-b border-line py-0.5 font-semibold">{lineWords(answer, line)}</li>)}
      <li className="border-b border-line py-0.5 font-semibold">{liquidWords(answer, question)}</li>
    </ul>
  );
}
