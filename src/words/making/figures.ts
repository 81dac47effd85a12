import type { Band } from "@/core/figure";
import { SAID_FIGURES, type Made, type SaidFigure } from "@/core/making";
import { wordFor } from "@/core/paste";
import { roundTo } from "../amounts";
import { CONSISTENCY_NAME } from "../names";

/** What a method says of what comes of it: the name of the figure, and the figure with its band. */
const SAID: Readonly<Record<SaidFigure, readonly [name: string, words: (band: Band) => string]>> = {
  dissolvedGPer100Ml: [
    "dissolved in 100 ml",
    ({ low, mid, high }) => `${tenths(mid)} g (${tenths(low)}–${tenths(high)})`,
  ],
  drawnShare: ["drawn of what dissolves", ({ mid }) => percent(mid)],
  herbShare: ["herb to the oil", ({ mid }) => percent(mid)],
  waterLeftShare: ["water left in the oil", ({ mid }) => (mid < 0.001 ? "hardly any" : `${tenths(mid * 100)} %`)],
  setsAtC: ["sets below", ({ low, mid, high }) => `${whole(mid)} °C (${whole(low)}–${whole(high)})`],
  solidsShare: ["solids", ({ low, mid, high }) => `${percent(mid)} (${percent(low)}–${percent(high)})`],
  stiffnessPa: ["as stiff as", yieldWords],
  sameAsCreamG: ["for a cream take", ({ low, mid, high }) => `${whole(mid)} g (${whole(low)}–${whole(high)})`],
  swellsAtC: ["swells and sets at", ({ low, high }) => `${whole(low)}–${whole(high)} °C`],
  coolMin: ["warm enough for a scalp in", ({ low, mid, high }) => `${whole(mid)} min (${whole(low)}–${whole(high)})`],
  yieldShare: ["comes out of it", ({ low, mid, high }) => `${percent(mid)} (${percent(low)}–${percent(high)})`],
  clearsAtC: ["is clear from", ({ mid }) => `${whole(mid)} °C`],
};
const tenths = (value: number): string => roundTo(value, 0.1);
const whole = (value: number): string => roundTo(value, 1);
const percent = (share: number): string => `${tenthsFrom(share * 100)} %`;
const tenthsFrom = (value: number): string => roundTo(value, value < 10 ? 0.5 : 1);
/** A stiffness as hands know it, with its band. */
function yieldWords({ low, mid, high }: Band): string {
  const word = wordFor(mid);
  const pa = (value: number) => roundTo(value, value < 10 ? 0.5 : value < 100 ? 5 : 50);
  return word ? `${CONSISTENCY_NAME[word]}, ${pa(mid)} Pa (${pa(low)}–${pa(high)})` : "runs like water";
}
export const saidFigures = (says: Made["says"]): readonly (readonly [string, string])[] =>
  SAID_FIGURES.flatMap((id) => {
    const band = says[id];
    return band ? [[SAID[id][0], SAID[id][1](band)] as const] : [];
  });
