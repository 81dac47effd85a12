import type { Problem } from "@/core/problem";
import type { UndoneInput } from "@/inputs/importInput";
import { database } from "@/store/connection";
import { noteDevice } from "@/store/devices";
import * as store from "@/store/imports";
import { insertOwnThing } from "@/store/ownThings";
import { insertPerson } from "@/store/persons";
import { sumJarsOf } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { problemWords } from "@/words/problems";
import { v7 as uuid } from "uuid";
import { notFound, taken, unusable } from "../refusal";
import { asWrite, type Asked } from "../route";
import { removeBowl } from "../settle";
import {
  devicesOf,
  importBatches,
  importBlends,
  importHeads,
  importJar,
  importMaking,
  ownIds,
  weighImported,
} from "./bring";
import type { Book, BookBatch, BookJar } from "./format";
import type { ImportAnswer, ImportCounts, ImportPlan } from "./plan";
import type { BookFile } from "./read";

const SHOWN = 8;

/** A kind of thing that a book holds: where it stands there, what it is called, and under which word it is counted. */
const KINDS = [
  { kind: "person", field: "persons", counted: undefined, nameOf: (one: Book["persons"][number]) => one.name },
  {
    kind: "own_thing",
    field: "things",
    counted: "things",
    nameOf: (one: NonNullable<Book["things"]>[number]) => one.name,
  },
  { kind: "jar", field: "jars", counted: "jars", nameOf: (one: BookJar) => one.name },
  { kind: "head", field: "heads", counted: "heads", nameOf: (one: Book["heads"][number]) => one.name },
  { kind: "blend", field: "blends", counted: "blends", nameOf: (one: Book["blends"][number]) => one.name },
  {
    kind: "batch",
    field: "batches",
    counted: "batches",
    nameOf: (one: BookBatch) => `${one.blendName} for ${one.headName}`,
  },
  {
    kind: "making",
    field: "makings",
    counted: "makings",
    nameOf: (one: NonNullable<Book["makings"]>[number]) => one.name,
  },
] as const satisfies readonly {
  readonly kind: store.ImportedKind;
  readonly field: keyof Book;
  readonly counted: keyof ImportCounts | undefined;
  readonly nameOf: (one: never) => string;
}[];

const NOTHING: ImportCounts = { heads: 0, blends: 0, batches: 0, jars: 0, things: 0, makings: 0 };
type Fresh = { readonly [K in (typeof KINDS)[number]["field"]]: NonNullable<Book[K]> };

interface Sorted {
  /** What is new here. */
  readonly fresh: Fresh;
  /** Rows that come back, by kind. */
  readonly back: Readonly<Record<store.ImportedKind, readonly string[]>>;
  readonly putsBack: readonly string[];
  readonly staysOut: ImportPlan["staysOut"];
  readonly counts: { readonly adds: ImportCounts; readonly here: ImportCounts; readonly back: ImportCounts };
  readonly problems: readonly Problem[];
}

/** What of a book is new, what is here, and what comes back; the same for the preview and the import itself. */
async function sorted(book: Book, householdId: string, knex = database()): Promise<Sorted> {
  const problems: Problem[] = [];
  const fresh: Record<string, unknown[]> = {};
  const back = Object.fromEntries(KINDS.map(({ kind }) => [kind, []])) as unknown as Record<
    store.ImportedKind,
    string[]
  >;
  const putsBack: string[] = [];
  const staysOut: ImportPlan["staysOut"][number][] = [];
  const none = (): Record<keyof ImportCounts, number> => ({ ...NOTHING });
  const counts = { adds: none(), here: none(), back: none() };
  for (const { kind, field, counted, nameOf } of KINDS) {
    const things: readonly { readonly id: string }[] = book[field] ?? [];
    const known: ReadonlyMap<string, store.KnownId & { readonly rowId?: string }> =
      kind === "own_thing"
        ? await store.knownThings(householdId, knex)
        : await store.knownIds(
            kind,
            things.map(({ id }) => id),
            knex,
          );
    fresh[field] = things.filter(({ id }, i) => {
      const found = known.get(id);
      if (found && found.householdId !== householdId) problems.push({ field: `book.${field}.${i}.id`, code: "taken" });
      else if (found?.out) back[kind].push(found.rowId ?? id);
      const name = (nameOf as (one: object) => string)(things[i]);
      if (found?.out && counted) putsBack.push(name);
      if (found?.erased && (kind === "person" || kind === "head")) staysOut.push({ kind, name, why: "erased" });
      if (counted) counts[found ? (found.out ? "back" : "here") : "adds"][counted] += 1;
      return !found;
    });
  }
  const { batches, blends, jars, makings } = fresh as unknown as Fresh;
  // What hangs on new things has to be new as well.
  const hanging = [
    ["blend_version", "book.blends", blends.flatMap((blend) => blend.versions.map(({ id }) => id))],
    ["batch_event", "book.batches", batches.flatMap((batch) => batch.events.map(({ id }) => id))],
    ["jar_weighing", "book.jars", jars.flatMap((jar) => jar.weighings.map(({ id }) => id))],
    ["reading", "book.jars", jars.flatMap((jar) => (jar.tests ?? []).map(({ id }) => id))],
  ] as const;
  for (const [kind, field, ids] of hanging)
    if ((await store.knownIds(kind, ids, knex)).size > 0) problems.push({ field, code: "taken" });
  if (
    [...(await store.knownIds("device", devicesOf([...batches, ...makings]), knex)).values()].some(
      (known) => known.householdId !== householdId,
    )
  )
    problems.push({ field: "book.devices", code: "taken" });
  return { fresh: fresh as unknown as Fresh, back, putsBack, staysOut, counts, problems };
}

