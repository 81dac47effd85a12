import fc from "fast-check";
import { bowlEvent as event } from "../../../checks/bowlEvent";
import "../catalogue";
import { blend } from "../../../checks/onAShelf";
import { forecast, sectionsOf, weightsOf } from "../apply";
import { PLAIN_HEAD } from "../head";
import { computePaste } from "../paste";
import { EMPTY_SHELF, questionOn } from "../shelf";
import { withdrawalsOf } from "../stock";
import { asMade, bowlG, foldBatch, leftoverOf, nowIn, type BatchPayload } from ".";

const happened = (...payloads: BatchPayload[]) => payloads.map((payload, i) => event(i, payload));
const done = (n: number): BatchPayload => ({ kind: "sectioned", of: 4, section: `s${n}`, done: true });
const scale = (leftG: number): BatchPayload => ({ kind: "onScale", leftG });

const question = questionOn(blend, PLAIN_HEAD, "metric", EMPTY_SHELF);
const planned = (() => {
  const result = computePaste(question);
  if (!result.ok) throw new Error("no answer");
  return result.value;
})();
const totalOf = (...payloads: BatchPayload[]) => {
  const state = foldBatch(happened(...payloads));
  return bowlG(planned, asMade(question, planned, state), state);
};

describe("putting it on", () => {
  test("a section that is dry inside is to be done again; done twice it is done once", () => {
    const state = foldBatch(happened(done(4), done(3), done(3), { kind: "lookedAt", section: "s4", as: "dryInside" }));
    expect(state.sections.done.map(({ section }) => section)).toEqual(["s3"]);
    expect(state.looks).toHaveLength(1);
    const wet = foldBatch(happened(done(4), { kind: "lookedAt", section: "s4", as: "wetThrough" }));
    expect(wet.sections.done).toHaveLength(1);
  });

  test("two phones on one head come to the same, in whatever order their presses arrive", () => {
    const any = fc.oneof(
      fc.record({
        kind: fc.constant("sectioned" as const),
        of: fc.constant(4 as const),
        section: fc.constantFrom("s1", "s2", "s3", "s4"),
        done: fc.boolean(),
      }),
      fc.record({ kind: fc.constant("onScale" as const), leftG: fc.integer({ min: 0, max: 500 }) }),
      fc.record({
        kind: fc.constant("lookedAt" as const),
        section: fc.constantFrom("s1", "s2"),
        as: fc.constantFrom("dryInside" as const, "wetThrough" as const),
      }),
      fc.record({ kind: fc.constant("mixedMore" as const), massG: fc.integer({ min: 1, max: 100 }) }),
    );
    const events = fc
      .array(fc.tuple(any, fc.constantFrom("d1", "d2"), fc.nat(4)), { maxLength: 16 })
      .map((list) => list.map(([payload, deviceId, revSeen], i) => event(i, payload, { deviceId, revSeen })));
    fc.assert(
      fc.property(
        events.chain((all) =>
          fc.tuple(fc.constant(all), fc.shuffledSubarray([...all, ...all], { minLength: all.length * 2 })),
        ),
        ([all, shuffled]) => {
          const [one, other] = [foldBatch(all), foldBatch(shuffled)];
          expect(other).toEqual(one);
          const sections = sectionsOf(4);
          const said = (state: typeof one) =>
            forecast(400, 380, 0.3, sections, weightsOf(400, state.scale, nowIn(state)));
          expect(said(other)).toEqual(said(one));
        },
      ),
    );
  });

  test("a full bowl on the scale is what there is; more of it and what loosens it come on top", () => {
    expect(totalOf()).toBeCloseTo(planned.totalG.mid, 9);
    expect(totalOf({ kind: "poured", ml: 300 }, scale(480), done(4))).toBe(480);
    expect(totalOf({ kind: "poured", ml: 300 }, scale(480), done(4), { kind: "mixedMore", massG: 60 })).toBe(540);
    expect(totalOf({ kind: "poured", ml: 300 }, scale(480), done(4), { kind: "poured", ml: 20 })).toBe(500);
    // Weighed only later it is as it was made.
    expect(totalOf(done(4), scale(200))).toBeCloseTo(planned.totalG.mid, 9);
  });

  test("what was used is the same whether more was mixed before a weighing or after it", () => {
    const used = (...payloads: BatchPayload[]) => {
      const state = foldBatch(happened(...payloads));
      const total = bowlG(planned, asMade(question, planned, state), state);
      return weightsOf(total, state.scale, nowIn(state)).map(({ usedG }) => usedG);
    };
    const more: BatchPayload = { kind: "mixedMore", massG: 50 };
    expect(used(scale(400), done(4), scale(300), more)).toEqual([0, 100]);
    expect(used(scale(400), done(4), more, scale(350))).toEqual([0, 100]);
    expect(used(scale(400), done(4), scale(300), { kind: "poured", ml: 25 }, done(3), scale(225))).toEqual([
      0, 100, 200,
    ]);
  });

  test("what was mixed later is drawn in the blend's own proportions, and given back when taken back", () => {
    const more = event(1, { kind: "mixedMore", massG: planned.totalG.mid / 4 });
    const draws = withdrawalsOf(question, planned, [more]);
    planned.lines.forEach(({ massG }, i) => {
      expect(draws.find(({ slot }) => slot === `line ${i}`)?.massG).toBeCloseTo(massG.mid / 4, 6);
    });
    const total = draws.reduce((sum, { massG }) => sum + massG, 0);
    expect(total / (planned.totalG.mid / 4)).toBeCloseTo(1, 1);
    expect(withdrawalsOf(question, planned, [more, event(2, { kind: "withdrawn", eventId: more.id })])).toEqual([]);
  });

  test("the rest is mixed of what went in, to the last gram", () => {
    const rest = leftoverOf(question, planned)!;
    expect(rest.parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    expect(rest.keeps.freezer.value).toBeGreaterThan(30);
    expect(rest.keeps.room.value).toBeLessThan(1);
  });
});
