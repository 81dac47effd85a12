import type { Knex } from "knex";
import { database } from "./connection";
import type { Write } from "./transaction";

export async function setPasswordHash({ trx, householdId }: Write, hash: string | null): Promise<void> {
  await trx("household").where({ id: householdId }).update({ password_hash: hash });
}

/** Where a try came from: an address of the network, this machine, or a device that is in. */
export const HERE = "here";
const DEVICE = "device:";
export const ofDevice = (deviceId: string): string => DEVICE + deviceId;

/** When a password or a code was tried from here and was wrong, since a moment. */
export async function triesSince({ trx, householdId }: Write, since: Date, address: string): Promise<number[]> {
  const at: Date[] = await trx("door_try")
    .where({ household_id: householdId, address })
    .andWhere("at", ">=", since)
    .orderBy("at")
    .pluck("at");
  return at.map((date) => date.getTime());
}

/** The same, from anywhere on the network. */
export async function networkTriesSince({ trx, householdId }: Write, since: Date): Promise<number[]> {
  const at: Date[] = await trx("door_try")
    .where({ household_id: householdId })
    .whereNot({ address: HERE })
    .whereNot("address", "like", `${DEVICE}%`)
    .andWhere("at", ">=", since)
    .orderBy("at")
    .pluck("at");
  return at.map((date) => date.getTime());
}

/** Counts a try as wrong until it is shown to be right; old ones go. */
export async function addTry({ trx, householdId }: Write, at: Date, keepFrom: Date, address: string): Promise<number> {
  await trx("door_try").where({ household_id: householdId }).andWhere("at", "<", keepFrom).del();
  const [id] = await trx("door_try").insert({ household_id: householdId, at, address });
  return id;
}

export async function forgetTry({ trx, householdId }: Write, id: number): Promise<void> {
  await trx("door_try").where({ household_id: householdId, id }).del();
}

export interface NewPairing {
  readonly id: string;
  readonly codeHash: string;
  readonly personId: string | null;
  readonly expiresAt: Date;
  /** Made at the machine itself. */ readonly owner?: boolean;
}

/** A pairing with this id or this code, in any household. */
export async function pairingTaken(
  { trx }: Write,
  { id, codeHash }: { id: string; codeHash: string },
): Promise<{ readonly id: string; readonly householdId: string; readonly same: boolean } | undefined> {
  const row = await trx("pairing")
    .where({ id })
    .orWhere({ code_hash: codeHash })
    .first("id", "household_id", "code_hash");
  return row && { id: row.id, householdId: row.household_id, same: row.id === id && row.code_hash === codeHash };
}

export async function insertPairing({ trx, householdId, rev }: Write, pairing: NewPairing): Promise<void> {
  await trx("pairing").insert({
    id: pairing.id,
    household_id: householdId,
    rev,
    created_at: new Date(),
    code_hash: pairing.codeHash,
    person_id: pairing.personId,
    expires_at: pairing.expiresAt,
    owner: pairing.owner ?? false,
  });
}

/** Whether a code is good now; a wrong one costs no write. */
export async function pairingIsOpen(householdId: string, codeHash: string, now: Date): Promise<boolean> {
  return Boolean(
    await database()("pairing")
      .where({ household_id: householdId, code_hash: codeHash })
      .whereNull("used_at")
      .andWhere("expires_at", ">", now)
      .first("id"),
  );
}

/** Uses a code up; undefined where there is no such code, or it was used, or it is late. */
export async function usePairing(
  { trx, householdId }: Write,
  codeHash: string,
  now: Date,
): Promise<{ readonly personId: string | null; readonly owner: boolean } | undefined> {
  const row = await trx("pairing")
    .where({ household_id: householdId, code_hash: codeHash })
    .whereNull("used_at")
    .andWhere("expires_at", ">", now)
    .first("id", "person_id", "owner");
  if (!row) return undefined;
  await trx("pairing").where({ household_id: householdId, id: row.id }).update({ used_at: now });
  return { personId: row.person_id, owner: row.owner === 1 };
}

