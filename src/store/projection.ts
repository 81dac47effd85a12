import type { BatchState, FoundBy } from "@/core/batch";
import type { Write } from "./transaction";

/** What lists and tables show of a bowl's notes; its events keep every word. */
const MOST_NOTED = 200_000;

/** Writes the fold of a batch's events into the columns that lists read. */
export async function writeProjection(
  { trx, householdId, rev }: Write,
  batchId: string,
  state: BatchState,
): Promise<void> {
  const momentOf = (ms: number | undefined) => (ms === undefined ? null : new Date(ms));
  await trx("batch")
    .where({ household_id: householdId, id: batchId })
    .update({
      rev,
      poured_ml: state.pouredMl,
      place: state.moves.at(-1)?.place ?? null,
      mixed_at: momentOf(state.reachedMs.mixed),
      on_head_at: momentOf(state.reachedMs.onHead),
      rinsed_at: momentOf(state.reachedMs.rinsed),
      closed_at: momentOf(state.closedMs),
      soft: state.marks.soft ?? null,
      slip: state.marks.slip ?? null,
      grit: state.marks.grit ?? null,
      shine: state.marks.shine ?? null,
      marks: JSON.stringify(state.marks),
      again: state.again ?? null,
      note: [...state.notes.map((note) => note.text).join("\n")].slice(0, MOST_NOTED).join("") || null,
    });
}

/** What a batch is found by, as it stands in its row. */
export async function readFoundBy(
  { trx, householdId }: Write,
  batchId: string,
): Promise<FoundBy & { readonly startsAt: Date; readonly removed: boolean }> {
  const row = await trx("batch")
    .where({ household_id: householdId, id: batchId })
    .first("head_id", "blend_id", "blend_name", "head_name", "summary", "starts_at", "removed_at");
  return {
    headId: row.head_id,
    blendId: row.blend_id,
    blendName: row.blend_name,
    headName: row.head_name,
    summary: JSON.parse(row.summary),
    startsAt: row.starts_at,
    removed: row.removed_at !== null,
  };
}

/** Brings the terms that the log is searched by in line; what stands already is left. */
export async function writeTerms(
  { trx, householdId }: Write,
  batchId: string,
  startsAt: Date,
  terms: readonly string[],
): Promise<void> {
  const wanted = new Set(terms);
  const there: string[] = await trx("batch_term").where({ household_id: householdId, batch_id: batchId }).pluck("term");
  const gone = there.filter((term) => !wanted.delete(term));
  if (gone.length > 0)
    await trx("batch_term").where({ household_id: householdId, batch_id: batchId }).whereIn("term", gone).del();
  if (wanted.size > 0)
    await trx("batch_term").insert(
      [...wanted].map((term) => ({ household_id: householdId, term, starts_at: startsAt, batch_id: batchId })),
    );
}

/** When a batch starts by the log, and when it was planned to. */
export async function readStart(
  { trx, householdId }: Write,
  batchId: string,
): Promise<{ readonly startsAt: Date; readonly plannedAt: Date }> {
  const row = await trx("batch").where({ household_id: householdId, id: batchId }).first("starts_at", "planned_at");
  return { startsAt: row.starts_at, plannedAt: row.planned_at };
}

/** Moves a batch in the log. */
export async function writeStart({ trx, householdId }: Write, batchId: string, startsAt: Date): Promise<void> {
  await trx("batch").where({ household_id: householdId, id: batchId }).update({ starts_at: startsAt });
  await trx("batch_term").where({ household_id: householdId, batch_id: batchId }).update({ starts_at: startsAt });
}
