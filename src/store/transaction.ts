import type { Knex } from "knex";
import { database } from "./connection";

/** A write in progress: its transaction, its household, and the rev that it writes. */
export interface Write {
  readonly trx: Knex.Transaction;
  readonly householdId: string;
  readonly rev: number;
}

const DEADLOCK = "ER_LOCK_DEADLOCK";
const LOCK_WAIT = "ER_LOCK_WAIT_TIMEOUT";
const TRIES = 6;

const codeOf = (error: unknown): string | undefined => (error as { code?: string } | null)?.code;

/**
 * Runs one write. The household's rev is bumped under its row lock, so that revs order all writes of a household;
 * deadlocks and lost lock waits are tried again after a short, growing, uneven pause.
 */
export async function inTransaction<T>(householdId: string, write: (w: Write) => Promise<T>): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    try {
      return await database().transaction(async (trx) => {
        // Takes the row's lock, bumps it and tells the new rev in one statement.
        const [bumped] = await trx.raw("UPDATE household SET rev = LAST_INSERT_ID(rev + 1) WHERE id = ?", [householdId]);
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
  if (["ECONNREFUSED", "ECONNRESET", "PROTOCOL_CONNECTION_LOST", "ETIMEDOUT", "EPIPE", "ER_SERVER_SHUTDOWN", "ER_CON_COUNT_ERROR", "ENOENT"].includes(code)) return true;
  const text = error instanceof Error ? `${error.name} ${error.message}` : "";
  return /KnexTimeoutError|closed state|Connection lost|ECONNREFUSED|Server shutdown/i.test(text);
}
