import type { KeepsDays, Stand } from "@/core/making";
import { counted } from "../lists";

export const STAND_NAME: Readonly<Record<Stand, string>> = {
  room: "in the kitchen",
  fridge: "in the fridge",
  freezer: "in the freezer",
};

export function daysWords({ value }: { readonly value: number }): string {
  if (value < 1) return counted(Math.round(value * 24), "hour", "hours");
  if (value <= 60) return counted(Math.round(value), "day", "days");
  return counted(Math.round(value / 30), "month", "months");
}
/** "12 hours in the kitchen, 3 days in the fridge, 3 months frozen": the shortest that is honest. */
export const keepsWords = ({ room, fridge, freezer }: KeepsDays): string =>
  `${daysWords(room)} in the kitchen, ${daysWords(fridge)} in the fridge, ${daysWords(freezer)} frozen`;
