import { kitchenMl, plainNames, THINGS, type MethodWords } from "./words";

export const dissolveWords: MethodWords = {
  name: "something dissolved",
  about: "salt, sugar or crystals in water or a tea, while it is warm enough",
  asks: "What is dissolved?",
  fields: {
    waterMl: { label: "Water, ml" },
    tempC: { label: "So warm, °C" },
  },
  sentence: (things, { waterMl, tempC }) => [
    { words: things, opens: [THINGS] },
    ", dissolved in ",
    { words: `${kitchenMl(Number(waterMl))} ml of water at ${tempC ?? "…"} °C`, opens: ["waterMl", "tempC"] },
    ".",
  ],
  step: (id, things, { tempC }) => {
    switch (id) {
      case "weigh":
        return `Weigh ${things}.`;
      case "heat":
        return `Warm the liquid to ${tempC} °C.`;
      case "dissolve":
        return "Sprinkle it in and stir until no grain scratches on the bottom.";
      default:
        return undefined;
    }
  },
  sign: { heat: "it is warm enough", dissolve: "no grain scratches" },
  stays: "stays as grains",
  product: (names) => `${plainNames(names)} water`,
};
