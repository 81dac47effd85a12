import fc from "fast-check";
import { coverage, PLAIN_HEAD } from "@/core/head";
import { findMaterial } from "@/core/material";
import { bowlState, holdingMlPerG, thing } from "@/core/balance";
import { computePaste, consistencyOf, heldCoatMm, type PasteQuestion } from "@/core/paste";
import { relativeViscosity } from "@/core/flow";
import { readCsv } from "./readCsv";

const henna = findMaterial("henna")!;
const water = findMaterial("water")!;

const hundredGrams = (targetPa: number): PasteQuestion => ({
  head: PLAIN_HEAD,
  purpose: "dyePacked",
  spoons: "us",
  sizing: "asGiven",
  kitchenTempC: 21,
  restMin: 600,
  lines: [{ materialId: "henna", role: "part", amount: 100, unit: "g", fill: "level" }],
  liquid: { materialId: "water", tempC: 40 },
  target: { yieldPa: targetPa },
});

describe("henna and liquid", () => {
  test.each(readCsv("hennaLiquid.csv"))(
    "100 g at $targetPa Pa takes $midMl ml ($lowMl-$highMl)",
    ({ targetPa, lowMl, midMl, highMl }) => {
      const answer = computePaste(hundredGrams(Number(targetPa)));
      if (!answer.ok || answer.value.liquid.state !== "solved") throw new Error("expected a solved liquid");
      const { low, mid, high } = answer.value.liquid.ml;
      expect(mid).toBeCloseTo(Number(midMl), -0.5);
      // The table moves the holding alone; the answer also carries φm, τ*, moisture and the scale, so it is a little wider.
      expect(low).toBeLessThanOrEqual(Number(lowMl) + 1);
      expect(high).toBeGreaterThanOrEqual(Number(highMl) - 1);
      expect(low).toBeGreaterThan(Number(lowMl) * 0.95);
      expect(high).toBeLessThan(Number(highMl) * 1.05);
    },
  );

  test("the SCCS/1511/13 preparation (from memory: 100 g, 300 ml) is a thick paste, from cream to still dry", () => {
    const at = (end: "low" | "value" | "high") =>
      consistencyOf([thing(henna, 100, holdingMlPerG(henna, end)), thing(water, 300)]);
    expect(at("low")).toMatchObject({ state: "paste", word: "cream" });
    expect(at("value")).toMatchObject({ state: "paste", word: "thickPaste" });
    expect(at("high")).toEqual({ state: "dry" });
  });

  test("in 300 ml about 138 Pa, in 400 ml about 12 Pa (hand calculation)", () => {
    const pa = (ml: number) => {
      const found = consistencyOf([thing(henna, 100), thing(water, ml)]);
      return found.state === "dry" ? undefined : found.yieldPa;
    };
    expect(pa(300)! / 138).toBeCloseTo(1, 1);
    expect(pa(400)! / 12).toBeCloseTo(1, 1);
  });

  test.each(readCsv("hennaByLength.csv"))(
    "$longestCm cm takes $powderG g of powder at 1 : 3, near the practised $practiceG g (calibrated)",
    ({ longestCm, cut, powderG, practiceG }) => {
      const { pasteG } = coverage(
        { ...PLAIN_HEAD, longest: { cm: Number(longestCm) }, cut: cut as "short" },
        "dyePacked",
      );
      expect(Math.abs(pasteG.mid / 4 / Number(powderG) - 1)).toBeLessThan(0.01);
      expect(pasteG.low / 4).toBeLessThan(Number(practiceG));
      expect(pasteG.high / 4).toBeGreaterThan(Number(practiceG));
      expect(Math.abs(pasteG.mid / 4 / Number(practiceG) - 1)).toBeLessThan(0.21);
    },
  );
});

describe("coat and drag", () => {
  test.each(readCsv("coat.csv"))("$yieldPa Pa holds $coatMm mm", ({ yieldPa, coatMm, tolerance }) => {
    expect(Math.abs(heldCoatMm(Number(yieldPa), 1.1) / Number(coatMm) - 1)).toBeLessThanOrEqual(Number(tolerance));
  });

  test("Krieger-Dougherty at φ = 0.01 is 1.0255, Einstein's 1 + 2.5 φ in the limit", () => {
    expect(relativeViscosity(0.01)).toBeCloseTo(1.0255, 3);
    fc.assert(
      fc.property(fc.double({ min: 1e-6, max: 1e-4, noNaN: true }), (phi) => {
        expect((relativeViscosity(phi)! - 1) / (2.5 * phi)).toBeCloseTo(1, 3);
      }),
    );
  });

  test("the default ponytail of 9.4 cm and 110 000 strands of 70 µm weigh the same per cm (Robbins, from memory: 5.6 g)", () => {
    const perCm = (head: typeof PLAIN_HEAD) => {
      const { hairG, meanLengthCm } = coverage(head, "mask");
      return hairG.mid / meanLengthCm.mid;
    };
    expect(perCm(PLAIN_HEAD)).toBeCloseTo(5.6, 1);
    expect(perCm({ ...PLAIN_HEAD, amount: { ponytailCm: 9.4 } })).toBeCloseTo(5.6, 1);
  });

  test("honey's volume from its parts is within 1.5 % of what its density says", () => {
    const honey = findMaterial("honey")!;
    const { massG, volumeMl } = bowlState([thing(honey, 100)]);
    expect(Math.abs(massG / volumeMl / honey.bulkDensityGPerMl.value - 1)).toBeLessThan(0.015);
  });
});
