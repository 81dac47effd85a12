import fc from "fast-check";
import { plateRadiusMm, slumpShare } from "@/core/reading";
import { spoonShape } from "../bowl/spoonShape";
import { placeOnScale, SCALE_PA } from "./scaleShape";
import { plateShape, ringShape } from "./shapes";
import { CARD_MM, PX_PER_MM, USUAL_PX_PER_MM } from "./trueSize";

const pa = fc.double({ min: 2, max: 200, noNaN: true });
const ml = fc.double({ min: 8, max: 60, noNaN: true });
const density = fc.double({ min: 1, max: 1.3, noNaN: true });
const more = fc.double({ min: 1.05, max: 2, noNaN: true });

describe("the plate is a picture of the formula", () => {
  test("its radius is the formula's, and the round holds the drop's volume within 1 %", () => {
    fc.assert(
      fc.property(pa, ml, density, (yieldPa, volumeMl, rho) => {
        const { radiusMm, heightMm } = plateShape(yieldPa, volumeMl, rho);
        expect(radiusMm).toBe(plateRadiusMm(yieldPa, volumeMl, rho));
        // Volume of the profile h₀ √(1 − r/R), summed in rings.
        let volume = 0;
        const steps = 2000;
        for (let i = 0; i < steps; i++) {
          const r = ((i + 0.5) / steps) * radiusMm;
          volume += 2 * Math.PI * r * heightMm * Math.sqrt(1 - r / radiusMm) * (radiusMm / steps);
        }
        expect(Math.abs(volume / 1000 / volumeMl - 1)).toBeLessThan(0.01);
      }),
      { numRuns: 60 },
    );
  });
  test("no input is ignored: each moves the round its own way", () => {
    // Where a drop still spreads; a stiffer one stands as narrow as its own ball.
    fc.assert(
      fc.property(fc.double({ min: 2, max: 25, noNaN: true }), ml, density, more, (yieldPa, volumeMl, rho, by) => {
        const { radiusMm } = plateShape(yieldPa, volumeMl, rho);
        expect(plateShape(yieldPa * by, volumeMl, rho).radiusMm).toBeLessThan(radiusMm);
        expect(plateShape(yieldPa, volumeMl * by, rho).radiusMm).toBeGreaterThan(radiusMm);
        expect(plateShape(yieldPa, volumeMl, rho * by).radiusMm).toBeGreaterThan(radiusMm);
      }),
    );
  });
});

describe("the ring is a picture of the formula", () => {
  test("what stands is the formula's, and its volume is the ring's within 1 %", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 250, noNaN: true }),
        fc.double({ min: 30, max: 100, noNaN: true }),
        fc.double({ min: 30, max: 90, noNaN: true }),
        (yieldPa, height, width) => {
          const { heightMm, topMm, footMm } = ringShape(yieldPa, height, width, 1.1);
          if (slumpShare(yieldPa, 1.1, height) > 0.97) return;
          expect(heightMm).toBeCloseTo(height * (1 - slumpShare(yieldPa, 1.1, height)), 9);
          const cone = ((Math.PI * heightMm) / 12) * (topMm ** 2 + topMm * footMm + footMm ** 2);
          expect(Math.abs(cone / ((Math.PI / 4) * width ** 2 * height) - 1)).toBeLessThan(0.01);
        },
      ),
    );
  });
  test("no input is ignored", () => {
    const at = (yieldPa: number, height: number, width: number, rho: number) => ringShape(yieldPa, height, width, rho);
    const base = at(60, 50, 56, 1.1);
    expect(at(90, 50, 56, 1.1).heightMm).toBeGreaterThan(base.heightMm);
    expect(at(60, 50, 56, 1.3).heightMm).toBeLessThan(base.heightMm);
    expect(at(60, 60, 56, 1.1).footMm).toBeGreaterThan(base.footMm);
    expect(at(60, 50, 66, 1.1).footMm).toBeGreaterThan(base.footMm);
  });
});

test("ribbon, peak and scale stand in the order of the yield stress, strictly where they can be told apart", () => {
  fc.assert(
    fc.property(fc.double({ min: 10, max: 150, noNaN: true }), more, (yieldPa, by) => {
      const shape = (of: number) => spoonShape({ state: "paste", yieldPa: of, word: "cream", dragRatio: 1 });
      expect(shape(yieldPa * by).ribbonWidth).toBeGreaterThan(shape(yieldPa).ribbonWidth);
      expect(shape(yieldPa * by).peak).toBeGreaterThan(shape(yieldPa).peak);
      expect(placeOnScale(yieldPa * by)).toBeGreaterThan(placeOnScale(yieldPa));
    }),
  );
  expect(placeOnScale(0)).toBe(0);
  expect(placeOnScale(SCALE_PA.to * 3)).toBe(1);
});

test("a card is an ISO/IEC 7810 ID-1 card, and every screen has room for it on the slider", () => {
  expect(CARD_MM).toEqual({ width: 85.6, height: 53.98 });
  // 96 px to the inch by definition of the CSS pixel; phones run to about 2.2 of it, old beamers to half.
  expect(USUAL_PX_PER_MM).toBeCloseTo(3.7795, 3);
  expect(PX_PER_MM.min).toBeLessThan(USUAL_PX_PER_MM / 1.8);
  expect(PX_PER_MM.max).toBeGreaterThan(USUAL_PX_PER_MM * 3);
});
