import type { BatchPayload } from "@/core/batch";

/** A tap that has not arrived yet. */
export interface Waiting {
  readonly id: string;
  readonly payload: BatchPayload;
  readonly deviceSeq: number;
  readonly revSeen: number;
  readonly deviceClock: string;
}

/** A key for each tap, so that two tabs never write over each other's; the shape is part of the name. */
const NAME = "infusing-outbox-2:";
const SEQUENCE_KEY = "infusing-sequence";
const keyOf = (batchId: string, id: string): string => `${NAME}${batchId}:${id}`;

/** Everything that is stored under keys which begin so; what cannot be read is passed over. */
function stored<T>(beginning: string): T[] {
  const found: T[] = [];
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i)!;
      if (!key.startsWith(beginning)) continue;
      try {
        found.push(JSON.parse(localStorage.getItem(key)!));
      } catch {
        // Something that was never ours.
      }
    }
  } catch {
    // A forbidden storage holds nothing.
  }
  return found;
}

/** What this device still has to send for a bowl, in its own order. */
export const readOutbox = (batchId: string): Waiting[] =>
  stored<Waiting>(keyOf(batchId, ""))
    .filter((one) => typeof one?.id === "string" && typeof one.payload === "object")
    .sort((a, b) => a.deviceSeq - b.deviceSeq);

/** How many taps this device has still to send, by bowl. */
export function countOutbox(): Map<string, number> {
  const counts = new Map<string, number>();
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i)!;
      if (!key.startsWith(NAME)) continue;
      const [batchId] = key.slice(NAME.length).split(":");
      counts.set(batchId, (counts.get(batchId) ?? 0) + 1);
    }
  } catch {
    // A forbidden storage holds nothing.
  }
  return counts;
}

/** Keeps a tap until it arrived; false where the device's storage is full or forbidden. */
export function keepTap(batchId: string, tap: Waiting): boolean {
  try {
    localStorage.setItem(keyOf(batchId, tap.id), JSON.stringify(tap));
    return true;
  } catch {
    return false;
  }
}

export function forgetTaps(batchId: string, ids: readonly string[]): void {
  try {
    for (const id of ids) localStorage.removeItem(keyOf(batchId, id));
  } catch {
    // Nothing was kept there then.
  }
}

/** A tap that the house can never take, and what it said; kept until somebody decides. */
export interface SetAside {
  readonly tap: Waiting;
  readonly why: string;
}
const ASIDE = "infusing-aside:";
const asideKey = (batchId: string, id: string): string => `${ASIDE}${batchId}:${id}`;

/** What of a bowl's taps was set aside on this device, in its own order. */
export const readAside = (batchId: string): SetAside[] =>
  stored<SetAside>(asideKey(batchId, ""))
    .filter((one) => typeof one?.tap?.id === "string" && typeof one.tap.payload === "object")
    .sort((a, b) => a.tap.deviceSeq - b.tap.deviceSeq);

/** Sets a tap aside, so that the others go on. Where the device can keep nothing it lives as long as its page. */
export function setAside(batchId: string, tap: Waiting, why: string): void {
  try {
    localStorage.setItem(asideKey(batchId, tap.id), JSON.stringify({ tap, why } satisfies SetAside));
    localStorage.removeItem(keyOf(batchId, tap.id));
  } catch {
    // Full or forbidden: it stays in the outbox's own key, if it is there.
  }
}

export function dropAside(batchId: string, id: string): void {
  try {
    localStorage.removeItem(asideKey(batchId, id));
  } catch {
    // Nothing was kept there then.
  }
}

let lastSequence = 0;

/** This device's next number; its own events are ordered by it. Goes on counting where nothing can be stored. */
export function nextSequence(): number {
  try {
    lastSequence = Math.max(lastSequence, Number(localStorage.getItem(SEQUENCE_KEY)) || 0) + 1;
    localStorage.setItem(SEQUENCE_KEY, String(lastSequence));
  } catch {
    lastSequence += 1;
  }
  return lastSequence;
}
