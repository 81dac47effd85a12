import { readdirSync } from "node:fs";
import { v7 as uuid } from "uuid";
import { makeTestHouse, revOf, testAnswer, TEST_BLEND, TEST_QUESTION, type TestHouse } from "../../checks/testHouse";
import { PLAIN_HEAD } from "@/core/head";
import * as batches from "./batches";
import { listEvents } from "./events";
import * as blends from "./blends";
import { closeDatabase, database } from "./connection";
import * as heads from "./heads";
import { noteDevice } from "./devices";
import { readSettings, writeSettings } from "./household";
import { listBatches } from "./log";
import { migrate } from "./migrations";
import { inTransaction, isUnreachable } from "./transaction";

let house: TestHouse;
let other: TestHouse;
beforeAll(async () => {
  house = await makeTestHouse();
  other = await makeTestHouse("Another house");
}, 60_000);
afterAll(closeDatabase);

describe("migrations", () => {
  test("running them again, and twice at once, changes nothing", async () => {
    await Promise.all([migrate(database()), migrate(database())]);
    expect((await database()("knex_migrations")).length).toBe(
      readdirSync("src/store/migrations").filter((name) => /^\d.*\.ts$/.test(name)).length,
    );
  });
  test("every table of rows names its household", async () => {
    const [rows] = await database().raw(
      "SELECT table_name AS t FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name NOT" +
        " LIKE 'knex%' AND table_name <> 'household'",
    );
    for (const { t } of rows) expect(await database().schema.hasColumn(t, "household_id")).toBe(true);
  });
});

describe("a write", () => {
  test("bumps the household's rev once, and not at all when it fails", async () => {
    const before = await revOf(house);
    await inTransaction(house.householdId, async ({ rev }) => {
      expect(rev).toBe(before + 1);
    });
    await expect(
      inTransaction(house.householdId, async (write) => {
        await writeSettings(write, { kitchenTempC: 44 });
        throw new Error("half-way");
      }),
    ).rejects.toThrow("half-way");
    expect(await revOf(house)).toBe(before + 1);
    expect((await readSettings(house.householdId)).kitchenTempC).not.toBe(44);
  });
  test("forty at once each get a rev of their own", async () => {
    const before = await revOf(house);
    const revs = await Promise.all(
      Array.from({ length: 40 }, () => inTransaction(house.householdId, async ({ rev }) => rev)),
    );
    expect([...revs].sort((a, b) => a - b)).toEqual(Array.from({ length: 40 }, (_, i) => before + 1 + i));
  });
  test("is tried again after a deadlock, and rolls back what it had done", async () => {
    let tries = 0;
    const id = uuid();
    await inTransaction(house.householdId, async (write) => {
      await heads.insertHead(write, { id, name: "Deadlocked", hair: PLAIN_HEAD });
      if (++tries < 3) throw Object.assign(new Error("deadlock"), { code: "ER_LOCK_DEADLOCK" });
    });
    expect(tries).toBe(3);
    expect((await heads.findHead(house.householdId, id))?.name).toBe("Deadlocked");
  });
  test("a real deadlock between two writers ends with both written", async () => {
    const [a, b] = [uuid(), uuid()];
    await inTransaction(house.householdId, async (write) => {
      for (const id of [a, b]) await heads.insertHead(write, { id, name: "0", hair: PLAIN_HEAD });
    });
    let waiting = 0;
    const meet = async () => {
      waiting++;
      for (let i = 0; waiting < 2 && i < 100; i++) await new Promise((go) => setTimeout(go, 10));
    };
    const rename = (householdId: string, first: string, second: string, name: string) =>
      inTransaction(householdId, async ({ trx }) => {
        await trx("head").where({ id: first }).update({ name });
        await meet();
        await trx("head").where({ id: second }).update({ name });
      });
    await Promise.all([rename(house.householdId, a, b, "one"), rename(other.householdId, b, a, "two")]);
    const names = (await database()("head").whereIn("id", [a, b]).select("name")).map((row) => row.name);
    expect(names[0]).toBe(names[1]);
  });
  test("a database that is not there is told from a bug", async () => {
    expect(isUnreachable(Object.assign(new Error("x"), { code: "ECONNREFUSED" }))).toBe(true);
    expect(isUnreachable(new TypeError("x is not a function"))).toBe(false);
    expect(isUnreachable(Object.assign(new Error("x"), { code: "ER_DUP_ENTRY" }))).toBe(false);
  });
});

