import type { KeepsDays, MakingNote, MakingStepId } from "@/core/making";
import type { MadeHere } from "@/core/shelf";
import { gramWords, roundTo } from "../amounts";
import { andWords } from "../lists";
import { materialName } from "../names";
import { brewWords } from "./brew";
import type { MethodWords } from "./words";

export * from "./words";

export const METHOD_WORDS: Readonly<Record<string, MethodWords>> = { brew: brewWords };

export const MAKING_STEP_NAME: Readonly<Record<MakingStepId, string>> = {
  weigh: "Weigh",
  heat: "Heat up",
  boil: "Boil",
  reduce: "Boil it down",
  pour: "Pour over",
  stand: "Let it stand",
  strain: "Strain",
  keep: "Put it away",
};

export function noteWords({ code, detail = {} }: MakingNote): string {
  switch (code) {
    case "slimy":
      return "This makes a gel: strain it hot, while it runs. It thickens as it cools.";
    case "throughCloth":
      return "A powder goes through a sieve: use a cloth or a paper filter, or let it settle and pour off.";
    case "potTooFull":
      return `${detail.ml} ml boils over in a pot of about ${detail.potMl} ml. Take a larger one.`;
    case "weak":
      return `Only ${detail.percent} % of it is drawn by then. Give it longer, or more warmth.`;
    case "hot":
      return "Let it cool to the warmth of your wrist before it touches a scalp; keep children away from the pot.";
    case "keepCold":
      return "A tea spoils like a soup: cold within two hours, and away when it smells, fizzes or has threads in it.";
    case "stains":
      return "It stains cloth, boards, and hair that is grey, blond or bleached.";
  }
}

/** "Tea of 10 g rosemary, dried, boiled on a low ring, lid on, drained: 300 ml.": how something came to be. */
export function madeWords({ method, things, settings }: MadeHere): string {
  const said = andWords(things.map(({ materialId, massG }) => `${gramWords(massG)} g ${materialName(materialId)}`));
  const pieces = METHOD_WORDS[method]?.sentence(said, settings, undefined) ?? [said];
  return pieces.map((piece) => (typeof piece === "string" ? piece : piece.words)).join("");
}

const daysWords = ({ value }: { readonly value: number }): string =>
  value < 1
    ? `${Math.round(value * 24)} hours`
    : value > 60
      ? `${Math.round(value / 30)} months`
      : `${roundTo(value, 1)} days`;
/** "12 hours in the kitchen, 3 days in the fridge, 3 months frozen": the shortest that is honest. */
export const keepsWords = ({ room, fridge, freezer }: KeepsDays): string =>
  `${daysWords(room)} in the kitchen, ${daysWords(fridge)} in the fridge, ${daysWords(freezer)} frozen`;
