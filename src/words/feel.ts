import type { Advice, Feel, FeelAnswer } from "@/core/feel";
import { LITTLE, MUCH } from "@/core/feel";
import type { MixingStep } from "@/core/order";
import type { Choices } from "@/core/paste";
import { gramWords, mlWords, roundTo } from "./amounts";
import { materialName } from "./names";
import { plural } from "./lists";

export const FEEL_NAME: Readonly<Record<Feel, string>> = {
  slip: "slip",
  drying: "drying",
  grit: "grit",
  stain: "stain",
  protein: "protein",
  scent: "scent",
};
export const feelDegree = (score: number): string =>
  score < 0.05 ? "none" : score < LITTLE ? "a little" : score < MUCH ? "some" : "much";

/** With what it is put on. */
export const TOOL_NAME: Readonly<Record<NonNullable<Choices["tool"]>, string>> = {
  hands: "by hand",
  brush: "with a brush",
  nozzle: "from a nozzle bottle",
  spray: "as a spray",
  poured: "poured, and caught",
};
export const WHERE_NAME: Readonly<Record<NonNullable<Choices["where"]>, string>> = {
  scalp: "scalp and lengths, from the scalp",
  lengths: "lengths only",
  both: "wherever the colour should be",
  grey: "only where it is grey",
  thinPlaces: "only on the thin places",
  hairline: "all over, a little more at the hairline",
};
export const WASH_NAME: Readonly<Record<NonNullable<Choices["washOut"]>, string>> = {
  water: "water alone",
  conditioner: "conditioner, to float the grit out",
  once: "one shampoo",
  twice: "two shampoos",
};
export const OIL_NAME: Readonly<Record<NonNullable<Choices["oil"]>, string>> = {
  last: "folded in last",
  first: "rubbed into the powders first",
};

/** The names of things that are responsible, "the amla and the henna". */
function names({ things }: FeelAnswer, because: readonly number[]): string {
  const all = [...new Set(because.map((i) => materialName(things[i].materialId)))];
  return all.length === 0
    ? ""
    : `the ${all.slice(0, -1).join(", the ")}${all.length > 1 ? " and the " : ""}${all.at(-1)}`;
}

/** One piece of advice, what to do before why. */
export function adviceWords(advice: Advice, feel: FeelAnswer): string {
  const why = names(feel, advice.because);
  switch (advice.topic) {
    case "detangle": {
      const source =
        advice.slipSource &&
        ` About ${gramWords(advice.slipSource.massG)} g of ${materialName(advice.slipSource.materialId)} in the` +
          " bowl would give it slip.";
      return `Detangle before: it has little slip.${source ?? ""}`;
    }
    case "strain":
      return advice.choice
        ? `Press it through a sieve or a cloth, before any oil: ${why} leaves bits.`
        : "No need to strain it.";
    case "lightHair":
      return `Not on light hair without a strand test: ${why} can stain it.`;
    case "where":
      if (advice.choice === "lengths") return `On the lengths, not the scalp: ${why} is in it.`;
      return advice.choice === "scalp"
        ? "From the scalp down: the herbs are for it."
        : `Where the colour should be: ${why} dyes.`;
    case "washOut":
      if (advice.choice === "water")
        return `Rinse with water alone and leave shampoo for a day: ${why} goes on darkening.`;
      if (advice.choice === "conditioner") return "Rinse, then float the grit out with conditioner.";
      return advice.choice === "twice"
        ? `Two shampoos: ${why} holds on.`
        : `One shampoo is enough${why ? ` for ${why}` : ""}.`;
    case "conditionAfter":
      return advice.choice
        ? `Condition afterwards: ${why} ` +
            (feel.scores.drying.score >= feel.scores.protein.score ? "dries the hair" : "makes the hair stiff") +
            "."
        : "Conditioner afterwards is not needed.";
    case "odour":
      return (
        `The smell of ${why} stays a while: a last rinse with a spoon of lemon juice in a litre of water helps.` +
        " Keep it out of the eyes."
      );
  }
}

/** "ripe banana, mashed" without what is done to it, which the step says itself. */
const bare = (id: string): string => materialName(id).split(",")[0];

/** One step of mixing, as a sentence. */
export function mixingStepWords(
  step: MixingStep,
  materialIds: readonly string[],
  vessels: { readonly bottleMl?: number },
): string {
  const list = "things" in step ? step.things.map((i) => bare(materialIds[i])).join(", ") : "";
  switch (step.id) {
    case "mash": {
      const with_ =
        step.blender === "fits"
          ? "in the blender"
          : step.blender === "tooLittle"
            ? "with a fork and through a sieve: it is too little for the blender’s knives"
            : step.blender === "tooMuch"
              ? "in the blender, in two goes"
              : "with a fork, then through a sieve";
      return `Mash ${list} (about ${mlWords(step.volumeMl)} ml) ${with_}; no bit may be left.`;
    }
    case "warm":
      return (
        `Warm ${list} to about ${step.toC} °C over a bowl of hot water until it flows or dissolves; cooler it stays` +
        " in lumps. Test on the wrist before it meets skin."
      );
    case "lumps":
      return `Stir ${list} into the other dry powder first: in water it clumps around dry middles.`;
    case "dry":
      return (
        (step.things.length > 1 ? `Put ${list} together dry` : `Put ${list} in a dry bowl`) +
        (step.dusty ? ", slowly and low over the bowl, window open; the dust is not for lungs" : "") +
        ". Crush lumps now."
      );
    case "oilFirst":
      return `Rub ${list} into the dry powder. It takes up less water so; pour with care.`;
    case "wet":
      return `Whisk ${list} smooth by itself, then into the powder.`;
    case "pour":
      return "Pour by the jug: the first pour, stir until nothing is dry, then by steps.";
    case "strain":
      return "Press it through a sieve or a cloth, before any oil.";
    case "oilLast":
      return `Fold ${list} in last, once the powder is wet.`;
    case "scent":
      return `Count ${list} in at the very end, off any heat.`;
    case "bottle":
      return step.flows
        ? "It leaves a nozzle: " +
            plural(step.bottles, "one bottle", `${step.bottles} bottles`) +
            ` of ${roundTo(vessels.bottleMl ?? 0, 1)} ml.`
        : "Too thick for a nozzle bottle: use hands or a brush, or aim for a drizzle.";
  }
}
