import fc from "fast-check";
import { PLAIN_HEAD, PURPOSES } from "../head";
import { computePaste, type PasteQuestion } from "../paste";
import { feelAdvice } from "../feel";
import { mixingOrder } from "../order";
import {
  marksFor,
  marksOfPurpose,
  checkPayload,
  foldBatch,
  packEvents,
  restWindow,
  staysOf,
  unpackEvents,
  worksheet,
  worksheetFor,
  type BatchEvent,
  type BatchPayload,
} from ".";

const event = (id: number, payload: BatchPayload, change: Partial<BatchEvent> = {}): BatchEvent => ({
  id: `e${String(id).padStart(4, "0")}`,
  payload,
  deviceId: "d1",
  deviceSeq: id,
  revSeen: 1,
  atMs: 1000 + id,
  ...change,
});

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

test.each<[unknown, string]>([
  [{ kind: "poured", ml: -1 }, "payload.ml tooSmall"],
  [{ kind: "poured", ml: "ten" }, "payload.ml notANumber"],
  [{ kind: "marked", mark: "soft", value: 6 }, "payload.value unknownChoice"],
  [{ kind: "said", word: "meh" }, "payload.word unknownChoice"],
  [{ kind: "ticked", step: "dance", done: true }, "payload.step unknownChoice"],
  [{ kind: "exploded" }, "payload.kind unknownChoice"],
  [{ kind: "noted", text: 5 }, "payload.text notText"],
  [{ kind: "closed", why: "bored" }, "payload.why unknownField"],
  [{ kind: ["closed"] }, "payload.kind unknownChoice"],
  [{}, "payload.kind unknownChoice"],
])("%j is refused", (payload, expected) => {
  expect(checkPayload(payload as BatchPayload).map(({ field, code }) => `${field} ${code}`)).toContain(expected);
});

const QUESTION: PasteQuestion = {
  head: PLAIN_HEAD,
  purpose: "mask",
  spoons: "us",
  sizing: "likely",
  kitchenTempC: 22,
  target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "honey", role: "fixed", amount: 1, unit: "tbsp", fill: "level" },
    { materialId: "olive-oil", role: "fixed", amount: 1, unit: "tsp", fill: "level" },
  ],
};
const answerTo = (question: PasteQuestion) => {
  const r = computePaste(question);
  if (!r.ok) throw new Error("refused");
  return r.value;
};

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

test("every purpose asks for marks of its own, a dye for what it covered, and what was given stays", () => {
  for (const purpose of PURPOSES) expect(marksOfPurpose(purpose).length).toBeGreaterThan(2);
  expect(marksFor("dyePacked", true, {})).toEqual(expect.arrayContaining(["colour", "grey"]));
  expect(marksFor("mask", false, {})).not.toContain("grey");
  expect(marksFor("mask", true, {})).toContain("colour");
  expect(marksFor("rootsOnly", true, { slip: 3 })).toContain("slip");
});

describe("the worksheet", () => {
  test("each line is handled once, in an order of work that never goes back", () => {
    const sheet = worksheet(answerTo(QUESTION));
    expect(sheet.steps.flatMap((step) => step.lines).sort()).toEqual([0, 1, 2]);
    for (const step of sheet.steps.slice(1)) expect(step.startMin).toBeGreaterThanOrEqual(0);
    const at = (id: string) => sheet.steps.find((step) => step.id === id)!;
    expect(at("oil").startMin).toBeGreaterThan(at("firstPour").startMin);
    expect(sheet.mixedMin).toBeLessThan(sheet.onHeadMin);
    expect(sheet.onHeadMin).toBeLessThan(sheet.rinseMin);
    expect(sheet.rinseMin).toBeLessThan(sheet.endMin);
  });
  test("one order: the order of mixing is the worksheet’s, and its clock is the same with it and without", () => {
    const powders = ["amla", "henna", "kaolin", "xanthan-gum", "moringa-leaf"];
    const others = ["banana", "shea-butter", "sugar", "honey", "sesame-oil", "lavender-essential-oil", "yoghurt"];
    fc.assert(
      fc.property(
        fc.subarray(powders, { minLength: 1 }),
        fc.subarray(others),
        fc.constantFrom("first" as const, "last" as const),
        fc.boolean(),
        (dry, rest, oil, bottle) => {
          const lines = [
            ...dry.map((materialId) => ({
              materialId,
              role: "part" as const,
              amount: 1,
              unit: "tbsp" as const,
              fill: "level" as const,
            })),
            ...rest.map((materialId) => ({
              materialId,
              role: "fixed" as const,
              amount: 10,
              unit: "g" as const,
              fill: "level" as const,
            })),
          ];
          const question = { ...QUESTION, lines, choices: { oil } };
          const answer = answerTo(question);
          const [plain, sheet] = [worksheet(answer), worksheetFor(question, answer, bottle ? { bottleMl: 250 } : {})];
          expect([sheet.mixedMin, sheet.onHeadMin, sheet.rinseMin, sheet.endMin]).toEqual([
            plain.mixedMin,
            plain.onHeadMin,
            plain.rinseMin,
            plain.endMin,
          ]);
          const mixing = mixingOrder(
            question,
            answer,
            feelAdvice(question, answer),
            bottle ? { bottleMl: 250 } : {},
          ).flatMap(({ id }) => (id === "oilLast" ? ["oil"] : id === "pour" ? ["firstPour", "pour"] : [id]));
          const ids: string[] = sheet.steps.map(({ id }) => id);
          expect(ids.slice(1, ids.indexOf("rest"))).toEqual(
            mixing.includes("firstPour")
              ? mixing
              : [...mixing.slice(0, mixing.indexOf("wet") + 1 || mixing.length), "firstPour", "pour"],
          );
          for (const { durationMin } of sheet.steps) expect(durationMin).toBeGreaterThanOrEqual(0);
          // Everything is handled in the step that its phase has.
          const handled = new Set(sheet.steps.flatMap((step) => step.lines));
          expect(handled.size).toBe(lines.length);
        },
      ),
      { numRuns: 120 },
    );
  });
  test("it rests its rest before it goes on, and the hair is got ready meanwhile", () => {
    const answer = answerTo({ ...QUESTION, restMin: 120 });
    const sheet = worksheet(answer);
    expect(sheet.onHeadMin - sheet.mixedMin).toBe(120);
  });
  test("a rest too short for the hair still lets it be got ready", () => {
    const sheet = worksheet(answerTo({ ...QUESTION, restMin: 5 }));
    expect(sheet.onHeadMin - sheet.mixedMin).toBeGreaterThan(20);
  });
});

