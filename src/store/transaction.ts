import type { Knex } from "knex";
import { database } from "./connection";
import { requireRoom } from "./room";

/** A write in progress: its transaction, its household, and the rev that it writes. */
export interface Write {
  readonly trx: Knex.Transaction;
  readonly householdId: string;
  readonly rev: number;
}

const DEADLOCK = "ER_LOCK_DEADLOCK";
const LOCK_WAIT = "ER_LOCK_WAIT_TIMEOUT";
const TRIES = 6;

/** While a connection holds this name, nothing may be written: a backup is being put back. SQL. */
export const HOLD_NAME = "CONCAT('infusing-hold-', DATABASE())";

/** The book cannot be written or read for a moment, and it is known why. */
export class Held extends Error {}

const codeOf = (error: unknown): string | undefined => (error as { code?: string } | null)?.code;

/**
 * Runs one write. The household's rev is bumped under its row lock, so that revs order all writes of a household;
 * deadlocks and lost lock waits are tried again after a short, growing, uneven pause.
 * @param bytes how much comes in, where it may be a lot
 */
export async function inTransaction<T>(householdId: string, write: (w: Write) => Promise<T>, bytes = 0): Promise<T> {
  await requireRoom(bytes);
  for (let attempt = 1; ; attempt++) {
    try {
      return await database().transaction(async (trx) => {
        // Takes the row's lock, bumps it and tells the new rev in one statement.
        const [bumped] = await trx.raw("UPDATE household SET rev = LAST_INSERT_ID(rev + 1) WHERE id = ?", [
          householdId,
        ]);
        // Asked under the row's lock, for which a restore waits: whoever passed here is in the backup it makes.
        const [[hold]] = await trx.raw(`SELECT IS_USED_LOCK(${HOLD_NAME}) AS holder`);
        if (hold.holder !== null) throw new Held();
        if (bumped.affectedRows !== 1) throw new Error("The household is not in the database.");
        return write({ trx, householdId, rev: Number(bumped.insertId) });
      });
    } catch (error) {
      const code = codeOf(error);
      if ((code !== DEADLOCK && code !== LOCK_WAIT) || attempt >= TRIES) throw error;
      await new Promise((resolve) => setTimeout(resolve, 15 * 2 ** attempt * (0.5 + Math.random())));
    }
  }
}

/** True where the database could not be reached at all, so that nothing was written and a retry is right. */
export function isUnreachable(error: unknown): boolean {
  const code = codeOf(error) ?? "";
  if (error instanceof Held) return true;
  if (
    [
      "ECONNREFUSED",
      "ECONNRESET",
      "PROTOCOL_CONNECTION_LOST",
      "ETIMEDOUT",
      "EPIPE",
      "ER_SERVER_SHUTDOWN",
      "ER_CON_COUNT_ERROR",
      "ENOENT",
      "ER_NO_SUCH_TABLE",
      "ER_QUERY_INTERRUPTED",
      "ER_CONNECTION_KILLED",
      "PROTOCOL_SEQUENCE_TIMEOUT",
      "ER_OPTION_PREVENTS_STATEMENT",
    ].includes(code)
  )
    return true;
  const text = error instanceof Error ? `${error.name} ${error.message}` : "";
  return /KnexTimeoutError|closed state|Connection lost|ECONNREFUSED|Server shutdown/i.test(text);
}

/** True where the disk took no more; nothing was written. */
export const isFull = (error: unknown): boolean =>
  [
    "ENOSPC",
    "EDQUOT",
    "ER_DISK_FULL",
    "ER_RECORD_FILE_FULL",
    "ER_ERROR_ON_WRITE",
    "ER_TEMP_FILE_WRITE_FAILURE",
    "ER_OUT_OF_RESOURCES",
  ].includes(codeOf(error) ?? "");

/** True where what was sent can never be kept as it is: too long, or signs that no column takes. */
export const isUnkeepable = (error: unknown): boolean =>
  [
    "ER_DATA_TOO_LONG",
    "ER_TRUNCATED_WRONG_VALUE",
    "ER_TRUNCATED_WRONG_VALUE_FOR_FIELD",
    "ER_WARN_DATA_OUT_OF_RANGE",
    "ER_CONSTRAINT_FAILED",
    "ER_INVALID_CHARACTER_STRING",
    "ER_CANNOT_CONVERT_STRING",
  ].includes(codeOf(error) ?? "");

/** True where two things would have the same name or id. */
export const isTaken = (error: unknown): boolean => codeOf(error) === "ER_DUP_ENTRY";
