import { kitchenMl, mlWords, plainNames, THINGS, type MethodWords } from "./words";

const WAY: Readonly<Record<string, string>> = {
  scraped: "scraped out",
  pressed: "grated and pressed",
  blended: "blended with water",
};

export const juiceWords: MethodWords = {
  name: "a gel, juice or milk",
  about: "an aloe leaf scraped, an onion pressed, okra, oats or coconut blended and strained",
  asks: "What is it got out of?",
  fields: {
    way: { label: "How?", options: WAY },
    waterMl: { label: "Water, ml" },
  },
  sentence: (things, { way, waterMl }) => [
    "Out of ",
    { words: things, opens: [THINGS] },
    ", ",
    {
      words: `${WAY[String(way)]}${way === "blended" ? ` (${kitchenMl(Number(waterMl ?? 0))} ml)` : ""}`,
      opens: ["way", "waterMl"],
    },
    ", through a cloth.",
  ],
  step: (id, things, { way }, made) => {
    switch (id) {
      case "weigh":
        return `Weigh ${things}; wash it first.`;
      case "open":
        return (
          "Stand the leaf on its cut end for a quarter of an hour until no yellow " +
          "juice drips; rinse it, cut the spikes off."
        );
      case "grind":
        return way === "scraped"
          ? "Slit it flat and scrape the clear gel out with a spoon; nothing green or yellow with it."
          : way === "blended"
            ? "Blend it with the water, in bursts, until nothing turns that is whole."
            : "Grate it fine.";
      case "press":
        return "Through a cloth into a bowl, and press it out.";
      case "keep":
        return (
          `About ${mlWords(made, "productMl")}. Fresh it keeps a day or two in the ` +
          `fridge; freeze the rest in an ice tray.`
        );
      default:
        return undefined;
    }
  },
  sign: { open: "nothing yellow drips", press: "it drips no more" },
  stays: "stays in the cloth, wet",
  product: (names) => `${plainNames(names)} juice`,
  rest: (names) => ({ name: `${plainNames(names)} pulp`, use: "into the next mask, or on the compost" }),
};
