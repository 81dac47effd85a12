import { database } from "./connection";

const KINDS = ["head", "blend", "batch", "device", "import", "jar", "own_thing", "reading", "making"] as const;
export interface Change {
  readonly kind: (typeof KINDS)[number] | "setting";
  readonly id: string;
  readonly rev: number;
}

/** What was written after a rev, oldest first; at most `limit` rows of each kind. */
export async function changesAfter(householdId: string, afterRev: number, limit: number): Promise<Change[]> {
  const knex = database();
  const found = await Promise.all([
    ...KINDS.map(async (kind) => {
      const rows: { id: string; rev: number | string }[] = await knex(kind)
        .where({ household_id: householdId })
        .andWhere("rev", ">", afterRev)
        .orderBy("rev")
        .limit(limit)
        .select("id", "rev");
      return rows.map((row): Change => ({ kind, id: row.id, rev: Number(row.rev) }));
    }),
    knex("setting")
      .where({ household_id: householdId })
      .andWhere("rev", ">", afterRev)
      .limit(limit)
      .select("name", "rev")
      .then((rows: { name: string; rev: number | string }[]) =>
        rows.map((row): Change => ({ kind: "setting", id: row.name, rev: Number(row.rev) })),
      ),
  ]);
  return found
    .flat()
    .sort((a, b) => a.rev - b.rev)
    .slice(0, limit);
}
