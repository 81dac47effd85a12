import { v7 as uuid } from "uuid";
import type { BatchPayload } from "@/core/batch";
import { bookOf, bringIn, takeOut } from "../../checks/roundTrip";
import { event } from "../../checks/written";
import { happen, house, newJar, write } from "../../checks/newHouse";
import { TEST_BLEND } from "../../checks/testHouse";
import { database } from "@/store/connection";
import { inTransaction } from "@/store/transaction";
import { insertBlend, insertVersion } from "@/store/blends";
import { listEvents } from "@/store/events";
import { addEvents, createBatch } from "./batches";
import { planOfBatch, strandLooks } from "./colour";
import { goingOn } from "./going";
import { settleBowl } from "./settle";
import { shelfOf } from "./shelf";

const HOUR_MS = 3_600_000;
const knownOf = async (jar: string) => (await shelfOf(house.householdId)).dyes?.[jar];
const rows = () => database()("known_dye").where({ household_id: house.householdId });

/** A bowl of henna that is to dye, and whatever else is in it. */
async function newDye(lines: readonly string[] = ["henna"]): Promise<string> {
  const [blendId, versionId, id] = [uuid(), uuid(), uuid()];
  await inTransaction(house.householdId, async (w) => {
    await insertBlend(w, { id: blendId, name: `Dye ${blendId}` });
    await insertVersion(w, {
      blendId,
      versionId,
      name: `Dye ${blendId}`,
      headId: house.headId,
      deviceId: house.deviceId,
      blend: {
        ...TEST_BLEND,
        purpose: "dyePacked",
        target: { word: "thickPaste" },
        liquid: { materialId: "water", tempC: 21 },
        lines: lines.map((materialId) => ({ materialId, role: "part", amount: 100, unit: "g", fill: "level" })),
      },
    });
  });
  await write(createBatch, { id, versionId, headId: house.headId });
  return id;
}
/** Something that happened to a bowl so many hours ago. */
async function ago(batchId: string, hours: number, payload: BatchPayload): Promise<string> {
  const deviceClock = new Date(Date.now() - hours * HOUR_MS).toISOString();
  const one = { ...event(payload), deviceClock };
  await write(addEvents, { events: [one], sentAt: new Date().toISOString() }, { id: batchId });
  return one.id;
}
const restOf = async (id: string) =>
  JSON.parse((await database()("batch").where({ id }).first("answer")).answer).rest.dye.own;

test("a dab teaches the jar once, and taken back it never was", async () => {
  const jar = await newJar("henna", 900);
  const bowl = await newDye();
  await ago(bowl, 6, { kind: "reached", stage: "mixed" });
  const dab = await ago(bowl, 0.5, { kind: "dabbed", mark: "pale" });
  const known = (await knownOf(jar))!;
  expect(known.strength.value).toBeLessThan(0.95);
  expect(await rows()).toHaveLength(1);
  await happen(bowl, { kind: "withdrawn", eventId: dab });
  expect(await knownOf(jar)).toBeUndefined();
  expect(await rows()).toHaveLength(0);
});

test("the next bowl of that jar is asked with it and is surer; the old one stays as it was", async () => {
  await newJar("henna", 900);
  const first = await newDye();
  const before = await restOf(first);
  await ago(first, 9, { kind: "reached", stage: "mixed" });
  for (const hours of [8, 6.5, 5]) await ago(first, hours, { kind: "dabbed", mark: "pale" });
  const next = await restOf(await newDye());
  expect(next.clock.lots).toHaveLength(1);
  expect(next.bestH.high / next.bestH.low).toBeLessThan(before.bestH.high / before.bestH.low);
  expect(await restOf(first)).toEqual(before);
});

test("of two jars in one bowl nobody can tell them apart, and powder of no jar teaches nothing", async () => {
  const none = await newDye();
  await ago(none, 6, { kind: "reached", stage: "mixed" });
  await ago(none, 1, { kind: "dabbed", mark: "deep" });
  expect(await rows()).toHaveLength(0);
  await newJar("henna", 900);
  await newJar("katam", 900);
  const both = await newDye(["henna", "katam"]);
  await ago(both, 6, { kind: "reached", stage: "mixed" });
  await ago(both, 1, { kind: "dabbed", mark: "deep" });
  expect(await rows()).toHaveLength(0);
});

test("a dab moves the window that everybody sees; a bowl out of the book teaches nothing", async () => {
  const jar = await newJar("henna", 900);
  const bowl = await newDye();
  await ago(bowl, 3, { kind: "reached", stage: "mixed" });
  const bestMs = async () => {
    const { rev } = (await database()("household").where({ id: house.householdId }).first("rev")) as { rev: number };
    const all = await goingOn({ id: house.householdId, rev: Number(rev) }, Date.now());
    return all.find(({ batchId }) => batchId === bowl)!.window!.bestMs!;
  };
  const left = await bestMs();
  await ago(bowl, 1.5, { kind: "dabbed", mark: "deep" });
  expect(await bestMs()).toBeLessThan(left);
  expect(await knownOf(jar)).toBeDefined();
  await database()("batch").where({ id: bowl }).update({ removed_at: new Date() });
  expect(await knownOf(jar)).toBeUndefined();
});

test("settled anew from its events a bowl says the same, and a book file brings it along", async () => {
  const jar = await newJar("henna", 900);
  const bowl = await newDye();
  await ago(bowl, 6, { kind: "reached", stage: "mixed" });
  await ago(bowl, 1, { kind: "dabbed", mark: "clear" });
  const known = await knownOf(jar);
  await inTransaction(house.householdId, async (w) =>
    settleBowl(w, bowl, await listEvents(house.householdId, bowl, w.trx)),
  );
  expect(await knownOf(jar)).toEqual(known);
  expect(await rows()).toHaveLength(1);
  const book = await bookOf(house);
  const own = { household_id: house.householdId };
  await database()("blend").where(own).update({ current_version_id: null });
  for (const table of ["known_dye", "stock_move", "batch_term", "batch_event", "batch"])
    await database()(table).where(own).del();
  expect(await knownOf(jar)).toBeUndefined();
  const { id: importId } = await bringIn(house, book);
  expect((await knownOf(jar))!.strength.value).toBeCloseTo(known!.strength.value, 9);
  await takeOut(house, importId);
  expect(await knownOf(jar)).toBeUndefined();
});

test("strands are kept by their heads; a bowl's plan is what was in it and how long it was on", async () => {
  const bowl = await newDye(["henna", "indigo"]);
  await ago(bowl, 12, { kind: "reached", stage: "mixed" });
  await ago(bowl, 4, { kind: "reached", stage: "onHead" });
  await ago(bowl, 1, { kind: "reached", stage: "rinsed" });
  const test = await ago(bowl, 0.1, { kind: "strandTested", hoursOn: 3, looks: "deeper" });
  expect(await strandLooks(house.householdId)).toEqual({ [house.headId]: ["deeper"] });
  const { headId, plan } = (await planOfBatch(house.householdId, bowl))!;
  expect(headId).toBe(house.headId);
  expect(plan.parts.map(({ dye, parts }) => [dye, parts])).toEqual([
    ["henna", 1],
    ["indigo", 1],
  ]);
  expect(plan.how).toBe("together");
  expect(plan.hoursOn).toBeCloseTo(3, 1);
  await happen(bowl, { kind: "withdrawn", eventId: test });
  expect(await strandLooks(house.householdId)).toEqual({ [house.headId]: [] });
});
