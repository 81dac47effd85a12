import type { Air } from "@/core/air";
import type { Drying, Forecast, Section, TakeOffStep, TakeOffStepId } from "@/core/apply";
import type { Cover, Look, Touch } from "@/core/batch";
import type { Band } from "@/core/figure";
import { bandWords, minuteWords, roundTo } from "./amounts";
import { counted } from "./lists";

/** "nape, left". */
export function sectionName({ along, side }: Section): string {
  const across = side < -0.1 ? "left" : side > 0.1 ? "right" : "middle";
  return along === "half" ? `${across} half` : `${along}, ${across}`;
}

export const LOOK_NAME: Readonly<Record<Look, string>> = {
  wetThrough: "opened it: wet through",
  dryInside: "opened it: dry inside",
  dampedAgain: "damped it again",
};
export const COVER_NAME: Readonly<Record<Cover, string>> = {
  open: "left open",
  cap: "under a cap",
  warmCap: "under a cap, kept warm",
};
export const TOUCH_NAME: Readonly<Record<Touch, string>> = {
  wet: "still wet",
  almostDry: "almost dry",
  dry: "dry",
};

/** How far the bowl will go, in a line. */
export function forecastWords({ leftG, toDo, needG, warns, overG, chanceShort }: Forecast): string {
  if (toDo <= 1e-9) return `All sections are done; ${roundTo(leftG, 5)} g are left.`;
  const still = { low: toDo * needG.low, mid: toDo * needG.mid, high: toDo * needG.high };
  const takes = `${roundTo(100 * toDo, 5)} % of the hair, which takes about ${bandWords(still).both} g`;
  const rest = `${roundTo(leftG, 5)} g for ${takes}`;
  if (warns) return `It will likely run short, by about ${roundTo(Math.max(5, -overG), 5)} g: ${rest}.`;
  return chanceShort > 0.3 ? `It may just reach: ${rest}.` : `It will reach: ${rest}.`;
}

/** "about 25 min (15–40 min)". */
const minutes = ({ low, mid, high }: Band): string =>
  `about ${minuteWords(mid)} (${roundTo(low, 5)}–${roundTo(high, 5)} min)`;
/** When it is almost dry, left open; under a cap it is not. */
export function dryingWords({ scalpMin, lengthsMin }: Drying, covered: boolean): string {
  if (covered) return "Under a cap it does not dry.";
  const scalp = `Left open, the scalp is almost dry ${minutes(scalpMin)} after a section was done.`;
  return lengthsMin && lengthsMin.mid > 60
    ? `${scalp} The lengths stay wet for hours; only their outside dries.`
    : scalp;
}

export const TAKE_OFF_NAME: Readonly<Record<TakeOffStepId, string>> = {
  drain: "A cloth over the drain",
  soften: "Wet it through, and wait",
  rinse: "Rinse",
  float: "Conditioner, to float the bits out",
  shampoo: "Shampoo",
  comb: "Comb",
  condition: "Conditioner",
  odour: "A last rinse against the smell",
  towel: "Dry",
  moisture: "Something moist",
  oil: "A little oil",
};
/** What is done at a step of taking it off. `who` are the things that ask for it. */
export function takeOffWords({ id, times = 1, because }: TakeOffStep, who: string, dye: boolean): string {
  switch (id) {
    case "drain":
      return "A sieve or a cloth over the drain: powder sets in pipes.";
    case "soften":
      return "Lukewarm water until it is soft everywhere, then two minutes; dry paste pulled off takes hair with it.";
    case "rinse":
      return (
        `${counted(times, "time", "times")} with much lukewarm water, head down, fingers along the scalp, ` +
        `${dye ? "until it runs clear" : "until nothing gritty is felt"}. Eyes closed.`
      );
    case "float":
      return `A handful, worked through under water${who ? `: ${who} leaves bits` : ""}; rinse once more.`;
    case "shampoo":
      return times > 1 ? `Two shampoos: ${who} holds on.` : "One shampoo, on the scalp; it runs through the lengths.";
    case "comb":
      return because.length > 0
        ? "Wide comb, under water while it slips, from the ends up."
        : "Not while it is gritty. Wide comb with conditioner in, from the ends up.";
    case "condition":
      return `On the lengths, three minutes, rinsed${who ? `: ${who} leaves hair dry or stiff` : ""}.`;
    case "odour":
      return "A spoon of lemon juice or vinegar in a litre of water, poured over last. Not into the eyes.";
    case "towel":
      return because.length > 0
        ? `An old towel: ${who} stains. Press, do not rub.`
        : "Press it in a towel, do not rub.";
    case "moisture":
      return who
        ? `Leave-in or a mist into damp hair: ${who} dries.`
        : "Leave-in or a mist into damp hair, where it likes that.";
    case "oil":
      return "A few drops on the ends, once the rest is in.";
  }
}

export const AIR_NAME: Readonly<Record<Air, string>> = {
  dry: "dry, heated",
  usual: "as usual",
  damp: "damp, after a shower",
};
/** What a touch says to do. */
export function touchedWords(touch: Touch, dye: boolean): string {
  switch (touch) {
    case "wet":
      return "Still wet: nothing to do yet.";
    case "almostDry":
      return dye
        ? "Almost dry: cover it, a dye wants to stay wet."
        : "Almost dry: it comes off now, while it still gives.";
    case "dry":
      return dye
        ? "Dry: mist it and cover it; dry dye gives no more colour."
        : "Dry: it pulls. Wet it through before anything else.";
  }
}
