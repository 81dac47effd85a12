import { foldBatch } from "@/core/batch";
import { computePaste, PASTE_MODEL, type PasteAnswer } from "@/core/paste";
import type { ImportInput, PreviewInput, UndoneInput } from "@/inputs/importInput";
import { insertBatch, insertEvents } from "@/store/batches";
import { insertBlend, insertVersion } from "@/store/blends";
import { database } from "@/store/connection";
import { noteDevice } from "@/store/devices";
import { insertHead } from "@/store/heads";
import * as store from "@/store/imports";
import { v7 as uuid } from "uuid";
import { jarReading } from "@/core/learn";
import { jarMaterial } from "@/core/shelf";
import { readSettings } from "@/store/household";
import { insertJar, insertWeighing, jarOwner, lookupOf } from "@/store/jars";
import { insertJarReading, settleReadings } from "@/store/readings";
import { insertOwnThing, listOwnThings } from "@/store/ownThings";
import { insertMoves } from "@/store/stock";
import { insertPerson } from "@/store/persons";
import type { Write } from "@/store/transaction";
import { problemWords } from "@/words/problems";
import { notFound, Refusal, taken, unusable } from "../refusal";
import type { Asked } from "../route";
import type { Book, BookBatch } from "./format";
import type { ImportCounts, ImportPlan } from "./plan";
import { readBook } from "./read";
import type { Problem } from "@/core/problem";

const SHOWN = 8;

interface Sorted {
  /** What is new here. */
  readonly fresh: Pick<Book, "heads" | "blends" | "batches">;
  readonly back: Readonly<Record<store.ImportedKind, readonly string[]>>;
  readonly here: ImportCounts;
  readonly problems: readonly Problem[];
}

/** What of a book is new, what is here, and what comes back; the same for the preview and the import itself. */
async function sorted(book: Book, householdId: string, knex = database()): Promise<Sorted> {
  const problems: Problem[] = [];
  const back: Record<store.ImportedKind, string[]> = { head: [], blend: [], batch: [] };
  const freshOf = async <T extends { readonly id: string }>(kind: store.ImportedKind, field: string, things: readonly T[]): Promise<T[]> => {
    const known = await store.knownIds(kind, things.map((thing) => thing.id), knex);
    return things.filter((thing, i) => {
      const found = known.get(thing.id);
      if (found && found.householdId !== householdId) problems.push({ field: `book.${field}.${i}.id`, code: "taken" });
      else if (found?.undone) back[kind].push(thing.id);
      return !found;
    });
  };
  const fresh = { heads: await freshOf("head", "heads", book.heads), blends: await freshOf("blend", "blends", book.blends), batches: await freshOf("batch", "batches", book.batches) };
  // What hangs on new things has to be new as well.
  const versions = await store.knownIds("blend_version", fresh.blends.flatMap((blend) => blend.versions.map((version) => version.id)), knex);
  const events = await store.knownIds("batch_event", fresh.batches.flatMap((batch) => batch.events.map((event) => event.id)), knex);
  const strange = async (kind: "person" | "device", ids: readonly string[]) => [...(await store.knownIds(kind, ids, knex)).values()].some((known) => known.householdId !== householdId);
  if (versions.size > 0) problems.push({ field: "book.blends", code: "taken" });
  if (events.size > 0) problems.push({ field: "book.batches", code: "taken" });
  if (await strange("person", book.persons.map(({ id }) => id))) problems.push({ field: "book.persons", code: "taken" });
  if (await strange("device", devicesOf(fresh.batches))) problems.push({ field: "book.devices", code: "taken" });
  const here = (kind: store.ImportedKind, all: number, added: number): number => all - added - back[kind].length;
  return { fresh, back, problems, here: { heads: here("head", book.heads.length, fresh.heads.length), blends: here("blend", book.blends.length, fresh.blends.length), batches: here("batch", book.batches.length, fresh.batches.length) } };
}

