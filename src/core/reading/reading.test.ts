import fc from "fast-check";
import {
  ballRadiusMm,
  checkReading,
  expectedReading,
  plateRadiusMm,
  plateYieldPa,
  reachOf,
  readYield,
  ringYieldPa,
  slumpShare,
  thinPlateYieldPa,
  type Reading,
} from ".";

const DENSITY = { value: 1.1, low: 1.07, high: 1.13 };
const codes = (reading: Reading) => checkReading(reading).map(({ field, code }) => `${field} ${code}`);
const pa = fc.double({ min: 0.5, max: 400, noNaN: true });

describe("ring and plate", () => {
  test("each undoes its own reading, and a stiffer paste slumps and spreads less", () => {
    fc.assert(
      fc.property(pa, fc.double({ min: 1.01, max: 3, noNaN: true }), (yieldPa, by) => {
        const share = slumpShare(yieldPa, 1.1, 50);
        if (share > 0.001) expect(ringYieldPa(share, 1.1, 50) / yieldPa).toBeCloseTo(1, 6);
        expect(slumpShare(yieldPa * by, 1.1, 50)).toBeLessThanOrEqual(share);
        const radius = plateRadiusMm(yieldPa, 15, 1.1);
        if (radius > 1.01 * ballRadiusMm(15)) expect(plateYieldPa(15, radius, 1.1) / yieldPa).toBeCloseTo(1, 4);
        expect(plateRadiusMm(yieldPa * by, 15, 1.1)).toBeLessThanOrEqual(radius + 1e-9);
      }),
    );
  });
  test("limits: nothing stands of water, all of a wall; a wide drop needs no correction for its thickness", () => {
    expect(slumpShare(0, 1.1, 50)).toBe(1);
    expect(slumpShare(1e6, 1.1, 50)).toBe(0);
    expect(plateYieldPa(15, 500, 1.1) / thinPlateYieldPa(15, 500, 1.1)).toBeCloseTo(1, 3);
    expect(plateYieldPa(15, 25, 1.1) / thinPlateYieldPa(15, 25, 1.1)).toBeLessThan(0.6);
  });
  test("a taller ring reaches stiffer pastes, a bigger drop too; the reach is where the check lets it through", () => {
    expect(reachOf({ by: "ring", heightMm: 100 }).toPa).toBeGreaterThan(reachOf({ by: "ring", heightMm: 50 }).toPa);
    for (const test of [
      { by: "ring", heightMm: 50 },
      { by: "plate", volumeMl: 15 },
    ] as const) {
      const { fromPa, toPa } = reachOf(test);
      const at = (yieldPa: number): Reading => {
        if (test.by === "ring") return { ...test, slumpMm: expectedReading.ringSlumpMm(yieldPa, 1.1, 50) };
        const across = expectedReading.plateAcrossMm(yieldPa, 15, 1.1);
        return { ...test, acrossMm: across, alongMm: across };
      };
      expect(codes(at(Math.sqrt(fromPa * toPa)))).toEqual([]);
      expect(codes(at(fromPa * 0.9))[0]).toMatch(/tooThin/);
      expect(codes(at(toPa * 1.1))[0]).toMatch(/tooStiff/);
    }
  });
  test.each<[string, Reading, string]>([
    ["a slump taller than the ring", { by: "ring", heightMm: 50, slumpMm: 51 }, "slumpMm slumpTallerThanRing"],
    ["a slump as tall as the ring", { by: "ring", heightMm: 50, slumpMm: 50 }, "slumpMm slumpTallerThanRing"],
    [
      "a plate narrower than its own drop",
      { by: "plate", volumeMl: 15, acrossMm: 29, alongMm: 60 },
      "acrossMm narrowerThanDrop",
    ],
    ["the other way narrower", { by: "plate", volumeMl: 15, acrossMm: 60, alongMm: 20 }, "alongMm narrowerThanDrop"],
    ["a ring of nothing", { by: "ring", heightMm: 0, slumpMm: 0 }, "heightMm tooSmall"],
    ["a drop of nothing", { by: "plate", volumeMl: 0, acrossMm: 60, alongMm: 60 }, "volumeMl tooSmall"],
    ["nothing read", { by: "plate", volumeMl: 15, acrossMm: NaN, alongMm: 60 }, "acrossMm notANumber"],
    ["another test", { by: "thumb" } as unknown as Reading, "by unknownChoice"],
  ])("%s is refused at its field", (_, reading, expected) => {
    expect(codes(reading)).toContain(expected);
  });
  test("the band holds the middle, grows when the two directions differ, and with a less known weight", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 80, noNaN: true }),
        fc.double({ min: 4, max: 12, noNaN: true }),
        (across, apart) => {
          const band = (difference: number, density = DENSITY) => {
            const found = readYield(
              { by: "plate", volumeMl: 15, acrossMm: across - difference / 2, alongMm: across + difference / 2 },
              density,
            );
            return found.ok ? Math.log(found.value.yieldPa.high / found.value.yieldPa.low) : NaN;
          };
          const even = band(0);
          const uneven = band(apart);
          if (Number.isFinite(even) && Number.isFinite(uneven)) expect(uneven).toBeGreaterThan(even);
          if (Number.isFinite(even)) expect(band(0, { value: 1.1, low: 0.9, high: 1.3 })).toBeGreaterThan(even);
        },
      ),
    );
  });
});
