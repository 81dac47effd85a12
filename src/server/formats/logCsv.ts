import Papa from "papaparse";
import { MARKS } from "@/core/batch";
import type { BatchRow } from "@/store/batches";
import { listBatches, type LogFilter } from "@/store/log";

const COLUMNS = ["started", "blend", "head", "purpose", "planned_ml", "poured_ml", "total_g", "mixed", "on_head", "rinsed", "closed", ...MARKS, "again", "note"] as const;
const PAGE = 200;

const moment = (ms: number | undefined): string => (ms === undefined ? "" : new Date(ms).toISOString());
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** One bowl as a row, in the order of the columns. */
const rowOf = (batch: BatchRow): (string | number)[] => [
  moment(batch.startsAtMs), batch.blendName, batch.headName, batch.summary.purpose,
  batch.summary.liquidMl ? tenth(batch.summary.liquidMl.mid) : "", tenth(batch.pouredMl), tenth(batch.summary.totalG.mid),
  moment(batch.mixedMs), moment(batch.onHeadMs), moment(batch.rinsedMs), moment(batch.closedMs),
  ...MARKS.map((mark) => batch.marks[mark] ?? ""), batch.again ?? "", batch.note,
];

/** Rows as RFC 4180, without a header. A text that a spreadsheet would run as a formula is made plain text. */
export const csvOf = (rows: readonly (readonly (string | number)[])[]): string =>
  `${Papa.unparse(rows as (string | number)[][], { newline: "\r\n", escapeFormulae: true, header: false })}\r\n`;

/** The log, newest first, read page by page as it is sent. */
export function logCsv(householdId: string, filter: Omit<LogFilter, "limit" | "before">): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let before: { startsAtMs: number; id: string } | undefined;
  return new ReadableStream({
    start: (stream) => stream.enqueue(encoder.encode(csvOf([COLUMNS]))),
    async pull(stream) {
      const batches = await listBatches(householdId, { ...filter, limit: PAGE, before });
      if (batches.length > 0) stream.enqueue(encoder.encode(csvOf(batches.map(rowOf))));
      before = batches.at(-1);
      if (batches.length < PAGE) stream.close();
    },
  });
}
