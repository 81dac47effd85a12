import { readdirSync } from "node:fs";
import fc from "fast-check";
import { v7 as uuid } from "uuid";
import { makeTestHouse, testAnswer, TEST_BLEND, TEST_QUESTION, type TestHouse } from "../../checks/testHouse";
import { foldBatch, MARKS, STAGES, type BatchPayload } from "@/core/batch";
import { PLAIN_HEAD } from "@/core/head";
import * as batches from "./batches";
import type { BatchRow } from "./batches";
import * as blends from "./blends";
import { closeDatabase, database } from "./connection";
import * as heads from "./heads";
import { noteDevice } from "./devices";
import { readSettings, writeSettings } from "./household";
import { listBatches, type LogFilter } from "./log";
import { changesAfter } from "./changes";
import { migrate } from "./migrations";
import { inTransaction, isUnreachable } from "./transaction";

let house: TestHouse;
let other: TestHouse;
beforeAll(async () => {
  house = await makeTestHouse();
  other = await makeTestHouse("Another house");
}, 60_000);
afterAll(closeDatabase);

const revOf = async (id: string) => Number((await database()("household").where({ id }).first("rev")).rev);

describe("migrations", () => {
  test("running them again, and twice at once, changes nothing", async () => {
    await Promise.all([migrate(database()), migrate(database())]);
    expect((await database()("knex_migrations")).length).toBe(
      readdirSync("src/store/migrations").filter((name) => /^\d.*\.ts$/.test(name)).length,
    );
  });
  test("every table of rows names its household", async () => {
    const [rows] = await database().raw(
      "SELECT table_name AS t FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name NOT LIKE 'knex%' AND table_name <> 'household'",
    );
    for (const { t } of rows) expect(await database().schema.hasColumn(t, "household_id")).toBe(true);
  });
});

