import fc from "fast-check";
import "@/core/catalogue";
import { CATALOGUE } from "@/core/catalogue";
import { LIMITS } from "@/core/limits";
import { tagsOf, type Material } from "@/core/material";
import { checkMade, madeFigures } from "@/core/shelf";
import { METHODS, type MakingField, type Method, type Settings } from ".";

const anyOf = ({ takes }: Method) => {
  const things = CATALOGUE.filter(takes);
  return fc.array(
    fc.record({ material: fc.constantFrom(...things), massG: fc.double({ min: 1, max: 400, noNaN: true }) }),
    { minLength: 1, maxLength: 4 },
  );
};
const anyValue = (field: MakingField): fc.Arbitrary<number | string | boolean | undefined> =>
  field.kind === "choice"
    ? fc.constantFrom(...field.options)
    : field.kind === "yes"
      ? fc.boolean()
      : fc.oneof(
          fc.constant(field.initial),
          fc.double({ min: LIMITS[field.limit].min, max: Math.min(LIMITS[field.limit].max, 1500), noNaN: true }),
        );
const anySettings = ({ fields }: Method): fc.Arbitrary<Settings> =>
  fc.record(Object.fromEntries(fields.map((field) => [field.id, anyValue(field)])));
describe.each(METHODS.map((method) => [method.id, method] as const))("laws of every making: %s", (id, method) => {
  const made = fc.tuple(anyOf(method), anySettings(method), fc.double({ min: 8, max: 34, noNaN: true }));

  test("what goes in comes out, to a billionth; bands lie in order, and nothing is NaN", () => {
    let answered = 0;
    fc.assert(
      fc.property(made, ([things, settings, roomC]) => {
        const result = method.make(things, settings, roomC);
        if (!result.ok) return expect(result.problems.length).toBeGreaterThan(0);
        answered += 1;
        const { amounts, says, steps } = result.value;
        const { inG, productG, restG, steamG } = amounts;
        expect(Math.abs(inG.mid - productG.mid - restG.mid - steamG.mid)).toBeLessThan(1e-9 * inG.mid + 1e-9);
        for (const band of [...Object.values(amounts), ...Object.values(says)]) {
          expect(band!.low).toBeLessThanOrEqual(band!.mid);
          expect(band!.mid).toBeLessThanOrEqual(band!.high);
          expect(Number.isFinite(band!.high - band!.low)).toBe(true);
        }
        for (const amount of [productG, restG, steamG]) expect(amount.mid).toBeGreaterThanOrEqual(-1e-9);
        for (const { durationMin } of steps) expect(durationMin).toBeGreaterThanOrEqual(0);
        expect(new Set(steps.map((step) => step.id)).size).toBe(steps.length);
      }),
      { numRuns: 80 },
    );
    expect(answered).toBeGreaterThan(5);
  });

  test("its figures are such as a thing can have, and what is true of what went in is true of it", () => {
    fc.assert(
      fc.property(made, ([things, settings, roomC]) => {
        const result = method.make(things, settings, roomC);
        fc.pre(result.ok);
        const { rest } = result.value;
        for (const product of [result.value, ...(rest ? [rest] : [])]) {
          const kept = {
            method: id,
            things: [],
            settings: {},
            kitchenTempC: 20,
            figures: madeFigures(product.material),
          };
          expect(checkMade(kept)).toEqual([]);
          const { water, oil, dissolving } = product.material;
          expect(water.value + oil.value + dissolving.value).toBeLessThanOrEqual(1 + 1e-6);
        }
        // What drips off a curd has its allergens as well; a dust and a grain stay behind.
        for (const tag of tagsOf(things.map(({ material }) => material)))
          if (tag !== "fresh") expect(result.value.material.tags).toContain(tag);
        for (const { material } of things)
          expect([result.value.material.id, ...(result.value.material.contains ?? [])]).toContain(material.id);
      }),
      { numRuns: 60 },
    );
  });

  test("what it came to is believed: mass is kept, and nothing is less sure than before", () => {
    fc.assert(
      fc.property(made, fc.double({ min: 0.5, max: 1.3, noNaN: true }), ([things, settings, roomC], by) => {
        const plan = method.make(things, settings, roomC);
        fc.pre(plan.ok);
        const massG = by * plan.value.amounts.productG.mid;
        const given = method.make(things, settings, roomC, { cameTo: { massG, errorG: 0.01 * massG } });
        if (!given.ok) throw new Error(id);
        const { inG, productG, restG, steamG } = given.value.amounts;
        expect(Math.abs(inG.mid - productG.mid - restG.mid - steamG.mid)).toBeLessThan(1e-9 * inG.mid + 1e-9);
        const width = ({ low, high }: { low: number; high: number }) => high - low;
        expect(width(productG)).toBeLessThanOrEqual(width(plan.value.amounts.productG) + 1e-9);
        // It is no further from what was found than the plan was.
        const offBy = (grams: number) => Math.abs(massG - grams);
        expect(offBy(productG.mid)).toBeLessThanOrEqual(offBy(plan.value.amounts.productG.mid) + 1e-3);
        for (const amount of [productG, restG, steamG]) expect(amount.mid).toBeGreaterThanOrEqual(-1e-9);
        const figures = madeFigures(given.value.material);
        expect(checkMade({ method: id, things: [], settings: {}, kitchenTempC: 20, figures })).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  test("any thing and any setting: an answer or a problem, at a field", () => {
    const odd = fc.oneof(fc.double(), fc.string(), fc.boolean(), fc.constant(undefined));
    const anything = fc.dictionary(fc.constantFrom("nothing", ...method.fields.map((field) => field.id)), odd);
    fc.assert(
      fc.property(fc.constantFrom<Material>(...CATALOGUE), fc.double(), anything, (material, massG, settings) => {
        const result = method.make([{ material, massG }], settings as Settings, 21);
        if (result.ok) return;
        expect(result.problems.length).toBeGreaterThan(0);
        for (const { field } of result.problems) expect(field).toMatch(/^(things|settings)/);
      }),
      { numRuns: 200 },
    );
  });
});
