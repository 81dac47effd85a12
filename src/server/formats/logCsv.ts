import type { Knex } from "knex";
import { MARKS, type Mark } from "@/core/batch";
import type { BatchRow } from "@/store/batches";
import { listBatches, type LogFilter } from "@/store/log";
import { isoMoment, tenth, type CsvRow } from "./csv";
import { csvStream } from "./stream";

/** The columns keep their places: what a later release asks stands behind. */
const FIRST_MARKS = ["soft", "slip", "grit", "shine"] as const satisfies readonly Mark[];
const LATER_MARKS = MARKS.filter((mark) => !(FIRST_MARKS as readonly Mark[]).includes(mark));
const COLUMNS = [
  "started",
  "blend",
  "head",
  "purpose",
  "planned_ml",
  "poured_ml",
  "total_g",
  "mixed",
  "on_head",
  "rinsed",
  "closed",
  ...FIRST_MARKS,
  "again",
  "note",
  ...LATER_MARKS,
] as const;
const PAGE = 200;

/** One bowl as a row, in the order of the columns. */
const rowOf = (batch: BatchRow): CsvRow => [
  isoMoment(batch.startsAtMs),
  batch.blendName,
  batch.headName,
  batch.summary.purpose,
  batch.summary.liquidMl ? tenth(batch.summary.liquidMl.mid) : "",
  tenth(batch.pouredMl),
  tenth(batch.summary.totalG.mid),
  isoMoment(batch.mixedMs),
  isoMoment(batch.onHeadMs),
  isoMoment(batch.rinsedMs),
  isoMoment(batch.closedMs),
  ...FIRST_MARKS.map((mark) => batch.marks[mark] ?? ""),
  batch.again ?? "",
  batch.note,
  ...LATER_MARKS.map((mark) => batch.marks[mark] ?? ""),
];

/** Pages of the log, newest first, one after the other. */
export const pagesOf =
  (householdId: string, filter: Omit<LogFilter, "limit" | "before">, limit = PAGE) =>
  async (last: readonly BatchRow[] | undefined, knex?: Knex): Promise<readonly BatchRow[] | undefined> => {
    if (last && last.length < limit) return undefined;
    const page = await listBatches(householdId, { ...filter, limit, before: last?.at(-1) }, knex);
    return page.length > 0 ? page : undefined;
  };

/** The log as a table, newest first. */
export const logCsv = (householdId: string, filter: Omit<LogFilter, "limit" | "before">): ReadableStream<Uint8Array> =>
  csvStream(COLUMNS, pagesOf(householdId, filter), (page) => page.map(rowOf));
