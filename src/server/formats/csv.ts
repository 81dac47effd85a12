import Papa from "papaparse";
import { readable } from "@/core/text";

export type CsvRow = readonly (string | number)[];

/**
 * Where a line of a cell begins with what a spreadsheet would run as a formula, or with marks that guard such a line
 * already.
 */
const RUNS = /(^|[\r\n])('*[=+\-@\t\uff1d\uff0b\uff0d\uff20])/g;
const GUARDED = /(^|[\r\n])'('*[=+\-@\t\uff1d\uff0b\uff0d\uff20])/g;
/** Makes a formula plain text, in every line of a cell; `unguarded` takes exactly that off again. */
export const guarded = (text: string): string => text.replace(RUNS, "$1'$2");
export const unguarded = (text: string): string => text.replace(GUARDED, "$1$2");

/**
 * Rows as RFC 4180, without a header. Numbers stay as they are; a text that a spreadsheet would run is made plain text.
 */
export const csvOf = (rows: readonly CsvRow[]): string =>
  `${Papa.unparse(
    rows.map((row) => row.map((cell) => (typeof cell === "string" ? guarded(readable(cell)) : cell))),
    { newline: "\r\n", header: false },
  )}\r\n`;

export const isoMoment = (ms: number | undefined): string => (ms === undefined ? "" : new Date(ms).toISOString());
export const tenth = (value: number): number => Math.round(value * 10) / 10;
