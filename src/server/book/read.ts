import Ajv, { type ErrorObject, type ValidateFunction } from "ajv/dist/2020.js";
import addFormats from "ajv-formats";
import { checkPayload } from "@/core/batch";
import { checkHead } from "@/core/head";
import { checkMakingPayload, METHODS } from "@/core/making";
import { checkChoice } from "@/core/checkChoice";
import { checkNumber } from "@/core/checkNumber";
import { checkJarTest } from "@/core/readings";
import { checkBlend, checkQuestion } from "@/core/paste";
import { checkJar, checkMade, checkOwnThing, checkWeighing, lookupOn, ownMaterials } from "@/core/shelf";
import { checkText, isUuid, readable } from "@/core/text";
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

const CODE: Readonly<Record<string, ProblemCode>> = {
  additionalProperties: "unknownField",
  unevaluatedProperties: "unknownField",
  required: "required",
  enum: "unknownChoice",
  const: "unknownChoice",
};

/** The first thing in a file that its schema does not have. */
function problemOf({ instancePath, keyword, params }: ErrorObject): Problem {
  const name = params.additionalProperty ?? params.missingProperty;
  const field = `book${instancePath.replaceAll("/", ".")}${name === undefined ? "" : `.${String(name).slice(0, 60)}`}`;
  const code =
    CODE[keyword] ??
    (keyword === "type" && /number|integer/.test(String(params.type))
      ? "notANumber"
      : keyword === "type"
        ? "notText"
        : "unknownChoice");
  return { field, code };
}

const MOST_PROBLEMS = 20;

/** A book file as a request brings it: the import's own id and the file's name, where it is to be imported. */
export interface BookFile {
  readonly id: string;
  readonly name?: string;
  readonly read: { readonly book: Book } | { readonly problems: readonly Problem[] };
}

/**
 * A file as today's book, or what is wrong with it: its shape first, then its sense, by the same rules as everything
 * that is typed.
 */
export function readBook(file: object): BookFile["read"] {
  const { format, version } = file as { format?: unknown; version?: unknown };
  if (format !== "infusing-book") return { problems: [{ field: "book", code: "noBook" }] };
  if (typeof version === "number" && version > 2) return { problems: [{ field: "book.version", code: "newerBook" }] };
  if (version !== 1 && version !== 2) return { problems: [{ field: "book", code: "noBook" }] };
  const check = schemas()[version];
  if (!check(file))
    return { problems: [problemOf(check.errors!.find((error) => error.keyword !== "anyOf") ?? check.errors![0])] };
  const book = version === 1 ? upgraded(file as BookV1) : (file as Book);
  const problems = senseOf(book);
  return problems.length > 0 ? { problems: problems.slice(0, MOST_PROBLEMS) } : { book };
}

/** What no number of a kitchen comes near, in what is kept as it came. */
const MOST_ANYWHERE = 1e9;
/** Where something that is kept as it came has a number or a sign in it that cannot be. Walks without recursion. */
function strangeIn(kept: unknown, at: string): Problem | undefined {
  const rest: { readonly value: unknown; readonly path: string }[] = [{ value: kept, path: at }];
  for (let one = rest.pop(); one; one = rest.pop()) {
    const { value, path } = one;
    if (typeof value === "number" && !(Math.abs(value) <= MOST_ANYWHERE))
      return { field: path, code: "tooLarge", detail: { max: MOST_ANYWHERE } };
    if (typeof value === "string" && readable(value) !== value) return { field: path, code: "strangeSigns" };
    if (typeof value === "object" && value !== null)
      for (const [key, inner] of Object.entries(value)) rest.push({ value: inner, path: `${path}.${key}` });
  }
  return undefined;
}

/** What a device had seen in another house is counted back from the moment it came here, at worst below nothing. */
const LEAST_SEEN = -1_000_000_000;
/** A model's number, as far as anybody will ever count. */
const MOST_MODEL = 100_000;

