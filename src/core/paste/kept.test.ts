import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { MASK } from "../../../checks/mask";
import { findMaterial, type Material } from "../material";
import { computePaste, figuresOf, lookupIn, withKept } from ".";

const amla = findMaterial("amla")!;
const asked = (kept: readonly object[]) => lookupIn(withKept(MASK, JSON.parse(JSON.stringify(kept))))("amla")!;

test("a bowl with the figures of today's tables is the same bowl", () => {
  fc.assert(
    fc.property(anyQuestion, (question) => {
      const plain = computePaste(question);
      const kept = computePaste(withKept(question, JSON.parse(JSON.stringify(figuresOf(question)))));
      expect(kept).toEqual(plain);
    }),
    { numRuns: 60 },
  );
});

test("its own numbers count, and what a thing is the tables say: a caution that came later is said of it too", () => {
  const then = { ...amla, tags: [], bulkDensityGPerMl: { ...amla.bulkDensityGPerMl, value: 0.5, low: 0.4, high: 0.6 } };
  expect(asked([then])).toMatchObject({ bulkDensityGPerMl: { value: 0.5 }, tags: amla.tags, names: amla.names });
  // The first releases kept numbers with another word for the family, and no form.
  const { form: _, ...first } = { ...then, family: "powder" };
  expect(asked([first])).toMatchObject({ family: amla.family, form: amla.form, bulkDensityGPerMl: { value: 0.5 } });
});

test.each<[string, Partial<Record<keyof Material, unknown>>]>([
  ["no number", { water: "wet" }],
  ["nothing", { holding: null }],
  ["ends in no order", { bulkDensityGPerMl: { value: 0.4, low: 0.5, high: 0.6 } }],
  ["more than all of it", { water: { value: 1.2, low: 1.1, high: 1.3 } }],
  ["more than a whole", { oil: { value: 0.95, low: 0.9, high: 1 } }],
  ["heavier than any metal", { bulkDensityGPerMl: { value: 900, low: 800, high: 1000 } }],
  ["a holding of no kind", { holding: { kind: "magic" } }],
  ["a soak that never ends", { soak: { firstShare: { value: 2, low: 1, high: 3 }, timeMin: amla.soak!.timeMin } }],
])("a file's figure that is %s is none: the tables' holds", (_, wrong) => {
  expect(asked([{ ...amla, ...wrong }])).toEqual(amla);
});
