import type { Knex } from "knex";
import { database } from "./connection";
import type { Write } from "./transaction";

/**
 * What an import brings and takes out again, each by the import's id in its own table; what others hang on comes first.
 */
export const IMPORTED = ["person", "own_thing", "jar", "head", "blend", "batch", "making"] as const;
export type ImportedKind = (typeof IMPORTED)[number];
export interface KnownId {
  readonly householdId: string;
  /** Taken out of the book, by hand or by undoing an import; what was erased is not, since it does not come back. */
  readonly out: boolean;
  /** A person who was erased, or such a person's head: known, and gone for good. */
  readonly erased?: boolean;
}

/** Which of these ids are used already, in any household. */
export async function knownIds(
  kind: ImportedKind | "device" | "blend_version" | "batch_event" | "jar_weighing" | "reading",
  ids: readonly string[],
  knex: Knex = database(),
): Promise<Map<string, KnownId>> {
  const found = new Map<string, KnownId>();
  const imported = (IMPORTED as readonly string[]).includes(kind);
  for (let i = 0; i < ids.length; i += 1000) {
    const query = knex(`${kind} as t`)
      .whereIn("t.id", ids.slice(i, i + 1000))
      .select("t.id", "t.household_id");
    if (imported) query.select(knex.raw("t.removed_at IS NOT NULL AS gone"));
    // Who was erased stays out, and so does the head.
    if (kind === "person") query.select(knex.raw("t.erased_at IS NOT NULL AS erased"));
    if (kind === "head")
      query.leftJoin("person as p", "p.id", "t.person_id").select(knex.raw("p.erased_at IS NOT NULL AS erased"));
    for (const row of await query) {
      const erased = Number(row.erased ?? 0) === 1;
      found.set(row.id, { householdId: row.household_id, out: Number(row.gone ?? 0) === 1 && !erased, erased });
    }
  }
  return found;
}

/** Things of the household's own by the id that lines name, each with its row. */
export async function knownThings(
  householdId: string,
  knex: Knex = database(),
): Promise<Map<string, KnownId & { readonly rowId: string }>> {
  const rows: { id: string; material_id: string; removed_at: Date | null }[] = await knex("own_thing")
    .where({ household_id: householdId })
    .select("id", "material_id", "removed_at");
  return new Map(rows.map((row) => [row.material_id, { rowId: row.id, householdId, out: row.removed_at !== null }]));
}

export async function insertImport(
  { trx, householdId, rev }: Write,
  made: { readonly id: string; readonly name: string; readonly adds: object },
): Promise<void> {
  await trx("import").insert({
    id: made.id,
    household_id: householdId,
    rev,
    created_at: new Date(),
    name: made.name,
    adds: JSON.stringify(made.adds),
  });
}

export async function findImport(
  { trx }: Write,
  id: string,
): Promise<{ readonly householdId: string; readonly adds: object; readonly undone: boolean } | undefined> {
  const row = await trx("import").where({ id }).first("household_id", "adds", "undone_at");
  return row && { householdId: row.household_id, adds: JSON.parse(row.adds), undone: row.undone_at !== null };
}

/** Puts back what had been taken out; it belongs to the new import from now on. */
export async function putBack(
  { trx, householdId, rev }: Write,
  kind: ImportedKind,
  ids: readonly string[],
  importId: string,
): Promise<void> {
  if (ids.length === 0) return;
  await trx(kind)
    .where({ household_id: householdId })
    .whereIn("id", [...ids])
    .update({ removed_at: null, import_id: importId, rev });
  if (kind === "head") {
    const theirs = trx("head")
      .where({ household_id: householdId })
      .whereIn("id", [...ids])
      .whereNotNull("person_id")
      .select("person_id");
    await trx("person")
      .where({ household_id: householdId })
      .whereIn("id", theirs)
      .whereNotNull("removed_at")
      .whereNull("erased_at")
      .update({ removed_at: null, import_id: importId, rev });
  }
}

/**
 * Takes out everything an import brought, in one step and in every table; answers the batches, which are taken out with
 * all that follows.
 */
export async function undoImport({ trx, householdId, rev }: Write, id: string): Promise<string[]> {
  const now = new Date();
  await trx("import").where({ household_id: householdId, id }).update({ undone_at: now, rev });
  const own = { household_id: householdId, import_id: id };
  const batchIds: string[] = await trx("batch").where(own).whereNull("removed_at").pluck("id");
  for (const kind of IMPORTED)
    if (kind !== "batch") await trx(kind).where(own).whereNull("removed_at").update({ removed_at: now, rev });
  return batchIds;
}

/** How many of each kind came; kinds that an import of an earlier release did not count are left out. */
export type Brought = Readonly<Record<"heads" | "blends" | "batches", number>> &
  Partial<Readonly<Record<"jars" | "things" | "makings", number>>>;

export interface PastImport {
  readonly id: string;
  readonly name: string;
  readonly atMs: number;
  /** What was new or put back. */
  readonly brought: Brought;
  readonly undone: boolean;
}

/** The latest imports, newest first. */
export async function listImports(householdId: string, limit = 5): Promise<PastImport[]> {
  const rows: { id: string; name: string; created_at: Date; adds: string; undone_at: Date | null }[] = await database()(
    "import",
  )
    .where({ household_id: householdId })
    .orderBy("created_at", "desc")
    .limit(limit)
    .select("id", "name", "created_at", "adds", "undone_at");
  return rows.map((row) => {
    const { adds, back }: { adds: Brought; back: Brought } = JSON.parse(row.adds);
    const sum = (kind: keyof Brought) => (adds[kind] ?? 0) + (back[kind] ?? 0);
    return {
      id: row.id,
      name: row.name,
      atMs: row.created_at.getTime(),
      brought: {
        heads: sum("heads"),
        blends: sum("blends"),
        batches: sum("batches"),
        jars: sum("jars"),
        things: sum("things"),
        makings: sum("makings"),
      },
      undone: row.undone_at !== null,
    };
  });
}