test("the window of a dye runs ready, peak, use-by; a herb paste has only ready", () => {
  const herb = restWindow(answerTo(QUESTION).rest, 0);
  expect(herb).toEqual({ kind: "soak", mixedMs: 0, readyMs: 30 * 60_000 });
  const dye = restWindow(
    answerTo({ ...QUESTION, purpose: "dyePacked", lines: [{ ...QUESTION.lines[0], materialId: "henna" }] }).rest,
    0,
  );
  expect(dye.readyMs).toBeLessThan(dye.bestMs!);
  expect(dye.bestMs!).toBeLessThan(dye.peakMs!);
  expect(dye.peakMs!).toBeLessThan(dye.useByMs!);
});

test.each<[BatchPayload, string | undefined]>([
  [{ kind: "measured", line: 2, amount: 3, unit: "tbsp", fill: "heaped" }, undefined],
  [{ kind: "heaped", line: 0, unit: "cup" }, undefined],
  [{ kind: "added", materialId: "honey", amount: 1, unit: "tbsp", fill: "level" }, undefined],
  [{ kind: "moved", place: "fridge" }, undefined],
  [{ kind: "measured", line: -1, amount: 3, unit: "tbsp", fill: "level" }, "payload.line unknownChoice"],
  [{ kind: "measured", line: 0, amount: -3, unit: "g", fill: "level" }, "payload.amount tooSmall"],
  [{ kind: "heaped", line: 0.5, unit: "cup" }, "payload.line unknownChoice"],
  [{ kind: "heaped", line: 0, unit: "g" as "cup" }, "payload.unit unknownChoice"],
  [
    { kind: "added", materialId: "moondust", amount: 1, unit: "g", fill: "level" },
    "payload.materialId unknownMaterial",
  ],
  [{ kind: "added", materialId: "amla", amount: 1, unit: "piece", fill: "level" }, "payload.unit unitNotForThis"],
  [{ kind: "moved", place: "moon" as "fridge" }, "payload.place unknownChoice"],
  [{ kind: "moved", place: "elsewhere", tempC: 30 }, undefined],
  [{ kind: "moved", place: "elsewhere" }, "payload.tempC required"],
  [{ kind: "moved", place: "elsewhere", tempC: 200 }, "payload.tempC tooLarge"],
  [{ kind: "moved", place: "fridge", tempC: 4 }, "payload.tempC unknownField"],
  [{ kind: "sectioned", of: 4, section: "s1", done: true }, undefined],
  [{ kind: "sectioned", of: 5 as 4, section: "s1", done: true }, "payload.of unknownChoice"],
  [{ kind: "sectioned", of: 4, section: "nose", done: true }, "payload.section unknownChoice"],
  [{ kind: "onScale", leftG: 120 }, undefined],
  [{ kind: "onScale", leftG: -1 }, "payload.leftG tooSmall"],
  [{ kind: "weighed", leftG: 12, reached: true }, undefined],
  [{ kind: "weighed", leftG: 1e6, reached: true }, "payload.leftG tooLarge"],
  [{ kind: "dabbed", mark: "clear" }, undefined],
  [{ kind: "gauged", tempC: 38 }, undefined],
  [{ kind: "gauged", tempC: 200 }, "payload.tempC tooLarge"],
  [{ kind: "dabbed", mark: "purple" as "clear" }, "payload.mark unknownChoice"],
  [{ kind: "strandTested", hoursOn: 2.5, looks: "alike" }, undefined],
  [{ kind: "strandTested", hoursOn: 2, looks: "alike", photo: "data:image/jpeg;base64,/9j/4AAQ" }, undefined],
  [{ kind: "strandTested", hoursOn: 2, looks: "alike", photo: "https://away" }, "payload.photo notAPicture"],
  [{ kind: "strandTested", hoursOn: 200, looks: "alike" }, "payload.hoursOn tooLarge"],
  [{ kind: "tended", task: "shampoo", done: true }, undefined],
  [{ kind: "tended", task: "iron" as "dry", done: true }, "payload.task unknownChoice"],
])("%j: %s", (payload, expected) => {
  expect(checkPayload(payload).map(({ field, code }) => `${field} ${code}`)).toEqual(expected ? [expected] : []);
});

