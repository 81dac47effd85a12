import { momentMs } from "../text";
import { emptyBowl, kindOf, type BatchEvent, type BatchState } from "./eventKinds";

/** The order that all devices agree on: rev seen, then device, then its own sequence. */
export const inOrder = (a: BatchEvent, b: BatchEvent): number =>
  a.revSeen - b.revSeen ||
  (a.deviceId < b.deviceId ? -1 : a.deviceId > b.deviceId ? 1 : 0) ||
  a.deviceSeq - b.deviceSeq ||
  (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/**
 * Folds events, in any order and with repeats, to one state. A withdrawn event counts for nothing; withdrawing a
 * withdrawal brings it back.
 */
export function foldBatch(events: readonly BatchEvent[]): BatchState {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder);
  const withdrawn = withdrawnIds(unique);
  const bowl = emptyBowl();
  const dates = datesOf(unique, withdrawn);
  for (const event of unique) {
    const { id, payload } = event;
    if (withdrawn.has(id)) continue;
    const atMs = dates.get(id) ?? event.atMs;
    kindOf(payload)?.apply?.(bowl, payload, { eventId: id, atMs });
  }
  return { ...bowl, withdrawn: [...withdrawn] };
}

/** When events happened by what was said later, by event; the last word on each counts. */
export function datesOf(events: readonly BatchEvent[], withdrawn: ReadonlySet<string>): ReadonlyMap<string, number> {
  const dates = new Map<string, number>();
  for (const { id, payload } of events) {
    const ms = payload.kind === "dated" && !withdrawn.has(id) ? momentMs(payload.at) : undefined;
    if (ms !== undefined && payload.kind === "dated") dates.set(payload.eventId, ms);
  }
  return dates;
}

/** Latest first, so that a withdrawal that is itself withdrawn takes nothing back. */
function withdrawnIds(events: readonly BatchEvent[]): Set<string> {
  const withdrawn = new Set<string>();
  for (let i = events.length - 1; i >= 0; i--) {
    const { id, payload } = events[i];
    if (payload.kind === "withdrawn" && !withdrawn.has(id)) withdrawn.add(payload.eventId);
  }
  return withdrawn;
}
