import type { Head } from "@/core/head";
import { database } from "./connection";
import type { Write } from "./transaction";

export interface StoredHead {
  readonly id: string;
  readonly name: string;
  readonly rev: number;
  readonly hair: Head;
}

interface Row { id: string; name: string; rev: number | string; hair: string }
const COLUMNS = ["id", "name", "rev", "hair"] as const;
const fromRow = (row: Row): StoredHead => ({ id: row.id, name: row.name, rev: Number(row.rev), hair: JSON.parse(row.hair) });

export async function listHeads(householdId: string): Promise<StoredHead[]> {
  const rows: Row[] = await database()("head").where({ household_id: householdId }).whereNull("removed_at").orderBy("created_at").orderBy("id").select(...COLUMNS);
  return rows.map(fromRow);
}

export async function findHead(householdId: string, id: string): Promise<StoredHead | undefined> {
  const row: Row | undefined = await database()("head").where({ household_id: householdId, id }).whereNull("removed_at").first(...COLUMNS);
  return row && fromRow(row);
}

/** A head that was removed and could be put back. */
export async function removedHead(householdId: string, id: string): Promise<StoredHead | undefined> {
  const row: Row | undefined = await database()("head").where({ household_id: householdId, id }).whereNotNull("removed_at").first(...COLUMNS);
  return row && fromRow(row);
}

/** A head with this id, in any household, removed or not: what makes a repeat a repeat and a clash a clash. */
export async function headOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("head").where({ id }).first("household_id"))?.household_id;
}

export async function insertHead({ trx, householdId, rev }: Write, head: { id: string; name: string; hair: Head; createdAt?: Date }): Promise<void> {
  await trx("head").insert({ id: head.id, household_id: householdId, rev, created_at: head.createdAt ?? new Date(), name: head.name, hair: JSON.stringify(head.hair) });
}

/** Writes over the head when it still has `baseRev`; false where somebody was faster. */
export async function updateHead({ trx, householdId, rev }: Write, head: { id: string; name: string; hair: Head; baseRev: number }): Promise<boolean> {
  const changed = await trx("head").where({ household_id: householdId, id: head.id, rev: head.baseRev }).whereNull("removed_at")
    .update({ name: head.name, hair: JSON.stringify(head.hair), rev });
  return changed === 1;
}

export async function setHeadRemoved({ trx, householdId, rev }: Write, id: string, removed: boolean): Promise<boolean> {
  return (await trx("head").where({ household_id: householdId, id }).update({ removed_at: removed ? new Date() : null, rev })) === 1;
}
