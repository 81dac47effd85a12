import type { Knex } from "knex";
import { database } from "./connection";
import { setBatchRemoved } from "./batches";
import type { Write } from "./transaction";

const KINDS = ["head", "blend", "batch"] as const;
export type ImportedKind = (typeof KINDS)[number];
export interface Known {
  readonly householdId: string;
  /** Taken out of the book by undoing the import that brought it. */
  readonly undone: boolean;
}

/** Which of these ids are used already, in any household. */
export async function knownIds(kind: ImportedKind | "person" | "device" | "blend_version" | "batch_event", ids: readonly string[], knex: Knex = database()): Promise<Map<string, Known>> {
  const found = new Map<string, Known>();
  const imported = (KINDS as readonly string[]).includes(kind);
  for (let i = 0; i < ids.length; i += 1000) {
    const query = knex(`${kind} as t`).whereIn("t.id", ids.slice(i, i + 1000)).select("t.id", "t.household_id");
    if (imported) query.leftJoin("import as i", "i.id", "t.import_id").select(knex.raw("t.removed_at IS NOT NULL AND i.undone_at IS NOT NULL AS undone"));
    for (const row of await query) found.set(row.id, { householdId: row.household_id, undone: Number(row.undone ?? 0) === 1 });
  }
  return found;
}

export async function insertImport({ trx, householdId, rev }: Write, made: { readonly id: string; readonly name: string; readonly adds: object }): Promise<void> {
  await trx("import").insert({ id: made.id, household_id: householdId, rev, created_at: new Date(), name: made.name, adds: JSON.stringify(made.adds) });
}

export async function findImport({ trx }: Write, id: string): Promise<{ readonly householdId: string; readonly adds: object; readonly undone: boolean } | undefined> {
  const row = await trx("import").where({ id }).first("household_id", "adds", "undone_at");
  return row && { householdId: row.household_id, adds: JSON.parse(row.adds), undone: row.undone_at !== null };
}

/** Puts back what an undone import had brought; it belongs to the new import from now on. */
export async function putBack(write: Write, kind: ImportedKind, ids: readonly string[], importId: string): Promise<void> {
  const { trx, householdId, rev } = write;
  if (ids.length === 0) return;
  await trx(kind).where({ household_id: householdId }).whereIn("id", [...ids]).update({ removed_at: null, import_id: importId, rev });
  if (kind === "batch") for (const id of ids) await setBatchRemoved(write, id, false);
}

/** Takes out everything an import brought, in one step. */
export async function undoImport(write: Write, id: string): Promise<void> {
  const { trx, householdId, rev } = write;
  const now = new Date();
  await trx("import").where({ household_id: householdId, id }).update({ undone_at: now, rev });
  const own = { household_id: householdId, import_id: id };
  for (const kind of ["head", "blend", "jar"] as const) await trx(kind).where(own).whereNull("removed_at").update({ removed_at: now, rev });
  const batchIds: string[] = await trx("batch").where(own).whereNull("removed_at").pluck("id");
  for (const batchId of batchIds) await setBatchRemoved(write, batchId, true);
}

export interface PastImport {
  readonly id: string;
  readonly name: string;
  readonly atMs: number;
  /** What was new or put back. */
  readonly brought: { readonly heads: number; readonly blends: number; readonly batches: number };
  readonly undone: boolean;
}

/** The latest imports, newest first. */
export async function listImports(householdId: string, limit = 5): Promise<PastImport[]> {
  const rows: { id: string; name: string; created_at: Date; adds: string; undone_at: Date | null }[] =
    await database()("import").where({ household_id: householdId }).orderBy("created_at", "desc").limit(limit).select("id", "name", "created_at", "adds", "undone_at");
  return rows.map((row) => {
    const { adds, back } = JSON.parse(row.adds);
    return { id: row.id, name: row.name, atMs: row.created_at.getTime(), brought: { heads: adds.heads + back.heads, blends: adds.blends + back.blends, batches: adds.batches + back.batches }, undone: row.undone_at !== null };
  });
}

/** Makes the household's rev at least this, so that what comes next stands after what was imported. */
export async function raiseRev({ trx, householdId }: Write, atLeast: number): Promise<void> {
  await trx("household").where({ id: householdId }).andWhere("rev", "<", atLeast).update({ rev: atLeast });
}