const devicesOf = (batches: readonly BookBatch[]): string[] => [...new Set(batches.flatMap((batch) => batch.events.map((event) => event.deviceId)))];
const counts = ({ heads, blends, batches }: Sorted["fresh"]): ImportCounts => ({ heads: heads.length, blends: blends.length, batches: batches.length });
const backCounts = ({ head, blend, batch }: Sorted["back"]): ImportCounts => ({ heads: head.length, blends: blend.length, batches: batch.length });
const said = (problems: readonly Problem[]): ImportPlan["problems"] => problems.map((problem) => ({ ...problem, message: problemWords(problem) }));

/** What importing would do; nothing is written. */
export async function previewImport({ input, household }: Asked<PreviewInput>): Promise<ImportPlan> {
  const none = { heads: 0, blends: 0, batches: 0 };
  const read = readBook(input.book);
  if ("problems" in read) return { adds: none, here: none, back: none, names: { heads: [], blends: [], batches: [] }, problems: said(read.problems) };
  const { fresh, back, here, problems } = await sorted(read.book, household.id);
  return {
    adds: counts(fresh), here, back: backCounts(back), problems: said(problems),
    names: { heads: fresh.heads.slice(0, SHOWN).map((head) => head.name), blends: fresh.blends.slice(0, SHOWN).map((blend) => blend.name), batches: fresh.batches.slice(0, SHOWN).map((batch) => `${batch.blendName} for ${batch.headName}`) },
  };
}

/** An answer of today's model is computed anew; one of another model is kept as it was, since it cannot be. */
function answerOf({ question, answer }: BookBatch): PasteAnswer {
  const result = answer.model === PASTE_MODEL ? computePaste(question) : undefined;
  return result?.ok ? result.value : answer;
}

/** Imports a book in one transaction; sending it again is the same import, and what is here already stays as it is. */
export async function importBook({ input, household }: Asked<ImportInput>, write: Write) {
  const before = await store.findImport(write, input.id);
  if (before && before.householdId !== household.id) throw taken();
  if (before) return { id: input.id, rev: write.rev, ...(before.adds as { adds: ImportCounts; here: ImportCounts; back: ImportCounts }) };
  const read = readBook(input.book);
  if ("problems" in read) throw unusable(read.problems);
  const { book } = read;
  const { fresh, back, here, problems } = await sorted(book, household.id, write.trx);
  if (problems.length > 0) throw unusable(problems);
  const done = { adds: counts(fresh), here, back: backCounts(back) };
  await store.insertImport(write, { id: input.id, name: input.name?.trim() || "a file", adds: done });
  for (const kind of ["head", "blend", "batch"] as const) await store.putBack(write, kind, back[kind], input.id);

  await importShelf(book, write, input.id);
  const persons = await store.knownIds("person", book.persons.map(({ id }) => id), write.trx);
  for (const person of book.persons) if (!persons.has(person.id) && fresh.heads.some((head) => head.personId === person.id)) await insertPerson(write, person);
  const names = new Map(book.devices.map((device) => [device.id, device.name]));
  for (const id of devicesOf(fresh.batches)) await noteDevice(write, id, names.get(id) ?? "a device");
  for (const head of fresh.heads) {
    const personId = head.personId !== null && book.persons.some(({ id }) => id === head.personId) ? head.personId : undefined;
    await insertHead(write, { id: head.id, name: head.name, hair: head.hair, personId, createdAt: new Date(head.createdAt), importId: input.id });
  }
  const heads = await ownIds("head", [...book.heads, ...book.batches.map(({ headId }) => ({ id: headId })), ...book.blends.flatMap((blend) => blend.versions.map(({ headId }) => ({ id: headId })))], write);
  const headIn = (id: string | null) => (id !== null && heads.has(id) ? id : null);
  for (const blend of fresh.blends) {
    await insertBlend(write, { id: blend.id, name: blend.name, createdAt: new Date(blend.createdAt), importId: input.id });
    for (const version of blend.versions) {
      await insertVersion(write, { blendId: blend.id, versionId: version.id, name: blend.name, headId: headIn(version.headId), blend: version.blend, deviceId: null, createdAt: new Date(version.createdAt) });
    }
  }
  const [blends, versions] = [await ownIds("blend", fresh.batches.map(({ blendId }) => ({ id: blendId })), write), await ownIds("blend_version", fresh.batches.map(({ versionId }) => ({ id: versionId })), write)];
  let latestSeen = 0;
  for (const batch of fresh.batches) {
    const events = batch.events.map((event) => ({ ...event, deviceClock: new Date(event.deviceClock), at: new Date(event.happenedAt) }));
    await insertBatch(write, {
      id: batch.id, versionId: batch.versionId !== null && versions.has(batch.versionId) ? batch.versionId : null, blendId: batch.blendId !== null && blends.has(batch.blendId) ? batch.blendId : null, headId: headIn(batch.headId),
      blendName: batch.blendName, headName: batch.headName, question: batch.question, answer: answerOf(batch), figures: batch.figures, startsAt: new Date(batch.startsAt), createdAt: new Date(batch.createdAt), importId: input.id,
    }, foldBatch(events.map((event) => ({ ...event, atMs: event.at.getTime() }))));
    for (const deviceId of devicesOf([batch])) {
      if (!(await insertEvents(write, batch.id, { deviceId }, events.filter((event) => event.deviceId === deviceId)))) throw new Refusal(409, "An event in the file belongs to another bowl here.");
    }
    await settleReadings(write, batch.id, events.map((event) => ({ ...event, atMs: event.at.getTime() })));
    latestSeen = events.reduce((most, event) => Math.max(most, event.revSeen), latestSeen);
  }
  await store.raiseRev(write, latestSeen + 1);
  return { id: input.id, rev: write.rev, ...done };
}

