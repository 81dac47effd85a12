import { readFileSync } from "node:fs";
import { join } from "node:path";

/** Rows of a CSV in this folder, by its header; quoted fields may hold commas. */
export function readCsv(name: string): Record<string, string>[] {
  const [header, ...rows] = readFileSync(join(process.cwd(), "checks", name), "utf8")
    .trim()
    .split("\n")
    .map(fields);
  return rows.map((row) => Object.fromEntries(header.map((key, i) => [key, row[i] ?? ""])));
}

const fields = (line: string): string[] =>
  [...line.matchAll(/(?:^|,)(?:"([^"]*)"|([^,]*))/g)].map((match) => match[1] ?? match[2]);
