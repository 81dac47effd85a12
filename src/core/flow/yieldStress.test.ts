import fc from "fast-check";
import { phiOf, yieldPaOf } from ".";

describe("yield stress", () => {
  test("φ and τ undo each other", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 400, noNaN: true }), (pa) => {
        expect(yieldPaOf(phiOf(pa))! / pa).toBeCloseTo(1, 8);
      }),
    );
  });
  test("a jam has no number, however far beyond", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.64, max: 5, noNaN: true }), (phi) => {
        expect(yieldPaOf(phi)).toBeUndefined();
      }),
    );
    expect(yieldPaOf(NaN)).toBeUndefined();
  });
});
