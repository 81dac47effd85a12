import type { Knex } from "knex";
import { LIMITS } from "@/core/limits";
import { database } from "./connection";
import type { Write } from "./transaction";

/** A browser or program that writes. Its session is its token; sent away, it has none. */
export interface Device {
  readonly id: string;
  readonly name: string;
  readonly personId: string | null;
  readonly lastSeenMs: number;
  /** It came in by the owner's code just now, and may set a password without the one there was. */
  readonly resets: boolean;
}

interface Row {
  id: string;
  household_id: string;
  name: string;
  person_id: string | null;
  last_seen_at: Date;
  token_hash: string | null;
  resets_until: Date | null;
}
const COLUMNS = ["id", "household_id", "name", "person_id", "last_seen_at", "token_hash", "resets_until"] as const;
const fromRow = (row: Row): Device => ({
  id: row.id,
  name: row.name,
  personId: row.person_id,
  lastSeenMs: row.last_seen_at.getTime(),
  resets: row.resets_until !== null && row.resets_until.getTime() > Date.now(),
});

/** The devices that may come in. */
export async function listDevices(householdId: string): Promise<Device[]> {
  const rows: Row[] = await database()("device")
    .where({ household_id: householdId })
    .whereNotNull("token_hash")
    .orderBy("last_seen_at", "desc")
    .select(...COLUMNS);
  return rows.map(fromRow);
}

/** Every device that tapped on a bowl which is in the book, by name. */
export async function deviceNames(
  householdId: string,
  knex: Knex = database(),
): Promise<{ readonly id: string; readonly name: string }[]> {
  const tapped = knex("batch_event as e")
    .join("batch as b", "b.id", "e.batch_id")
    .where("e.household_id", householdId)
    .whereNull("b.removed_at")
    .distinct("e.device_id");
  return knex("device").where({ household_id: householdId }).whereIn("id", tapped).orderBy("id").select("id", "name");
}

export async function deviceByToken(householdId: string, tokenHash: string): Promise<Device | undefined> {
  const row: Row | undefined = await database()("device")
    .where({ household_id: householdId, token_hash: tokenHash })
    .first(...COLUMNS);
  return row && fromRow(row);
}

const SEEN_EVERY_MS = 30_000;

/** The device that writes, made on its first write; undefined where its id is another household's. */
export async function noteDevice(
  { trx, householdId, rev }: Write,
  deviceId: string,
  name: string,
): Promise<Device | undefined> {
  const now = new Date();
  const row: Row | undefined = await trx("device")
    .where({ id: deviceId })
    .first(...COLUMNS);
  if (row && row.household_id !== householdId) return undefined;
  if (row && now.getTime() - row.last_seen_at.getTime() > SEEN_EVERY_MS)
    await trx("device").where({ id: deviceId }).update({ last_seen_at: now });
  if (!row)
    await trx("device").insert({
      id: deviceId,
      household_id: householdId,
      rev,
      created_at: now,
      name: [...name].slice(0, LIMITS.nameChars.max).join(""),
      last_seen_at: now,
    });
  return row ? fromRow(row) : { id: deviceId, name, personId: null, lastSeenMs: now.getTime(), resets: false };
}

/** Gives a device its session. */
export async function letIn(
  { trx, householdId, rev }: Write,
  device: {
    readonly id: string;
    readonly tokenHash: string;
    readonly name?: string;
    readonly personId?: string | null;
    readonly resetsUntil?: Date;
  },
): Promise<void> {
  await trx("device")
    .where({ household_id: householdId, id: device.id })
    .update({
      token_hash: device.tokenHash,
      sent_away_at: null,
      resets_until: device.resetsUntil ?? null,
      rev,
      ...(device.name === undefined ? {} : { name: device.name }),
      ...(device.personId === undefined ? {} : { person_id: device.personId }),
    });
}

/** Ends sessions: of one device, of a person's, or of all but one. Answers how many. */
export async function sendAway(
  { trx, householdId, rev }: Write,
  who: { readonly id: string } | { readonly personId: string } | { readonly allBut: string },
): Promise<number> {
  const query = trx("device").where({ household_id: householdId }).whereNotNull("token_hash");
  if ("id" in who) query.andWhere({ id: who.id });
  else if ("personId" in who) query.andWhere({ person_id: who.personId });
  else query.andWhereNot({ id: who.allBut });
  return query.update({ token_hash: null, sent_away_at: new Date(), rev });
}
