import "reflect-metadata";
import type { OwnThing } from "@/core/shelf";
import { ImportInput, PreviewInput } from "@/inputs/importInput";
import { parseInput } from "@/inputs/parseInput";
import { JarsCsvInput } from "@/inputs/shelfInput";
import type { Problem } from "@/core/problem";
import { readBook, type BookFile } from "../book/read";
import { readJarsCsv, type ReadJars } from "../formats/jarsCsv";

/** What takes long to read, as the text of a request's body; nothing here asks the book. */
export type Job =
  | { readonly kind: "preview" | "import"; readonly body: string }
  | { readonly kind: "jars"; readonly body: string; readonly known: readonly OwnThing[]; readonly today: string };

export type Done<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: 400 | 422; readonly problems: readonly Problem[] };
export interface Results {
  readonly preview: BookFile;
  readonly import: BookFile;
  readonly jars: ReadJars;
}

/** Reads a file's body whole: as JSON, by its shape, by its sense. */
export function doJob(job: Job): Done<Results[Job["kind"]]> {
  let body: unknown;
  try {
    body = JSON.parse(job.body);
  } catch {
    return { ok: false, status: 400, problems: [] };
  }
  if (job.kind === "jars") {
    const parsed = parseInput(JarsCsvInput, body);
    return parsed.ok
      ? { ok: true, value: readJarsCsv(parsed.value.csv, job.known, job.today) }
      : { ok: false, status: 422, problems: parsed.problems };
  }
  const parsed = parseInput<PreviewInput & Partial<ImportInput>>(
    job.kind === "import" ? ImportInput : PreviewInput,
    body,
  );
  if (!parsed.ok) return { ok: false, status: 422, problems: parsed.problems };
  const { id = "", name, book } = parsed.value;
  return { ok: true, value: { id, ...(name === undefined ? {} : { name }), read: readBook(book) } };
}