const plan = (
  problems: readonly Problem[],
  { counts, fresh, putsBack = [], staysOut = [] }: Partial<Sorted> = {},
): ImportPlan => ({
  putsBack: putsBack.slice(0, SHOWN),
  staysOut: staysOut.slice(0, SHOWN),
  ...(counts ?? { adds: NOTHING, here: NOTHING, back: NOTHING }),
  names: Object.fromEntries(
    KINDS.flatMap(({ field, counted, nameOf }) =>
      counted ? [[counted, (fresh?.[field] ?? []).slice(0, SHOWN).map(nameOf as (one: object) => string)]] : [],
    ),
  ) as unknown as ImportPlan["names"],
  problems: problems.map((problem) => ({ ...problem, message: problemWords(problem) })),
});

/** What an import would do; does nothing. */
export async function previewImport({ input: { read }, household }: Asked<BookFile>): Promise<ImportPlan> {
  if ("problems" in read) return plan(read.problems);
  const found = await sorted(read.book, household.id);
  return plan(found.problems, found);
}

/** Imports a book in one transaction; sending it again is the same import, and what is here already stays as it is. */
export const importBook = (asked: Asked<BookFile>, bytes: number): Promise<ImportAnswer> =>
  asWrite(
    asked,
    async (write) => {
      const {
        input: { id, name, read },
        household,
      } = asked;
      const before = await store.findImport(write, id);
      if (before && before.householdId !== household.id) throw taken();
      if (before) return { id, rev: write.rev, ...(before.adds as Sorted["counts"]) };
      if ("problems" in read) throw unusable(read.problems);
      const { book } = read;
      const { fresh, back, counts, problems } = await sorted(book, household.id, write.trx);
      if (problems.length > 0) throw unusable(problems);
      await store.insertImport(write, { id, name: name?.trim() || "a file", adds: counts });
      for (const { kind } of KINDS) await store.putBack(write, kind, back[kind], id);
      await removeBowls(write, back.batch, false);
      for (const person of fresh.persons) await insertPerson(write, { ...person, importId: id });
      for (const thing of fresh.things) await insertOwnThing(write, uuid(), thing, new Date(), id);
      for (const jar of fresh.jars) await importJar(jar, write, id);
      await importHeads(fresh.heads, write, id);
      const heads = await ownIds(
        "head",
        [...fresh.batches, ...fresh.blends.flatMap(({ versions }) => versions)].map(({ headId }) => headId),
        write,
      );
      await importBlends(fresh.blends, heads, write, id);
      const names = new Map(book.devices.map((device) => [device.id, device.name]));
      for (const deviceId of devicesOf([...fresh.batches, ...fresh.makings]))
        await noteDevice(write, deviceId, names.get(deviceId) ?? "a device");
      await importBatches(fresh.batches, heads, write, id);
      for (const making of fresh.makings) await importMaking(making, write, id);
      for (const jar of fresh.jars) await weighImported(jar, write);
      return { id, rev: write.rev, ...counts };
    },
    bytes,
  );

/** Takes bowls out of the book, or puts them back, and their draws with them. */
async function removeBowls(write: Write, ids: readonly string[], removed: boolean): Promise<void> {
  for (const id of ids) await removeBowl(write, id, removed);
  await sumJarsOf(write, ids);
}

export async function undoImport({ params }: Asked<UndoneInput>, write: Write) {
  const found = await store.findImport(write, params.id);
  if (!found || found.householdId !== write.householdId) throw notFound();
  if (!found.undone) await removeBowls(write, await store.undoImport(write, params.id), true);
  return { id: params.id, rev: write.rev };
}
