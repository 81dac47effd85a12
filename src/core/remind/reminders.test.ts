import type { Going } from "../batch";
import { dueNow, NEWS_MS, remindersOf } from ".";

const HOUR = 3_600_000;
const going = (window: Going["window"], stage: Going["stage"] = "resting"): Going => ({
  batchId: "b",
  blendName: "Rust",
  headName: "Ada",
  stage,
  startsMs: 0,
  colour: [0.5, 0.1, 40],
  ...(window ? { window } : {}),
});
const dye = { kind: "dye" as const, mixedMs: 0, readyMs: 6 * HOUR, useByMs: 20 * HOUR };

test("a dye says that it is ready, and an hour before its end; a herb paste only that it is soaked", () => {
  expect(remindersOf([going(dye)]).map(({ kind, atMs }) => [kind, atMs / HOUR])).toEqual([
    ["ready", 6],
    ["lastHour", 19],
  ]);
  expect(remindersOf([going({ kind: "soak", mixedMs: 0, readyMs: HOUR })]).length).toBe(1);
  expect(remindersOf([going(dye, "onHead"), going(undefined)])).toEqual([]);
});

test("it is news for a while, once, and not before its time; a bowl that is moved says it anew", () => {
  const at = (ms: number, seen: string[] = []) => dueNow([going(dye)], ms, seen).map(({ kind }) => kind);
  expect(at(6 * HOUR - 1)).toEqual([]);
  expect(at(6 * HOUR)).toEqual(["ready"]);
  expect(at(6 * HOUR + NEWS_MS)).toEqual([]);
  const [{ id }] = remindersOf([going(dye)]);
  expect(at(6 * HOUR, [id])).toEqual([]);
  const later = remindersOf([going({ ...dye, readyMs: 9 * HOUR })])[0];
  expect(later.id).not.toBe(id);
});
