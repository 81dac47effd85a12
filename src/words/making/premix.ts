import { THINGS, type MethodWords } from "./words";

export const premixWords: MethodWords = {
  name: "a dry mixture",
  about: "powders mixed ahead, so that one spoon has all of them",
  asks: "Which powders?",
  fields: {},
  sentence: (things) => ["A mixture of ", { words: things, opens: [THINGS] }, "."],
  step: (id, things) => {
    switch (id) {
      case "weigh":
        return `Weigh ${things}. Out of the draught, and not over the steam of a pot: it is dust.`;
      case "mix":
        return "Through a dry sieve together, twice; the least of it first into a little of the most.";
      default:
        return undefined;
    }
  },
  sign: { mix: "it is one colour" },
  product: (names) => (names.length > 2 ? "our mixture" : names.map((name) => name.split(",")[0]).join(" and ")),
};
