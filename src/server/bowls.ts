import { asSeen, foldBatch, type BatchState, type Made } from "@/core/batch";
import { eventsOf } from "@/store/events";
import { findBatches, type StoredBatch } from "@/store/batches";
import { listBatches } from "@/store/log";

export interface MadeBowl {
  readonly batch: StoredBatch;
  readonly state: BatchState;
  readonly made: Made;
}

/** As many as fit beside each other. */
const MOST = 6;

/** The latest bowls of a blend as they were really made, oldest first. */
export async function bowlsOf(householdId: string, blendId: string): Promise<MadeBowl[]> {
  const ids = (await listBatches(householdId, { found: [{ by: "blend", value: blendId }], limit: MOST })).map(
    (row) => row.id,
  );
  const [batches, events] = await Promise.all([findBatches(householdId, ids), eventsOf(householdId, ids)]);
  return batches
    .sort((a, b) => a.startsAtMs - b.startsAtMs)
    .map((batch) => {
      const state = foldBatch(events.get(batch.id) ?? []);
      return { batch, state, made: asSeen(batch.question, batch.answer, state) };
    });
}
