import type { Knex } from "knex";
import type { Jar, Weighing } from "@/core/shelf";
import { database } from "./connection";
import type { Write } from "./transaction";

/** A jar with the rev that an edit of it has to know. */
export interface StoredJar extends Jar {
  readonly rev: number;
  readonly editedRev: number;
}

interface Row {
  id: string;
  rev: number | string;
  edited_rev: number | string;
  material_id: string;
  name: string;
  lot: string | null;
  bought_on: string | null;
  opened_on: string | null;
  best_before: string | null;
  full_g: number;
  left_g: number;
  price: number | null;
  place: string | null;
  made_here: number;
  made: string | null;
}
interface WeighingRow {
  id: string;
  jar_id: string;
  count: number;
  unit: Weighing["unit"];
  mass_g: number;
}
const COLUMNS = [
  "id",
  "rev",
  "edited_rev",
  "material_id",
  "name",
  "lot",
  "bought_on",
  "opened_on",
  "best_before",
  "full_g",
  "left_g",
  "price",
  "place",
  "made_here",
  "made",
] as const;

const fromRow = (row: Row, weighings: readonly Weighing[]): StoredJar => ({
  id: row.id,
  rev: Number(row.rev),
  editedRev: Number(row.edited_rev),
  materialId: row.material_id,
  name: row.name,
  fullG: row.full_g,
  leftG: row.left_g,
  madeHere: row.made_here === 1,
  weighings,
  ...(row.lot === null ? {} : { lot: row.lot }),
  ...(row.bought_on === null ? {} : { boughtOn: row.bought_on }),
  ...(row.opened_on === null ? {} : { openedOn: row.opened_on }),
  ...(row.best_before === null ? {} : { bestBefore: row.best_before }),
  ...(row.price === null ? {} : { price: row.price }),
  ...(row.place === null ? {} : { place: row.place }),
  ...(row.made === null ? {} : { made: JSON.parse(row.made) }),
});

async function read(
  knex: Knex,
  householdId: string,
  narrow: (query: Knex.QueryBuilder) => Knex.QueryBuilder,
): Promise<StoredJar[]> {
  const rows: Row[] = await narrow(knex("jar").where({ household_id: householdId }))
    .orderBy([{ column: "created_at" }, { column: "id" }])
    .select(...COLUMNS);
  if (rows.length === 0) return [];
  const weighed: WeighingRow[] = await knex("jar_weighing")
    .where({ household_id: householdId })
    .whereNull("withdrawn_at")
    .modify((query) => {
      if (rows.length < 50)
        query.whereIn(
          "jar_id",
          rows.map(({ id }) => id),
        );
    })
    .orderBy([{ column: "created_at" }, { column: "id" }])
    .select("id", "jar_id", "count", "unit", "mass_g");
  const byJar = new Map<string, WeighingRow[]>();
  for (const one of weighed) {
    const own = byJar.get(one.jar_id) ?? [];
    if (own.length === 0) byJar.set(one.jar_id, own);
    own.push(one);
  }
  return rows.map((row) =>
    fromRow(
      row,
      (byJar.get(row.id) ?? []).map(({ id, count, unit, mass_g }): Weighing => ({ id, count, unit, massG: mass_g })),
    ),
  );
}

export const listJars = (householdId: string, knex: Knex = database()): Promise<StoredJar[]> =>
  read(knex, householdId, (query) => query.whereNull("removed_at"));
export const findJar = async (
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<StoredJar | undefined> =>
  (await read(knex, householdId, (query) => query.where({ id }).whereNull("removed_at")))[0];
/** A jar that was removed and can be put back. */
export const removedJar = async (householdId: string, id: string): Promise<StoredJar | undefined> =>
  (await read(database(), householdId, (query) => query.where({ id }).whereNotNull("removed_at")))[0];

/** What every jar of a household is of, also of those that are gone. */
export async function jarMaterials(householdId: string, knex: Knex = database()): Promise<Map<string, string>> {
  const rows: { id: string; material_id: string }[] = await knex("jar")
    .where({ household_id: householdId })
    .select("id", "material_id");
  return new Map(rows.map(({ id, material_id }) => [id, material_id]));
}

export async function jarOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("jar").where({ id }).first("household_id"))?.household_id;
}

