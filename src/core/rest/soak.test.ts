import fc from "fast-check";
import { anyTemp } from "../../../checks/histories";
import { findMaterial } from "../material";
import { CATALOGUE } from "../catalogue";
import { soakedShare, soakMin } from ".";

const anyMaterial = fc.constantFrom(...CATALOGUE);

describe("soaking", () => {
  test("starts at its first share, only rises, never passes the whole, and goes faster warm", () => {
    fc.assert(
      fc.property(
        anyMaterial,
        anyTemp,
        fc.double({ min: 0, max: 600, noNaN: true }),
        fc.double({ min: 0, max: 600, noNaN: true }),
        (material, tempC, minutes, more) => {
          const now = soakedShare(material, minutes, tempC);
          expect(now).toBeGreaterThanOrEqual((material.soak?.firstShare.value ?? 1) - 1e-12);
          expect(soakedShare(material, minutes + more, tempC)).toBeGreaterThanOrEqual(now);
          expect(soakedShare(material, minutes + more, tempC)).toBeLessThanOrEqual(1);
          expect(soakedShare(material, minutes, Math.min(45, tempC + 10))).toBeGreaterThanOrEqual(now);
        },
      ),
    );
  });
  test("a leaf powder stands at 0.9 + 0.1 (1 - 1/e) after its ten minutes (worked by hand)", () => {
    expect(soakedShare(findMaterial("amla")!, 10, 22)).toBeCloseTo(0.9632, 4);
    expect(soakedShare(findMaterial("fenugreek-seed")!, 25, 22)).toBeCloseTo(0.8896, 4);
  });
  test("soaked means 95 %, for whatever soaks at all", () => {
    for (const material of CATALOGUE) {
      const minutes = soakMin(material, 22);
      if (minutes > 0) expect(soakedShare(material, minutes, 22)).toBeCloseTo(0.95, 6);
      else expect(soakedShare(material, 0, 22)).toBeGreaterThanOrEqual(0.95);
    }
    expect(soakMin(findMaterial("fenugreek-seed")!, 22)).toBeGreaterThan(soakMin(findMaterial("amla")!, 22));
  });
});
