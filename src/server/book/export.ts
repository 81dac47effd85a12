import type { Happening } from "@/core/happening";
import { listBlendNames, listVersions, type PastVersion } from "@/store/blends";
import { batchesAfter, findBatchWhole, type ExportedBatch } from "@/store/batches";
import { eventsOf } from "@/store/events";
import { deviceNames } from "@/store/devices";
import { headsForExport } from "@/store/heads";
import type { Knex } from "knex";
import type { Household, Settings } from "@/store/household";
import { inSnapshot } from "@/store/snapshot";
import { streamOf } from "../formats/stream";
import { personsForExport } from "@/store/persons";
import { listJars } from "@/store/jars";
import { listMakings, type StoredMaking } from "@/store/makings";
import { listReadings } from "@/store/readings";
import { listOwnThings, type StoredThing } from "@/store/ownThings";
import type { OwnThing } from "@/core/shelf";
import { notFound } from "../refusal";
import type { Book, BookBatch, BookBlend, BookEvent, BookMaking } from "./format";

const FORMAT = { format: "infusing-book", version: 2 } as const;
const PAGE = 40;
const iso = (ms: number): string => new Date(ms).toISOString();

function blendOf(versions: readonly PastVersion[]): BookBlend {
  const oldestFirst = [...versions].reverse();
  return {
    id: versions[0].id,
    name: versions[0].name,
    createdAt: iso(oldestFirst[0].savedMs),
    versions: oldestFirst.map(({ versionId, savedMs, headId, blend }) => ({
      id: versionId,
      createdAt: iso(savedMs),
      headId,
      blend,
    })),
  };
}

const eventOf = <P>({
  id,
  payload,
  deviceId,
  deviceSeq,
  revSeen,
  deviceClockMs,
  atMs,
}: Happening<P> & { readonly deviceClockMs: number }): Omit<BookEvent, "payload"> & { readonly payload: P } => ({
  id,
  payload,
  deviceId,
  deviceSeq,
  revSeen,
  deviceClock: iso(deviceClockMs),
  happenedAt: iso(atMs),
});

const makingOf = ({
  id,
  name,
  createdMs,
  startsAtMs,
  closedMs,
  jarId,
  question,
  figures,
  made,
  events,
}: StoredMaking): BookMaking => ({
  id,
  name,
  createdAt: iso(createdMs),
  startsAt: iso(startsAtMs),
  ...(closedMs === undefined ? {} : { closedAt: iso(closedMs) }),
  ...(jarId ? { jarId } : {}),
  question,
  figures,
  made,
  events: events.map(eventOf),
});

type Events = Awaited<ReturnType<typeof eventsOf>>;
const batchOf = (batch: ExportedBatch, events: Events): BookBatch => ({
  id: batch.id,
  versionId: batch.versionId,
  blendId: batch.blendId,
  headId: batch.headId,
  blendName: batch.blendName,
  headName: batch.headName,
  startsAt: iso(batch.startsAtMs),
  createdAt: iso(batch.createdMs),
  question: batch.question,
  answer: batch.answer,
  figures: batch.figures,
  events: (events.get(batch.id) ?? []).map(eventOf),
});

/** A part of the book. A blend goes without the heads it was written for: those are somebody's own. */
const part = (
  things: Partial<Pick<Book, "persons" | "devices" | "heads" | "blends" | "batches" | "things">>,
): Book => ({
  ...FORMAT,
  exportedAt: new Date().toISOString(),
  persons: [],
  devices: [],
  heads: [],
  blends: [],
  batches: [],
  ...things,
});

export const headBook = (householdId: string, id: string): Promise<Book> =>
  inSnapshot(async (knex) => {
    const heads = (await headsForExport(householdId, knex)).filter((head) => head.id === id);
    if (heads.length === 0) throw notFound();
    return part({
      heads,
      persons: (await personsForExport(householdId, knex)).filter((person) =>
        heads.some((head) => head.personId === person.id),
      ),
    });
  });

export const blendBook = (householdId: string, id: string): Promise<Book> =>
  inSnapshot(async (knex) => {
    const versions = await listVersions(householdId, id, knex);
    if (versions.length === 0) throw notFound();
    const blend = blendOf(versions);
    return part({ blends: [blend], things: await thingsIn([blend], householdId, knex) });
  });

