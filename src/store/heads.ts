import type { Knex } from "knex";
import { asGrown, USUAL_KINDS, usualOf, type Head } from "@/core/head";
import { v7 as uuid } from "uuid";
import { database } from "./connection";
import { listSessions, type StoredSession } from "./sessions";
import { insertPerson } from "./persons";
import type { Write } from "./transaction";

export interface StoredHead {
  readonly id: string;
  readonly name: string;
  readonly rev: number;
  readonly hair: Head;
  /** What its weighed bowls taught. */
  readonly usual?: Head["usual"];
}
/** A head's hair as it is today, with what was learnt of it: what bowls are computed by. */
export function hairOf({ hair, usual }: Pick<StoredHead, "hair" | "usual">, now = new Date()): Head {
  const grown = asGrown(hair, now.toISOString().slice(0, 10));
  return usual ? { ...grown, usual } : grown;
}

interface Row {
  id: string;
  name: string;
  rev: number | string;
  hair: string;
}
const COLUMNS = ["id", "name", "rev", "hair"] as const;
const fromRow = (row: Row, sessions: readonly StoredSession[] = []): StoredHead => {
  const usual = usualsOf(sessions.filter(({ headId }) => headId === row.id));
  return {
    id: row.id,
    name: row.name,
    rev: Number(row.rev),
    hair: JSON.parse(row.hair),
    ...(usual ? { usual } : {}),
  };
};
function usualsOf(sessions: readonly StoredSession[]): Head["usual"] | undefined {
  const kinds = USUAL_KINDS.filter((kind) => sessions.some((one) => one.kind === kind));
  if (kinds.length === 0) return undefined;
  return Object.fromEntries(kinds.map((kind) => [kind, usualOf(sessions.filter((one) => one.kind === kind))]));
}

export async function listHeads(householdId: string): Promise<StoredHead[]> {
  const [rows, sessions]: [Row[], StoredSession[]] = await Promise.all([
    database()("head")
      .where({ household_id: householdId })
      .whereNull("removed_at")
      .orderBy("created_at")
      .orderBy("id")
      .select(...COLUMNS),
    listSessions(householdId),
  ]);
  return rows.map((row) => fromRow(row, sessions));
}

export async function findHead(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<StoredHead | undefined> {
  const row: Row | undefined = await knex("head")
    .where({ household_id: householdId, id })
    .whereNull("removed_at")
    .first(...COLUMNS);
  return row && fromRow(row, await listSessions(householdId, knex));
}

/** Every head with what a book file keeps of it. */
export async function headsForExport(
  householdId: string,
  knex: Knex = database(),
): Promise<
  {
    readonly id: string;
    readonly personId: string | null;
    readonly name: string;
    readonly createdAt: string;
    readonly hair: Head;
  }[]
> {
  const rows: (Row & { person_id: string | null; created_at: Date })[] = await knex("head")
    .where({ household_id: householdId })
    .whereNull("removed_at")
    .orderBy("created_at")
    .orderBy("id")
    .select(...COLUMNS, "person_id", "created_at");
  return rows.map((row) => ({
    id: row.id,
    personId: row.person_id,
    name: row.name,
    createdAt: row.created_at.toISOString(),
    hair: JSON.parse(row.hair),
  }));
}

/** A head that was removed and could be put back. */
export async function removedHead(householdId: string, id: string): Promise<StoredHead | undefined> {
  const row: Row | undefined = await database()("head")
    .where({ household_id: householdId, id })
    .whereNotNull("removed_at")
    .first(...COLUMNS);
  return row && fromRow(row);
}

/** A head with this id, in any household, removed or not: what makes a repeat a repeat and a clash a clash. */
export async function headOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("head").where({ id }).first("household_id"))?.household_id;
}

export interface NewHead {
  readonly id: string;
  readonly name: string;
  readonly hair: Head;
  /** Whose it is; left out, it makes a person of the same name. */
  readonly personId?: string | null;
  readonly createdAt?: Date;
  readonly importId?: string;
}

export async function insertHead(write: Write, head: NewHead): Promise<void> {
  const { trx, householdId, rev } = write;
  const createdAt = head.createdAt ?? new Date();
  const personId = head.personId === undefined ? uuid() : head.personId;
  if (head.personId === undefined)
    await insertPerson(write, { id: personId!, name: head.name, createdAt, importId: head.importId });
  await trx("head").insert({
    id: head.id,
    household_id: householdId,
    rev,
    created_at: createdAt,
    person_id: personId,
    name: head.name,
    hair: JSON.stringify(head.hair),
    import_id: head.importId ?? null,
  });
}

/** Writes over the head, and its person's name, when it still has `baseRev`; false where somebody was faster. */
export async function updateHead(
  { trx, householdId, rev }: Write,
  head: { id: string; name: string; hair: Head; baseRev: number },
): Promise<boolean> {
  const changed = await trx("head")
    .where({ household_id: householdId, id: head.id, rev: head.baseRev })
    .whereNull("removed_at")
    .update({ name: head.name, hair: JSON.stringify(head.hair), rev });
  if (changed === 1)
    await trx.raw(
      "UPDATE person p JOIN head h ON h.household_id = p.household_id AND h.person_id = p.id SET p.name = h.name" +
        " WHERE h.household_id = ? AND h.id = ?",
      [householdId, head.id],
    );
  return changed === 1;
}

/** Takes a head out of the book for good: what it is called and what is about the person. */
export async function blankHead(
  { trx, householdId, rev }: Write,
  id: string,
  name: string,
  blank: (hair: Head) => Head,
): Promise<void> {
  const row: Row = await trx("head")
    .where({ household_id: householdId, id })
    .first(...COLUMNS);
  await trx("head")
    .where({ household_id: householdId, id })
    .update({ name, hair: JSON.stringify(blank(fromRow(row).hair)), removed_at: new Date(), rev });
}

export async function setHeadRemoved({ trx, householdId, rev }: Write, id: string, removed: boolean): Promise<boolean> {
  return (
    (await trx("head")
      .where({ household_id: householdId, id })
      .update({ removed_at: removed ? new Date() : null, rev })) === 1
  );
}
