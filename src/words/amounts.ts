import type { Band } from "@/core/figure";
import type { SpoonAmount, Unit } from "@/core/measure";
import { counted } from "./lists";

const FRACTIONS: Readonly<Record<string, string>> = { "0.25": "¼", "0.5": "½", "0.75": "¾" };

/** 2.5 as a kitchen writes it: "2½". Other fractions keep one decimal. */
export function kitchenNumber(value: number): string {
  const whole = Math.floor(value + 1e-9);
  const rest = value - whole;
  const fraction = FRACTIONS[String(Math.round(rest * 100) / 100)];
  if (fraction) return whole > 0 ? `${whole}${fraction}` : fraction;
  return Number(value.toFixed(value < 10 ? 1 : 0)).toString();
}

/** "2 tbsp + 1 tsp"; "none" for nothing. */
export function spoonWords({ cups, tbsp, tsp }: SpoonAmount): string {
  const parts = [
    cups > 0 && `${kitchenNumber(cups)} ${cups > 1 ? "cups" : "cup"}`,
    tbsp > 0 && `${kitchenNumber(tbsp)} tbsp`,
    tsp > 0 && `${kitchenNumber(tsp)} tsp`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(" + ") : "none";
}

/** A line's own unit where spoons say less: pieces and drops. */
export function countWords(count: number, unit: Unit, spoons: SpoonAmount): string {
  if (unit === "piece") return `${kitchenNumber(Math.round(count * 4) / 4)} ${count > 1 ? "pieces" : "piece"}`;
  if (unit === "drop") return counted(Math.round(count), "drop", "drops");
  return spoonWords(spoons);
}

const NICE = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100];

/** The grain that a band deserves: about a twelfth of its width. */
export function grainOf({ low, high }: Band): number {
  const wanted = (high - low) / 12;
  return [...NICE].reverse().find((grain) => grain <= wanted) ?? NICE[0];
}

export const roundTo = (value: number, grain: number): string => {
  const rounded = Math.round(value / grain) * grain;
  return grain < 1 ? Number(rounded.toFixed(1)).toString() : Math.round(rounded).toString();
};

/** A pour as a jug can be read, rounded once: what a button says is what the record says. */
export const pourMl = (ml: number, of: Band): number => Number(roundTo(ml, Math.max(1, grainOf(of))));

/** "270" and "210–350", never more digits than the band deserves. */
export function bandWords(band: Band): { readonly mid: string; readonly range: string; readonly both: string } {
  const grain = grainOf(band);
  const mid = roundTo(band.mid, grain);
  const range = `${roundTo(band.low, grain)}–${roundTo(band.high, grain)}`;
  return { mid, range, both: band.low === band.high ? mid : `${mid} (${range})` };
}

/** Grams on a line: whole from 10 g, one decimal below. */
export const gramWords = (grams: number): string =>
  grams >= 9.95 ? Math.round(grams).toString() : Number(grams.toFixed(1)).toString();

/** Volumes of layers: to 5 ml, from a litre to 10, small ones to 1. */
export const mlWords = (ml: number): string => roundTo(ml, ml < 50 ? 1 : ml < 1000 ? 5 : 10);

/** 90 → "1 h 30 min"; 25 → "25 min". */
export function minuteWords(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  const [h, min] = [Math.floor(whole / 60), whole % 60];
  if (h === 0) return `${min} min`;
  if (h >= 72) return `${Math.round(h / 24)} days`;
  return min === 0 ? `${h} h` : `${h} h ${min} min`;
}

/** Hours as a maker says them: to the quarter below 4, to the half below 12, whole above. */
export function hourWords(hours: number): string {
  const grain = hours < 4 ? 0.25 : hours < 12 ? 0.5 : 1;
  return `${kitchenNumber(Math.round(hours / grain) * grain)} h`;
}

/** "15–25 h" over a band of hours. */
export const hourBandWords = ({ low, high }: Band): string => {
  const [a, b] = [hourWords(low).slice(0, -2), hourWords(high).slice(0, -2)];
  return a === b ? `${a} h` : `${a}–${b} h`;
};
