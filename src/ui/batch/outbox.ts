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

/** What this device still has to send for a bowl, in its own order. */
export function readOutbox(batchId: string): Waiting[] {
  const found: Waiting[] = [];
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i)!;
      if (key.startsWith(keyOf(batchId, ""))) found.push(JSON.parse(localStorage.getItem(key)!));
    }
  } catch {
    // A forbidden storage, or something in it that is no tap: what could be read counts.
  }
  return found.filter((one) => typeof one?.id === "string" && typeof one.payload === "object").sort((a, b) => a.deviceSeq - b.deviceSeq);
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
