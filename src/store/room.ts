import { statfs } from "node:fs/promises";

/** What the database wants free to go on answering; below it nothing is written. */
const RESERVE_BYTES = 64 * 2 ** 20;
/** What comes in is kept several times: rows, indexes, the way back. */
const TIMES_KEPT = 6;

/** Thrown before a write begins, where it might be one too many. */
export class NoRoom extends Error {
  readonly code = "ENOSPC";
}

/** Refuses where the disk of our own database is nearly full; of a database elsewhere only it knows. */
export async function requireRoom(bytes: number): Promise<void> {
  const folder = process.env.OWN_DATABASE ? process.env.DB_DIR : undefined;
  if (!folder) return;
  const { bavail, bsize } = await statfs(folder);
  if (bavail * bsize < RESERVE_BYTES + bytes * TIMES_KEPT) throw new NoRoom("There is almost no room left.");
}
