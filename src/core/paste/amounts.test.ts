import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { line, answerTo, MASK } from "../../../checks/mask";
import { computePaste, largestBatch, pourPlan, type PasteQuestion } from ".";

describe("any amount from the others", () => {
  const water = (amountMl?: number, more: Partial<PasteQuestion["liquid"]> = {}): PasteQuestion["liquid"] => ({
    materialId: "water",
    tempC: 40,
    ...(amountMl === undefined ? {} : { amountMl }),
    ...more,
  });
  const pa = (question: PasteQuestion) => {
    const { on } = answerTo(question);
    return on.mid.state === "dry" ? undefined : on.mid.yieldPa;
  };

  test("powder for the cup of tea that is left: the parts follow the liquid, and the target is met", () => {
    fc.assert(
      fc.property(fc.double({ min: 40, max: 900, noNaN: true }), (ml) => {
        const question: PasteQuestion = { ...MASK, sizing: "forLiquid", liquid: water(ml) };
        const answer = answerTo(question);
        if (answer.liquid.state === "unreachable") {
          expect(answer.liquid.why).toBe("stillThicker");
          return;
        }
        expect(answer.solvedFor).toBe("parts");
        expect(pa(question)! / answer.targetYieldPa).toBeCloseTo(1, 6);
        expect(answer.lines[0].massG.high).toBeGreaterThan(answer.lines[0].massG.low);
      }),
    );
  });
  test("one line from the others: put back as it came out, it gives the target", () => {
    const question: PasteQuestion = {
      ...MASK,
      sizing: "asGiven",
      liquid: water(150),
      lines: [line("amla", 2), { ...line("bhringraj", 1), role: "solved" }, line("yoghurt", 20, "g", "fixed")],
    };
    const answer = answerTo(question);
    expect(answer.solvedFor).toBe(1);
    expect(pa(question)! / answer.targetYieldPa).toBeCloseTo(1, 6);
    const grams = answer.lines[1].massG.mid;
    const back: PasteQuestion = {
      ...question,
      lines: question.lines.map((one, i) => (i === 1 ? { ...one, role: "fixed", amount: grams, unit: "g" } : one)),
    };
    expect(pa(back)! / answer.targetYieldPa).toBeCloseTo(1, 6);
    expect(answer.lines[1].massG.low).toBeLessThan(grams);
  });
  test("with the head as well: the line and the scale together make total and target", () => {
    const question: PasteQuestion = {
      ...MASK,
      sizing: "likely",
      liquid: water(80),
      lines: [line("amla", 2), { ...line("yoghurt", 20, "g"), role: "solved" }],
    };
    const answer = answerTo(question);
    if (answer.liquid.state === "unreachable") throw new Error(answer.liquid.why);
    expect(answer.totalG.mid / answer.head.pasteG.mid).toBeCloseTo(1, 6);
    expect(pa(question)! / answer.targetYieldPa).toBeCloseTo(1, 6);
  });
  test("no answer is said, with what stands in the way", () => {
    const thin = answerTo({
      ...MASK,
      sizing: "asGiven",
      liquid: water(600),
      lines: [line("amla", 2), { ...line("honey", 1), role: "solved" }],
    });
    expect(thin.liquid).toMatchObject({ state: "unreachable", why: "stillThinner" });
    const thick = answerTo({
      ...MASK,
      sizing: "asGiven",
      liquid: water(5),
      lines: [line("amla", 4), { ...line("henna", 1), role: "solved" }],
    });
    expect(thick.liquid).toMatchObject({ state: "unreachable", why: "stillThicker", line: 0 });
  });
  test("two liquids in a set ratio are as one: their mean, and none of the second is the first", () => {
    const ml = (question: PasteQuestion) => {
      const { liquid } = answerTo(question);
      return liquid.state === "solved" ? liquid.ml.mid : NaN;
    };
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.98, noNaN: true }), (share) => {
        const question: PasteQuestion = {
          ...MASK,
          sizing: "asGiven",
          liquid: water(undefined, { with: { materialId: "milk", share } }),
        };
        const found = ml(question);
        expect(
          pa({ ...question, liquid: { ...question.liquid, amountMl: found } })! / answerTo(question).targetYieldPa,
        ).toBeCloseTo(1, 6);
        const [alone, milk] = [
          ml({ ...question, liquid: water() }),
          ml({ ...question, liquid: { materialId: "milk", tempC: 40 } }),
        ];
        expect(found).toBeGreaterThanOrEqual(Math.min(alone, milk) - 1e-6);
        expect(found).toBeLessThanOrEqual(Math.max(alone, milk) + 1e-6);
      }),
      { numRuns: 40 },
    );
  });
  test("an hour later it is thicker still, or the same; mixed it is thinner", () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const found = computePaste(question);
        fc.pre(found.ok);
        const { mixed, on, later } = found.value;
        const stiffness = ({ mid }: typeof on) => (mid.state === "dry" ? Infinity : mid.yieldPa);
        expect(stiffness(on)).toBeGreaterThanOrEqual(stiffness(mixed) - 1e-6);
        expect(stiffness(later!)).toBeGreaterThanOrEqual(stiffness(on) - 1e-6);
      }),
      { numRuns: 100 },
    );
  });
  test("the largest batch: on the jar that runs out first, shared by lines on one jar", () => {
    const answer = answerTo({ ...MASK, sizing: "asGiven" });
    const [amla, bhringraj] = answer.lines.map(({ massG }) => massG.mid);
    const asked = { ...MASK, sizing: "asGiven" as const };
    expect(largestBatch(asked, [amla * 3, bhringraj * 2])).toMatchObject({
      ok: true,
      value: { scale: expect.closeTo(2, 9), line: 1 },
    });
    expect(largestBatch(asked, [undefined, undefined])).toEqual({ ok: true, value: undefined });
    expect(largestBatch(asked, [0, bhringraj])).toMatchObject({ ok: true, value: { scale: 0, line: 0 } });
    const shared = largestBatch(asked, [100, 100], ["a", "a"]);
    expect(shared.ok && shared.value!.scale).toBeCloseTo(100 / (amla + bhringraj), 9);
  });
  test("the pour plan goes by equal steps, then by teaspoons, and does not pass its stop", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 800, noNaN: true }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        (low, width) => {
          const plan = pourPlan({ low, mid: low + width, high: low + 2.2 * width }, "metric");
          expect(plan.teaspoonsFromMl!).toBeCloseTo(plan.firstPourMl + plan.times! * plan.step.ml, 9);
          expect(plan.teaspoonsFromMl!).toBeLessThanOrEqual(plan.expectedStopMl + 1e-9);
          if (plan.times! > 0)
            expect(plan.expectedStopMl - plan.teaspoonsFromMl!).toBeGreaterThanOrEqual(plan.step.ml - 1e-6);
        },
      ),
    );
  });
});
