import { readFile } from "node:fs/promises";
import { PLAIN_HEAD } from "@/core/head";
import { questionOn } from "@/core/shelf";
import { findBlend } from "@/store/blends";
import { findHead, hairOf } from "@/store/heads";
import { readBatch } from "./batches";
import { batchBook, blendBook, headBook } from "./book/export";
import { linesCsv } from "./formats/linesCsv";
import { logCsv } from "./formats/logCsv";
import { makingsCsv } from "./formats/makingsCsv";
import { recipeOf } from "./formats/recipe";
import { makingTimesOf, timesOf } from "./formats/times";
import { readMaking } from "./makings";
import { logFilter } from "./log";
import { answerOf } from "./paste";
import { notFound } from "./refusal";
import { bookFile, fileOf, type Asked } from "./route";
import { shelfAsOf } from "./shelf";

// What is served as a file: books of one thing, tables, a calendar, a recipe, the API's own description.

const bookOf =
  (kind: "batch" | "blend" | "head", book: (householdId: string, id: string) => Promise<object>) =>
  async ({ household, params }: Asked<object>): Promise<Response> =>
    bookFile(JSON.stringify(await book(household.id, params.id), null, 1), kind);
export const batchFile = bookOf("batch", batchBook);
export const blendFile = bookOf("blend", blendBook);
export const headFile = bookOf("head", headBook);

/** A bowl's times for a calendar. */
export const timesFile = async ({ household, params }: Asked<object>): Promise<Response> =>
  fileOf(timesOf((await readBatch(household.id, params.id)).batch), "text/calendar; charset=utf-8", "bowl.ics");

/** A making's times for a calendar, as it stands. */
export async function makingTimesFile({ household, params }: Asked<object>): Promise<Response> {
  const { making, state } = await readMaking(household.id, params.id);
  return fileOf(makingTimesOf(making, state), "text/calendar; charset=utf-8", "making.ics");
}

const CSV = "text/csv; charset=utf-8; header=present";
export const logFile = async ({ household, settings, query }: Asked<object>): Promise<Response> =>
  fileOf(logCsv(household.id, logFilter(query, settings.timeZone)), CSV, "log.csv");
export const linesFile = async ({ household, settings, query }: Asked<object>): Promise<Response> =>
  fileOf(linesCsv(household.id, logFilter(query, settings.timeZone)), CSV, "lines.csv");

export const makingsFile = async ({ household }: Asked<object>): Promise<Response> =>
  fileOf(makingsCsv(household.id), CSV, "makings.csv");

/** A blend as the shelf makes it: things of the house's own, and its jars by their own spoons. */
export async function recipeFile({ household, settings, params }: Asked<object>): Promise<Response> {
  const saved = await findBlend(household.id, params.id);
  if (!saved) throw notFound();
  const head = saved.headId ? await findHead(household.id, saved.headId) : undefined;
  const question = questionOn(
    saved.blend,
    head ? hairOf(head) : PLAIN_HEAD,
    settings.spoons,
    await shelfAsOf(household),
  );
  const recipe = recipeOf(saved.name, answerOf(question), question);
  return fileOf(JSON.stringify(recipe, null, 2), "application/ld+json", "blend.jsonld");
}

/** The committed document as it stands. */
export const openapiFile = async (): Promise<Response> =>
  fileOf(await readFile("docs/openapi.json", "utf8"), "application/json; charset=utf-8", "openapi.json");
