import type { Knex } from "knex";
import { v7 as uuid } from "uuid";
import type { HeadSession } from "@/core/readings";
import { database } from "./connection";
import type { Write } from "./transaction";

/** A weighed bowl of a head, with the bowl it was. */
export interface StoredSession extends HeadSession {
  readonly batchId: string;
  readonly headId: string;
  readonly blendName: string;
}

/** Takes the place of what this bowl said before; a bowl of nobody in the book says nothing of anybody. */
export async function writeSession(
  { trx, householdId, rev }: Write,
  batchId: string,
  session: HeadSession | undefined,
): Promise<void> {
  await trx("head_session").where({ household_id: householdId, batch_id: batchId }).delete();
  if (!session) return;
  const row = await trx("batch").where({ household_id: householdId, id: batchId }).first("head_id");
  if (!row?.head_id) return;
  await trx("head_session").insert({
    id: uuid(),
    household_id: householdId,
    rev,
    created_at: new Date(),
    batch_id: batchId,
    head_id: row.head_id,
    session: JSON.stringify(session),
  });
}

/** Every weighed bowl that is in the book, in the order they were weighed. */
export async function listSessions(householdId: string, knex: Knex = database()): Promise<StoredSession[]> {
  const rows: { batch_id: string; head_id: string; session: string; blend_name: string }[] = await knex(
    "head_session as s",
  )
    .join("batch as b", "b.id", "s.batch_id")
    .where("s.household_id", householdId)
    .whereNull("b.removed_at")
    .select("s.batch_id", "s.head_id", "s.session", "b.blend_name");
  return rows
    .map(({ batch_id, head_id, session, blend_name }) => ({
      ...(JSON.parse(session) as HeadSession),
      batchId: batch_id,
      headId: head_id,
      blendName: blend_name,
    }))
    .sort((a, b) => a.atMs - b.atMs || (a.eventId < b.eventId ? -1 : 1));
}