export type JarDetails = Omit<Jar, "leftG" | "weighings">;
const columns = (jar: JarDetails) => ({
  material_id: jar.materialId,
  name: jar.name,
  lot: jar.lot ?? null,
  bought_on: jar.boughtOn ?? null,
  opened_on: jar.openedOn ?? null,
  best_before: jar.bestBefore ?? null,
  full_g: jar.fullG,
  price: jar.price ?? null,
  place: jar.place ?? null,
  made_here: jar.madeHere,
});

export async function insertJar(
  { trx, householdId, rev }: Write,
  jar: JarDetails,
  createdAt = new Date(),
  importId?: string,
): Promise<void> {
  await trx("jar").insert({
    id: jar.id,
    household_id: householdId,
    rev,
    edited_rev: rev,
    created_at: createdAt,
    import_id: importId ?? null,
    // How it was made is never changed afterwards.
    made: jar.made ? JSON.stringify(jar.made) : null,
    ...columns(jar),
  });
}

/** Writes over a jar's details where nobody else did since; false where somebody was faster. */
export async function updateJar({ trx, householdId, rev }: Write, jar: JarDetails, baseRev: number): Promise<boolean> {
  return (
    (await trx("jar")
      .where({ household_id: householdId, id: jar.id, edited_rev: baseRev })
      .whereNull("removed_at")
      .update({ ...columns(jar), rev, edited_rev: rev })) === 1
  );
}

export async function setJarRemoved({ trx, householdId, rev }: Write, id: string, removed: boolean): Promise<boolean> {
  return (
    (await trx("jar")
      .where({ household_id: householdId, id })
      .update({ removed_at: removed ? new Date() : null, rev })) === 1
  );
}

/** Adds a weighing; one with this id that is there already adds nothing. False where the id belongs to another jar. */
export async function insertWeighing(
  { trx, householdId, rev }: Write,
  jarId: string,
  { id, count, unit, massG }: Weighing,
  createdAt = new Date(),
): Promise<boolean> {
  const known = await trx("jar_weighing").where({ id }).first("household_id", "jar_id");
  if (known) return known.household_id === householdId && known.jar_id === jarId;
  await trx("jar_weighing").insert({
    id,
    household_id: householdId,
    rev,
    created_at: createdAt,
    jar_id: jarId,
    count,
    unit,
    mass_g: massG,
  });
  await trx("jar").where({ household_id: householdId, id: jarId }).update({ rev });
  return true;
}

/** Takes a weighing back, or lets it count again. */
export async function setWeighingWithdrawn(
  { trx, householdId, rev }: Write,
  id: string,
  withdrawn: boolean,
): Promise<boolean> {
  const row = await trx("jar_weighing").where({ household_id: householdId, id }).first("jar_id");
  if (!row) return false;
  await trx("jar_weighing")
    .where({ household_id: householdId, id })
    .update({ withdrawn_at: withdrawn ? new Date() : null, rev });
  await trx("jar").where({ household_id: householdId, id: row.jar_id }).update({ rev });
  return true;
}

/** True of a jar whose id was split since it was put up, until somebody says which good it is. */
export async function isUnsure(householdId: string, id: string): Promise<boolean> {
  const row = await database()("jar").where({ household_id: householdId, id }).first("unsure");
  return Boolean(row?.unsure);
}

/** Says which good a jar is; false where there is no such jar. */
export async function settleGood({ trx, householdId, rev }: Write, id: string, materialId: string): Promise<boolean> {
  return (
    (await trx("jar")
      .where({ household_id: householdId, id })
      .update({ material_id: materialId, unsure: false, rev })) === 1
  );
}
