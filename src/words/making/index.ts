import type { Made, MakingStepId, Settings } from "@/core/making";
import type { MadeHere } from "@/core/shelf";
import { gramWords } from "../amounts";
import { andWords } from "../lists";
import { materialName } from "../names";
import { brewWords } from "./brew";
import { curdWords } from "./curd";
import { dissolveWords } from "./dissolve";
import { grindWords } from "./grind";
import { juiceWords } from "./juice";
import { oilWords } from "./oil";
import { ownWords } from "./own";
import { premixWords } from "./premix";
import { starchWords } from "./starch";
import { mlWords, type MethodWords } from "./words";

export * from "./events";
export * from "./figures";
export * from "./keeps";
export * from "./notes";
export * from "./steps";
export * from "./words";

export const METHOD_WORDS: Readonly<Record<string, MethodWords>> = {
  brew: brewWords,
  oil: oilWords,
  juice: juiceWords,
  grind: grindWords,
  curd: curdWords,
  starch: starchWords,
  dissolve: dissolveWords,
  premix: premixWords,
  own: ownWords,
};

/** What is done at a step: as the method says it, or as everywhere. */
export function makingStepWords(
  words: MethodWords,
  id: MakingStepId,
  things: string,
  settings: Settings,
  made: Made,
): string {
  const own = words.step(id, things, settings, made);
  if (own !== undefined) return own;
  switch (id) {
    case "weigh":
      return `Weigh ${things}; the empty pot or bowl first, so that the scale can say later what is in it.`;
    case "strain":
      return "Through a cloth or a fine sieve.";
    case "cool":
      return "Until it is as warm as your wrist.";
    case "keep":
      return `About ${mlWords(made, "productMl")}. Into a clean jar, with its name and its date.`;
    default:
      return "";
  }
}

/** "Tea of 10 g rosemary, dried, boiled on a low ring, lid on, drained: 300 ml.": how something came to be. */
export function madeWords({
  method,
  things,
  settings,
  isRest,
}: Pick<MadeHere, "method" | "things" | "settings" | "isRest">): string {
  const said = andWords(things.map(({ materialId, massG }) => `${gramWords(massG)} g ${materialName(materialId)}`));
  const pieces = METHOD_WORDS[method]?.sentence(said, settings, undefined) ?? [said];
  const all = pieces.map((piece) => (typeof piece === "string" ? piece : piece.words)).join("");
  return isRest ? `What was left of it: ${all}` : all;
}
