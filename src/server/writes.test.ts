import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../checks/elsewhere";
import { askedIn, bringIn, bookOf, takeOut } from "../../checks/roundTrip";
import { makeTestHouse, type TestHouse } from "../../checks/testHouse";
import type { BatchPayload } from "@/core/batch";
import {
  BlendChangeInput,
  EventsInput,
  MeaningsInput,
  NewBatchInput,
  SettingsInput,
  type RemovedInput,
} from "@/inputs/bookInput";
import { PasswordInput } from "@/inputs/doorInput";
import { HeadChangeInput } from "@/inputs/headInput";
import { parseInput } from "@/inputs/parseInput";
import { JarChangeInput, LeftInput, NewJarInput, OwnThingInput } from "@/inputs/shelfInput";
import { closeDatabase, database } from "@/store/connection";
import { readSettings } from "@/store/household";
import { worksheet } from "@/core/batch";
import { listEvents } from "@/store/events";
import { findRemoved } from "@/store/removed";
import { removeBlend } from "./blends";
import { removeHead } from "./heads";
import { testAnswer } from "../../checks/testHouse";
import { listBatches } from "@/store/log";
import { insertOwnThing, listOwnThings } from "@/store/ownThings";
import { inTransaction, isTaken, type Write } from "@/store/transaction";
import { addEvents, createBatch } from "./batches";
import { removedLately } from "./removed";
import { changeHead } from "./heads";
import { erasePerson } from "./erase";
import { changeJar, createJar, createOwnThing, removeJar, weighLeft } from "./jars";
import { Refusal } from "./refusal";
import { failureOf, type Asked } from "./route";
import { changeSettings, remember } from "./settings";

afterAll(closeDatabase);
let house: TestHouse;
beforeEach(async () => {
  house = await makeTestHouse("A house that is written in");
});

/** As a route would: the status and what it says. */
async function sent<I extends object>(
  kind: new () => I,
  use: (asked: Asked<I>, write: Write) => Promise<unknown>,
  body: unknown,
  params: Record<string, string> = {},
): Promise<{ readonly status: number; readonly said: unknown }> {
  const parsed = parseInput(kind, JSON.parse(JSON.stringify(body)));
  if (!parsed.ok) return { status: 422, said: parsed.problems };
  const asked = await askedIn(house, parsed.value, params);
  try {
    return { status: 200, said: await inTransaction(house.householdId, (write) => use(asked, write)) };
  } catch (error) {
    const { status, title } = failureOf(error);
    return { status, said: title };
  }
}
let seq = 0;
const tap = (payload: BatchPayload) =>
  sent(
    EventsInput,
    addEvents,
    { events: [{ id: uuid(), payload, deviceSeq: seq++, revSeen: 9_000_000, deviceClock: new Date().toISOString() }] },
    { id: house.batchId },
  );
const newJar = async () => {
  const id = uuid();
  expect((await sent(NewJarInput, createJar, { id, materialId: "amla", name: "Amla", fullG: 100 })).status).toBe(200);
  return id;
};

test("notes are as long as their signs are many, however wide; the thirtieth is taken like the first", async () => {
  for (let i = 0; i < 30; i++)
    expect(await tap({ kind: "noted", text: "🌿".repeat(4000) })).toMatchObject({ status: 200 });
  expect((await tap({ kind: "noted", text: "🌿".repeat(4001) })).status).toBe(422);
  expect((await tap({ kind: "noted", text: "half \ud83c" })).status).toBe(422);
  const [row] = await listBatches(house.householdId, { limit: 1 });
  expect([...row.note].length).toBe(30 * 4000 + 29);
});

test("names that differ by an accent or a ß are two things; the same name is taken", async () => {
  for (const name of ["Café mix", "Cafe mix", "Straße", "Strasse", "STRASSE 2"])
    expect(await sent(OwnThingInput, createOwnThing, { id: uuid(), name, likeId: "amla" })).toMatchObject({
      status: 200,
    });
  for (const name of ["café MIX", "cafe\u0301 mix", "  Strasse  "])
    expect((await sent(OwnThingInput, createOwnThing, { id: uuid(), name, likeId: "amla" })).status).toBe(422);
  expect((await listOwnThings(house.householdId)).map(({ id }) => id)).toEqual([
    "own-café-mix",
    "own-cafe-mix",
    "own-straße",
    "own-strasse",
    "own-strasse-2",
  ]);
  const jar = await sent(NewJarInput, createJar, { id: uuid(), materialId: "own-cafe-mix", name: "x", fullG: 10 });
  expect(jar.status).toBe(200);
});

