import type { Going } from "../batch";

/** Something a resting bowl has to say at a moment. */
export interface Reminder {
  /** The same for the same moment of the same bowl. */
  readonly id: string;
  readonly batchId: string;
  readonly blendName: string;
  readonly headName: string;
  readonly kind: "ready" | "lastHour";
  readonly atMs: number;
}
const HOUR_MS = 3_600_000;
/** Longer ago than this it was said, or is no news. */
export const NEWS_MS = HOUR_MS / 4;

/** What resting bowls have to say: that they are ready, and that they are good for one hour more. */
export const remindersOf = (going: readonly Going[]): Reminder[] =>
  going.flatMap(({ batchId, blendName, headName, stage, window }) => {
    if (stage !== "resting" || !window) return [];
    const { readyMs, useByMs } = window;
    const one = (kind: Reminder["kind"], atMs: number): Reminder => ({
      id: `${batchId} ${kind} ${Math.round(atMs / HOUR_MS)}`,
      batchId,
      blendName,
      headName,
      kind,
      atMs,
    });
    const lastMs = (useByMs ?? 0) - HOUR_MS;
    return [one("ready", readyMs), ...(useByMs !== undefined && lastMs > readyMs ? [one("lastHour", lastMs)] : [])];
  });

/** What is due now, of what was not seen yet. */
export const dueNow = (going: readonly Going[], nowMs: number, seen: readonly string[]): Reminder[] =>
  remindersOf(going).filter(({ id, atMs }) => atMs <= nowMs && atMs > nowMs - NEWS_MS && !seen.includes(id));