describe("a bowl that is put somewhere else", () => {
  const HOUR = 3_600_000;
  const henna = answerTo({
    ...QUESTION,
    purpose: "dyePacked",
    lines: [{ materialId: "henna", role: "part", amount: 100, unit: "g", fill: "level" }],
  }).rest;
  const herbs = answerTo({ ...QUESTION, restMin: 240 }).rest;
  const at = (hours: number, place: "kitchen" | "fridge" | "freezer") => ({ place, atMs: hours * HOUR });
  test("into the fridge it is later in everything; out again at once it is as if nothing had been", () => {
    const [left, cold] = [restWindow(henna, 0, 22), restWindow(henna, 0, 22, { moves: [at(0.2, "fridge")] })];
    expect(cold.readyMs).toBeGreaterThan(left.readyMs + HOUR / 2);
    expect(cold.peakMs!).toBeGreaterThan(left.peakMs! + HOUR);
    const touched = restWindow(henna, 0, 22, { moves: [at(1, "fridge"), at(1.01, "kitchen")] });
    expect(Math.abs(touched.peakMs! - left.peakMs!)).toBeLessThan(0.3 * HOUR);
    expect(Math.abs(touched.readyMs - left.readyMs)).toBeLessThan(0.3 * HOUR);
  });
  test("frozen it keeps for weeks, and herbs stop soaking", () => {
    expect(restWindow(henna, 0, 22, { moves: [at(2, "freezer")] }).useByMs).toBeUndefined();
    expect(restWindow(herbs, 0, 22, { moves: [at(0.1, "fridge")] }).readyMs).toBeGreaterThan(
      restWindow(herbs, 0, 22).readyMs,
    );
    expect(restWindow(herbs, 0, 22, { moves: [at(0.1, "freezer"), at(24, "kitchen")] }).readyMs).toBeGreaterThan(
      24 * HOUR,
    );
  });
});

describe("a kitchen that cools at night, and places by their warmth", () => {
  const HOUR = 3_600_000;
  const henna = answerTo({
    ...QUESTION,
    purpose: "dyePacked",
    lines: [
      { materialId: "henna", role: "part", amount: 100, unit: "g", fill: "level" },
      { materialId: "lemon-juice", role: "fixed", amount: 30, unit: "g", fill: "level" },
    ],
  }).rest;
  const nights = { tempC: 14, spans: [[2 * HOUR, 11 * HOUR] as const] };
  test("a colder night is later in everything, one as warm as the day changes nothing", () => {
    const [plain, cold] = [restWindow(henna, 0, 22), restWindow(henna, 0, 22, { nights })];
    expect(cold.bestMs!).toBeGreaterThan(plain.bestMs! + HOUR);
    expect(cold.useByMs!).toBeGreaterThan(plain.useByMs!);
    const same = restWindow(henna, 0, 22, { nights: { ...nights, tempC: 22 } });
    expect(Math.abs(same.bestMs! - plain.bestMs!)).toBeLessThan(1000);
  });
  test("the night is not felt in the fridge, and is again when it is back", () => {
    const moves = [
      { place: "fridge" as const, atMs: HOUR },
      { place: "kitchen" as const, atMs: 6 * HOUR },
    ];
    expect(staysOf(0, 22, { moves, nights })).toEqual([
      { fromH: 0, tempC: 22 },
      { fromH: 1, tempC: 4 },
      { fromH: 6, tempC: 14 },
      { fromH: 11, tempC: 22 },
    ]);
  });
  test("elsewhere is as warm as was said; at the kitchen’s warmth it is as the kitchen", () => {
    const at = (tempC: number) => restWindow(henna, 0, 22, { moves: [{ place: "elsewhere", atMs: HOUR, tempC }] });
    expect(at(32).bestMs!).toBeLessThan(at(22).bestMs!);
    expect(Math.abs(at(22).bestMs! - restWindow(henna, 0, 22).bestMs!)).toBeLessThan(60_000);
  });
  test("a dab moves the window", () => {
    const early = restWindow(henna, 0, 22, { dabs: [{ mark: "deep", atMs: 2 * HOUR }] });
    expect(early.bestMs!).toBeLessThan(restWindow(henna, 0, 22).bestMs!);
  });
});