test.each([
  ["an event that is a list", EventsInput, { events: [[]] }],
  ["events in a list in a list", EventsInput, { events: [[[{}]]] }],
  ["an event that is null", EventsInput, { events: [null] }],
  ["no password", PasswordInput, { password: null }],
  ["no old password", PasswordInput, { current: null, password: "long enough" }],
  ["a password that is a list", PasswordInput, { password: ["long enough"] }],
  ["lines in a list", BlendChangeInput, { name: "x", versionId: uuid(), baseRev: 1, blend: { lines: [[]] } }],
])("%s is refused for its shape", (_, kind, body) => {
  expect(parseInput<object>(kind as new () => object, body).ok).toBe(false);
});

test("a change whose answer was lost can be sent again; somebody else's in between is still told", async () => {
  const { rev } = await database()("head").where({ id: house.headId }).first("rev");
  const change = {
    name: "Longer now",
    baseRev: Number(rev),
    hair: { longest: { cm: 61 }, amount: { strands: "thick" } },
  };
  const first = await sent(HeadChangeInput, changeHead, change, { id: house.headId });
  expect(first.status).toBe(200);
  expect(await sent(HeadChangeInput, changeHead, change, { id: house.headId })).toEqual(first);
  expect((await sent(HeadChangeInput, changeHead, { ...change, name: "Other" }, { id: house.headId })).status).toBe(
    412,
  );
  const jarId = await newJar();
  const { edited_rev } = await database()("jar").where({ id: jarId }).first("edited_rev");
  const edit = { materialId: "amla", name: "Amla, opened", fullG: 120, baseRev: Number(edited_rev), lot: "7" };
  const once = await sent(JarChangeInput, changeJar, edit, { id: jarId });
  expect(once.status).toBe(200);
  expect(await sent(JarChangeInput, changeJar, edit, { id: jarId })).toEqual(once);
  expect((await sent(JarChangeInput, changeJar, { ...edit, lot: undefined }, { id: jarId })).status).toBe(412);
  expect(Number((await database()("jar").where({ id: jarId }).first("left_g")).left_g)).toBe(120);
});

test("the same weighing on a second jar is refused and not swallowed", async () => {
  const [one, two, id] = [await newJar(), await newJar(), uuid()];
  expect((await sent(LeftInput, weighLeft, { id, leftG: 80 }, { id: one })).status).toBe(200);
  expect((await sent(LeftInput, weighLeft, { id, leftG: 80 }, { id: one })).status).toBe(200);
  expect((await sent(LeftInput, weighLeft, { id, leftG: 80 }, { id: two })).status).toBe(409);
});

test("a bowl that was taken out of the book is found by nothing, whatever is still tapped on it", async () => {
  await tap({ kind: "noted", text: "quince" });
  const out = fromElsewhere(await bookOf(house));
  const other = await makeTestHouse("A house that takes it back out");
  const { id } = await bringIn(other, out);
  await takeOut(other, id);
  house = { ...other, batchId: out.batches[0].id };
  expect((await tap({ kind: "noted", text: "quince again" })).status).toBe(200);
  expect(await listBatches(other.householdId, { limit: 5, text: "quince" })).toEqual([]);
  // Nor when a person is erased.
  const person = await database()("person").where({ household_id: other.householdId, import_id: null }).first("id");
  await inTransaction(other.householdId, async (write) =>
    erasePerson(await askedIn(other, { erased: true } as const, { id: person.id }), write),
  );
  expect((await listBatches(other.householdId, { limit: 50 })).map(({ id: batchId }) => batchId)).not.toContain(
    out.batches[0].id,
  );
  expect(await listBatches(other.householdId, { limit: 5, text: "quince" })).toEqual([]);
});

