import fc from "fast-check";
import "@/core/catalogue";
import { findMaterial } from "@/core/material";
import {
  asItGoes,
  checkMakingPayload,
  foldMaking,
  goingMaking,
  makeOf,
  makingNow,
  timed,
  type MakingEvent,
  type MakingPayload,
  type MakingPlan,
  type MakingQuestion,
} from "..";

const MINUTE = 60_000;
const START = Date.UTC(2026, 10, 22, 8, 0);
const question: MakingQuestion = {
  method: "brew",
  things: [{ materialId: "nettle-leaf-whole", massG: 20 }],
  settings: { way: "reduced", fromMl: 700, wantMl: 300, heat: "low", potCm: 18 },
  kitchenTempC: 20,
};
const figures = [findMaterial("nettle-leaf-whole")!];
const made = makeOf(question, figures);
if (!made.ok) throw new Error(JSON.stringify(made.problems));
const plan: MakingPlan = { question, figures, made: made.value, startsAtMs: START };
const event = (payload: MakingPayload, atMin: number, i: number): MakingEvent => ({
  id: `e${i}`,
  payload,
  deviceId: "d",
  deviceSeq: i,
  revSeen: 1,
  atMs: START + atMin * MINUTE,
});
const stateOf = (...events: readonly (readonly [MakingPayload, number])[]) =>
  foldMaking(events.map(([payload, atMin], i) => event(payload, atMin, i)));
const done = (step: "weigh" | "heat" | "reduce" | "strain" | "keep"): MakingPayload => ({
  kind: "stepDone",
  step,
  done: true,
});
const scale = (value: number): MakingPayload => ({ kind: "gaugeRead", gauge: "weightG", value });

describe("steps on the clock", () => {
  test("follow the plan until something is done, and then what was done", () => {
    const steps = timed(plan.made, START, { doneMs: {} });
    expect(steps[0].fromMs).toBe(START);
    for (const [i, step] of steps.slice(1).entries()) expect(step.fromMs).toBe(steps[i].toMs);
    const late = timed(plan.made, START, stateOf([done("weigh"), 20]));
    expect(late[1].fromMs).toBe(START + 20 * MINUTE);
    expect(makingNow(late).step?.id).toBe("heat");
  });

  test("what was done after a step that nobody ticked says that it was done as well", () => {
    const steps = timed(plan.made, START, stateOf([done("reduce"), 70]));
    expect(steps.filter(({ isDone }) => isDone).map(({ id }) => id)).toEqual(["weigh", "heat", "reduce"]);
    expect(makingNow(steps).step?.id).toBe("strain");
  });

  test("taken back, a tick or a reading counts for nothing", () => {
    const state = stateOf(
      [done("weigh"), 5],
      [scale(900), 30],
      [{ kind: "withdrawn", eventId: "e0" }, 31],
      [{ kind: "withdrawn", eventId: "e1" }, 32],
    );
    expect(state.doneMs).toEqual({});
    expect(state.read).toEqual([]);
  });

  test("any events, in any order and twice, come to the same", () => {
    const anyPayload = fc.oneof(
      fc.record({
        kind: fc.constant("stepDone" as const),
        step: fc.constantFrom("weigh" as const, "heat" as const, "reduce" as const),
        done: fc.boolean(),
      }),
      fc.record({
        kind: fc.constant("gaugeRead" as const),
        gauge: fc.constantFrom("weightG" as const, "levelMm" as const),
        value: fc.nat(400),
      }),
      fc.record({ kind: fc.constant("withdrawn" as const), eventId: fc.nat(12).map((n) => `e${n}`) }),
    );
    fc.assert(
      fc.property(
        fc
          .array(fc.tuple(anyPayload, fc.nat(300)), { maxLength: 12 })
          .map((list) => list.map(([payload, atMin], i) => event(payload, atMin, i)))
          .chain((events) => fc.tuple(fc.constant(events), fc.shuffledSubarray([...events, ...events]))),
        ([events, some]) => {
          expect(foldMaking([...some, ...events])).toEqual(foldMaking(events));
          const { steps } = asItGoes(plan, foldMaking(events));
          for (const [i, step] of steps.slice(1).entries()) expect(step.fromMs).toBe(steps[i].toMs);
        },
      ),
    );
  });
});

