import fc from "fast-check";
import { v7 as uuid } from "uuid";
import { makeTestHouse, revOf, testAnswer, TEST_QUESTION, type TestHouse } from "../../checks/testHouse";
import { foldBatch, MARKS, STAGES, type BatchPayload } from "@/core/batch";
import * as batches from "@/store/batches";
import { insertEvents, listEvents } from "@/store/events";
import { openBowl, removeBowl, settleLists } from "./settle";
import type { BatchRow } from "@/store/batches";
import { closeDatabase } from "@/store/connection";
import * as heads from "@/store/heads";
import { writeSettings } from "@/store/household";
import { listBatches, type LogFilter } from "@/store/log";
import { changesAfter } from "@/store/changes";
import { inTransaction } from "@/store/transaction";

let house: TestHouse;
let other: TestHouse;
beforeAll(async () => {
  house = await makeTestHouse();
  other = await makeTestHouse("Another house");
}, 60_000);
afterAll(closeDatabase);

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
            openBowl(write, {
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
              expect(await insertEvents(write, id, house, sent)).toBe(true);
              await settleLists(write, id, foldBatch(await listEvents(write.householdId, id, write.trx)));
            });
          }
          const kept = await listEvents(house.householdId, id);
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
      await openBowl(write, {
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
      expect(await insertEvents(write, house.batchId, house, [event])).toBe(true);
      expect(await insertEvents(write, second, house, [event])).toBe(false);
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
        const id = uuid();
        await openBowl(write, {
          id,
          versionId: null,
          blendId: i < 5 ? lone.blendId : null,
          headId: i % 2 ? lone.headId : null,
          blendName: i === 7 ? "50%_off" : `b${i}`,
          headName: "h",
          question: TEST_QUESTION,
          answer: testAnswer(),
          figures: [],
          startsAt: new Date(at.getTime() - Math.floor(i / 3) * 60_000),
        });
        await settleLists(write, id, state);
      }
    });
    const all = await listBatches(lone.householdId, { limit: 100 });
    expect(all.length).toBe(26);
    expect(all.filter(({ marks, again }) => marks.soft !== undefined && again !== undefined).length).toBeGreaterThan(
      20,
    );
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
    await inTransaction(lone.householdId, (write) => removeBowl(write, lone.batchId, true));
    expect(await found()).toEqual([]);
    expect(await listBatches(lone.householdId, { limit: 5 })).toEqual([]);
    expect(await batches.findBatch(lone.householdId, lone.batchId)).toBeUndefined();
    await inTransaction(lone.householdId, (write) => removeBowl(write, lone.batchId, false));
    expect((await found()).map((row) => row.id)).toEqual([lone.batchId]);
  });
});

test("the change feed tells what was written after a rev, in its order, and nothing of another house", async () => {
  const lone = await makeTestHouse("A house that is watched");
  const before = await revOf(lone);
  await inTransaction(lone.householdId, (write) => heads.setHeadRemoved(write, lone.headId, true));
  await inTransaction(lone.householdId, (write) => writeSettings(write, { kitchenTempC: 23 }));
  await inTransaction(lone.householdId, (write) => settleLists(write, lone.batchId, foldBatch([])));
  const changes = await changesAfter(lone.householdId, before, 10);
  expect(changes.map(({ kind, rev }) => [kind, rev - before])).toEqual([
    ["head", 1],
    ["setting", 2],
    ["batch", 3],
  ]);
  expect(await changesAfter(lone.householdId, before + 3, 10)).toEqual([]);
  expect((await changesAfter(other.householdId, 0, 100)).map((change) => change.id)).not.toContain(lone.headId);
});
