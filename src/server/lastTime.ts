import { foldBatch, type LastTime } from "@/core/batch";
import { listEvents } from "@/store/events";
import { listBatches } from "@/store/log";
import type { StoredBatch } from "@/store/batches";

/** So many bowls back it is looked for: the last one may have been opened and never made. */
const LOOK_BACK = 8;

/** The bowl of the same blend before this one that anything is known of. */
export async function lastTimeOf(
  householdId: string,
  { id, blendId, startsAtMs }: StoredBatch,
): Promise<LastTime | undefined> {
  if (!blendId) return undefined;
  const before = (
    await listBatches(householdId, { found: [{ by: "blend", value: blendId }], limit: LOOK_BACK })
  ).filter(
    (row) =>
      row.id !== id && row.startsAtMs < startsAtMs && (row.pouredMl > 0 || row.note !== "" || row.again !== undefined),
  );
  const [row] = before;
  if (!row) return undefined;
  const state = foldBatch(await listEvents(householdId, row.id));
  return {
    id: row.id,
    startsAtMs: row.startsAtMs,
    headName: row.headName,
    pouredMl: state.pouredMl,
    marks: state.marks,
    notes: state.notes.map(({ text }) => text),
    ...(row.summary.liquidMl ? { plannedMl: row.summary.liquidMl.mid } : {}),
    ...(state.lastWord ? { lastWord: state.lastWord } : {}),
    ...(state.again ? { again: state.again } : {}),
  };
}
