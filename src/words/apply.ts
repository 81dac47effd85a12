import type { Forecast, Section } from "@/core/apply";
import { bandWords, roundTo } from "./amounts";

const ALONG: readonly (readonly [from: number, name: string])[] = [
  [0.75, "nape"],
  [0.5, "back"],
  [0.25, "top"],
  [0, "front"],
];
/** "crown, left". */
export function sectionName({ back, side }: Section): string {
  const along = ALONG.find(([from]) => back >= from)?.[1] ?? "";
  return `${along}, ${side < -0.1 ? "left" : side > 0.1 ? "right" : "middle"}`;
}

/** How far the bowl will go, in a line. */
export function forecastWords({ leftG, toDo, needG, warns, overG, chanceShort }: Forecast): string {
  if (toDo <= 1e-9) return `All sections are done; ${roundTo(leftG, 5)} g are left.`;
  const still = { low: toDo * needG.low, mid: toDo * needG.mid, high: toDo * needG.high };
  const takes = `${roundTo(100 * toDo, 5)} % of the hair, which takes about ${bandWords(still).both} g`;
  const rest = `${roundTo(leftG, 5)} g for ${takes}`;
  if (warns) return `It will likely run short, by about ${roundTo(Math.max(5, -overG), 5)} g: ${rest}.`;
  return chanceShort > 0.3 ? `It may just reach: ${rest}.` : `It will reach: ${rest}.`;
}
