import type { Made, MakingStepId, Settings } from "@/core/making";
import { minuteWords } from "../amounts";
import { mlWords, plainNames, THINGS, type Late, type MethodWords } from "./words";

const WAY: Readonly<Record<string, string>> = {
  waterBath: "over water",
  lowestFlame: "on the lowest flame",
  cold: "cold, in a cupboard",
};

function step(id: MakingStepId, things: string, { way, pressed }: Settings, made: Made): string | undefined {
  const fresh = made.says.waterLeftShare !== undefined;
  switch (id) {
    case "weigh":
      return `Weigh ${things}. Jar and spoon bone dry; fresh leaves rinsed, wiped and dry outside.`;
    case "heat":
      return way === "lowestFlame"
        ? "Oil and herb together in a heavy pot on the lowest flame."
        : "Oil and herb in a jar, the jar in a pot of water that steams and does not boil; a cloth under it.";
    case "draw":
      if (way === "cold") return "In a closed jar in a cupboard, shaken once a day.";
      return fresh
        ? "Until it bubbles no more and the leaves are crisp: then their water is out. Stir now and then."
        : "It smells of the herb and has taken its colour. It never smokes, and a powder never darkens.";
    case "cool":
      return fresh
        ? "Half an hour, no longer: strain it warm, before steam falls back into it."
        : "Until it is lukewarm.";
    case "settle":
      return "Covered, overnight: a powder sinks, and the clear oil is poured off it.";
    case "strain":
      return `Through a dry cloth${pressed === true ? ", and wring it out" : "; let it drip"}.`;
    case "keep":
      return (
        `About ${mlWords(made, "productMl")} into a dry, dark bottle, with its date. It can be ` +
        `drawn two or three times more with fresh herb.`
      );
    default:
      return undefined;
  }
}

/** Common practice: fresh leaves are strained out warm. */
const COOLED_WITH_LEAF: Late = {
  afterMin: 45,
  text:
    "Past its window: steam has fallen back into it by now. Strain it at once, warm it until nothing bubbles, and " +
    "keep it in the fridge.",
};

export const oilWords: MethodWords = {
  name: "an oil",
  about: "herbs in oil over water, on the lowest flame or cold; oils and butters melted together",
  asks: "Which oil, and what is to be drawn into it?",
  fields: {
    way: { label: "How?", options: WAY },
    hours: { label: "How long, hours", hint: "left empty: as is usual" },
    pressed: { label: "the cloth is wrung out" },
  },
  sentence: (things, { pressed, way }, made) => [
    "Oil of ",
    { words: things, opens: [THINGS] },
    ", ",
    {
      words: `${WAY[String(way)]}${made ? ` for ${minuteWords(made.minutes)}` : ""}`,
      opens: ["way", "hours"],
    },
    ", ",
    { words: pressed === true ? "wrung out" : "drained", opens: ["pressed"] },
    ".",
  ],
  step,
  sign: {
    draw: "it bubbles no more",
    cool: "it is warm, not hot",
    settle: "it is clear above",
    strain: "it drips no more",
  },
  late: {
    cool: (_, made) => (made.says.waterLeftShare === undefined ? undefined : COOLED_WITH_LEAF),
    strain: (_, made) => (made.says.waterLeftShare === undefined ? undefined : COOLED_WITH_LEAF),
    settle: () => ({
      afterMin: 24 * 60,
      text: "More than a day on its powder: nothing more comes, and it goes rancid sooner.",
    }),
  },
  stays: "stays in the cloth, oily",
  product: (names) => `${plainNames(names)} together`,
  rest: (_, most) => ({ name: `oily ${plainNames([most])}`, use: "rubbed into the ends before a wash" }),
};
