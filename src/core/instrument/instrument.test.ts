import fc from "fast-check";
import { normals, seeded } from "../figure";
import { act, heed, INSTRUMENT_IDS, INSTRUMENTS, NOT_HEEDED, readShown, showing, simulated, SIMULATED } from ".";
import type { Heeding, InstrumentId, SimulatedInstrument } from ".";

describe("a message", () => {
  test("is read as the protocol has it", () => {
    expect(readShown("scale", '{"value":312.4,"unit":"g","stable":true}')).toEqual({ value: 312.4, stable: true });
    expect(readShown("probe", '{"value":41,"unit":"C","stable":false}')).toEqual({ value: 41, stable: false });
  });
  test.each([
    "",
    "null",
    "[1]",
    '{"value":"312","unit":"g","stable":true}',
    '{"value":312,"unit":"oz","stable":true}',
    '{"value":312,"unit":"g"}',
    '{"value":1e9,"unit":"g","stable":true}',
    '{"value":null,"unit":"g","stable":true}',
  ])("that is none is passed over: %s", (text) => {
    expect(readShown("scale", text)).toBeUndefined();
  });
  test("any text is a reading or is passed over", () => {
    fc.assert(
      fc.property(fc.constantFrom(...INSTRUMENT_IDS), fc.oneof(fc.string(), fc.json()), (id, text) => {
        const shown = readShown(id, text);
        if (shown) expect(Number.isFinite(shown.value)).toBe(true);
      }),
    );
  });
});

/** An instrument watched for so many seconds at 10 Hz, with what is done to it on the way; what was believed of it. */
function watched(id: InstrumentId, seconds: number, done: readonly [atS: number, control: string, amount?: number][]) {
  const normal = normals(seeded(7));
  let [one, heeding]: [SimulatedInstrument, Heeding] = [simulated(id, 0), NOT_HEEDED];
  const believed: number[] = [];
  for (let atMs = 0; atMs <= seconds * 1000; atMs += 100) {
    for (const [atS, control, amount] of done)
      if (atS * 1000 === atMs) {
        const after = act(id, one, control, amount, atMs);
        expect(after).toBeDefined();
        one = after!;
      }
    const shown = showing(id, one, atMs, normal());
    if (!shown) {
      heeding = NOT_HEEDED;
      continue;
    }
    const { now, steady } = heed(id, heeding, shown, atMs);
    heeding = now;
    if (steady !== undefined) believed.push(steady);
  }
  return believed;
}

describe("what stands still is believed once", () => {
  test("a bowl put on, a portion taken out, the bowl set back", () => {
    const believed = watched("scale", 30, [
      [5, "set", 800],
      [12, "remove", 95],
      [20, "add", 40],
    ]);
    expect(believed).toEqual([0, 800, 705, 745]);
  });
  test("set to zero with the bowl on it, it says what is put in", () => {
    const believed = watched("scale", 20, [
      [2, "set", 400],
      [6, "tare"],
      [10, "add", 120],
    ]);
    expect(believed).toEqual([0, 400, 0, 120]);
  });
  test("one that trembles or falls silent is not believed, and one that jumps only where it rests", () => {
    expect(watched("scale", 20, [[0, "noise", 5]])).toEqual([]);
    expect(watched("scale", 20, [[0, "unplug"]])).toEqual([]);
    const jumps = Array.from({ length: 12 }, (_, i) => [1 + i * 0.5, "set", i % 2 ? 700 : 300] as const);
    expect(
      watched("scale", 20, [[0, "noise", 0], ...jumps.map(([s, c, g]): [number, string, number] => [s, c, g])]),
    ).toEqual([700]);
  });
  test("one that drifts fast never rests; one that drifts slowly is never further off than it drifted", () => {
    expect(watched("scale", 20, [[0, "drift", 100]])).toEqual([]);
    const slow = watched("scale", 60, [
      [0, "drift", 3],
      [10, "set", 500],
    ]);
    for (const value of slow.filter((one) => one > 100)) expect(Math.abs(value - 500)).toBeLessThan(3.5);
  });
  test("a thermometer takes its time", () => {
    const believed = watched("probe", 40, [[2, "set", 60]]);
    expect(believed[0]).toBeCloseTo(22, 0);
    expect(Math.abs(believed.at(-1)! - 60)).toBeLessThan(1);
    expect(believed).toHaveLength(2);
  });
  test("ten readings a second for ten minutes are no more than what was put on and taken off", () => {
    const done = Array.from({ length: 20 }, (_, i): [number, string, number] => [20 + i * 28, "set", 100 + 35 * i]);
    expect(watched("scale", 600, done)).toHaveLength(21);
  });
});

test("whatever is done to it, a simulated one shows a number that the protocol takes, or nothing", () => {
  const any = fc.constantFrom(...INSTRUMENT_IDS).chain((id) =>
    fc.record({
      id: fc.constant(id),
      done: fc.array(
        fc.record({
          control: fc.constantFrom(...SIMULATED[id].controls.map((row) => row.id), "explode"),
          amount: fc.oneof(fc.double(), fc.integer({ min: -50, max: 300 }), fc.constant(undefined)),
          afterMs: fc.nat(20_000),
        }),
        { maxLength: 30 },
      ),
    }),
  );
  fc.assert(
    fc.property(any, fc.double({ min: -4, max: 4, noNaN: true }), ({ id, done }, normal) => {
      let [one, atMs] = [simulated(id, 0), 0];
      for (const { control, amount, afterMs } of done) {
        atMs += afterMs;
        one = act(id, one, control, amount, atMs) ?? one;
      }
      const shown = showing(id, one, atMs, normal);
      expect(shown === undefined).toBe(!one.plugged);
      if (!shown) return;
      expect(Number.isFinite(shown.value)).toBe(true);
      const { least, most, unit } = INSTRUMENTS[id];
      const within = shown.value >= least && shown.value <= most;
      expect(readShown(id, JSON.stringify({ ...shown, unit })) !== undefined).toBe(within);
    }),
  );
});
