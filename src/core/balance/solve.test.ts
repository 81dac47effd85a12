import fc from "fast-check";
import { findMaterial } from "../material";
import { CATALOGUE } from "../catalogue";
import { bowlState, pullG, solveAmountG, thing } from ".";
import { consistencyOf } from "../paste";
import { phiOf } from "../flow";

describe("laws of the balance", () => {
  const someThings = fc
    .array(fc.tuple(fc.constantFrom(...CATALOGUE), fc.double({ min: 1, max: 300, noNaN: true })), {
      minLength: 1,
      maxLength: 10,
    })
    .map((picked) => picked.map(([material, grams]) => thing(material, grams)));
  const water = findMaterial("water")!;

  test("more liquid never thickens", () => {
    fc.assert(
      fc.property(
        someThings,
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (things, ml, more) => {
          const thinner = bowlState([...things, thing(water, ml + more)]);
          const thicker = bowlState([...things, thing(water, ml)]);
          expect(thinner.phi).toBeLessThanOrEqual(thicker.phi + 1e-12);
          if (!thicker.dry) expect(thinner.dry).toBe(false);
        },
      ),
      { numRuns: 400 },
    );
  });

  test("a solve put back gives its target", () => {
    fc.assert(
      fc.property(
        someThings,
        fc.constantFrom(...CATALOGUE),
        fc.double({ min: 3, max: 240, noNaN: true }),
        (things, material, pa) => {
          const grams = solveAmountG(things, thing(material, 1), phiOf(pa));
          fc.pre(grams !== undefined);
          const bowl = [...things, thing(material, grams)];
          expect(Math.abs(pullG(bowl, phiOf(pa)))).toBeLessThan(1e-6 * (1 + bowlState(bowl).volumeMl));
        },
      ),
      { numRuns: 400 },
    );
  });

  test("a dry bowl never shows a yield stress", () => {
    fc.assert(
      fc.property(someThings, (things) => {
        const { phi, dry } = bowlState(things);
        const found = consistencyOf(things);
        if (dry || phi >= 0.64) expect(found).toEqual({ state: "dry" });
      }),
      { numRuns: 400 },
    );
  });

  test("oil does not wet a powder", () => {
    expect(consistencyOf([thing(findMaterial("amla")!, 50), thing(findMaterial("sesame-oil")!, 400)])).toEqual({
      state: "dry",
    });
  });
});