test("an error of the database says what kind it is, and nothing of what was written", async () => {
  await inTransaction(house.householdId, (write) =>
    insertOwnThing(write, uuid(), { id: "own-secret-name", name: "Secret name", kind: "like", likeId: "amla" }),
  );
  const error: unknown = await inTransaction(house.householdId, (write) =>
    insertOwnThing(write, uuid(), { id: "own-secret-name", name: "Secret name", kind: "like", likeId: "amla" }),
  ).catch((one: unknown) => one);
  expect(isTaken(error)).toBe(true);
  expect(failureOf(error)).toMatchObject({ status: 409 });
  const { message, stack } = error as Error;
  expect(JSON.stringify([message, stack, error, String(error)])).not.toMatch(/secret|insert/i);
  const said = jest.spyOn(console, "error").mockImplementation(() => undefined);
  failureOf(new TypeError("Mina's note: cannot read"));
  expect(said.mock.calls.join()).toContain("TypeError");
  expect(said.mock.calls.join()).not.toContain("Mina");
  said.mockRestore();
});

test("what no row can hold is refused and is no fault of the house", async () => {
  const error: unknown = await inTransaction(house.householdId, (write) =>
    insertOwnThing(write, uuid(), { id: `own-${"x".repeat(80)}`, name: "x", kind: "like", likeId: "amla" }),
  ).catch((one: unknown) => one);
  expect(failureOf(error)).toMatchObject({ status: 422 });
  const removed: RemovedInput = { removed: true };
  const asked = await askedIn(house, removed, { id: uuid() });
  await expect(inTransaction(house.householdId, (write) => removeJar(asked, write))).rejects.toBeInstanceOf(Refusal);
});

test("what words of a notebook meant is added, the newest kept, and means only things there are", async () => {
  const remembered = async (things: Record<string, string>, units: Record<string, string> = {}) =>
    sent(MeaningsInput, remember, {
      things: Object.entries(things).map(([said, materialId]) => ({ said, materialId })),
      units: Object.entries(units).map(([said, unit]) => ({ said, unit })),
    });
  expect((await remembered({ brahmi: "gotu-kola", oil: "sesame-oil" }, { "T methi": "tbsp" })).status).toBe(200);
  expect((await remembered({ brahmi: "brahmi" })).status).toBe(200);
  expect((await readSettings(house.householdId)).meanings).toEqual({
    things: { oil: "sesame-oil", brahmi: "brahmi" },
    units: { "T methi": "tbsp" },
  });
  expect(await remembered({ clay: "clay-of-the-moon" })).toMatchObject({ status: 422 });
  expect(await remembered({ clay: "kaolin" }, { "T clay": "acre" })).toMatchObject({
    status: 422,
    said: [{ field: "units.0.unit" }],
  });
  expect((await readSettings(house.householdId)).meanings.things).not.toHaveProperty("clay");
  for (let n = 0; n < 4; n++)
    await remembered(Object.fromEntries([...Array(150).keys()].map((i) => [`word ${n} ${i}`, "amla"])));
  const { things } = (await readSettings(house.householdId)).meanings;
  expect(Object.keys(things)).toHaveLength(500);
  expect(things).toHaveProperty("word 3 149");
  expect(things).not.toHaveProperty("brahmi");
});

