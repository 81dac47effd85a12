import type { Knex } from "knex";
import { piecesOfSnapshot } from "@/store/snapshot";
import { Refusal } from "../refusal";
import { csvOf, type CsvRow } from "./csv";

/** Each file that is being written holds one of the few connections to the book. */
const MOST_AT_ONCE = 4;
/** Whoever takes nothing for so long has gone. */
const IDLE_MS = 60_000;
let going = 0;

/**
 * A file that is read piece by piece as it is sent, all of it as the book was at one moment, so that a long one needs
 * no more room than a short one. Breaks off rather than end early.
 */
export function streamOf(pieces: (knex: Knex) => AsyncGenerator<string>): ReadableStream<Uint8Array> {
  if (going >= MOST_AT_ONCE)
    throw new Refusal(429, "Several files are being written just now. Try again in a moment.", [], 5);
  going += 1;
  const encoder = new TextEncoder();
  const from = piecesOfSnapshot(pieces);
  let idle: ReturnType<typeof setTimeout> | undefined;
  let ended = false;
  const end = async () => {
    clearTimeout(idle);
    if (ended) return;
    ended = true;
    going -= 1;
    await from.return(undefined);
  };
  return new ReadableStream(
    {
      async pull(stream) {
        clearTimeout(idle);
        try {
          const { value, done } = await from.next();
          if (done) {
            await end();
            return stream.close();
          }
          stream.enqueue(encoder.encode(value));
          idle = setTimeout(
            () =>
              void end().then(
                () => stream.error(new Error("Nobody takes it.")),
                () => undefined,
              ),
            IDLE_MS,
          );
        } catch (error) {
          await end().catch(() => undefined);
          throw error;
        }
      },
      cancel: end,
    },
    { highWaterMark: 0 },
  );
}

/** A table that is read page by page as it is sent, all of it as it was at one moment. */
export function csvStream<Page>(
  columns: readonly string[],
  next: (last: Page | undefined, knex: Knex) => Promise<Page | undefined>,
  rowsOf: (page: Page, knex: Knex) => Promise<readonly CsvRow[]> | readonly CsvRow[],
): ReadableStream<Uint8Array> {
  return streamOf(async function* (knex) {
    yield csvOf([columns]);
    for (let page = await next(undefined, knex); page !== undefined; page = await next(page, knex)) {
      const rows = await rowsOf(page, knex);
      if (rows.length > 0) yield csvOf(rows);
    }
  });
}
