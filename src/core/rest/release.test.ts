import fc from "fast-check";
import { anyHistory } from "../../../checks/histories";
import { acidShare, FOLLOWED_H, releaseAlong, releaseBands, spoilsAtH, strengthAt } from ".";

describe("a dye along its own warmth", () => {
  const anyAcid = fc.double({ min: 0, max: 0.05, noNaN: true });
  const at21 = [{ fromH: 0, tempC: 21 }];
  const clock = (acidPerG: number, startC = 21) => ({ acidPerG, startC, coolingH: 1 });

  test("ready, best, peak and use-by lie in order, on the curve where they say", () => {
    fc.assert(
      fc.property(anyHistory, anyAcid, ({ stays, ...bowl }, acidPerG) => {
        const one = { ...bowl, acidPerG };
        const { readyH, bestH, peakH, useByH } = releaseAlong(one, stays);
        expect(readyH).toBeLessThanOrEqual(bestH + 1e-6);
        expect(bestH).toBeLessThanOrEqual(peakH + 1e-6);
        if (useByH !== undefined) expect(useByH).toBeGreaterThanOrEqual(peakH);
        const [ready, best, most, last] = strengthAt(one, stays, [readyH, bestH, peakH, useByH ?? 0]);
        expect(best).toBeCloseTo(0.95 * most, 4);
        expect(ready).toBeCloseTo(Math.min(0.8, 0.9 * most), 4);
        if (useByH !== undefined) expect(last).toBeCloseTo(ready, 4);
      }),
      { numRuns: 150 },
    );
  });
  test("warmer is never slower to ready, steady or as it is mixed; more acid is never faster", () => {
    const some = fc.double({ min: 0, max: 10, noNaN: true });
    fc.assert(
      fc.property(anyAcid, fc.double({ min: 1, max: 35, noNaN: true }), some, (acidPerG, tempC, by) => {
        const steady = (t: number) => releaseAlong(clock(acidPerG, t), [{ fromH: 0, tempC: t }]).readyH;
        expect(steady(tempC + by)).toBeLessThanOrEqual(steady(tempC) + 1e-6);
        const mixed = (t: number) => releaseAlong(clock(acidPerG, t), at21).readyH;
        expect(mixed(2 * (tempC + by))).toBeLessThanOrEqual(mixed(2 * tempC) + 1e-6);
        const sour = (more: number) => releaseAlong(clock(acidPerG + more, tempC), [{ fromH: 0, tempC }]).readyH;
        expect(sour(by / 200)).toBeGreaterThanOrEqual(sour(0) - 1e-6);
      }),
      { numRuns: 200 },
    );
  });
  test("a smooth input makes no jump: a drop of lemon, a degree", () => {
    fc.assert(
      fc.property(anyAcid, fc.double({ min: 5, max: 90, noNaN: true }), (acidPerG, startC) => {
        const now = releaseAlong(clock(acidPerG, startC), at21);
        const next = releaseAlong(clock(acidPerG + 1e-5, startC + 0.02), at21);
        for (const key of ["readyH", "bestH", "useByH"] as const)
          expect(Math.abs(now[key]! - next[key]!)).toBeLessThan(0.03 * (0.5 + now[key]!));
      }),
      { numRuns: 200 },
    );
  });
  test("a pause in the freezer changes nothing but the hours of cooling and thawing", () => {
    const bowl = { acidPerG: 0.02, startC: 21, coolingH: 0.01 };
    const left = releaseAlong(bowl, at21);
    const paused = [...at21, { fromH: 2, tempC: -18 }, { fromH: 50, tempC: 21 }];
    const later = releaseAlong(bowl, paused);
    for (const key of ["readyH", "bestH", "peakH", "useByH"] as const)
      expect(later[key]! - left[key]!).toBeCloseTo(48, 0);
  });
  test("acid does a little in a teaspoon and nearly all in two spoons; half of it at its half", () => {
    // 100 g of henna; lemon juice is 5.5 % citric acid. Practice: a teaspoon is 5 g, two spoons 30 g.
    expect(acidShare(0)).toBe(0);
    expect(acidShare(0.006)).toBeCloseTo(0.5, 12);
    expect(acidShare((5 * 0.055) / 100)).toBeLessThan(0.25);
    expect(acidShare((30 * 0.055) / 100)).toBeGreaterThan(0.85);
  });
  test("its bands lie in order, none before the mixing", () => {
    fc.assert(
      fc.property(anyHistory, anyAcid, ({ stays, ...bowl }, acidPerG) => {
        for (const { low, mid, high } of Object.values(releaseBands({ ...bowl, acidPerG }, stays))) {
          expect(low).toBeGreaterThanOrEqual(0);
          expect(low).toBeLessThanOrEqual(mid);
          expect(mid).toBeLessThanOrEqual(high);
          expect(high).toBeLessThanOrEqual(FOLLOWED_H);
        }
      }),
      { numRuns: 40 },
    );
  });
  test("in the fridge it is spoiled before its dye is gone: two to four days (common practice)", () => {
    const kept = { startC: 21, coolingH: 1, stays: [...at21, { fromH: 4, tempC: 4 }] };
    expect(spoilsAtH(kept)).toBeGreaterThan(48);
    expect(spoilsAtH(kept)).toBeLessThan(96);
    expect(releaseAlong({ ...kept, acidPerG: 0.02 }, kept.stays).useByH!).toBeGreaterThan(spoilsAtH(kept));
    expect(spoilsAtH({ ...kept, stays: [...at21, { fromH: 4, tempC: -18 }] })).toBe(FOLLOWED_H);
  });
});
