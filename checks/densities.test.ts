import fc from "fast-check";
import convert from "convert-units";
import { DISSOLVED_ML_PER_G, findMaterial, massG, WATER_DENSITY_G_PER_ML } from "@/core/material";
import { parseAmount } from "@/core/measure";
import { readCsv } from "./readCsv";

test.each(readCsv("densities.csv"))(
  "$figure of $material is $value ($source)",
  ({ material, figure, value, tolerance }) => {
    const { bulkDensityGPerMl, water } = findMaterial(material)!;
    const found =
      figure === "density" ? bulkDensityGPerMl : { value: 1 - water.value, low: 1 - water.high, high: 1 - water.low };
    expect(Math.abs(found.value / Number(value) - 1)).toBeLessThanOrEqual(Number(tolerance));
  },
);

/** 1.2865 g/ml: ICUMSA table of sucrose solutions at 20 °C, 60 °Brix, from memory. Sugar in water takes 0.63 ml/g. */
test("sugar syrup of 60 °Brix weighs 1.2865 g/ml, by the volume that dissolved sugar takes up", () => {
  const density = 1 / (0.6 * DISSOLVED_ML_PER_G + 0.4 / WATER_DENSITY_G_PER_ML);
  expect(density / 1.2865).toBeCloseTo(1, 2);
});

test("honey by its water and sugar alone is within 1.6 % of its own density", () => {
  const { water, dissolving, bulkDensityGPerMl } = findMaterial("honey")!;
  const density =
    (water.value + dissolving.value) / (water.value / WATER_DENSITY_G_PER_ML + dissolving.value * DISSOLVED_ML_PER_G);
  expect(Math.abs(density / bulkDensityGPerMl.value - 1)).toBeLessThan(0.016);
});

test("typed weights and volumes agree with the package convert-units over random amounts", () => {
  const units = [
    ["kg", "kg", "g"],
    ["mg", "mg", "g"],
    ["lb", "lb", "g"],
    ["oz", "oz", "g"],
    ["fl oz", "fl-oz", "ml"],
    ["l", "l", "ml"],
    ["dl", "dl", "ml"],
    ["cl", "cl", "ml"],
    ["cups", "cup", "ml"],
    ["tbsp", "Tbs", "ml"],
    ["tsp", "tsp", "ml"],
  ] as const;
  fc.assert(
    fc.property(
      fc.constantFrom(...units),
      fc.double({ min: 0.05, max: 90, noNaN: true }),
      ([ours, theirs, to], count) => {
        const text = `${count.toFixed(3)} ${ours}`;
        const reading = parseAmount(text);
        if (reading.kind !== "understood") throw new Error(text);
        const {
          unit,
          count: { value },
        } = reading.amount;
        const found =
          unit === "g" || unit === "ml" ? value : massG(findMaterial("water")!, value, unit, "level", "us")!.value;
        expect(
          found /
            convert(Number(count.toFixed(3)))
              .from(theirs)
              .to(to),
        ).toBeCloseTo(1, 3);
      },
    ),
    { numRuns: 800 },
  );
});
