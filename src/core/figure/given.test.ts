import fc from "fast-check";
import { propagate, propagateGiven } from ".";

const figure = fc
  .tuple(fc.double({ min: 1, max: 10, noNaN: true }), fc.double({ min: 0.01, max: 0.5, noNaN: true }))
  .map(([value, by]) => ({ value, low: value * (1 - by), high: value * (1 + by) }));
/** Two outputs that share inputs, and their sum. */
const model = (x: Float64Array, out: Float64Array) => {
  out[0] = x[0] + x[1];
  out[1] = 2 * x[0] - x[2];
  out[2] = out[0] + out[1];
};

describe("bands, given what one output was found to be", () => {
  test("a straight model agrees with conditioning a normal distribution by hand", () => {
    // x ~ N(10, 2²), y ~ N(5, 1²); s = x + y is measured as 18 ± 1 (its own sigma 1): K = 4/6 for x, 1/6 for y.
    const [sum, x] = propagateGiven(
      [
        { value: 10, low: 8, high: 12 },
        { value: 5, low: 4, high: 6 },
      ],
      2,
      (v, out) => out.set([v[0] + v[1], v[0]]),
      { output: 0, value: 18, error: 1 },
    );
    expect(x.mid).toBeCloseTo(10 + (4 / 6) * 3, 6);
    expect(x.high - x.mid).toBeCloseTo(Math.sqrt(4 - 16 / 6), 6);
    expect(sum.mid).toBeCloseTo(15 + (5 / 6) * 3, 6);
    expect(sum.mid - sum.low).toBeCloseTo(Math.sqrt(5 / 6), 6);
  });

  test("nothing is wider than it was, what adds up still does, and the surer the reading the nearer to it", () => {
    fc.assert(
      fc.property(
        fc.tuple(figure, figure, figure),
        fc.double({ min: -0.9, max: 0.9, noNaN: true }),
        fc.double({ min: 0.001, max: 5, noNaN: true }),
        (inputs, sigmas, error) => {
          const prior = propagate(inputs, 3, model);
          const value = prior[0].mid + sigmas * (prior[0].high - prior[0].mid);
          const given = (by: number) => propagateGiven(inputs, 3, model, { output: 0, value, error: by });
          const bands = given(error);
          bands.forEach(({ low, high }, j) =>
            expect(high - low).toBeLessThanOrEqual(prior[j].high - prior[j].low + 1e-9),
          );
          expect(bands[0].mid + bands[1].mid).toBeCloseTo(bands[2].mid, 9);
          const off = (by: number) => Math.abs(given(by)[0].mid - value);
          expect(off(error / 2)).toBeLessThanOrEqual(off(error) + 1e-12);
          expect(off(0)).toBeLessThan(1e-6);
        },
      ),
    );
  });

  test("of a model that is sure a reading changes nothing; out of reach it moves to the end of what may be", () => {
    const sure = [{ value: 2, low: 2, high: 2 }];
    const one = (x: Float64Array, out: Float64Array) => out.set([x[0]]);
    expect(propagateGiven(sure, 1, one, { output: 0, value: 9, error: 1 })).toEqual(propagate(sure, 1, one));
    const [far] = propagateGiven([{ value: 2, low: 1, high: 3 }], 1, one, { output: 0, value: 900, error: 0 });
    expect(far.mid).toBe(3);
  });

  test("a bent model is followed to what was measured", () => {
    const bent = (x: Float64Array, out: Float64Array) => out.set([Math.exp(x[0]), x[0]]);
    const [y, x] = propagateGiven([{ value: 1, low: 0, high: 2 }], 2, bent, { output: 0, value: 5, error: 0 });
    expect(y.mid).toBeCloseTo(5, 2);
    expect(x.mid).toBeCloseTo(Math.log(5), 2);
  });
});
