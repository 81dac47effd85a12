import type { Made, MakingStepId, Settings } from "@/core/making";
import { minuteWords } from "../amounts";
import { mlWords, plainNames, THINGS, type Late, type MethodWords } from "./words";

const WAY: Readonly<Record<string, string>> = {
  boiled: "boiled",
  poured: "hot water poured over",
  closedJar: "hot, in a closed jar",
  cold: "cold, in the kitchen",
  fridge: "cold, in the fridge",
  reduced: "boiled down to a mark",
};
const HEAT: Readonly<Record<string, string>> = { low: "a low ring", medium: "a medium ring", high: "a high ring" };

function step(id: MakingStepId, things: string, { way, heat, lid, pressed }: Settings, made: Made): string | undefined {
  switch (id) {
    case "weigh":
      return `Weigh ${things}. Rinse roots and whole seeds; leave powders and petals as they are.`;
    case "heat":
      return `${mlWords(made, "pourMl")} of cold water and all of it on ${HEAT[String(heat)]}, until it boils.`;
    case "boil":
      return (
        `Let it just boil${lid === true ? ", the lid on" : ", no lid"}. It is done when its colour and smell no ` +
        "longer deepen; a root is soft to a knife by then."
      );
    case "reduce":
      return (
        "No lid. Stand a clean stick in the pot and mark the level; it is done when it has gone down to what you " +
        "want and what the herb keeps. Stir towards the end: it catches."
      );
    case "pour":
      return (
        `${mlWords(made, "pourMl")} from the kettle over ` +
        `it${way === "closedJar" ? " in a warmed jar; close it" : ""}.`
      );
    case "stand":
      return way === "cold" || way === "fridge"
        ? `In ${mlWords(made, "pourMl")} of cold water, covered. Shake it now and then.`
        : `Let it stand${lid === true || way === "closedJar" ? ", covered" : ""}.`;
    case "strain":
      return `Through a sieve${pressed === true ? ", and press it out in a cloth" : "; let it drip and do not press"}.`;
  }
}

/** Common practice. */
const longStood = ({ way }: Settings, { notes }: Made): Late | undefined =>
  notes.some(({ code }) => code === "slimy")
    ? { afterMin: 20, text: "Past its window: it sets as it cools. Warm it until it runs, and strain it then." }
    : way === "cold" || way === "fridge"
      ? {
          afterMin: 12 * 60,
          text: "Past its window: what has stood wet so long outside a jar begins to sour. Smell it.",
        }
      : { afterMin: 120, text: "Past its window: longer draws no more strength, only what is bitter and drying." };

export const brewWords: MethodWords = {
  name: "a tea",
  about: "boiled, poured over, cold, or boiled down to a mark; slimy seeds to a gel",
  asks: "What goes into the pot?",
  fields: {
    way: { label: "How?", options: WAY },
    wantMl: { label: "Wanted in the end, ml" },
    fromMl: { label: "Poured at first, ml", hint: "two cups, say" },
    minutes: { label: "How long, minutes", hint: "left empty: as long as it needs" },
    heat: { label: "On", options: HEAT },
    lid: { label: "the lid is on" },
    pressed: { label: "the herb is pressed out in a cloth" },
    potCm: { label: "The pot is so wide, cm" },
    altitudeM: { label: "Above the sea, m", hint: "water boils cooler up there" },
  },
  sentence: (things, settings, made) => {
    const { way, lid, pressed, heat } = settings;
    const time = made ? ` ${way === "reduced" ? "in about" : "for"} ${minuteWords(made.minutes)}` : "";
    const heated = way === "boiled" || way === "reduced";
    return [
      "Tea of ",
      { words: things, opens: [THINGS] },
      ", ",
      { words: `${WAY[String(way)]}${time}`, opens: ["way", "minutes", "fromMl"] },
      ...(heated
        ? [
            " on ",
            {
              words: `${HEAT[String(heat)]}${lid === true && way !== "reduced" ? ", lid on" : ""}`,
              opens: ["heat", "lid", "potCm", "altitudeM"],
            },
          ]
        : way === "poured"
          ? [", ", { words: lid === true ? "covered" : "open", opens: ["lid", "potCm"] }]
          : []),
      ", ",
      { words: pressed === true ? "pressed out" : "drained", opens: ["pressed"] },
      ": ",
      { words: `${settings.wantMl ?? "…"} ml`, opens: ["wantMl"] },
      ".",
    ];
  },
  step,
  sign: {
    heat: "it boils",
    boil: "its colour deepens no more",
    reduce: "it is down to the mark",
    stand: "its colour deepens no more",
    strain: "it drips no more",
  },
  late: {
    // A slimy one sets as it cools; any other draws what is bitter and drying.
    boil: longStood,
    stand: longStood,
    strain: longStood,
  },
  stays: "stays in the sieve, wet",
  product: (names) => `${plainNames(names)} tea`,
  rest: (names) => ({ name: `spent ${plainNames(names)}`, use: "ground into the next mask, or over the beds" }),
};
