import { simulate } from "./simulate";
import { normals, seeded } from "./random";

test("the same seed gives the same numbers, even and normal ones as they should be", () => {
  const [a, b] = [seeded(7), seeded(7)];
  const evens = Array.from({ length: 20_000 }, a);
  expect(evens.slice(0, 5)).toEqual(Array.from({ length: 5 }, b));
  expect(Math.min(...evens)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...evens)).toBeLessThan(1);
  expect(evens.reduce((sum, v) => sum + v, 0) / evens.length).toBeCloseTo(0.5, 2);
  const drawn = Array.from({ length: 20_000 }, normals(seeded(11)));
  const mean = drawn.reduce((sum, v) => sum + v, 0) / drawn.length;
  expect(mean).toBeCloseTo(0, 1);
  expect(drawn.reduce((sum, v) => sum + (v - mean) ** 2, 0) / drawn.length).toBeCloseTo(1, 1);
});

test("one figure's quantiles are its own ends, bent as the model bends them (closed form)", () => {
  const inputs = [{ value: 10, low: 7, high: 15 }];
  const { band, bins } = simulate(
    inputs,
    1,
    (x, out) => {
      out[0] = x[0] ** 2;
    },
    0,
    seeded(3),
    20_000,
  )!;
  expect(band.low / 49).toBeCloseTo(1, 1);
  expect(band.mid / 100).toBeCloseTo(1, 1);
  expect(band.high / 225).toBeCloseTo(1, 1);
  expect(bins.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 2);
});

test("a figure whose range goes below zero is drawn below zero; one that cannot be is not", () => {
  const low = (figure: { value: number; low: number; high: number }) =>
    simulate(
      [figure],
      1,
      (x, out) => {
        out[0] = x[0];
      },
      0,
      seeded(5),
      5000,
    )!.from;
  expect(low({ value: 0, low: -2, high: 2 })).toBeLessThan(-2);
  expect(low({ value: 1, low: 0.1, high: 4 })).toBeGreaterThanOrEqual(0);
});

test("draws without an answer are left out; none at all is said", () => {
  const model = (x: Float64Array, out: Float64Array) => {
    out[0] = x[0] > 10 ? NaN : x[0];
  };
  expect(simulate([{ value: 10, low: 5, high: 15 }], 1, model, 0, seeded(1), 2000)!.band.high).toBeLessThanOrEqual(10);
  expect(simulate([{ value: 20, low: 20, high: 20 }], 1, model, 0, seeded(1), 10)).toBeUndefined();
});