/** Makes every code that is still open useless: whoever made one may just have been sent away. */
export async function voidPairings({ trx, householdId }: Write): Promise<void> {
  await trx("pairing").where({ household_id: householdId }).whereNull("used_at").update({ used_at: new Date() });
}

/** Whether a device is let in as the door stands in this write, which may have waited while somebody changed it. */
export async function isLetIn(
  { trx, householdId }: Write,
  deviceId: string,
  tokenHash: string | undefined,
): Promise<boolean> {
  const row: { password_hash: string | null; token_hash: string | null } = await trx("household as h")
    .leftJoin("device as d", (join) => join.on("d.household_id", "h.id").andOnVal("d.id", deviceId))
    .where("h.id", householdId)
    .first("h.password_hash", "d.token_hash");
  return row.password_hash === null || (tokenHash !== undefined && row.token_hash === tokenHash);
}

export async function passwordHashNow({ trx, householdId }: Write): Promise<string | null> {
  return (await trx("household").where({ id: householdId }).first("password_hash")).password_hash;
}

/** Who may come in now, for a book that is put back over this one. */
export interface DoorNow {
  readonly rev: number;
  readonly passwordHash: string | null;
  readonly devices: readonly {
    readonly id: string;
    readonly name: string;
    readonly person_id: string | null;
    readonly created_at: Date;
    readonly last_seen_at: Date;
    readonly token_hash: string;
    readonly resets_until: Date | null;
  }[];
  readonly tries: readonly { readonly at: Date; readonly address: string }[];
  readonly network: string | undefined;
}

const theHouseholdRow = (knex: Knex) =>
  knex("household")
    .orderBy([{ column: "created_at" }, { column: "id" }])
    .first("id", "rev", "password_hash");

export async function doorNow(knex: Knex): Promise<DoorNow> {
  const { id, rev, password_hash } = await theHouseholdRow(knex);
  const own = { household_id: id };
  return {
    rev: Number(rev),
    passwordHash: password_hash,
    devices: await knex("device")
      .where(own)
      .whereNotNull("token_hash")
      .select("id", "name", "person_id", "created_at", "last_seen_at", "token_hash", "resets_until"),
    tries: await knex("door_try").where(own).select("at", "address"),
    network: (
      await knex("setting")
        .where({ ...own, name: "network" })
        .first("value")
    )?.value,
  };
}

/** Gives a book that was put back the door of now: sessions and codes in it are nobody's any more. */
export async function putDoor(knex: Knex, door: DoorNow): Promise<void> {
  await knex.transaction(async (trx) => {
    const { id, rev: put } = await theHouseholdRow(trx);
    const own = { household_id: id };
    // Above both books, so that no rev stands for two things.
    const rev = Math.max(Number(put), door.rev) + 1;
    await trx("household").where({ id }).update({ password_hash: door.passwordHash, rev });
    await trx("device").update({ token_hash: null, resets_until: null });
    await trx("pairing").whereNull("used_at").update({ used_at: new Date() });
    const persons = new Set<string>(await trx("person").where(own).whereNull("erased_at").pluck("id"));
    for (const device of door.devices) {
      const { id: deviceId, person_id, ...rest } = device;
      const row = { ...own, rev, ...rest, person_id: person_id !== null && persons.has(person_id) ? person_id : null };
      await trx("device")
        .insert({ id: deviceId, ...row })
        .onConflict("id")
        .merge(row);
    }
    await trx("door_try").del();
    if (door.tries.length > 0) await trx("door_try").insert(door.tries.map((one) => ({ ...own, ...one })));
    await trx("setting")
      .where({ ...own, name: "network" })
      .del();
    if (door.network !== undefined) await trx("setting").insert({ ...own, name: "network", value: door.network, rev });
  });
}
