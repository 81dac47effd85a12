import Ajv, { type ErrorObject, type ValidateFunction } from "ajv/dist/2020.js";
import addFormats from "ajv-formats";
import { checkPayload } from "@/core/batch";
import { checkHead } from "@/core/head";
import { LIMITS } from "@/core/limits";
import { checkAmount, checkBlend, checkQuestion } from "@/core/paste";
import { checkReading, OUT_OF_REACH } from "@/core/reading";
import { checkJar, checkOwnThing, lookupOn, ownMaterials } from "@/core/shelf";
import { isUuid } from "@/core/text";
import type { Problem, ProblemCode } from "@/core/problem";
import { MOMENT } from "@/inputs/moment";
import openapi from "../../../docs/openapi.json";
import { upgraded, type Book, type BookV1 } from "./format";

/** Compiled once a process: the book's own schema, as the API documents it. */
let compiled: Readonly<Record<1 | 2, ValidateFunction>> | undefined;
function schemas(): Readonly<Record<1 | 2, ValidateFunction>> {
  if (compiled) return compiled;
  const ajv = new Ajv({ strict: false });
  addFormats(ajv);
  ajv.addSchema({ $id: "https://infusing.invalid/api", components: openapi.components });
  const of = (name: string) => ajv.compile({ $ref: `https://infusing.invalid/api#/components/schemas/${name}` });
  return (compiled = { 1: of("BookV1"), 2: of("Book") });
}

const CODE: Readonly<Record<string, ProblemCode>> = { additionalProperties: "unknownField", unevaluatedProperties: "unknownField", required: "required", enum: "unknownChoice", const: "unknownChoice" };

/** The first thing in a file that its schema does not have. */
function problemOf({ instancePath, keyword, params }: ErrorObject): Problem {
  const name = params.additionalProperty ?? params.missingProperty;
  const field = `book${instancePath.replaceAll("/", ".")}${name === undefined ? "" : `.${String(name).slice(0, 60)}`}`;
  const code = CODE[keyword] ?? (keyword === "type" && /number|integer/.test(String(params.type)) ? "notANumber" : keyword === "type" ? "notText" : "unknownChoice");
  return { field, code };
}

const MOST_PROBLEMS = 20;

/** A file as today's book, or what is wrong with it: its shape first, then its sense, by the same rules as everything that is typed. */
export function readBook(file: object): { readonly book: Book } | { readonly problems: readonly Problem[] } {
  const { format, version } = file as { format?: unknown; version?: unknown };
  if (format !== "infusing-book" || (version !== 1 && version !== 2)) return { problems: [{ field: "book", code: "noBook" }] };
  const check = schemas()[version];
  if (!check(file)) return { problems: [problemOf(check.errors!.find((error) => error.keyword !== "anyOf") ?? check.errors![0])] };
  const book = version === 1 ? upgraded(file as BookV1) : (file as Book);
  const problems = senseOf(book);
  return problems.length > 0 ? { problems: problems.slice(0, MOST_PROBLEMS) } : { book };
}

