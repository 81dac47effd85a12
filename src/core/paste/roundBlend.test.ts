import fc from "fast-check";
import { inSpoons, leastTsp, type OwnSpoons } from "../measure";
import { roundBlend, ROUNDING_TOLERANCE, scoopsOf } from ".";

const volumes = fc.array(fc.double({ min: 4, max: 400, noNaN: true }), { minLength: 1, maxLength: 8 });

test("a rounded blend keeps every share and the whole within its tolerance", () => {
  fc.assert(
    fc.property(volumes, fc.constantFrom("us" as const, "metric" as const, "australian" as const), (ml, spoons) => {
      const rounded = roundBlend(ml, spoons);
      fc.pre(rounded !== undefined);
      const sum = rounded.lines.reduce((total, line) => total + line.spoons.volumeMl, 0);
      const whole = ml.reduce((total, one) => total + one, 0);
      rounded.lines.forEach(({ spoons: { volumeMl } }, i) =>
        expect(Math.abs(volumeMl / sum / (ml[i] / whole) - 1)).toBeLessThanOrEqual(ROUNDING_TOLERANCE + 1e-9),
      );
      expect(Math.abs(rounded.scale - 1)).toBeLessThanOrEqual(ROUNDING_TOLERANCE + 1e-9);
    }),
  );
});

test("clean spoons stay as they are, and crooked ones become cleaner", () => {
  expect(roundBlend([30, 15, 15], "metric")).toMatchObject({
    worst: expect.closeTo(0, 9),
    scale: expect.closeTo(1, 9),
    scoops: 4,
  });
  const rounded = roundBlend([31.4, 15.2, 14.1], "metric")!;
  expect(rounded.lines.map(({ spoons }) => [spoons.tbsp, spoons.tsp])).toEqual([
    [2, 0],
    [1, 0],
    [1, 0],
  ]);
});

test("nonsense is not rounded", () => {
  for (const wrong of [[], [0, 15], [NaN], [-3], [Infinity]]) expect(roundBlend(wrong, "metric")).toBeUndefined();
});

test("own spoons: nothing finer than the smallest, no cup where there is none", () => {
  const own: OwnSpoons = { tsp: 4.6, tbsp: 13.2, cup: 230, leastTsp: 0.5, hasCup: false };
  fc.assert(
    fc.property(fc.double({ min: 0.5, max: 900, noNaN: true }), (ml) => {
      const { cups, tbsp, tsp, volumeMl } = inSpoons(ml, own);
      expect(cups).toBe(0);
      expect(tsp / leastTsp(own)).toBeCloseTo(Math.round(tsp / leastTsp(own)), 9);
      expect(volumeMl).toBeCloseTo(tbsp * own.tbsp + tsp * own.tsp, 9);
      if (ml > 30) expect(Math.abs(volumeMl / ml - 1)).toBeLessThan(0.25);
    }),
  );
  expect(scoopsOf({ cups: 0, tbsp: 2, tsp: 0.75, volumeMl: 1 })).toBe(4);
});
