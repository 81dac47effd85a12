import fc from "fast-check";
import { propagate } from "./propagate";

const figure = fc
  .tuple(
    fc.double({ min: 1, max: 10, noNaN: true }),
    fc.double({ min: 0, max: 0.5, noNaN: true }),
    fc.double({ min: 0, max: 0.5, noNaN: true }),
  )
  .map(([value, below, above]) => ({ value, low: value * (1 - below), high: value * (1 + above) }));

describe("propagate", () => {
  test("a sum adds its widths in quadrature", () => {
    const [sum] = propagate(
      [
        { value: 3, low: 0, high: 6 },
        { value: 4, low: 0, high: 8 },
      ],
      1,
      (x, out) => {
        out[0] = x[0] + x[1];
      },
    );
    expect(sum).toEqual({ low: 7 - 5, mid: 7, high: 7 + 5 });
  });

  test("widening any input never narrows a monotone result", () => {
    fc.assert(
      fc.property(
        fc.array(figure, { minLength: 1, maxLength: 6 }),
        fc.nat(5),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (inputs, which, by) => {
          const model = (x: Float64Array, out: Float64Array) => {
            out[0] = x.reduce((product, v) => product * v, 1);
          };
          const i = which % inputs.length;
          const wider = inputs.map((f, j) =>
            j === i
              ? { value: f.value, low: f.value - (f.value - f.low) * by, high: f.value + (f.high - f.value) * by }
              : f,
          );
          const [narrow] = propagate(inputs, 1, model);
          const [wide] = propagate(wider, 1, model);
          expect(wide.low).toBeLessThanOrEqual(narrow.low + 1e-9);
          expect(wide.high).toBeGreaterThanOrEqual(narrow.high - 1e-9);
          expect(wide.mid).toBe(narrow.mid);
        },
      ),
    );
  });

  test("an end without an answer is left out, and the inputs come back as they were", () => {
    const inputs = [{ value: 2, low: 1, high: 3 }];
    const [band] = propagate(inputs, 1, (x, out) => {
      out[0] = x[0] > 2.5 ? NaN : x[0];
    });
    expect(band).toEqual({ low: 1, mid: 2, high: 2 });
    expect(inputs).toEqual([{ value: 2, low: 1, high: 3 }]);
  });
});
