"use client";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { lineWords, liquidWords } from "@/words";
import { leftWords } from "@/words/shelf";
import { useShelf } from "../shelf/ShelfContext";

/** Everything that goes in, as it is to be measured out, each with the jar to take down. */
export function GatherList({
  answer,
  question,
  drawn = false,
}: {
  answer: PasteAnswer;
  question: PasteQuestion;
  /** True once it has been taken off the shelf. */ drawn?: boolean;
}) {
  return (
    <ul className="mt-1 grid gap-x-8 sm:grid-cols-2">
      {answer.lines.map(({ materialId, jarId, massG }, line) => (
        <li key={`${materialId}${line}`} className="border-b border-line py-0.5 font-semibold">
          {lineWords(answer, line)}
          {!drawn && <TakeDown jarId={jarId} massG={massG.mid} />}
        </li>
      ))}
      <li className="border-b border-line py-0.5 font-semibold">{liquidWords(answer, question)}</li>
    </ul>
  );
}

/** Which jar it is, and whether it has enough. */
function TakeDown({ jarId, massG }: { jarId: string | undefined; massG: number }) {
  const {
    shelf: { jars },
  } = useShelf();
  const jar = jars.find(({ id }) => id === jarId);
  if (!jar) return null;
  const short = jar.leftG < massG;
  return (
    <span className={`block text-sm font-normal print:hidden ${short ? "text-madder" : "text-quiet"}`}>
      from “{jar.name}”, {leftWords(jar)}
      {short ? ": not enough" : ""}
    </span>
  );
}
