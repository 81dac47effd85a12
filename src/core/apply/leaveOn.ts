import { estimate, scaleBand, type Band } from "../figure";
import { PURPOSE, type PurposeId } from "../head";

/** Under a warm cap a care takes so much of its time. A dye's time is the dye's. */
export const WARM_TAKES = estimate(0.7, 0.6, 0.9, "20 to 30 minutes in place of 40");

/** When it comes off, ms. */
export interface ComesOff {
  readonly fromMs: number;
  readonly bestMs: number;
  readonly untilMs: number;
  /** Where the first section's longest time ends before the last one's least: the first ones are rinsed first. */
  readonly firstIsLong: boolean;
}
const MINUTE_MS = 60_000;

/** Minutes from the last section, shortened by a warm cap where it is a care. */
export const underCap = (leaveOnMin: Band, dye: boolean, warm: boolean): Band =>
  warm && !dye ? scaleBand(leaveOnMin, WARM_TAKES.value) : leaveOnMin;

/**
 * When it comes off: counted from the last section, and the first one's longest time is watched.
 * @param firstMs when the first section was done, `lastMs` the last one
 */
export function comesOff(purpose: PurposeId, leaveOnMin: Band, firstMs: number, lastMs: number): ComesOff {
  const longestMs = firstMs + PURPOSE[purpose].longestMin * MINUTE_MS;
  const at = (minutes: number) => lastMs + minutes * MINUTE_MS;
  const untilMs = Math.min(at(leaveOnMin.high), Math.max(longestMs, lastMs));
  return {
    fromMs: Math.min(at(leaveOnMin.low), untilMs),
    bestMs: Math.min(at(leaveOnMin.mid), untilMs),
    untilMs,
    firstIsLong: longestMs < at(leaveOnMin.low),
  };
}
