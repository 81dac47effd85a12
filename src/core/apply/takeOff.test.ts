import fc from "fast-check";
import "../catalogue";
import { anyQuestion } from "../../../checks/arbitrary";
import { answerTo, line as grams, MASK } from "../../../checks/mask";
import { feelAdvice } from "../feel";
import { PLAIN_HEAD, PURPOSES, type Head } from "../head";
import { computePaste, type BlendLine, type PasteQuestion } from "../paste";
import {
  comesOff,
  isBehind,
  sectionsOf,
  SECTION_COUNTS,
  TAKE_OFF_STEPS,
  takeOffPlan,
  underCap,
  weightByItself,
} from ".";

const planOf = (lines: readonly BlendLine[], change: Partial<PasteQuestion> = {}) => {
  const question: PasteQuestion = { ...MASK, lines, ...change };
  return takeOffPlan(question, feelAdvice(question, answerTo(question)));
};
const idsOf = (...args: Parameters<typeof planOf>) => planOf(...args).map(({ id }) => id);

const line = (materialId: string, amount: number, role: BlendLine["role"] = "part") =>
  grams(materialId, amount, "tbsp", role);

describe("taking it off (common practice)", () => {
  test("powder gets a cloth over the drain and is softened first", () => {
    expect(idsOf([line("amla", 2), line("brahmi", 1)]).slice(0, 3)).toEqual(["drain", "soften", "rinse"]);
  });
  test("a dye is rinsed with water alone, until it runs clear, and has its own days after", () => {
    const plan = planOf([line("henna", 4)], { purpose: "dyePacked" });
    const ids = plan.map(({ id }) => id);
    expect(ids).not.toContain("shampoo");
    expect(ids).not.toContain("moisture");
    expect(ids).not.toContain("oil");
    expect(plan.find(({ id }) => id === "rinse")!.times).toBeGreaterThanOrEqual(3);
    expect(plan.find(({ id }) => id === "towel")!.because).not.toEqual([]);
  });
  test("oil is washed out twice, and no oil comes after it; egg asks for a last rinse against its smell", () => {
    const plan = planOf([line("amla", 2), line("sesame-oil", 4, "fixed")]);
    expect(plan.find(({ id }) => id === "shampoo")).toMatchObject({ times: 2 });
    expect(plan.some(({ id }) => id === "oil")).toBe(false);
    expect(idsOf([line("amla", 2), { ...line("egg", 1, "fixed"), unit: "piece" }])).toContain("odour");
  });
  test("what was chosen for this blend counts, and what a head dislikes is left out", () => {
    const herbs = [line("amla", 2), line("brahmi", 1)];
    expect(idsOf(herbs, { choices: { conditionAfter: true } })).toContain("condition");
    expect(idsOf(herbs, { choices: { conditionAfter: false } })).not.toContain("condition");
    const head: Head = { ...PLAIN_HEAD, traits: { dislikes: ["oil"] } };
    expect(idsOf(herbs)).toContain("oil");
    expect(idsOf(herbs, { head })).not.toContain("oil");
  });
  test("any bowl: each step once, in their order, and reasons that are in the bowl", () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const found = computePaste(question);
        fc.pre(found.ok);
        const feel = feelAdvice(question, found.value);
        const plan = takeOffPlan(question, feel);
        const at = plan.map(({ id }) => TAKE_OFF_STEPS.indexOf(id));
        expect([...at].sort((a, b) => a - b)).toEqual(at);
        expect(new Set(at).size).toBe(at.length);
        expect(plan.some(({ id }) => id === "rinse")).toBe(true);
        for (const { because } of plan) for (const i of because) expect(feel.things[i]).toBeDefined();
      }),
      { numRuns: 100 },
    );
  });
});

describe("when it comes off", () => {
  const MIN = 60_000;
  test("is counted from the last section", () => {
    const off = comesOff("mask", { low: 30, mid: 40, high: 60 }, 0, 20 * MIN);
    expect(off).toEqual({ fromMs: 50 * MIN, bestMs: 60 * MIN, untilMs: 80 * MIN, firstIsLong: false });
  });
  test("the first section's longest time is watched: a slow hand is told to rinse the first ones first", () => {
    const off = comesOff("mask", { low: 30, mid: 40, high: 60 }, 0, 100 * MIN);
    expect(off.firstIsLong).toBe(true);
    expect(off.untilMs).toBe(120 * MIN);
  });
  test("warmth shortens a care and not a dye", () => {
    const band = { low: 30, mid: 40, high: 60 };
    expect(underCap(band, false, true).mid).toBeLessThan(40);
    expect(underCap(band, false, false)).toEqual(band);
    expect(underCap(band, true, true)).toEqual(band);
  });
  test("bands lie in order, and never before the last section", () => {
    const minutes = fc.integer({ min: 1, max: 400 });
    fc.assert(
      fc.property(fc.constantFrom(...PURPOSES), minutes, minutes, minutes, minutes, (purpose, a, b, c, took) => {
        const [low, mid, high] = [a, b, c].sort((x, y) => x - y);
        const off = comesOff(purpose, { low, mid, high }, 0, took * MIN);
        expect(off.fromMs).toBeLessThanOrEqual(off.bestMs);
        expect(off.bestMs).toBeLessThanOrEqual(off.untilMs);
        expect(off.untilMs).toBeGreaterThanOrEqual(took * MIN);
      }),
    );
  });
});

describe("a bowl that stays on the scale", () => {
  const heard = (grossG: number, { bareG = 0, lastG = 300, then = 0, done = 1 } = {}) =>
    weightByItself(grossG, bareG, lastG, then, done);
  test("is noted once for a section", () => {
    expect(heard(210)).toEqual({ notes: 210 });
    expect(heard(560, { bareG: 350 })).toEqual({ notes: 210 });
    expect(heard(210, { then: 1, done: 1 })).toEqual({ why: "same" });
    expect(heard(299.5)).toEqual({ why: "same" });
  });
  test("lifted it says nothing, whether it was set to zero with the bowl, with the bare bowl, or not", () => {
    expect(heard(-350)).toEqual({ why: "lifted" });
    expect(heard(0)).toEqual({ why: "lifted" });
    expect(heard(0, { bareG: 350 })).toEqual({ why: "lifted" });
    // Nearly empty, nothing on a zeroed scale is an empty bowl.
    expect(heard(0.5, { lastG: 15 })).toEqual({ notes: 0.5 });
  });
  test("heavier than before is something else on the scale", () => {
    expect(heard(420)).toEqual({ why: "heavier" });
  });
});

test("thin places have less of the hair, and shares still add up to one; what is behind is not above", () => {
  for (const count of SECTION_COUNTS) {
    const [plain, thin] = [sectionsOf(count), sectionsOf(count, ["crown", "temples"])];
    expect(thin.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    if (count < 8) continue;
    const of = (all: typeof plain) =>
      all.filter(({ along }) => along === "crown").reduce((s, { share }) => s + share, 0);
    expect(of(thin)).toBeLessThan(of(plain));
    expect(plain.filter(isBehind)).toHaveLength(count / 2);
  }
});
