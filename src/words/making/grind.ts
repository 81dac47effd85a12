import { kitchenMl, mlWords, plainNames, THINGS, type MethodWords } from "./words";

export const grindWords: MethodWords = {
  name: "a ground paste",
  about: "fresh leaves, soaked seeds or fruit with as much water as the mill needs",
  asks: "What is ground?",
  fields: {
    waterMl: { label: "Water, ml", hint: "left empty: as much as the mill needs" },
    strained: { label: "it is strained through a cloth" },
  },
  sentence: (things, { strained }, made) => [
    "Paste of ",
    { words: things, opens: [THINGS] },
    ", ground with ",
    { words: made?.amounts.pourMl ? `${kitchenMl(made.amounts.pourMl.mid)} ml of water` : "water", opens: ["waterMl"] },
    ", ",
    { words: strained === true ? "strained" : "as it is", opens: ["strained"] },
    ".",
  ],
  step: (id, things, { strained }, made) => {
    switch (id) {
      case "weigh":
        return `Weigh ${things}. Leaves off their stalks and washed; seeds soaked overnight.`;
      case "grind":
        return `With ${mlWords(made, "pourMl")} of water, in bursts; scrape the walls down. Half full at the most.`;
      case "keep":
        return (
          `About ${mlWords(made, "productMl")}. ` +
          `${strained === true ? "Use it today" : "Into the bowl today"}, or freeze it flat.`
        );
      default:
        return undefined;
    }
  },
  sign: { grind: "nothing whole turns in it", strain: "it drips no more" },
  stays: "stays behind",
  product: (names) => `ground ${plainNames(names)}`,
};
