import type { Going } from "../batch";

/** Something a resting bowl has to say at a moment. */
export interface Reminder {
  /** The same for the same moment of the same bowl. */
  readonly id: string;
  readonly batchId: string;
  readonly blendName: string;
  readonly headName: string;
  readonly kind: "ready" | "lastHour" | "shampoo" | "judge";
  readonly atMs: number;
}
const HOUR_MS = 3_600_000;
/** After the rinse of a dye; the table of the days after says the same. */
export const SHAMPOO_AFTER_MS = 24 * HOUR_MS;
export const JUDGE_AFTER_MS = 48 * HOUR_MS;
/** Longer ago than this it was said, or is no news. */
export const NEWS_MS = HOUR_MS / 4;

/** What bowls have to say: that they are ready or good for one hour more, and what a dye wants the days after. */
export const remindersOf = (going: readonly Going[]): Reminder[] =>
  going.flatMap(({ batchId, blendName, headName, stage, window, dyedMs }) => {
    const one = (kind: Reminder["kind"], atMs: number): Reminder => ({
      id: `${batchId} ${kind} ${Math.round(atMs / HOUR_MS)}`,
      batchId,
      blendName,
      headName,
      kind,
      atMs,
    });
    if (dyedMs !== undefined) return [one("shampoo", dyedMs + SHAMPOO_AFTER_MS), one("judge", dyedMs + JUDGE_AFTER_MS)];
    if (stage !== "resting" || !window) return [];
    const { readyMs, useByMs } = window;
    const lastMs = (useByMs ?? 0) - HOUR_MS;
    return [one("ready", readyMs), ...(useByMs !== undefined && lastMs > readyMs ? [one("lastHour", lastMs)] : [])];
  });

/** What is due now, of what was not seen yet. */
export const dueNow = (going: readonly Going[], nowMs: number, seen: readonly string[]): Reminder[] =>
  remindersOf(going).filter(({ id, atMs }) => atMs <= nowMs && atMs > nowMs - NEWS_MS && !seen.includes(id));