/** Things and jars that are new here; what is known by its id stays as it is. */
async function importShelf(book: Book, write: Write, importId: string): Promise<void> {
  const here = new Set((await listOwnThings(write.householdId, write.trx)).map(({ id }) => id));
  for (const thing of book.things ?? []) if (!here.has(thing.id)) await insertOwnThing(write, uuid(), thing);
  const find = await lookupOf(write.householdId, write.trx);
  const { spoons } = await readSettings(write.householdId);
  for (const { weighings, tests = [], leftG, ...jar } of book.jars ?? []) {
    if ((await jarOwner(write, jar.id)) !== undefined) continue;
    await insertJar(write, jar, new Date(), importId);
    await insertMoves(write, [{ jarId: jar.id, kind: "came", massG: jar.fullG }, { jarId: jar.id, kind: "weighed", massG: leftG - jar.fullG }]);
    for (const weighing of weighings) if (!(await insertWeighing(write, jar.id, weighing))) throw taken();
    const base = find(jar.materialId);
    for (const { id, takenAt, test } of base ? tests : []) {
      const judged = jarReading(test, jar.id, jarMaterial({ ...jar, leftG, weighings }, base!, spoons), base!, spoons);
      if (!(await insertJarReading(write, { id, jarId: jar.id, test, judged, takenAt: new Date(takenAt) }))) throw taken();
    }
  }
}

/** Of these, the ids that this household has. */
async function ownIds(kind: "head" | "blend" | "blend_version", things: readonly { readonly id: string | null }[], { trx, householdId }: Write): Promise<Set<string>> {
  const known = await store.knownIds(kind, [...new Set(things.flatMap(({ id }) => (id === null ? [] : [id])))], trx);
  return new Set([...known].filter(([, found]) => found.householdId === householdId).map(([id]) => id));
}

export async function undoImport({ params }: Asked<UndoneInput>, write: Write) {
  const found = await store.findImport(write, params.id);
  if (!found || found.householdId !== write.householdId) throw notFound();
  if (!found.undone) await store.undoImport(write, params.id);
  return { id: params.id, rev: write.rev };
}
