import { database } from "./connection";

/** What can be removed by hand and put back, with its table; a thing of the house's own is known by its row. */
export const REMOVABLE = [
  { kind: "blend", table: "blend" },
  { kind: "head", table: "head" },
  { kind: "jar", table: "jar" },
  { kind: "thing", table: "own_thing" },
] as const;
export type RemovableKind = (typeof REMOVABLE)[number]["kind"];

export interface Removed {
  readonly kind: RemovableKind;
  readonly id: string;
  readonly name: string;
  readonly removedMs: number;
}

/** So long it is listed; it can be put back later as well, by its address or a file. */
export const LISTED_DAYS = 30;
const MOST = 100;

/**
 * What was removed since a moment, newest first; what went with an import that was undone, or with a person who was
 * erased, is not among it.
 */
export async function listRemoved(householdId: string, since: Date): Promise<Removed[]> {
  const knex = database();
  const each = await Promise.all(
    REMOVABLE.map(async ({ kind, table }): Promise<Removed[]> => {
      const query = knex(`${table} as t`)
        .leftJoin("import as i", "i.id", "t.import_id")
        .where("t.household_id", householdId)
        .where("t.removed_at", ">=", since)
        .where((either) => either.whereNull("i.undone_at").orWhereRaw("i.undone_at <> t.removed_at"))
        .orderBy("t.removed_at", "desc")
        .limit(MOST)
        .select("t.id", "t.name", "t.removed_at");
      if (kind === "head") query.leftJoin("person as p", "p.id", "t.person_id").whereNull("p.erased_at");
      const rows: { id: string; name: string; removed_at: Date }[] = await query;
      return rows.map(({ id, name, removed_at }) => ({ kind, id, name, removedMs: removed_at.getTime() }));
    }),
  );
  return each
    .flat()
    .sort((a, b) => b.removedMs - a.removedMs)
    .slice(0, MOST);
}

/** One of them by its id, whenever it was removed. */
export async function findRemoved(householdId: string, kind: RemovableKind, id: string): Promise<Removed | undefined> {
  const { table } = REMOVABLE.find((one) => one.kind === kind)!;
  const query = database()(`${table} as t`)
    .where({ "t.household_id": householdId, "t.id": id })
    .whereNotNull("t.removed_at");
  if (kind === "head") query.leftJoin("person as p", "p.id", "t.person_id").whereNull("p.erased_at");
  const row: { name: string; removed_at: Date } | undefined = await query.first("t.name", "t.removed_at");
  return row && { kind, id, name: row.name, removedMs: row.removed_at.getTime() };
}
