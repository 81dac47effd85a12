import type { Knex } from "knex";
import { database } from "./connection";
import { fromRow, LIST, type BatchRow, type Row } from "./batches";
import { termOf, type SearchedBy } from "@/core/batch";
import { wordsOf } from "@/core/text";

export interface LogFilter {
  /** All of these. */
  readonly found?: readonly SearchedBy[];
  /** Every word of it begins a word in the names, the materials or the notes. */
  readonly text?: string;
  /** Started at or after, and before; ms since the epoch. */
  readonly fromMs?: number;
  readonly toMs?: number;
  /** Only batches that started before this one, for the next page. */
  readonly before?: { readonly startsAtMs: number; readonly id: string };
  readonly limit: number;
}

/** How many different words a beginning may stand for. */
const MOST_WORDS = 16;

/** Newest first, by keyset. A filter is a range of the index of terms; more of them are looked up in it one by one. */
export async function listBatches(
  householdId: string,
  filter: LogFilter,
  knex: Knex = database(),
): Promise<BatchRow[]> {
  const sets = [
    ...(await Promise.all(wordsOf(filter.text ?? "", 8).map((word) => wordsBeginning(knex, householdId, word)))),
    ...(filter.found ?? []).map((found) => [termOf(found)]),
  ];
  if (sets.some((terms) => terms.length === 0)) return [];
  if (sets.length === 0) {
    const rows: Row[] = await within(
      knex(knex.raw("batch FORCE INDEX (batch_household_id_starts_at_id_index)"))
        .where({ household_id: householdId })
        .whereNull("removed_at"),
      filter,
      "id",
    ).select(...LIST);
    return rows.map(fromRow);
  }
  // The set that the index holds the fewest of is walked, the others are looked up.
  const [first, ...others] = await fewestFirst(knex, householdId, sets);
  // One short walk along the index for each word of the first filter; together they hold the page.
  const ids = new Map<string, number>();
  await Promise.all(
    first.map(async (term) => {
      const walk = knex("batch_term as t").where({ "t.household_id": householdId, "t.term": term });
      for (const terms of others) {
        walk.whereExists((also) =>
          also
            .select(knex.raw("1"))
            .from("batch_term as o")
            .where("o.household_id", householdId)
            .whereIn("o.term", terms)
            .whereRaw("o.starts_at = t.starts_at")
            .whereRaw("o.batch_id = t.batch_id"),
        );
      }
      const found: { batch_id: string; starts_at: Date }[] = await within(walk, filter, "batch_id").select(
        "batch_id",
        "starts_at",
      );
      for (const row of found) ids.set(row.batch_id, row.starts_at.getTime());
    }),
  );
  const page = [...ids]
    .sort(([a, x], [b, y]) => y - x || (a < b ? 1 : -1))
    .slice(0, filter.limit)
    .map(([id]) => id);
  const rows: Row[] = await knex("batch")
    .where({ household_id: householdId })
    .whereIn("id", page)
    .whereNull("removed_at")
    .select(...LIST);
  const byId = new Map(rows.map((row) => [row.id, fromRow(row)]));
  return page.flatMap((id) => byId.get(id) ?? []);
}

/** Sets of terms by how many bowls the index thinks they stand for; a dive into it and no count. */
async function fewestFirst(knex: Knex, householdId: string, sets: readonly string[][]): Promise<string[][]> {
  if (sets.length < 2) return [...sets];
  const sized = await Promise.all(
    sets.map(async (terms) => {
      const marks = terms.map(() => "?").join(", ");
      const [[{ rows }]] = await knex.raw(
        `EXPLAIN SELECT 1 FROM batch_term WHERE household_id = ? AND term IN (${marks})`,
        [householdId, ...terms],
      );
      return { terms, rows: Number(rows ?? 0) };
    }),
  );
  return sized.sort((a, b) => a.rows - b.rows).map(({ terms }) => terms);
}

/** The terms of the words that begin so: from each, one step along the index to the next, past all its bowls. */
async function wordsBeginning(knex: Knex, householdId: string, beginning: string): Promise<string[]> {
  const start = termOf({ by: "word", value: beginning });
  const found: string[] = [];
  for (let after = ""; found.length < MOST_WORDS;) {
    const next: { term: string } | undefined = await knex("batch_term")
      .where({ household_id: householdId })
      .andWhere("term", after ? ">" : ">=", after || start)
      .orderBy("term")
      .first("term");
    if (!next?.term.startsWith(start)) break;
    found.push((after = next.term));
  }
  return found;
}

/** The page of a query, in the order of the log. */
function within(
  query: Knex.QueryBuilder,
  { fromMs, toMs, before, limit }: LogFilter,
  idColumn: string,
): Knex.QueryBuilder {
  if (fromMs !== undefined) query.andWhere("starts_at", ">=", new Date(fromMs));
  if (toMs !== undefined) query.andWhere("starts_at", "<", new Date(toMs));
  if (before) {
    const at = new Date(before.startsAtMs);
    query
      .andWhere("starts_at", "<=", at)
      .andWhere((any) => any.where("starts_at", "<", at).orWhere(idColumn, "<", before.id));
  }
  return query.orderBy("starts_at", "desc").orderBy(idColumn, "desc").limit(limit);
}

/** The latest batches on a head, oldest first. */
export async function marksOf(householdId: string, headId: string, limit = 200): Promise<BatchRow[]> {
  const rows = await listBatches(householdId, { found: [{ by: "head", value: headId }], limit });
  return rows.reverse();
}
