import { computePaste } from "@/core/paste";
import { goingOn, makingsGoing } from "@/server/going";
import { readLog } from "@/server/log";
import { blendsWithBowls } from "@/server/blendBowls";
import { foldBatch } from "@/core/batch";
import { listEvents } from "@/store/events";
import { closeDatabase, database } from "@/store/connection";
import { listHeads } from "@/store/heads";
import { listJars } from "@/store/jars";
import { listMakings } from "@/store/makings";
import { migrate } from "@/store/migrations";
import { BLENDS, HEADS } from "./household";
import { loadDemo } from "./load";

const NOW = new Date("2026-11-22T19:30:00Z");
let householdId: string;
beforeAll(async () => {
  await migrate(database());
  householdId = await loadDemo(NOW, "Europe/Berlin");
}, 60_000);
afterAll(closeDatabase);

test("four people with different hair, ten blends, a dozen bowls and one resting now", async () => {
  expect((await listHeads(householdId)).map((head) => head.name)).toEqual(["Mina", "Seun", "Bertil", "Liv"]);
  expect((await blendsWithBowls(householdId, "metric")).length).toBe(10);
  const { batches } = await readLog(householdId, new URLSearchParams(), "Europe/Berlin");
  expect(batches.filter((batch) => batch.closedMs !== undefined).length).toBe(12);
  const going = await goingOn({ id: householdId, rev: 0 }, NOW.getTime());
  expect(going.map(({ stage, blendName }) => [stage, blendName])).toEqual([["resting", "Ferry rust"]]);
  const window = going[0].window!;
  expect(window.mixedMs).toBeLessThan(NOW.getTime());
  expect(window.useByMs!).toBeGreaterThan(NOW.getTime());
});

test(
  "eight makings: seven put up as jars with their dates, and one " + "going on now, in the middle of a step",
  async () => {
    const makings = await listMakings(householdId);
    expect(makings.length).toBe(8);
    expect(new Set(makings.map(({ question }) => question.method)).size).toBeGreaterThanOrEqual(6);
    const jars = await listJars(householdId);
    for (const { jarId, closedMs } of makings.filter(({ jarId: id }) => id)) {
      expect(closedMs).toBeLessThan(NOW.getTime());
      const jar = jars.find(({ id }) => id === jarId)!;
      expect(jar.bestBefore! >= jar.boughtOn!).toBe(true);
      expect(jar.made?.figures.keeping).toBeDefined();
    }
    const [going, ...others] = await makingsGoing({ id: householdId, rev: 0 });
    expect(others).toEqual([]);
    expect(going.stepFromMs).toBeLessThan(NOW.getTime());
    expect(going.stepToMs).toBeGreaterThan(NOW.getTime());
  },
);

test.each(BLENDS.map((demo) => [demo.name, demo] as const))("%s can be made for its head", (_, { blend, for: who }) => {
  const result = computePaste({ ...blend, head: HEADS[who], spoons: "metric" });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  expect(result.value.liquid.state).toBe("solved");
  expect(result.value.cautions.some((caution) => caution.level === "stop")).toBe(false);
});

test("the past is in the past, and its columns are the fold of its events", async () => {
  const { batches } = await readLog(householdId, new URLSearchParams(), "Europe/Berlin");
  for (const batch of batches) {
    expect(batch.startsAtMs).toBeLessThan(NOW.getTime());
    const state = foldBatch(await listEvents(householdId, batch.id));
    expect(batch).toMatchObject({ pouredMl: state.pouredMl, marks: state.marks, closedMs: state.closedMs });
  }
});
