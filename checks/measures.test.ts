import convert from "convert-units";
import fc from "fast-check";
import { massG, findMaterial } from "@/core/material";
import { inSpoons, volumeMl, type SpoonSet, type Unit } from "@/core/measure";
import { readCsv } from "./readCsv";

describe("measures", () => {
  test.each(readCsv("handbook44.csv"))("$set $unit is $ml ml ($source)", ({ set, unit, ml }) => {
    expect(volumeMl(1, unit as Unit, set as SpoonSet)).toBeCloseTo(Number(ml), 2);
  });

  test("US spoons agree with the package convert-units over random counts", () => {
    const names = { tsp: "tsp", tbsp: "Tbs", cup: "cup" } as const;
    fc.assert(
      fc.property(
        fc.constantFrom("tsp", "tbsp", "cup"),
        fc.double({ min: 0.01, max: 200, noNaN: true }),
        (unit, count) => {
          const theirs = convert(count).from(names[unit]).to("ml");
          expect(volumeMl(count, unit, "us")! / theirs).toBeCloseTo(1, 3);
        },
      ),
      { numRuns: 500 },
    );
  });

  test("spoons there and back lose an eighth at the most, which is what a spoon of powder is worth", () => {
    fc.assert(
      fc.property(
        fc.constantFrom<SpoonSet>("us", "metric", "australian"),
        fc.double({ min: 5, max: 2500, noNaN: true }),
        (set, ml) => {
          expect(Math.abs(inSpoons(ml, set).volumeMl / ml - 1)).toBeLessThanOrEqual(0.1255);
        },
      ),
      { numRuns: 1000 },
    );
  });

  test.each<[number, SpoonSet, object]>([
    [24.65, "us", { cups: 0, tbsp: 1, tsp: 2 }],
    [30, "metric", { cups: 0, tbsp: 2, tsp: 0 }],
    [190, "metric", { cups: 0, tbsp: 13, tsp: 0 }],
    [355, "us", { cups: 1.5, tbsp: 0, tsp: 0 }],
    [1250, "metric", { cups: 5, tbsp: 0, tsp: 0 }],
    [0.1, "us", { cups: 0, tbsp: 0, tsp: 0.25 }],
    [40, "australian", { cups: 0, tbsp: 2, tsp: 0 }],
  ])("%d ml in %s spoons", (ml, set, expected) => {
    expect(inSpoons(ml, set)).toMatchObject(expected);
  });
});

describe("household weights", () => {
  test.each(readCsv("householdWeights.csv"))(
    "$count $unit of $material is $grams g ($source)",
    ({ material, count, unit, grams, tolerance }) => {
      const found = massG(findMaterial(material)!, Number(count), unit as Unit, "level", "us")!;
      expect(Math.abs(found.value / Number(grams) - 1)).toBeLessThanOrEqual(Number(tolerance));
    },
  );

  test("none is held to its own source: thirty things or more by a table they were not taken from", () => {
    const rows = readCsv("householdWeights.csv");
    for (const { material, source } of rows) {
      const { source: ours } = findMaterial(material)!.bulkDensityGPerMl;
      const other = !("name" in ours && ours.name?.includes("USDA") && source.includes("USDA"));
      expect([material, other]).toEqual([material, true]);
    }
    expect(new Set(rows.map(({ material }) => material)).size).toBeGreaterThanOrEqual(30);
  });

  test("a heaped tablespoon of amla holds the 11 g that makers weigh (common practice)", () => {
    const { low, high } = massG(findMaterial("amla")!, 1, "tbsp", "heaped", "us")!;
    expect(low).toBeLessThan(11);
    expect(high).toBeGreaterThan(11);
  });
});
