import fc from "fast-check";
import { parseCount } from "./parseCount";

test.each<[string, number | undefined]>([
  ["2", 2],
  [" 1.5 ", 1.5],
  ["0,25", 0.25],
  ["1/2", 0.5],
  ["1 1/2", 1.5],
  ["2½", 2.5],
  ["½", 0.5],
  ["¾", 0.75],
  [".5", 0.5],
  ["3.", 3],
  ["-3", -3],
  ["", undefined],
  ["two", undefined],
  ["1/0", undefined],
  ["1e9", undefined],
  ["1.2.3", undefined],
  ["NaN", undefined],
  ["Infinity", undefined],
  ["2 tbsp", undefined],
  ["<b>2</b>", undefined],
])("%j is %p", (text, expected) => {
  expect(parseCount(text)).toBe(expected);
});

test("answers or refuses, never NaN", () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      const value = parseCount(text);
      expect(value === undefined || Number.isFinite(value)).toBe(true);
    }),
    { numRuns: 2000 },
  );
  fc.assert(
    fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), (value) => {
      expect(parseCount(value.toFixed(3))).toBeCloseTo(value, 3);
    }),
  );
});
