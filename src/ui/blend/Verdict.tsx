import type { Worn } from "@/core/head";
import type { PasteAnswer } from "@/core/paste";
import {
  coversWords,
  mendWords,
  obstacleWords,
  sizeWords,
  throughTimeWords,
  totalWords,
  verdictWords,
} from "@/words/verdict";
import type { BlendDocument } from "./document";

interface VerdictProps {
  readonly answer: PasteAnswer;
  readonly doc: BlendDocument;
  readonly headName: string;
  readonly onMend: (target: BlendDocument["target"]) => void;
  readonly onWear: (worn: Worn) => void;
  readonly onMultiply: (factor: number) => void;
}

/** What comes of it, in words, and the one press that mends it. */
export function Verdict({ answer, doc, headName, onMend, onWear, onMultiply }: VerdictProps) {
  const size = sizeWords(answer, doc.sizing);
  const obstacle = obstacleWords(answer, doc.liquidId);
  const { thicker, wear } = mendWords(answer) ?? {};
  const stop = answer.cautions.find((caution) => caution.level === "stop");
  return (
    <>
      <p>
        {obstacle ? <span className="text-stop">{obstacle}</span> : verdictWords(answer)}{" "}
        {!obstacle && thicker && (
          <>
            <button type="button" className="pressable" onClick={() => onMend(thicker.word)}>
              {thicker.press}
            </button>{" "}
            {thicker.then}
            {wear ? ", or " : "."}
          </>
        )}
        {!obstacle && wear && (
          <>
            <button type="button" className="pressable" onClick={() => onWear(wear.worn)}>
              {wear.press}
            </button>
            .
          </>
        )}
      </p>
      {!obstacle && <p>{throughTimeWords(answer)}</p>}
      <p>
        {totalWords(answer, headName)}
        {!obstacle && doc.sizing === "asGiven" && coversWords(answer)}{" "}
        {!obstacle && size && (
          <>
            <button type="button" className="pressable min-h-11" onClick={() => onMultiply(size.factor)}>
              {size.press}
            </button>{" "}
          </>
        )}
        {stop && (
          <a href="#cautions" className="font-semibold text-stop">
            Read the cautions below first.
          </a>
        )}
      </p>
    </>
  );
}