/** What a schema cannot say. */
function senseOf(book: Book): Problem[] {
  const problems: Problem[] = [];
  const note = (...found: (Problem | undefined)[]) => {
    for (const problem of found) if (problem) problems.push(problem);
  };
  const within = (at: string, found: readonly Problem[]) =>
    note(...found.map((problem) => ({ ...problem, field: `${at}.${problem.field}` })));
  const seen = new Set<string>();
  const id = (field: string, value: string) => {
    if (!isUuid(value)) problems.push({ field, code: "notText" });
    if (seen.has(value)) problems.push({ field, code: "repeated" });
    seen.add(value);
  };
  const checkMoment = (field: string, value: string) => {
    if (!MOMENT.test(value)) problems.push({ field, code: "notText" });
  };
  const name = (field: string, value: string) => note(checkText(field, value, "nameChars"));
  const count = (field: string, value: number, least = 0) => {
    if (!Number.isSafeInteger(value) || value < least) problems.push({ field, code: "notANumber" });
  };
  for (const [list, things] of [
    ["persons", book.persons],
    ["devices", book.devices],
  ] as const) {
    things.forEach((thing, i) => {
      id(`book.${list}.${i}.id`, thing.id);
      name(`book.${list}.${i}.name`, thing.name);
    });
  }
  const things = book.things ?? [];
  const ids = new Set<string>();
  things.forEach((thing, i) => {
    within(`book.things.${i}`, checkOwnThing(thing, things));
    if (ids.has(thing.id)) problems.push({ field: `book.things.${i}.id`, code: "repeated" });
    ids.add(thing.id);
  });
  const find = lookupOn({ own: ownMaterials(things), jars: [] });
  (book.jars ?? []).forEach((jar, i) => {
    const at = `book.jars.${i}`;
    id(`${at}.id`, jar.id);
    const material = find(jar.materialId);
    if (!material) problems.push({ field: `${at}.materialId`, code: "unknownMaterial" });
    note(checkNumber(`${at}.leftG`, jar.leftG, "jarLedgerG"));
    within(at, checkJar(jar, "9999-12-31"));
    if (jar.made) within(`${at}.made`, checkMade(jar.made));
    note(strangeIn(jar.made, `${at}.made`));
    jar.weighings.forEach((weighing, n) => {
      id(`${at}.weighings.${n}.id`, weighing.id);
      if (material) within(`${at}.weighings.${n}`, checkWeighing(weighing, material));
    });
    jar.tests?.forEach(({ id: testId, takenAt, test }, n) => {
      id(`${at}.tests.${n}.id`, testId);
      checkMoment(`${at}.tests.${n}.takenAt`, takenAt);
      if (material) note(...checkJarTest(test, material, `${at}.tests.${n}.test`));
    });
  });
  (book.makings ?? []).forEach((making, i) => {
    const at = `book.makings.${i}`;
    id(`${at}.id`, making.id);
    name(`${at}.name`, making.name);
    for (const moment of ["createdAt", "startsAt", "closedAt"] as const)
      if (making[moment] !== undefined) checkMoment(`${at}.${moment}`, making[moment]);
    // What a page is drawn from: a method that this house knows, and each thing with its figures.
    note(
      checkChoice(
        `${at}.question.method`,
        making.question.method,
        METHODS.map(({ id: method }) => method),
      ),
    );
    if (making.figures.length !== making.question.things.length)
      problems.push({ field: `${at}.figures`, code: "wrongShape" });
    note(strangeIn(making.question, `${at}.question`), strangeIn(making.figures, `${at}.figures`));
    note(strangeIn(making.made, `${at}.made`));
    making.events.forEach((event, n) => {
      id(`${at}.events.${n}.id`, event.id);
      checkMoment(`${at}.events.${n}.deviceClock`, event.deviceClock);
      checkMoment(`${at}.events.${n}.happenedAt`, event.happenedAt);
      note(...checkMakingPayload(event.payload, `${at}.events.${n}.payload`));
    });
  });
  book.heads.forEach((head, i) => {
    const at = `book.heads.${i}`;
    id(`${at}.id`, head.id);
    name(`${at}.name`, head.name);
    checkMoment(`${at}.createdAt`, head.createdAt);
    problems.push(...checkHead(head.hair, `${at}.hair`));
  });
  book.blends.forEach((blend, i) => {
    const at = `book.blends.${i}`;
    id(`${at}.id`, blend.id);
    name(`${at}.name`, blend.name);
    checkMoment(`${at}.createdAt`, blend.createdAt);
    if (blend.versions.length === 0) problems.push({ field: `${at}.versions`, code: "required" });
    blend.versions.forEach((version, n) => {
      id(`${at}.versions.${n}.id`, version.id);
      checkMoment(`${at}.versions.${n}.createdAt`, version.createdAt);
      problems.push(...checkBlend(version.blend, `${at}.versions.${n}.blend`, find));
    });
  });
  book.batches.forEach((batch, i) => {
    const at = `book.batches.${i}`;
    id(`${at}.id`, batch.id);
    name(`${at}.blendName`, batch.blendName);
    name(`${at}.headName`, batch.headName);
    checkMoment(`${at}.startsAt`, batch.startsAt);
    checkMoment(`${at}.createdAt`, batch.createdAt);
    within(`${at}.question`, checkQuestion(batch.question));
    note(
      strangeIn(batch.question, `${at}.question`),
      strangeIn(batch.answer, `${at}.answer`),
      strangeIn(batch.figures, `${at}.figures`),
    );
    if (!Number.isInteger(batch.answer.model) || batch.answer.model < 1 || batch.answer.model > MOST_MODEL)
      problems.push({ field: `${at}.answer.model`, code: "notANumber" });
    if (batch.answer.lines.length !== batch.question.lines.length)
      problems.push({ field: `${at}.answer.lines`, code: "tooMany", detail: { max: batch.question.lines.length } });
    batch.events.forEach((event, n) => {
      const on = `${at}.events.${n}`;
      id(`${on}.id`, event.id);
      checkMoment(`${on}.deviceClock`, event.deviceClock);
      checkMoment(`${on}.happenedAt`, event.happenedAt);
      count(`${on}.deviceSeq`, event.deviceSeq);
      count(`${on}.revSeen`, event.revSeen, LEAST_SEEN);
      problems.push(...checkPayload(event.payload, `${on}.payload`, find));
      if (!isUuid(event.deviceId)) problems.push({ field: `${on}.deviceId`, code: "notText" });
    });
  });
  return problems;
}
