import { readFile } from "node:fs/promises";
import { fileOf, reads } from "@/server/route";

/** The committed document as it stands. */
export const GET = reads(async () =>
  fileOf(await readFile("docs/openapi.json", "utf8"), "application/json; charset=utf-8", "openapi.json"),
);
