import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { diffBlends, type Blend } from ".";

const BLEND: Blend = {
  purpose: "mask",
  kitchenTempC: 20,
  sizing: "likely",
  target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "honey", role: "fixed", amount: 1, unit: "tbsp", fill: "level" },
  ],
};

test("a blend does not differ from itself, nor from its lines in another order", () => {
  fc.assert(
    fc.property(anyQuestion, (question) => {
      expect(diffBlends(question, question)).toEqual([]);
      const distinct = new Set(question.lines.map((line) => line.materialId)).size === question.lines.length;
      if (distinct) expect(diffBlends(question, { ...question, lines: [...question.lines].reverse() })).toEqual([]);
    }),
  );
});

test("what one way is added is the other way left out", () => {
  fc.assert(
    fc.property(anyQuestion, anyQuestion, (a, b) => {
      const count = (kind: string, changes: readonly { kind: string }[]) =>
        changes.filter((change) => change.kind === kind).length;
      const [there, back] = [diffBlends(a, b), diffBlends(b, a)];
      expect(there.length).toBe(back.length);
      expect(count("added", there)).toBe(count("leftOut", back));
      expect(count("amount", there)).toBe(count("amount", back));
    }),
  );
});

test("each thing that can differ is named", () => {
  const [amla, honey] = BLEND.lines;
  const to: Blend = {
    purpose: "rootsOnly",
    roots: { months: 2, share: 0.5 },
    kitchenTempC: 25,
    sizing: "generous",
    target: { yieldPa: 60 },
    restMin: 90,
    liquid: { materialId: "black-tea", tempC: 40 },
    lines: [
      { ...amla, fill: "heaped" },
      { ...honey, materialId: "egg", unit: "piece" },
    ],
  };
  expect(diffBlends(BLEND, to).map((change) => change.kind)).toEqual([
    "amount",
    "leftOut",
    "added",
    "purpose",
    "target",
    "liquid",
    "kitchen",
    "rest",
    "sizing",
    "roots",
  ]);
});

test("a second spoon of the same herb is an addition, not a change of the first", () => {
  expect(diffBlends(BLEND, { ...BLEND, lines: [...BLEND.lines, { ...BLEND.lines[0], amount: 1 }] })).toEqual([
    { kind: "added", line: { ...BLEND.lines[0], amount: 1 } },
  ]);
});
