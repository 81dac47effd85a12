import fc from "fast-check";
import { bowlEvent as event } from "../../../checks/bowlEvent";
import { checkPayload, foldBatch, packEvents, unpackEvents, type BatchEvent, type BatchPayload } from ".";

const anyPayload: fc.Arbitrary<BatchPayload> = fc.oneof(
  fc.record({ kind: fc.constant("poured" as const), ml: fc.nat(200) }),
  fc.record({
    kind: fc.constant("ticked" as const),
    step: fc.constantFrom("dry" as const, "rest" as const),
    done: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant("marked" as const),
    mark: fc.constantFrom("soft" as const, "grit" as const),
    value: fc.integer({ min: 1, max: 5 }),
  }),
  fc.record({
    kind: fc.constant("withdrawn" as const),
    eventId: fc.nat(20).map((n) => `e${String(n).padStart(4, "0")}`),
  }),
);
const anyEvents = fc
  .array(fc.tuple(anyPayload, fc.constantFrom("d1", "d2"), fc.nat(5)), { maxLength: 20 })
  .map((list) => list.map(([payload, deviceId, revSeen], i) => event(i, payload, { deviceId, revSeen })));

describe("the fold", () => {
  test("repeats and any order give the same bowl", () => {
    fc.assert(
      fc.property(
        anyEvents.chain((events) =>
          fc.tuple(fc.constant(events), fc.shuffledSubarray([...events, ...events], { minLength: events.length * 2 })),
        ),
        ([events, shuffled]) => {
          expect(foldBatch(shuffled)).toEqual(foldBatch(events));
        },
      ),
    );
  });
  test("packed and unpacked, events are what they were", () => {
    fc.assert(
      fc.property(anyEvents, (events) => {
        expect(unpackEvents(packEvents(events))).toEqual(events);
      }),
    );
  });
  test("pours add up, and a withdrawn one counts for nothing", () => {
    const events = [
      event(1, { kind: "poured", ml: 100 }),
      event(2, { kind: "poured", ml: 30 }),
      event(3, { kind: "withdrawn", eventId: "e0002" }),
    ];
    expect(foldBatch(events).pouredMl).toBe(100);
    expect(foldBatch([...events, event(4, { kind: "withdrawn", eventId: "e0003" })]).pouredMl).toBe(130);
  });
  test("the last tick, mark, word and closing stand", () => {
    const state = foldBatch([
      event(1, { kind: "ticked", step: "dry", done: true }),
      event(2, { kind: "ticked", step: "dry", done: false }),
      event(3, { kind: "ticked", step: "gather", done: true }),
      event(4, { kind: "marked", mark: "soft", value: 2 }),
      event(5, { kind: "marked", mark: "soft", value: 5 }),
      event(6, { kind: "said", word: "runs" }),
      event(7, { kind: "reached", stage: "mixed" }),
      event(8, { kind: "noted", text: "smells of hay" }),
      event(9, { kind: "again", again: "yes" }),
      event(10, { kind: "closed" }),
      event(11, { kind: "reopened" }),
    ]);
    expect(state).toMatchObject({
      done: ["gather"],
      marks: { soft: 5 },
      lastWord: "runs",
      reachedMs: { mixed: 1007 },
      again: "yes",
    });
    expect(state.notes.map((note) => note.text)).toEqual(["smells of hay"]);
    expect(state.closedMs).toBeUndefined();
  });
});

describe("given another time", () => {
  const at = (ms: number) => new Date(ms).toISOString();
  const day = Date.UTC(2026, 10, 26, 10);
  const mixed = event(1, { kind: "reached", stage: "mixed" }, { atMs: day });
  const dated = (id: number, ms: number): BatchEvent =>
    event(id, { kind: "dated", eventId: mixed.id, at: at(ms) }, { atMs: day + id });
  const mixedMs = (...events: BatchEvent[]) => foldBatch([mixed, ...events]).reachedMs.mixed;

  test("an event is where it was last said to be, and where it was tapped once that is taken back", () => {
    expect(mixedMs()).toBe(day);
    expect(mixedMs(dated(2, day - 3_600_000))).toBe(day - 3_600_000);
    expect(mixedMs(dated(2, day - 3_600_000), dated(3, day - 60_000))).toBe(day - 60_000);
    expect(mixedMs(dated(2, day - 3_600_000), event(3, { kind: "withdrawn", eventId: "e0002" }))).toBe(day);
  });
  test("whatever is dated, only times change: the same amounts, steps, words and marks", () => {
    fc.assert(
      fc.property(anyEvents, fc.array(fc.tuple(fc.nat(20), fc.nat(10_000_000)), { maxLength: 6 }), (events, dates) => {
        const said = dates.map(([of, ms], i) =>
          event(
            100 + i,
            { kind: "dated", eventId: `e${String(of).padStart(4, "0")}`, at: at(day - ms) },
            { revSeen: 9 },
          ),
        );
        const timeless = (all: readonly BatchEvent[]) => {
          const { reachedMs: _, closedMs: __, firstPourMs: ___, notes, moves, tests, seen, ...rest } = foldBatch(all);
          return {
            ...rest,
            notes: notes.map(({ text }) => text),
            moves: moves.map(({ place }) => place),
            tests: tests.length,
            seen: seen.length,
          };
        };
        expect(timeless([...events, ...said])).toEqual(timeless(events));
      }),
    );
  });
  test.each<[string, string | undefined]>([
    ["2026-11-26T10:00:00Z", undefined],
    ["2026-11-26T10:00+01:00", undefined],
    ["yesterday", "notAMoment"],
    ["2026-13-01T10:00:00Z", "notAMoment"],
    ["9999", "notAMoment"],
    ["", "notAMoment"],
  ])("“%s” as a time: %s", (when, code) => {
    const [problem] = checkPayload({ kind: "dated", eventId: "01a21a08-18f4-7077-83e0-8061a84478c0", at: when });
    expect(problem?.code).toBe(code);
  });
});
