import Papa from "papaparse";

export type CsvRow = readonly (string | number)[];

/** Rows as RFC 4180, without a header. A text that a spreadsheet would run as a formula is made plain text. */
export const csvOf = (rows: readonly CsvRow[]): string =>
  `${Papa.unparse(rows as (string | number)[][], { newline: "\r\n", escapeFormulae: true, header: false })}\r\n`;

/** A table that is read page by page as it is sent, so that a long one needs no more room than a short one. */
export function csvStream<Page>(columns: readonly string[], next: (last: Page | undefined) => Promise<Page | undefined>, rowsOf: (page: Page) => Promise<readonly CsvRow[]> | readonly CsvRow[]): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let last: Page | undefined;
  return new ReadableStream({
    start: (stream) => stream.enqueue(encoder.encode(csvOf([columns]))),
    async pull(stream) {
      last = await next(last);
      if (last === undefined) return stream.close();
      const rows = await rowsOf(last);
      stream.enqueue(encoder.encode(rows.length > 0 ? csvOf(rows) : ""));
    },
  });
}

export const moment = (ms: number | undefined): string => (ms === undefined ? "" : new Date(ms).toISOString());
export const tenth = (value: number): number => Math.round(value * 10) / 10;
