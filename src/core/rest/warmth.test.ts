import fc from "fast-check";
import { anyHistory, anyTemp } from "../../../checks/histories";
import { findMaterial } from "../material";
import "../catalogue";
import { asGauged, coolingHOf, fallsInH, FOLLOWED_H, heatOf, mixTempC, stretches, warmthAt } from ".";

describe("warmth", () => {
  test("Newton's law put back: after that time it has that temperature; a warmer room never lets it", () => {
    expect(fallsInH(40, 45, 20, 1)).toBe(0);
    expect(fallsInH(90, 45, 45, 1)).toBeUndefined();
    fc.assert(
      fc.property(
        fc.double({ min: 46, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 44, noNaN: true }),
        fc.double({ min: 50, max: 3000, noNaN: true }),
        (fromC, roomC, massG) => {
          const coolingH = coolingHOf(massG);
          const hours = fallsInH(fromC, 45, roomC, coolingH)!;
          expect(roomC + (fromC - roomC) * Math.exp(-hours / coolingH)).toBeCloseTo(45, 6);
          expect(warmthAt({ startC: fromC, coolingH, stays: [{ fromH: 0, tempC: roomC }] }, hours)).toBeCloseTo(45, 6);
        },
      ),
    );
  });
  test("a mix lies between its liquid and the room; a wet base holds back as much as its water does", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2000, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        anyTemp,
        (liquidG, liquidC, besides, roomC) => {
          const mixC = mixTempC(liquidG, liquidC, besides, roomC);
          expect(mixC).toBeGreaterThanOrEqual(Math.min(liquidC, roomC) - 1e-9);
          expect(mixC).toBeLessThanOrEqual(Math.max(liquidC, roomC) + 1e-9);
        },
      ),
    );
    // Water's 4.18 J/g K, and dry leaf's 1.6: handbook values.
    expect(heatOf(findMaterial("water")!, 100)).toBeCloseTo(418, 6);
    expect(heatOf(findMaterial("henna")!, 100)).toBeLessThan(210);
    expect(heatOf(findMaterial("yoghurt")!, 100)).toBeGreaterThan(370);
  });
  test("its stretches follow one another and have the warmth that Newton gives them", () => {
    fc.assert(
      fc.property(anyHistory, (history) => {
        let atH = 0;
        let steps = 0;
        for (const { fromH, forH, tempC } of stretches(history)) {
          expect(fromH).toBeCloseTo(atH, 6);
          expect(forH).toBeGreaterThan(0);
          if (tempC < 45) expect(Math.abs(warmthAt(history, fromH + forH / 2) - tempC)).toBeLessThan(0.2);
          atH = fromH + forH;
          steps += 1;
        }
        expect(atH).toBeCloseTo(FOLLOWED_H, 6);
        expect(steps).toBeLessThan(1000);
      }),
      { numRuns: 60 },
    );
  });
});

describe("thawing, and a thermometer", () => {
  const frozen = (coolingH: number) => ({
    startC: 21,
    coolingH,
    stays: [
      { fromH: 0, tempC: 21 },
      { fromH: 1, tempC: -18 },
      { fromH: 100, tempC: 21 },
    ],
  });
  test("half a litre of frozen paste takes some hours to thaw in the kitchen, a larger bowl longer (practice)", () => {
    const thawed = (massG: number) => {
      const history = frozen(coolingHOf(massG));
      for (let h = 100; h < 140; h += 0.1) if (warmthAt(history, h) > 10) return h - 100;
      return NaN;
    };
    expect(thawed(500)).toBeGreaterThan(3);
    expect(thawed(500)).toBeLessThan(7);
    expect(thawed(2000)).toBeGreaterThan(thawed(500) + 2);
  });
  test("it stands at 0 °C while it freezes and while it thaws, as long as its ice takes (worked by hand)", () => {
    const history = frozen(1);
    const at0 = [...stretches(history)].filter(({ tempC }) => tempC === 0).map(({ forH }) => forH);
    expect(at0).toHaveLength(2);
    expect(at0[0]).toBeCloseTo(70 / 18, 6);
    expect(at0[1]).toBeCloseTo(70 / 21, 6);
  });
  test("readings of a bowl that cools by Newton give back its beginning and its pace", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 90, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 5, max: 25, noNaN: true }),
        (startC, coolingH, roomC) => {
          const at = (atH: number) => ({ atH, tempC: roomC + (startC - roomC) * Math.exp(-atH / coolingH) });
          const found = asGauged({ startC: 50, coolingH: 1.1 }, roomC, [at(0.2), at(0.5)]);
          if (at(0.5).tempC <= roomC + 1.01) return;
          expect(found.startC).toBeCloseTo(startC, 6);
          expect(found.coolingH).toBeCloseTo(coolingH, 6);
          const one = asGauged({ startC: 50, coolingH }, roomC, [at(0.2)]);
          expect(one.startC).toBeCloseTo(startC, 6);
        },
      ),
    );
    const bowl = { startC: 50, coolingH: 1 };
    expect(asGauged(bowl, 21, [])).toBe(bowl);
    expect(asGauged(bowl, 21, [{ atH: 1, tempC: 21 }])).toBe(bowl);
  });
});
