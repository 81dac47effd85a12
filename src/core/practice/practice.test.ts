import fc from "fast-check";
import { practiceBowl, practiceResult, practiceState } from ".";

test("the same seed is the same bowl, and pouring what is right is right, in the word that was asked for", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
      const bowl = practiceBowl(seed);
      expect(practiceBowl(seed)).toEqual(bowl);
      expect(bowl.rightMl).toBeGreaterThan(0);
      expect(practiceResult(bowl, bowl.rightMl)).toMatchObject({ offMl: 0, off: 0, hit: true });
      expect(practiceResult(bowl, bowl.rightMl * 2).hit).toBe(false);
      expect(practiceState(bowl, 0).consistency.state).toBe("dry");
    }),
    { numRuns: 200 },
  );
});
test("bowls differ: powders, amounts and targets are not always the same", () => {
  const bowls = Array.from({ length: 60 }, (_, seed) => practiceBowl(seed));
  for (const list of [
    bowls.map(({ powderG }) => powderG),
    bowls.map(({ target }) => target),
    bowls.map(({ factor }) => factor),
  ])
    expect(new Set<unknown>(list).size).toBeGreaterThan(3);
  expect(new Set(bowls.map(({ powder }) => powder.id)).size).toBeGreaterThan(10);
});
test("each splash thins it, never thickens", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 5000 }),
      fc.double({ min: 0.3, max: 2, noNaN: true }),
      fc.double({ min: 1, max: 60, noNaN: true }),
      (seed, at, splash) => {
        const bowl = practiceBowl(seed);
        const pa = (ml: number) => {
          const { consistency } = practiceState(bowl, ml);
          return consistency.state === "dry" ? Infinity : consistency.yieldPa;
        };
        expect(pa(bowl.rightMl * at + splash)).toBeLessThanOrEqual(pa(bowl.rightMl * at));
      },
    ),
  );
});
