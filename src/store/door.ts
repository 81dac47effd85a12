import { database } from "./connection";
import type { Write } from "./transaction";

export async function setPasswordHash({ trx, householdId }: Write, hash: string | null): Promise<void> {
  await trx("household").where({ id: householdId }).update({ password_hash: hash });
}

/** When passwords and codes were tried and were wrong, since a moment. */
export async function triesSince(householdId: string, since: Date, knex = database()): Promise<number[]> {
  const at: Date[] = await knex("door_try").where({ household_id: householdId }).andWhere("at", ">=", since).orderBy("at").pluck("at");
  return at.map((date) => date.getTime());
}

/** Counts a try as wrong until it is shown to be right; old ones go. */
export async function addTry({ trx, householdId }: Write, at: Date, keepFrom: Date): Promise<number> {
  await trx("door_try").where({ household_id: householdId }).andWhere("at", "<", keepFrom).del();
  const [id] = await trx("door_try").insert({ household_id: householdId, at });
  return id;
}

export async function forgetTry({ trx, householdId }: Write, id: number): Promise<void> {
  await trx("door_try").where({ household_id: householdId, id }).del();
}

export interface NewPairing { readonly id: string; readonly codeHash: string; readonly personId: string | null; readonly expiresAt: Date }

/** A pairing with this id or this code, in any household. */
export async function pairingTaken({ trx }: Write, { id, codeHash }: { id: string; codeHash: string }): Promise<{ readonly id: string; readonly householdId: string; readonly same: boolean } | undefined> {
  const row = await trx("pairing").where({ id }).orWhere({ code_hash: codeHash }).first("id", "household_id", "code_hash");
  return row && { id: row.id, householdId: row.household_id, same: row.id === id && row.code_hash === codeHash };
}

export async function insertPairing({ trx, householdId, rev }: Write, pairing: NewPairing): Promise<void> {
  await trx("pairing").insert({ id: pairing.id, household_id: householdId, rev, created_at: new Date(), code_hash: pairing.codeHash, person_id: pairing.personId, expires_at: pairing.expiresAt });
}

/** Uses a code up; undefined where there is no such code, or it was used, or it is late. */
export async function usePairing({ trx, householdId }: Write, codeHash: string, now: Date): Promise<{ readonly personId: string | null } | undefined> {
  const row = await trx("pairing").where({ household_id: householdId, code_hash: codeHash }).whereNull("used_at").andWhere("expires_at", ">", now).first("id", "person_id");
  if (!row) return undefined;
  await trx("pairing").where({ household_id: householdId, id: row.id }).update({ used_at: now });
  return { personId: row.person_id };
}
