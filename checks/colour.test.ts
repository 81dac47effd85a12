import { converter, differenceCiede2000, parse } from "culori";
import fc from "fast-check";
import {
  absorbingOf,
  absorbs,
  BANDS_NM,
  DYE,
  hairAbsorbs,
  J0_ZEROS,
  MIRRORED,
  reflectedOf,
  seenOf,
  swatchOf,
  takenUp,
  uptakeAt,
  xyzOf,
} from "@/core/colour";

/** J₀ by its power series. @source Abramowitz & Stegun 9.1.10 */
function besselJ0(x: number): number {
  let [term, sum] = [1, 1];
  for (let k = 1; k < 120; k++) sum += term *= -(x * x) / 4 / (k * k);
  return sum;
}
/** The n-th zero by McMahon's expansion. @source Abramowitz & Stegun 9.5.12 */
function mcMahon(n: number): number {
  const b = (n - 0.25) * Math.PI;
  return b + 1 / (8 * b) - 124 / (3 * (8 * b) ** 3) + 120928 / (15 * (8 * b) ** 5);
}

describe("Crank's cylinder", () => {
  test("the ten zeros are zeros of J₀ by its series, and those of table 9.5 (Abramowitz & Stegun)", () => {
    const table = [2.4048, 5.5201, 8.6537, 11.7915, 14.9309, 18.0711, 21.2116, 24.3525, 27.4935, 30.6346];
    J0_ZEROS.forEach((zero, i) => {
      expect(zero).toBeCloseTo(table[i], 4);
      if (zero < 20) expect(Math.abs(besselJ0(zero))).toBeLessThan(1e-8);
    });
  });
  test.each([0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1])("at X = %d as a series of 400 zeros has it", (x) => {
    const zeros = [...J0_ZEROS, ...Array.from({ length: 390 }, (_, i) => mcMahon(i + 11))];
    const long = 1 - zeros.reduce((sum, zero) => sum + (4 / zero ** 2) * Math.exp(-(zero ** 2) * x), 0);
    // What is beyond 400 zeros is 4/α² summed: less than 4/(π² 400).
    const beyond = x < 0.006 ? 1.1e-3 : 2e-4;
    expect(Math.abs(uptakeAt(x) - long)).toBeLessThan(beyond);
  });
  test.each([
    [0.05, 0.452],
    [0.1, 0.606],
    [0.5, 0.962],
  ])("Crank 1975, ch. 5 (from memory): X %d gives %d", (x, taken) => {
    expect(uptakeAt(x)).toBeCloseTo(taken, 3);
  });
  test("common practice: two to three hours take most of it; six hardly more than three", () => {
    expect(takenUp(2.5, "medium", 25)).toBeCloseTo(0.8, 1);
    expect(takenUp(3, "medium", 31) / takenUp(6, "medium", 31)).toBeGreaterThan(0.9);
    expect(takenUp(0.5, "medium", 31)).toBeLessThan(0.55);
  });
});

describe("light", () => {
  test("white under these tables is the white of sRGB (IEC 61966-2-1: 0.9505, 1, 1.0890)", () => {
    const { x, y, z } = xyzOf(BANDS_NM.map(() => 1));
    expect(Math.abs(x - 0.9505)).toBeLessThan(0.003);
    expect(y).toBeCloseTo(1, 12);
    expect(Math.abs(z - 1.089)).toBeLessThan(0.004);
    expect(swatchOf(BANDS_NM.map(() => 1)).hex).toMatch(/^#f[ef]f[ef]f[ef]$/);
  });
  test.each([
    ["#ff0000", 53.24, 80.09, 67.2],
    ["#00ff00", 87.73, -86.18, 83.18],
    ["#0000ff", 32.3, 79.19, -107.86],
  ])("the package culori has %s where it is published under D65", (hex, l, a, b) => {
    const lab = converter("lab65")(parse(hex)!);
    for (const [found, published] of [
      [lab.l, l],
      [lab.a, a],
      [lab.b, b],
    ])
      expect(Math.abs(found - published)).toBeLessThan(0.05);
  });
  test("a grey that reflects 18 % is at L* 49.5 (CIE 1976, worked by hand)", () => {
    const { l, a, b } = swatchOf(BANDS_NM.map(() => 0.18)).lab;
    expect(l).toBeCloseTo(116 * Math.cbrt(0.18) - 16, 6);
    expect(Math.hypot(a, b)).toBeLessThan(0.35);
  });
});

describe("Kubelka and Munk", () => {
  test.each([
    [0.1, 4.05],
    [0.25, 1.125],
    [0.5, 0.25],
  ])("R %d is K/S %d, worked by hand", (reflected, absorbing) => {
    expect(absorbingOf(reflected)).toBeCloseTo(absorbing, 12);
    expect(reflectedOf(absorbing)).toBeCloseTo(reflected, 12);
  });
  test("there and back again, however dark", () => {
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 1, noNaN: true }), (reflected) => {
        expect(reflectedOf(absorbingOf(reflected))).toBeCloseTo(reflected, 9);
      }),
    );
  });
  test("a surface of n 1.55 mirrors 4.65 % (Fresnel, worked by hand)", () => {
    expect(MIRRORED).toBeCloseTo(0.0465, 4);
  });
});

test("a change in the absorption moves the swatch: a hump shifted by 20 nm is seen", () => {
  const grey = hairAbsorbs("grey");
  const withHump = (shiftNm: number) =>
    swatchOf(grey.map((absorbing, i) => seenOf(absorbing + 8 * absorbs(DYE.henna, BANDS_NM[i] - shiftNm))));
  const [as, moved] = [withHump(0), withHump(20)];
  const apart = differenceCiede2000()(parse(as.hex)!, parse(moved.hex)!);
  expect(apart).toBeGreaterThan(4);
  expect(moved.lab.a).toBeGreaterThan(as.lab.a);
});