describe("when it happened", () => {
  const MINUTE_MS = 60_000;
  const startsAt = async () =>
    (await database()("batch").where({ id: house.batchId }).first("starts_at")).starts_at.getTime() as number;
  const termsAt = async () => [
    ...new Set(
      (await database()("batch_term").where({ batch_id: house.batchId }).pluck("starts_at")).map((at: Date) =>
        at.getTime(),
      ),
    ),
  ];
  const mixedMin = worksheet(testAnswer()).mixedMin;
  const idOf = async (kind: string) =>
    (await listEvents(house.householdId, house.batchId)).find(({ payload }) => payload.kind === kind)!.id;

  test("a bowl stands where it was mixed, moves with that, and back to its plan when it is taken back", async () => {
    await tap({ kind: "noted", text: "a word to be found by" });
    const planned = await startsAt();
    await tap({ kind: "reached", stage: "mixed" });
    expect(Math.abs((await startsAt()) + mixedMin * MINUTE_MS - Date.now())).toBeLessThan(10_000);
    const yesterday = Date.now() - 26 * 60 * MINUTE_MS;
    expect(
      (await tap({ kind: "dated", eventId: await idOf("reached"), at: new Date(yesterday).toISOString() })).status,
    ).toBe(200);
    expect(await startsAt()).toBe(yesterday - mixedMin * MINUTE_MS);
    expect(await termsAt()).toEqual([await startsAt()]);
    expect(
      (await listBatches(house.householdId, { limit: 5, found: [{ by: "word", value: "found" }] }))[0].mixedMs,
    ).toBe(yesterday);
    await tap({ kind: "withdrawn", eventId: await idOf("reached") });
    expect(await startsAt()).toBe(planned);
    expect(await termsAt()).toEqual([planned]);
  });
  test("what has not come yet is refused, and nothing is kept of it", async () => {
    await tap({ kind: "poured", ml: 50 });
    const at = new Date(Date.now() + 3_600_000).toISOString();
    expect(await tap({ kind: "dated", eventId: await idOf("poured"), at })).toMatchObject({ status: 422 });
    expect((await listEvents(house.householdId, house.batchId)).length).toBe(1);
  });
  test("a bowl made on paper is entered as it was, once; what was poured draws its jar", async () => {
    const jarId = await newJar();
    const body = {
      id: uuid(),
      versionId: house.versionId,
      headId: house.headId,
      madeAt: "2026-03-01T18:30",
      pouredMl: 75,
    };
    for (let i = 0; i < 2; i++) expect((await sent(NewBatchInput, createBatch, body)).status).toBe(200);
    const events = await listEvents(house.householdId, body.id);
    expect(events.map(({ payload }) => payload.kind)).toEqual(["poured", "reached"]);
    const row = await database()("batch").where({ id: body.id }).first("mixed_at", "poured_ml", "starts_at");
    expect(row.mixed_at.toISOString()).toBe("2026-03-01T18:30:00.000Z");
    expect(row.poured_ml).toBe(75);
    expect(row.mixed_at.getTime() - row.starts_at.getTime()).toBe(mixedMin * MINUTE_MS);
    expect(
      Number(
        (await database()("stock_move").where({ jar_id: jarId, batch_id: body.id }).sum("mass_g as g").first())!.g,
      ),
    ).toBeLessThan(0);
    const tomorrow = new Date(Date.now() + 26 * 60 * MINUTE_MS).toISOString().slice(0, 16);
    expect(await sent(NewBatchInput, createBatch, { ...body, id: uuid(), madeAt: tomorrow })).toMatchObject({
      status: 422,
    });
    expect(await sent(NewBatchInput, createBatch, { ...body, id: uuid(), pouredMl: -1 })).toMatchObject({
      status: 422,
    });
  });
  test("marks of a dye are kept beside the first four, and found", async () => {
    await tap({ kind: "marked", mark: "grey", value: 5 });
    await tap({ kind: "marked", mark: "soft", value: 2 });
    const [row] = await listBatches(house.householdId, {
      limit: 5,
      found: [{ by: "mark", mark: "grey", end: "much" }],
    });
    expect(row.marks).toEqual({ grey: 5, soft: 2 });
  });
});

test("what was removed is listed, newest first, with its way back; older things are still found", async () => {
  const removed = { removed: true } as const;
  const jarId = await newJar();
  for (const [use, id] of [
    [removeBlend, house.blendId],
    [removeHead, house.headId],
    [removeJar, jarId],
  ] as const) {
    const asked = await askedIn(house, removed, { id });
    await inTransaction(house.householdId, (write) => use(asked, write));
    await new Promise((done) => setTimeout(done, 5));
  }
  expect((await removedLately(house.householdId)).removed.map(({ kind, id }) => [kind, id])).toEqual([
    ["jar", jarId],
    ["head", house.headId],
    ["blend", house.blendId],
  ]);
  await database()("blend")
    .where({ id: house.blendId })
    .update({ removed_at: new Date(Date.now() - 31 * 86_400_000) });
  expect((await removedLately(house.householdId)).removed.map(({ kind }) => kind)).toEqual(["jar", "head"]);
  expect(await findRemoved(house.householdId, "blend", house.blendId)).toMatchObject({ name: "Blend" });
  const back = await askedIn(house, { removed: false } as const, { id: jarId });
  await inTransaction(house.householdId, (write) => removeJar(back, write));
  expect(await findRemoved(house.householdId, "jar", jarId)).toBeUndefined();
});

test("the house has the name that it is given, and never none", async () => {
  expect((await sent(SettingsInput, changeSettings, { name: "The house on the quay" })).status).toBe(200);
  expect((await database()("household").where({ id: house.householdId }).first("name")).name).toBe(
    "The house on the quay",
  );
  expect((await sent(SettingsInput, changeSettings, { name: "  " })).status).toBe(422);
});
