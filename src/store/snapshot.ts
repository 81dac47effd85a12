import type { Knex } from "knex";
import { database } from "./connection";

const open = (): Promise<Knex.Transaction> => database().transaction(undefined, { isolationLevel: "repeatable read" });

/** Reads several things as they were at one moment, whatever is written meanwhile. */
export async function inSnapshot<T>(read: (knex: Knex) => Promise<T>): Promise<T> {
  const trx = await open();
  try {
    return await read(trx);
  } finally {
    await trx.rollback();
  }
}

/** The same for what is read piece by piece; the moment ends with the last piece, or when nobody wants more. */
export async function* piecesOfSnapshot<T>(pieces: (knex: Knex) => AsyncGenerator<T>): AsyncGenerator<T> {
  const trx = await open();
  try {
    yield* pieces(trx);
  } finally {
    await trx.rollback();
  }
}
