import type { BatchEvent, BatchPayload } from "@/core/batch";

/** One event of a bowl, in its place; used by tests only. */
export const bowlEvent = (id: number, payload: BatchPayload, change: Partial<BatchEvent> = {}): BatchEvent => ({
  id: `e${String(id).padStart(4, "0")}`,
  payload,
  deviceId: "d1",
  deviceSeq: id,
  revSeen: 1,
  atMs: 1000 + id,
  ...change,
});