/** What a schema cannot say. */
function senseOf(book: Book): Problem[] {
  const problems: Problem[] = [];
  const seen = new Set<string>();
  const id = (field: string, value: string) => {
    if (!isUuid(value)) problems.push({ field, code: "notText" });
    if (seen.has(value)) problems.push({ field, code: "repeated" });
    seen.add(value);
  };
  const moment = (field: string, value: string) => { if (!MOMENT.test(value)) problems.push({ field, code: "notText" }); };
  const name = (field: string, value: string) => {
    if (value.trim().length < LIMITS.nameChars.min) problems.push({ field, code: "required" });
    else if (value.length > LIMITS.nameChars.max) problems.push({ field, code: "tooLarge", detail: { max: LIMITS.nameChars.max } });
  };
  const count = (field: string, value: number) => { if (!Number.isSafeInteger(value) || value < 0) problems.push({ field, code: "notANumber" }); };
  for (const [list, things] of [["persons", book.persons], ["devices", book.devices]] as const) {
    things.forEach((thing, i) => { id(`book.${list}.${i}.id`, thing.id); name(`book.${list}.${i}.name`, thing.name); });
  }
  const things = book.things ?? [];
  things.forEach((thing, i) => { name(`book.things.${i}.name`, thing.name); problems.push(...checkOwnThing(thing, things).map((problem) => ({ ...problem, field: `book.things.${i}.${problem.field}` }))); });
  const find = lookupOn({ own: ownMaterials(things), jars: [] });
  (book.jars ?? []).forEach((jar, i) => {
    const at = `book.jars.${i}`;
    id(`${at}.id`, jar.id); name(`${at}.name`, jar.name);
    if (!find(jar.materialId)) problems.push({ field: `${at}.materialId`, code: "unknownMaterial" });
    if (!Number.isFinite(jar.leftG)) problems.push({ field: `${at}.leftG`, code: "notANumber" });
    problems.push(...checkJar(jar, "9999-12-31").map((problem) => ({ ...problem, field: `${at}.${problem.field}` })));
    jar.weighings.forEach((weighing, n) => { id(`${at}.weighings.${n}.id`, weighing.id); if (!(weighing.count > 0 && weighing.massG > 0)) problems.push({ field: `${at}.weighings.${n}`, code: "notANumber" }); });
    jar.tests?.forEach(({ id: testId, takenAt, test }, n) => {
      const on = `${at}.tests.${n}`;
      id(`${on}.id`, testId); moment(`${on}.takenAt`, takenAt);
      problems.push(...[...checkAmount(test, "test", jar.materialId, find), ...checkReading(test.reading).filter(({ code }) => !OUT_OF_REACH.includes(code))].map((problem) => ({ ...problem, field: `${on}.${problem.field}` })));
      if (!(test.waterMl >= 0 && test.minutes >= 0)) problems.push({ field: on, code: "notANumber" });
    });
  });
  book.heads.forEach((head, i) => {
    const at = `book.heads.${i}`;
    id(`${at}.id`, head.id); name(`${at}.name`, head.name); moment(`${at}.createdAt`, head.createdAt);
    problems.push(...checkHead(head.hair, `${at}.hair`));
  });
  book.blends.forEach((blend, i) => {
    const at = `book.blends.${i}`;
    id(`${at}.id`, blend.id); name(`${at}.name`, blend.name); moment(`${at}.createdAt`, blend.createdAt);
    if (blend.versions.length === 0) problems.push({ field: `${at}.versions`, code: "required" });
    blend.versions.forEach((version, n) => {
      id(`${at}.versions.${n}.id`, version.id); moment(`${at}.versions.${n}.createdAt`, version.createdAt);
      problems.push(...checkBlend(version.blend, `${at}.versions.${n}.blend`, find));
    });
  });
  book.batches.forEach((batch, i) => {
    const at = `book.batches.${i}`;
    id(`${at}.id`, batch.id); name(`${at}.blendName`, batch.blendName); name(`${at}.headName`, batch.headName); moment(`${at}.startsAt`, batch.startsAt); moment(`${at}.createdAt`, batch.createdAt);
    problems.push(...checkQuestion(batch.question).map((problem) => ({ ...problem, field: `${at}.question.${problem.field}` })));
    if (batch.answer.lines.length !== batch.question.lines.length) problems.push({ field: `${at}.answer.lines`, code: "tooMany", detail: { max: batch.question.lines.length } });
    batch.events.forEach((event, n) => {
      const on = `${at}.events.${n}`;
      id(`${on}.id`, event.id); moment(`${on}.deviceClock`, event.deviceClock); moment(`${on}.happenedAt`, event.happenedAt); count(`${on}.deviceSeq`, event.deviceSeq); count(`${on}.revSeen`, event.revSeen);
      problems.push(...checkPayload(event.payload, `${on}.payload`, find));
      if (!isUuid(event.deviceId)) problems.push({ field: `${on}.deviceId`, code: "notText" });
    });
  });
  return problems;
}
