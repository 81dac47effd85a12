import { listBlendNames, listVersions, type PastVersion } from "@/store/blends";
import { batchesAfter, eventsOf, findBatchWhole, type ExportedBatch } from "@/store/batches";
import { deviceNames } from "@/store/devices";
import { headsForExport } from "@/store/heads";
import type { Household, Settings } from "@/store/household";
import { personsForExport } from "@/store/persons";
import { listJars } from "@/store/jars";
import { listReadings } from "@/store/readings";
import { listOwnThings } from "@/store/ownThings";
import { notFound } from "../refusal";
import type { Book, BookBatch, BookBlend } from "./format";

const FORMAT = { format: "infusing-book", version: 2 } as const;
const PAGE = 40;
const iso = (ms: number): string => new Date(ms).toISOString();

function blendOf(versions: readonly PastVersion[]): BookBlend {
  const oldestFirst = [...versions].reverse();
  return {
    id: versions[0].id, name: versions[0].name, createdAt: iso(oldestFirst[0].savedMs),
    versions: oldestFirst.map(({ versionId, savedMs, headId, blend }) => ({ id: versionId, createdAt: iso(savedMs), headId, blend })),
  };
}

type Events = Awaited<ReturnType<typeof eventsOf>>;
const batchOf = (batch: ExportedBatch, events: Events): BookBatch => ({
  id: batch.id, versionId: batch.versionId, blendId: batch.blendId, headId: batch.headId, blendName: batch.blendName, headName: batch.headName, startsAt: iso(batch.startsAtMs), createdAt: iso(batch.createdMs),
  question: batch.question, answer: batch.answer, figures: batch.figures,
  events: (events.get(batch.id) ?? []).map(({ id, payload, deviceId, deviceSeq, revSeen, deviceClockMs, atMs }) => ({ id, payload, deviceId, deviceSeq, revSeen, deviceClock: iso(deviceClockMs), happenedAt: iso(atMs) })),
});

/** A part of the book. A blend goes without the heads it was written for: those are somebody's own. */
const part = (things: Partial<Pick<Book, "persons" | "devices" | "heads" | "blends" | "batches">>): Book =>
  ({ ...FORMAT, exportedAt: new Date().toISOString(), persons: [], devices: [], heads: [], blends: [], batches: [], ...things });

export async function headBook(householdId: string, id: string): Promise<Book> {
  const heads = (await headsForExport(householdId)).filter((head) => head.id === id);
  if (heads.length === 0) throw notFound();
  return part({ heads, persons: (await personsForExport(householdId)).filter((person) => heads.some((head) => head.personId === person.id)) });
}

export async function blendBook(householdId: string, id: string): Promise<Book> {
  const versions = await listVersions(householdId, id);
  if (versions.length === 0) throw notFound();
  return part({ blends: [blendOf(versions)] });
}

export async function batchBook(householdId: string, id: string): Promise<Book> {
  const batch = await findBatchWhole(householdId, id);
  if (!batch) throw notFound();
  const events = await eventsOf(householdId, [id]);
  const ids = new Set((events.get(id) ?? []).map((event) => event.deviceId));
  return part({ batches: [batchOf(batch, events)], devices: (await deviceNames(householdId)).filter((device) => ids.has(device.id)) });
}

/** The shelf as a book file keeps it: what things of the house's own are, and every jar as it stands. */
async function shelfBook(householdId: string): Promise<Pick<Book, "things" | "jars">> {
  const [things, jars, readings] = await Promise.all([listOwnThings(householdId), listJars(householdId), listReadings(householdId)]);
  const testsOf = (jarId: string) => readings.flatMap(({ id, takenMs, withdrawn, powder }) => (powder?.jarId === jarId && !withdrawn ? [{ id, takenAt: new Date(takenMs).toISOString(), test: powder.test }] : []));
  return { things: things.map(({ rowId: _, removed: __, ...thing }) => thing), jars: jars.map(({ rev: _, editedRev: __, ...jar }) => { const tests = testsOf(jar.id); return { ...jar, ...(tests.length > 0 ? { tests } : {}) }; }) };
}

/** Everything, written out page by page as it is read, so that a long book needs no more room than a short one. */
export function wholeBook({ id, name }: Household, { spoons, kitchenTempC, timeZone }: Settings): ReadableStream<Uint8Array> {
  async function* pieces(): AsyncGenerator<string> {
    const head = { ...FORMAT, exportedAt: new Date().toISOString(), household: { name, settings: { spoons, kitchenTempC, timeZone } }, persons: await personsForExport(id), devices: await deviceNames(id), heads: await headsForExport(id), ...(await shelfBook(id)) };
    yield `${JSON.stringify(head).slice(0, -1)},"blends":[`;
    let between = "";
    for (const blend of await listBlendNames(id)) {
      yield between + JSON.stringify(blendOf(await listVersions(id, blend.id)));
      between = ",\n";
    }
    yield '],"batches":[';
    between = "";
    for (let after = ""; ;) {
      const batches = await batchesAfter(id, after, PAGE);
      const events = await eventsOf(id, batches.map((batch) => batch.id));
      for (const batch of batches) {
        yield between + JSON.stringify(batchOf(batch, events));
        between = ",\n";
      }
      if (batches.length < PAGE) break;
      after = batches.at(-1)!.id;
    }
    yield "]}\n";
  }
  const encoder = new TextEncoder();
  const from = pieces();
  return new ReadableStream({
    async pull(stream) {
      const { value, done } = await from.next();
      if (done) stream.close();
      else stream.enqueue(encoder.encode(value));
    },
    async cancel() { await from.return(undefined); },
  });
}
