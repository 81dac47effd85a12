import type { Knex } from "knex";
import { database } from "./connection";
import type { Write } from "./transaction";

export interface Person {
  readonly id: string;
  readonly name: string;
  readonly headId: string | null;
}

/** Everybody of the house who has not been erased. */
export async function listPersons(householdId: string): Promise<Person[]> {
  const rows: { id: string; name: string; head_id: string | null }[] = await database()("person as p")
    .leftJoin("head as h", (join) =>
      join.on("h.household_id", "p.household_id").andOn("h.person_id", "p.id").andOnNull("h.removed_at"),
    )
    .where("p.household_id", householdId)
    .whereNull("p.erased_at")
    .whereNull("p.removed_at")
    .orderBy("p.created_at")
    .orderBy("p.id")
    .select("p.id", "p.name", "h.id as head_id");
  return rows.map((row) => ({ id: row.id, name: row.name, headId: row.head_id }));
}

export async function personsForExport(
  householdId: string,
  knex: Knex = database(),
): Promise<{ readonly id: string; readonly name: string }[]> {
  return knex("person")
    .where({ household_id: householdId })
    .whereNull("erased_at")
    .whereNull("removed_at")
    .orderBy("id")
    .select("id", "name");
}

export async function personIsHere({ trx, householdId }: Write, id: string): Promise<boolean> {
  return Boolean(
    await trx("person")
      .where({ household_id: householdId, id })
      .whereNull("erased_at")
      .whereNull("removed_at")
      .first("id"),
  );
}

export async function insertPerson(
  { trx, householdId, rev }: Write,
  person: { id: string; name: string; createdAt?: Date; erasedAt?: Date | null; importId?: string },
): Promise<void> {
  await trx("person").insert({
    id: person.id,
    household_id: householdId,
    rev,
    created_at: person.createdAt ?? new Date(),
    name: person.name,
    erased_at: person.erasedAt ?? null,
    import_id: person.importId ?? null,
  });
}

/** What an erased person, head or device is called. */
export const NOBODY = "somebody";

/**
 * Blanks a person's own row; answers the ids of the heads that were theirs, or undefined where there is no such person.
 */
export async function blankPerson({ trx, householdId, rev }: Write, id: string): Promise<string[] | undefined> {
  const changed = await trx("person")
    .where({ household_id: householdId, id })
    .whereNull("erased_at")
    .update({ name: NOBODY, erased_at: new Date(), rev });
  if (changed === 0) return undefined;
  await trx("device").where({ household_id: householdId, person_id: id }).update({ name: NOBODY });
  return trx("head").where({ household_id: householdId, person_id: id }).pluck("id");
}

/**
 * Blanks what a person wrote, and what was noted and pictured on batches for their heads. Answers the batches that this
 * changed.
 */
export async function blankNotes(
  { trx, householdId }: Write,
  personId: string,
  headIds: readonly string[],
): Promise<string[]> {
  const theirs = (kind: string) =>
    trx("batch_event as e")
      .join("batch as b", "b.id", "e.batch_id")
      .where("e.household_id", householdId)
      .andWhere("e.kind", kind)
      .andWhere((any) => any.where("e.person_id", personId).orWhereIn("b.head_id", [...headIds]));
  const batchIds: string[] = await theirs("noted").distinct("b.id").pluck("b.id");
  const eventIds: string[] = await theirs("noted").pluck("e.id");
  if (eventIds.length > 0)
    await trx("batch_event")
      .where({ household_id: householdId })
      .whereIn("id", eventIds)
      .update({ payload: JSON.stringify({ kind: "noted", text: "" }) });
  // A picture of a strand is somebody's; how it looked beside the sketch stays.
  const pictures: { id: string; payload: string }[] = await theirs("strandTested").select("e.id", "e.payload");
  for (const { id, payload } of pictures) {
    const { photo, ...rest } = JSON.parse(payload) as { photo?: string };
    if (photo !== undefined)
      await trx("batch_event")
        .where({ household_id: householdId, id })
        .update({ payload: JSON.stringify(rest) });
  }
  return batchIds;
}
