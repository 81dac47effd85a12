import type { RestWay, RestWayId } from "@/core/rest";
import { roundTo } from "./amounts";
import { clockWords, momentWords } from "./times";

const TEN_MINUTES_MS = 600_000;
const HOUR_MS = 3_600_000;
/** A moment that is only about right, to ten minutes. */
const about = (ms: number, timeZone: string, nowMs: number): string =>
  momentWords(Math.round(ms / TEN_MINUTES_MS) * TEN_MINUTES_MS, timeZone, nowMs);

/** When a paste is what, ms since the epoch. */
export interface RestTimes {
  readonly readyMs: number;
  readonly bestMs: number;
  /** Left out where it keeps for weeks. */
  readonly untilMs?: number;
  /** It has less by now than it had. */
  readonly isFading?: boolean;
}

/** "Ready about 06:40. Best near 11:00. Good until about 19:00." */
export function restLine({ readyMs, bestMs, untilMs, isFading }: RestTimes, timeZone: string, nowMs: number): string {
  const at = (ms: number) => about(ms, timeZone, nowMs);
  if (untilMs !== undefined && nowMs > untilMs) return `Past its best since ${at(untilMs)}.`;
  return [
    nowMs < readyMs ? `Ready about ${at(readyMs)}.` : `Ready since about ${at(readyMs)}.`,
    nowMs < bestMs ? `Best near ${at(bestMs)}.` : isFading ? "A little past its best." : "At its best now.",
    untilMs === undefined ? "It keeps for weeks so." : `Good until about ${at(untilMs)}.`,
  ].join(" ");
}

/** "ready 05:10–09:00": the ends of what is only known so well. */
export const spanWords = (fromMs: number, toMs: number, timeZone: string, nowMs: number): string =>
  `${about(fromMs, timeZone, nowMs)}–${
    toMs - fromMs > 16 * HOUR_MS
      ? about(toMs, timeZone, nowMs)
      : clockWords(Math.round(toMs / TEN_MINUTES_MS) * TEN_MINUTES_MS, timeZone)
  }`;

/** Where a bowl may be put, in a plan. */
export const REST_PLACES = ["kitchen", "warm", "fridge", "freezer", "elsewhere"] as const;
export type RestPlace = (typeof REST_PLACES)[number];
export const REST_PLACE_NAME: Readonly<Record<RestPlace, string>> = {
  kitchen: "in the kitchen",
  warm: "on a warm shelf, 30 °C",
  fridge: "in the fridge",
  freezer: "in the freezer",
  elsewhere: "somewhere else",
};

/** `at` is left out where it is now; `out` is when it leaves the cold. */
const WAY_NAME: Readonly<Record<RestWayId, (at: string | undefined, out: string) => string>> = {
  leave: () => "Leave it in the kitchen",
  warmNow: () => "Onto a warm shelf until then",
  fridgeNow: () => "Into the fridge now, out an hour before",
  fridgeLater: (at) => `Leave it until ${at}, then the fridge; out an hour before`,
  freezeLater: (at, out) =>
    `${at ? `Leave it until ${at}, then the freezer` : "Into the freezer now"}; out ${out}, to thaw`,
};
/** What is done, where something is done later. */
export function wayWords(
  { way, stays }: RestWay,
  standsIn: RestPlace,
  mixedMs: number,
  timeZone: string,
  nowMs: number,
): string {
  if (way === "leave" && standsIn !== "kitchen") return "Take it out into the kitchen now";
  if (way === "fridgeNow" && standsIn === "fridge") return "Leave it in the fridge, out an hour before";
  const coldH = stays.findLast(({ tempC }) => tempC <= 4)?.fromH ?? 0;
  const coldMs = mixedMs + coldH * HOUR_MS;
  const outMs = mixedMs + (stays.at(-1)?.fromH ?? 0) * HOUR_MS;
  return WAY_NAME[way](
    coldMs - nowMs < HOUR_MS / 2 ? undefined : about(coldMs, timeZone, nowMs),
    about(outMs, timeZone, nowMs),
  );
}
/** How it will be then. */
export function fitWords({ fits, strength }: Pick<RestWay, "fits" | "strength">): string {
  const share = `${roundTo(Math.min(1, strength) * 100, 5)} % of the most it can have`;
  switch (fits) {
    case "best":
      return `at its best then, ${share}`;
    case "ready":
      return `ready then, ${share}`;
    case "notYet":
      return `not ready by then, ${share}`;
    case "past":
      return `past its best by then, ${share}`;
  }
}