describe("a write", () => {
  test("bumps the household's rev once, and not at all when it fails", async () => {
    const before = await revOf(house.householdId);
    await inTransaction(house.householdId, async ({ rev }) => {
      expect(rev).toBe(before + 1);
    });
    await expect(
      inTransaction(house.householdId, async (write) => {
        await writeSettings(write, { kitchenTempC: 44 });
        throw new Error("half-way");
      }),
    ).rejects.toThrow("half-way");
    expect(await revOf(house.householdId)).toBe(before + 1);
    expect((await readSettings(house.householdId)).kitchenTempC).not.toBe(44);
  });
  test("forty at once each get a rev of their own", async () => {
    const before = await revOf(house.householdId);
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
    expect(await batches.listEvents(other.householdId, house.batchId)).toEqual([]);
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

describe("events", () => {
  const anyPayload: fc.Arbitrary<BatchPayload> = fc.oneof(
    fc.record({ kind: fc.constant("poured" as const), ml: fc.integer({ min: 0, max: 500 }) }),
    fc.record({
      kind: fc.constant("marked" as const),
      mark: fc.constantFrom(...MARKS),
      value: fc.integer({ min: 1, max: 5 }),
    }),
    fc.record({ kind: fc.constant("reached" as const), stage: fc.constantFrom(...STAGES) }),
    fc.record({ kind: fc.constant("noted" as const), text: fc.constantFrom("<b>soft</b>", "sämig 🌿", "it's fine") }),
    fc.constant({ kind: "closed" } as const),
    fc.constant({ kind: "reopened" } as const),
  );
  test("the projection equals the fold, with repeats and withdrawals", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(anyPayload, fc.boolean()), { minLength: 1, maxLength: 12 }),
        async (happened) => {
          const id = uuid();
          await inTransaction(house.householdId, (write) =>
            batches.insertBatch(write, {
              id,
              versionId: null,
              blendId: null,
              headId: null,
              blendName: "p",
              headName: "h",
              question: TEST_QUESTION,
              answer: testAnswer(),
              figures: [],
              startsAt: new Date(),
            }),
          );
          const events = happened.map(([payload], i) => ({
            id: uuid(),
            payload,
            deviceSeq: i,
            revSeen: 1,
            deviceClock: new Date(),
            at: new Date(),
          }));
          const withdrawals = happened.flatMap(([, taken], i) =>
            taken
              ? [
                  {
                    id: uuid(),
                    payload: { kind: "withdrawn", eventId: events[i].id } as const,
                    deviceSeq: 100 + i,
                    revSeen: 1,
                    deviceClock: new Date(),
                    at: new Date(),
                  },
                ]
              : [],
          );
          for (const sent of [events, [...events, ...withdrawals], withdrawals]) {
            if (sent.length === 0) continue;
            await inTransaction(house.householdId, async (write) => {
              expect(await batches.insertEvents(write, id, house, sent)).toBe(true);
              await batches.project(write, id, foldBatch(await batches.listEvents(write.householdId, id, write.trx)));
            });
          }
          const kept = await batches.listEvents(house.householdId, id);
          expect(kept.length).toBe(events.length + withdrawals.length);
          const state = foldBatch(kept);
          const row = await batches.findBatch(house.householdId, id);
          expect(row).toMatchObject({
            pouredMl: state.pouredMl,
            marks: state.marks,
            closedMs: state.closedMs,
            mixedMs: state.reachedMs.mixed,
            note: state.notes.map((note) => note.text).join("\n"),
          });
        },
      ),
      { numRuns: 12 },
    );
  }, 60_000);
  test("an event of one bowl is not taken for another's", async () => {
    const event = {
      id: uuid(),
      payload: { kind: "closed" } as const,
      deviceSeq: 1,
      revSeen: 1,
      deviceClock: new Date(),
      at: new Date(),
    };
    const second = uuid();
    await inTransaction(house.householdId, async (write) => {
      await batches.insertBatch(write, {
        id: second,
        versionId: null,
        blendId: null,
        headId: null,
        blendName: "p",
        headName: "h",
        question: TEST_QUESTION,
        answer: testAnswer(),
        figures: [],
        startsAt: new Date(),
      });
      expect(await batches.insertEvents(write, house.batchId, house, [event])).toBe(true);
      expect(await batches.insertEvents(write, second, house, [event])).toBe(false);
    });
  });
});

