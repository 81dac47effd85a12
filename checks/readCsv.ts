import { readFileSync } from "node:fs";
import { join } from "node:path";
import Papa from "papaparse";

/** Rows of a CSV in this folder, by its header. */
export const readCsv = (name: string): Record<string, string>[] =>
  Papa.parse<Record<string, string>>(readFileSync(join(process.cwd(), "checks", name), "utf8").trim(), {
    header: true,
  }).data;
