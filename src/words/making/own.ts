import { minuteWords } from "../amounts";
import { plainNames, THINGS, type MethodWords } from "./words";

export const ownWords: MethodWords = {
  name: "your own way",
  about: "anything else: what goes in, how much comes out by your own scale, and how long it keeps",
  asks: "What goes in?",
  fields: {
    yieldPercent: { label: "So much of it comes out, %", hint: "weighed once: what came out, of what went in" },
    minutes: { label: "It takes, minutes" },
    keepsDays: { label: "It keeps in the fridge, days" },
  },
  sentence: (things, { yieldPercent, minutes, keepsDays }) => [
    "Made your own way of ",
    { words: things, opens: [THINGS] },
    ": ",
    { words: `${yieldPercent ?? "…"} % comes out`, opens: ["yieldPercent"] },
    " after ",
    { words: minuteWords(Number(minutes)), opens: ["minutes"] },
    ", and keeps ",
    { words: `${keepsDays ?? "…"} days`, opens: ["keepsDays"] },
    ".",
  ],
  step: (id, things) => {
    switch (id) {
      case "weigh":
        return `Weigh ${things}.`;
      case "mix":
        return "As you do it. Weigh what comes out, and write that in next time.";
      default:
        return undefined;
    }
  },
  stays: "does not come out",
  product: (names) => `${plainNames(names.slice(0, 2))}, our way`,
};