describe("the log", () => {
  test("pages newest first without losing or doubling any, by any filter", async () => {
    const lone = await makeTestHouse("A busy house");
    const at = new Date("2026-03-01T10:00:00Z");
    await inTransaction(lone.householdId, async (write) => {
      for (let i = 0; i < 25; i++) {
        const again: BatchPayload = { kind: "again", again: i % 3 ? "yes" : "no" };
        const marked: BatchPayload = { kind: "marked", mark: "soft", value: (i % 5) + 1 };
        const state = foldBatch(
          [again, marked, { kind: "noted", text: i === 9 ? "Sämiger Ölfleck" : "" } as const].map((payload, n) => ({
            id: `${n}`,
            payload,
            deviceId: "d",
            deviceSeq: n,
            revSeen: 1,
            atMs: 1,
          })),
        );
        await batches.insertBatch(
          write,
          {
            id: uuid(),
            versionId: null,
            blendId: i < 5 ? lone.blendId : null,
            headId: i % 2 ? lone.headId : null,
            blendName: i === 7 ? "50%_off" : `b${i}`,
            headName: "h",
            question: TEST_QUESTION,
            answer: testAnswer(),
            figures: [],
            startsAt: new Date(at.getTime() - Math.floor(i / 3) * 60_000),
          },
          state,
        );
      }
    });
    const all = await listBatches(lone.householdId, { limit: 100 });
    expect(all.length).toBe(26);
    const every = async (filter: Omit<LogFilter, "limit" | "before">) => {
      const seen: string[] = [];
      for (let before: { startsAtMs: number; id: string } | undefined, page = 0; page < 20; page++) {
        const rows = await listBatches(lone.householdId, { ...filter, limit: 7, before });
        if (rows.length === 0) break;
        seen.push(...rows.map((row) => row.id));
        before = rows.at(-1);
      }
      return seen;
    };
    const wanted = (keep: (row: BatchRow) => boolean) => all.filter(keep).map((row) => row.id);
    const cases: readonly [Omit<LogFilter, "limit" | "before">, (row: BatchRow) => boolean][] = [
      [{}, () => true],
      [{ found: [{ by: "head", value: lone.headId }] }, (row) => row.headId === lone.headId],
      [{ found: [{ by: "blend", value: lone.blendId }] }, (row) => row.blendId === lone.blendId],
      [{ found: [{ by: "material", value: "honey" }] }, () => true],
      [{ found: [{ by: "material", value: "henna" }] }, () => false],
      [{ found: [{ by: "purpose", value: "mask" }] }, () => true],
      [{ found: [{ by: "again", value: "no" }] }, (row) => row.again === "no"],
      [{ found: [{ by: "mark", mark: "soft", end: "much" }] }, (row) => (row.marks.soft ?? 0) >= 4],
      [{ found: [{ by: "mark", mark: "soft", end: "little" }] }, (row) => (row.marks.soft ?? 9) <= 2],
      [
        {
          found: [
            { by: "again", value: "yes" },
            { by: "head", value: lone.headId },
            { by: "mark", mark: "soft", end: "much" },
          ],
        },
        (row) => row.again === "yes" && row.headId === lone.headId && (row.marks.soft ?? 0) >= 4,
      ],
      [
        { fromMs: at.getTime() - 3 * 60_000, toMs: at.getTime() },
        (row) => row.startsAtMs >= at.getTime() - 3 * 60_000 && row.startsAtMs < at.getTime(),
      ],
      [{ text: "50%_" }, (row) => row.blendName === "50%_off"],
      [{ text: "samig OLF" }, (row) => row.note.includes("Sämiger")],
      [{ text: "b1" }, (row) => /^b1/.test(row.blendName)],
      [
        { text: "b1 honey", found: [{ by: "again", value: "no" }] },
        (row) => /^b1/.test(row.blendName) && row.again === "no",
      ],
      [{ text: "nothing like it" }, () => false],
    ];
    for (const [filter, keep] of cases)
      expect([JSON.stringify(filter), await every(filter)]).toEqual([JSON.stringify(filter), wanted(keep)]);
  });
  test("what was taken out is found by nothing, and by everything once it is back", async () => {
    const lone = await makeTestHouse("A house that takes out");
    const found = () => listBatches(lone.householdId, { limit: 5, text: "honey" });
    await inTransaction(lone.householdId, (write) => batches.setBatchRemoved(write, lone.batchId, true));
    expect(await found()).toEqual([]);
    expect(await listBatches(lone.householdId, { limit: 5 })).toEqual([]);
    expect(await batches.findBatch(lone.householdId, lone.batchId)).toBeUndefined();
    await inTransaction(lone.householdId, (write) => batches.setBatchRemoved(write, lone.batchId, false));
    expect((await found()).map((row) => row.id)).toEqual([lone.batchId]);
  });
});

test("the change feed tells what was written after a rev, in its order, and nothing of another house", async () => {
  const lone = await makeTestHouse("A house that is watched");
  const before = await revOf(lone.householdId);
  await inTransaction(lone.householdId, (write) => heads.setHeadRemoved(write, lone.headId, true));
  await inTransaction(lone.householdId, (write) => writeSettings(write, { kitchenTempC: 23 }));
  await inTransaction(lone.householdId, (write) => batches.project(write, lone.batchId, foldBatch([])));
  const changes = await changesAfter(lone.householdId, before, 10);
  expect(changes.map(({ kind, rev }) => [kind, rev - before])).toEqual([
    ["head", 1],
    ["setting", 2],
    ["batch", 3],
  ]);
  expect(await changesAfter(lone.householdId, before + 3, 10)).toEqual([]);
  expect((await changesAfter(other.householdId, 0, 100)).map((change) => change.id)).not.toContain(lone.headId);
});
