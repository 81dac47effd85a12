import type { Knex } from "knex";
import type { BowlReading, JarTest, Judged } from "@/core/readings";
import type { Reading } from "@/core/reading";
import { database } from "./connection";
import type { Write } from "./transaction";

/** One reading, and what it says of the jars by itself. */
export interface StoredReading {
  readonly id: string;
  readonly takenMs: number;
  readonly withdrawn: boolean;
  readonly judged: Judged;
  /** The bowl it was taken of; or the powder that was tested by itself. */
  readonly bowl?: { readonly batchId: string; readonly name: string; readonly reading: Reading };
  readonly powder?: { readonly jarId: string; readonly test: JarTest };
}

interface Row {
  id: string;
  batch_id: string | null;
  jar_id: string | null;
  taken_at: Date;
  test: string;
  judged: string;
  withdrawn_at: Date | null;
  blend_name: string | null;
  head_name: string | null;
}

/** Every reading of a household in the order they were taken. */
export async function listReadings(householdId: string, knex: Knex = database()): Promise<StoredReading[]> {
  const rows: Row[] = await knex("reading as r")
    .leftJoin("batch as b", "b.id", "r.batch_id")
    .leftJoin("jar as j", "j.id", "r.jar_id")
    .leftJoin("import as i", "i.id", "j.import_id")
    .where("r.household_id", householdId)
    .whereNull("b.removed_at")
    // A jar that came with an import which was undone teaches nothing; one that was only taken off the shelf still
    // does.
    .where((any) => any.whereNull("j.removed_at").orWhereNull("i.undone_at"))
    .orderBy([{ column: "r.taken_at" }, { column: "r.id" }])
    .select(
      "r.id",
      "r.batch_id",
      "r.jar_id",
      "r.taken_at",
      "r.test",
      "r.judged",
      "r.withdrawn_at",
      "b.blend_name",
      "b.head_name",
    );
  return rows.map((row) => ({
    id: row.id,
    takenMs: row.taken_at.getTime(),
    withdrawn: row.withdrawn_at !== null,
    judged: JSON.parse(row.judged),
    ...(row.batch_id === null
      ? {}
      : {
          bowl: { batchId: row.batch_id, name: `${row.blend_name} on ${row.head_name}`, reading: JSON.parse(row.test) },
        }),
    ...(row.jar_id === null ? {} : { powder: { jarId: row.jar_id, test: JSON.parse(row.test) } }),
  }));
}

/** Keeps the readings of a bowl: one row for each, and no others. Whether one counts stays as it was told. */
export async function writeBowlReadings(
  { trx, householdId, rev }: Write,
  batchId: string,
  readings: readonly BowlReading[],
): Promise<void> {
  await trx("reading")
    .where({ household_id: householdId, batch_id: batchId })
    .whereNotIn(
      "id",
      readings.map(({ eventId }) => eventId),
    )
    .del();
  if (readings.length === 0) return;
  await trx("reading")
    .insert(
      readings.map(({ eventId, atMs, reading, judged }) => ({
        id: eventId,
        household_id: householdId,
        rev,
        created_at: new Date(),
        batch_id: batchId,
        taken_at: new Date(atMs),
        test: JSON.stringify(reading),
        judged: JSON.stringify(judged),
      })),
    )
    .onConflict("id")
    .merge(["judged", "taken_at", "rev"]);
}

/**
 * Adds a test of one powder; one with this id that is there already adds nothing. False where the id is something
 * else's.
 */
export async function insertJarReading(
  { trx, householdId, rev }: Write,
  reading: { id: string; jarId: string; test: JarTest; judged: Judged; takenAt?: Date },
): Promise<boolean> {
  const known = await trx("reading").where({ id: reading.id }).first("household_id", "jar_id");
  if (known) return known.household_id === householdId && known.jar_id === reading.jarId;
  const takenAt = reading.takenAt ?? new Date();
  await trx("reading").insert({
    id: reading.id,
    household_id: householdId,
    rev,
    created_at: new Date(),
    jar_id: reading.jarId,
    taken_at: takenAt,
    test: JSON.stringify(reading.test),
    judged: JSON.stringify(reading.judged),
  });
  return true;
}

/** Lets a reading count or not; the bowl's own history keeps it either way. */
export async function setReadingWithdrawn(
  { trx, householdId, rev }: Write,
  id: string,
  withdrawn: boolean,
): Promise<boolean> {
  return (
    (await trx("reading")
      .where({ household_id: householdId, id })
      .update({ withdrawn_at: withdrawn ? new Date() : null, rev })) === 1
  );
}
