import type { Made } from "@/core/making";
import { minuteWords } from "../amounts";
import { kitchenMl, mlWords, plainNames, THINGS, type MethodWords } from "./words";

const cooling = ({ says }: Made): string => minuteWords(Math.round(says.coolMin?.mid ?? 30));

export const starchWords: MethodWords = {
  name: "a cooked cream",
  about: "starch or flour with water, milk or coconut milk, cooked until it sets",
  asks: "Which starch or flour?",
  fields: {
    waterMl: { label: "Water, ml" },
    minutes: { label: "Cooked for, minutes", hint: "from when it thickens" },
  },
  sentence: (things, { waterMl, minutes }) => [
    "Cream of ",
    { words: things, opens: [THINGS] },
    ", cooked with ",
    { words: `${kitchenMl(Number(waterMl))} ml of water`, opens: ["waterMl"] },
    " for ",
    { words: `${minutes ?? "…"} min`, opens: ["minutes"] },
    ".",
  ],
  step: (id, things, _, made) => {
    switch (id) {
      case "slurry":
        return (
          `${things}: the starch into a little of the cold liquid first, smooth ` +
          `and without a lump, then into the rest.`
        );
      case "cook":
        return "Stir all the time on a low ring. It thickens at once where it sets; cook it on until it is glassy.";
      case "cool":
        return (
          `Stir now and then, or put a cloth on it, so that no skin forms: about ` +
          `${cooling(made)} to a scalp's warmth.`
        );
      case "keep":
        return `About ${mlWords(made, "productMl")}. It stiffens as it cools; oils go in warm, lemon when it is cold.`;
      default:
        return undefined;
    }
  },
  sign: { slurry: "there are no lumps", cook: "it turned glassy", cool: "it is as warm as my wrist" },
  product: (names) => `${plainNames(names)} cream`,
};
