import { minuteWords } from "../amounts";
import { THINGS, type MethodWords } from "./words";

export const curdWords: MethodWords = {
  name: "hung curd",
  about: "curd in a cloth until it stays on the hair; its whey for a rinse",
  asks: "Which curd?",
  fields: {
    hours: { label: "How long does it hang, hours" },
    cold: { label: "it hangs in the fridge" },
  },
  sentence: (things, { cold, hours }) => [
    "Hung curd of ",
    { words: things, opens: [THINGS] },
    ", ",
    {
      words: `${minuteWords(Number(hours) * 60)} ${cold === true ? "in the fridge" : "in the kitchen"}`,
      opens: ["hours", "cold"],
    },
    ".",
  ],
  step: (id, things, { cold }) => {
    switch (id) {
      case "weigh":
        return `Weigh ${things} into a clean, damp cloth in a sieve over a bowl.`;
      case "hang":
        return (
          `Tie the cloth and hang it over the bowl${cold === true ? ", in the fridge" : ""}. Weigh the bowl now and ` +
          "then: most drips off in the first hours."
        );
      case "keep":
        return "Scrape it off the cloth. The whey is a rinse, or the liquid of the next bowl.";
      default:
        return undefined;
    }
  },
  sign: { hang: "it hardly drips" },
  stays: "drips off as whey",
  product: () => "hung curd",
  rest: () => ({ name: "whey", use: "a rinse, or the liquid of the next bowl" }),
};
