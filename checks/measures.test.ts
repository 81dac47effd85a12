import convert from "convert-units";
import fc from "fast-check";
import { massG, findMaterial } from "@/core/material";
import { inSpoons, SPOON_ML, volumeMl, type SpoonSet, type Unit } from "@/core/measure";
import { readCsv } from "./readCsv";

describe("measures", () => {
  test.each(readCsv("handbook44.csv"))("$set $unit is $ml ml ($source)", ({ set, unit, ml }) => {
    expect(volumeMl(1, unit as Unit, set as SpoonSet)).toBeCloseTo(Number(ml), 2);
  });

  test("US spoons agree with the package convert-units over random counts", () => {
    const names = { tsp: "tsp", tbsp: "Tbs", cup: "cup" } as const;
    fc.assert(fc.property(fc.constantFrom("tsp", "tbsp", "cup"), fc.double({ min: 0.01, max: 200, noNaN: true }), (unit, count) => {
      const theirs = convert(count).from(names[unit]).to("ml");
      expect(volumeMl(count, unit, "us")! / theirs).toBeCloseTo(1, 3);
    }), { numRuns: 500 });
  });

  test("spoons there and back lose at most half a grain", () => {
    fc.assert(fc.property(fc.constantFrom<SpoonSet>("us", "metric", "australian"), fc.double({ min: 1, max: 1500, noNaN: true }), (set, ml) => {
      const spoons = inSpoons(ml, set);
      const grainMl = ml < 2 * SPOON_ML[set].tbsp ? 0.25 * SPOON_ML[set].tsp : ml < 2 * SPOON_ML[set].cup ? SPOON_ML[set].tsp : SPOON_ML[set].cup / 4;
      expect(Math.abs(spoons.volumeMl - ml)).toBeLessThanOrEqual(grainMl / 2 + 1e-9);
    }), { numRuns: 500 });
  });
});

describe("household weights", () => {
  test.each(readCsv("householdWeights.csv"))("$count $unit of $material is $grams g ($source)", ({ material, count, unit, grams, tolerance }) => {
    const found = massG(findMaterial(material)!, Number(count), unit as Unit, "level", "us")!;
    expect(Math.abs(found.value / Number(grams) - 1)).toBeLessThanOrEqual(Number(tolerance));
  });

  test("a heaped tablespoon of amla holds the 11 g that makers weigh (common practice)", () => {
    const { low, high } = massG(findMaterial("amla")!, 1, "tbsp", "heaped", "us")!;
    expect(low).toBeLessThan(11);
    expect(high).toBeGreaterThan(11);
  });
});