describe("what is read off on the way", () => {
  const begun = [
    [done("weigh"), 5],
    [done("heat"), 16],
  ] as const;
  test("two weights while it boils say how fast, narrow what is left, and move the mark", () => {
    const planned = asItGoes(plan, stateOf(...begun));
    // 200 g in 12 minutes are a kilogram an hour: more than a low ring is thought to do.
    const read = asItGoes(plan, stateOf(...begun, [scale(1500), 18], [scale(1300), 30]));
    expect(read.made.notes).toContainEqual({ code: "measuredSteam", detail: { gPerH: 1000 } });
    expect(read.made.minutes).toBeLessThan(planned.made.minutes);
    const width = ({ low, high }: { low: number; high: number }) => high - low;
    expect(width(read.made.amounts.steamG)).toBeLessThan(0.5 * width(planned.made.amounts.steamG));
    expect(read.made.amounts.inG).toEqual(planned.made.amounts.inG);
  });

  test("a level says the same by the pot's own area; one reading, or two a minute apart, say nothing", () => {
    const mlPerMm = (Math.PI / 4) * 18 ** 2 * 0.1;
    const stick = (mm: number): MakingPayload => ({ kind: "gaugeRead", gauge: "levelMm", value: mm });
    const read = asItGoes(plan, stateOf(...begun, [stick(40), 18], [stick(40 - 200 / mlPerMm), 30]));
    expect(read.made.notes).toContainEqual({ code: "measuredSteam", detail: { gPerH: 1000 } });
    for (const events of [
      [[scale(1500), 18]],
      [
        [scale(1500), 18],
        [scale(1480), 19],
      ],
    ] as const)
      expect(asItGoes(plan, stateOf(...begun, ...events)).made.notes.map(({ code }) => code)).not.toContain(
        "measuredSteam",
      );
  });

  test("two temperatures of a jar that cools give its own time", () => {
    const jar: MakingQuestion = { ...question, settings: { way: "closedJar", wantMl: 500 } };
    const first = makeOf(jar, figures);
    if (!first.ok) throw new Error("It should be made.");
    const cooling: MakingPlan = { question: jar, figures, made: first.value, startsAtMs: START };
    const at = (value: number): MakingPayload => ({ kind: "gaugeRead", gauge: "tempC", value });
    const pouredAt: MakingPayload = { kind: "stepDone", step: "pour", done: true };
    const tau = 40;
    const reads = [10, 40].map((minutes) => 20 + 75 * Math.exp(-minutes / tau));
    const read = asItGoes(cooling, stateOf([done("weigh"), 5], [pouredAt, 7], [at(reads[0]), 10], [at(reads[1]), 40]));
    const note = read.made.notes.find(({ code }) => code === "measuredCooling");
    expect(Number(note?.detail?.minutes)).toBeCloseTo(tau, 0);
  });
});

test("what is going on says its step and until when; done, it only has to be put up", () => {
  const stood = (...events: readonly (readonly [MakingPayload, number])[]) =>
    goingMaking({ ...plan, id: "m", name: "nettle" }, [0.5, 0.1, 100], asItGoes(plan, stateOf(...events)).steps);
  expect(stood([done("weigh"), 4])).toMatchObject({ step: "heat", stepFromMs: START + 4 * MINUTE });
  const all = stood([done("keep"), 90]);
  expect(all.step).toBeUndefined();
  expect(all.endMs).toBe(START + 90 * MINUTE);
});

test.each<[unknown, string]>([
  [{ kind: "stepDone", step: "dance", done: true }, "payload.step unknownChoice"],
  [{ kind: "gaugeRead", gauge: "tempC", value: 900 }, "payload.value tooLarge"],
  [{ kind: "gaugeRead", gauge: "smell", value: 1 }, "payload.gauge unknownChoice"],
  [{ kind: "gaugeRead", gauge: "tempC", value: "hot" }, "payload.value notANumber"],
  [{ kind: "closed", why: "no" }, "payload.why unknownField"],
  [{ kind: "exploded" }, "payload.kind unknownChoice"],
])("%j is refused", (payload, problem) => {
  expect(checkMakingPayload(payload as MakingPayload).map(({ field, code }) => `${field} ${code}`)).toEqual([problem]);
});