describe("what is kept comes back as it was", () => {
  const NAMES = [
    "Ünal’s “mask” 🌿",
    "<script>alert(1)</script>",
    "'; DROP TABLE head; --",
    "مِهندي \\ 100 %_",
    "a".repeat(120),
  ];
  test.each(NAMES)("a head named %s", async (name) => {
    const id = uuid();
    const hair = { ...PLAIN_HEAD, longest: { cm: 33.3 }, allergies: ["egg"] };
    await inTransaction(house.householdId, (write) => heads.insertHead(write, { id, name, hair }));
    expect(await heads.findHead(house.householdId, id)).toMatchObject({ name, hair });
  });
  test("a blend, with every choice it can hold", async () => {
    const [id, versionId] = [uuid(), uuid()];
    const blend = {
      ...TEST_BLEND,
      purpose: "rootsOnly" as const,
      roots: { months: 2.5, share: 0.35 },
      target: { yieldPa: 77.5 },
      restMin: 90,
      sizing: "generous" as const,
      liquid: { materialId: "black-tea", tempC: 71.5, amountMl: 333 },
      lines: [
        ...TEST_BLEND.lines,
        { materialId: "egg", role: "fixed" as const, amount: 1.5, unit: "piece" as const, fill: "level" as const },
      ],
    };
    await inTransaction(house.householdId, async (write) => {
      await blends.insertBlend(write, { id, name: "All of it" });
      await blends.insertVersion(write, {
        blendId: id,
        versionId,
        name: "All of it",
        headId: null,
        blend,
        deviceId: null,
      });
    });
    expect((await blends.findBlend(house.householdId, id))?.blend).toEqual(blend);
  });
  test("versions are added, never written over", async () => {
    const second = uuid();
    const changed = { ...TEST_BLEND, kitchenTempC: 30 };
    await inTransaction(house.householdId, (write) =>
      blends.insertVersion(write, {
        blendId: house.blendId,
        versionId: second,
        name: "Blend 2",
        headId: house.headId,
        blend: changed,
        deviceId: null,
      }),
    );
    expect(await blends.findBlend(house.householdId, house.blendId)).toMatchObject({
      name: "Blend 2",
      version: 2,
      versionId: second,
      blend: changed,
    });
    expect((await blends.findVersion(house.householdId, house.versionId))?.blend).toEqual(TEST_BLEND);
  });
  test("a batch keeps its question and answer exactly", async () => {
    const stored = await batches.findBatch(house.householdId, house.batchId);
    expect(stored?.question).toEqual(TEST_QUESTION);
    expect(stored?.answer).toEqual(JSON.parse(JSON.stringify(testAnswer())));
  });
  test("what was removed is gone from lists and comes back", async () => {
    const id = uuid();
    await inTransaction(house.householdId, (write) => heads.insertHead(write, { id, name: "Gone", hair: PLAIN_HEAD }));
    await inTransaction(house.householdId, (write) => heads.setHeadRemoved(write, id, true));
    expect(await heads.findHead(house.householdId, id)).toBeUndefined();
    await inTransaction(house.householdId, (write) => heads.setHeadRemoved(write, id, false));
    expect((await heads.findHead(house.householdId, id))?.name).toBe("Gone");
  });
});

describe("another household", () => {
  test("sees nothing by id", async () => {
    expect(await heads.findHead(other.householdId, house.headId)).toBeUndefined();
    expect(await blends.findBlend(other.householdId, house.blendId)).toBeUndefined();
    expect(await blends.findVersion(other.householdId, house.versionId)).toBeUndefined();
    expect(await batches.findBatch(other.householdId, house.batchId)).toBeUndefined();
    expect(await listEvents(other.householdId, house.batchId)).toEqual([]);
    expect((await listBatches(other.householdId, { limit: 50 })).map((b) => b.id)).toEqual([other.batchId]);
  });
  test("cannot write over, remove, or point at what is not its own", async () => {
    await inTransaction(other.householdId, async (write) => {
      expect(await heads.updateHead(write, { id: house.headId, name: "stolen", hair: PLAIN_HEAD, baseRev: 1 })).toBe(
        false,
      );
      expect(await heads.setHeadRemoved(write, house.headId, true)).toBe(false);
      expect(await blends.setBlendRemoved(write, house.blendId, true)).toBe(false);
      expect(await blends.blendHasRev(write, house.blendId, 1)).toBe(false);
      expect(await noteDevice(write, house.deviceId, "x")).toBeUndefined();
    });
    const crossing = inTransaction(other.householdId, (write) =>
      blends.insertVersion(write, {
        blendId: other.blendId,
        versionId: uuid(),
        name: "x",
        headId: house.headId,
        blend: TEST_BLEND,
        deviceId: null,
      }),
    );
    await expect(crossing).rejects.toMatchObject({ code: "ER_NO_REFERENCED_ROW_2" });
  });
});