export const batchBook = (householdId: string, id: string): Promise<Book> =>
  inSnapshot(async (knex) => {
    const batch = await findBatchWhole(householdId, id, knex);
    if (!batch) throw notFound();
    const events = await eventsOf(householdId, [id], knex);
    const ids = new Set((events.get(id) ?? []).map((event) => event.deviceId));
    const whole = batchOf(batch, events);
    return part({
      batches: [whole],
      devices: (await deviceNames(householdId, knex)).filter((device) => ids.has(device.id)),
      things: await thingsIn([whole], householdId, knex),
    });
  });

const asThing = ({ rowId: _, removed: __, undone: ___, ...thing }: StoredThing): OwnThing => thing;

/**
 * Things of the house's own that a part of the book names, with all that they are made of; without them it could not be
 * read elsewhere.
 */
async function thingsIn(parts: readonly object[], householdId: string, knex: Knex): Promise<OwnThing[]> {
  const all = await listOwnThings(householdId, knex);
  let named = JSON.stringify(parts);
  const found = new Map<string, OwnThing>();
  for (let before = -1; found.size > before;) {
    before = found.size;
    for (const thing of all)
      if (!found.has(thing.id) && named.includes(JSON.stringify(thing.id))) {
        found.set(thing.id, asThing(thing));
        named += JSON.stringify(asThing(thing));
      }
  }
  return [...found.values()];
}

/** Adding and taking off leave dust behind the sixth place, which is no weight. */
const dustless = (grams: number): number => Math.round(grams * 1e6) / 1e6;

/** The shelf as a book file keeps it: what things of the house's own are, and every jar as it stands. */
async function shelfBook(householdId: string, knex: Knex): Promise<Pick<Book, "things" | "jars" | "makings">> {
  const [things, jars, readings, makings] = [
    await listOwnThings(householdId, knex),
    await listJars(householdId, knex),
    await listReadings(householdId, knex),
    await listMakings(householdId, knex),
  ];
  const testsOf = (jarId: string) =>
    readings.flatMap(({ id, takenMs, withdrawn, powder }) =>
      powder?.jarId === jarId && !withdrawn ? [{ id, takenAt: iso(takenMs), test: powder.test }] : [],
    );
  return {
    things: things.filter(({ undone }) => !undone).map(asThing),
    jars: jars.map(({ rev: _, editedRev: __, leftG, ...jar }) => {
      const tests = testsOf(jar.id);
      return { ...jar, leftG: dustless(leftG), ...(tests.length > 0 ? { tests } : {}) };
    }),
    ...(makings.length > 0 ? { makings: makings.map(makingOf) } : {}),
  };
}

/** Everything, as it is at one moment, written out page by page as it is read. */
export function wholeBook(
  { id, name }: Household,
  { spoons, kitchenTempC, timeZone }: Settings,
): ReadableStream<Uint8Array> {
  return streamOf(async function* (knex) {
    const head = {
      ...FORMAT,
      exportedAt: new Date().toISOString(),
      household: { name, settings: { spoons, kitchenTempC, timeZone } },
      persons: await personsForExport(id, knex),
      devices: await deviceNames(id, knex),
      heads: await headsForExport(id, knex),
      ...(await shelfBook(id, knex)),
    };
    yield `${JSON.stringify(head).slice(0, -1)},"blends":[`;
    let between = "";
    for (const blend of await listBlendNames(id, knex)) {
      yield between + JSON.stringify(blendOf(await listVersions(id, blend.id, knex)));
      between = ",\n";
    }
    yield '],"batches":[';
    between = "";
    for (let after = ""; ;) {
      const batches = await batchesAfter(id, after, PAGE, knex);
      const events = await eventsOf(
        id,
        batches.map((batch) => batch.id),
        knex,
      );
      for (const batch of batches) {
        yield between + JSON.stringify(batchOf(batch, events));
        between = ",\n";
      }
      if (batches.length < PAGE) break;
      after = batches.at(-1)!.id;
    }
    yield "]}\n";
  });
}
