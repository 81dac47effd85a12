import fc from "fast-check";
import { FILLS, SPOON_SETS, UNITS } from "../measure";
import { convertForm, findMaterial, gramsByLength, hasLength, massG, otherForms } from ".";
import { CATALOGUE } from "../catalogue";

const amla = findMaterial("amla")!;

test("any amount of anything is a mass with its ends in order, or makes no sense for it", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...CATALOGUE),
      fc.double({ min: 0.01, max: 200, noNaN: true }),
      fc.constantFrom(...UNITS),
      fc.constantFrom(...FILLS),
      fc.constantFrom(...SPOON_SETS),
      (material, count, unit, fill, spoons) => {
        const mass = massG(material, count, unit, fill, spoons);
        if (!mass) return expect(unit).toBe("piece");
        expect(mass.low).toBeGreaterThan(0);
        expect(mass.low).toBeLessThanOrEqual(mass.value);
        expect(mass.value).toBeLessThanOrEqual(mass.high);
      },
    ),
  );
});

test("twice the spoons are twice the mass", () => {
  fc.assert(
    fc.property(fc.constantFrom(...CATALOGUE), fc.double({ min: 0.1, max: 50, noNaN: true }), (material, count) => {
      expect(
        massG(material, 2 * count, "tbsp", "level", "us")!.value / massG(material, count, "tbsp", "level", "us")!.value,
      ).toBeCloseTo(2, 9);
    }),
  );
});

test("a heaped spoon holds more than a level one, and is less sure; a scale is surer than either", () => {
  const spread = (mass: { low: number; high: number; value: number }) => (mass.high - mass.low) / mass.value;
  const of = (fill: (typeof FILLS)[number]) => massG(amla, 3, "tbsp", fill, "metric")!;
  expect(of("scant").value).toBeLessThan(of("level").value);
  expect(of("level").value).toBeLessThan(of("rounded").value);
  expect(of("rounded").value).toBeLessThan(of("heaped").value);
  expect(spread(of("heaped"))).toBeGreaterThan(spread(of("level")));
  expect(spread(massG(amla, 23, "g", "level", "metric")!)).toBeLessThan(spread(of("level")));
});

test("fill is for powders: a heaped spoon of honey is a spoon of honey", () => {
  const honey = findMaterial("honey")!;
  expect(massG(honey, 1, "tbsp", "heaped", "us")).toEqual(massG(honey, 1, "tbsp", "level", "us"));
});

test("an Australian tablespoon holds four teaspoons", () => {
  expect(massG(amla, 1, "tbsp", "level", "australian")!.value).toBeCloseTo(
    massG(amla, 4, "tsp", "level", "australian")!.value,
    9,
  );
});

test("an egg is a piece, five drops are a quarter of a millilitre", () => {
  expect(massG(findMaterial("egg")!, 2, "piece", "level", "us")).toMatchObject({ value: 100 });
  expect(massG(amla, 2, "piece", "level", "us")).toBeUndefined();
  expect(massG(findMaterial("rosemary-essential-oil")!, 5, "drop", "level", "us")!.value).toBeCloseTo(0.25 * 0.9075, 6);
});

describe("forms of one herb", () => {
  test("convert by what is dry in them, there and back", () => {
    const pairs = CATALOGUE.flatMap((from) => otherForms(from, CATALOGUE).map((to) => [from, to] as const));
    expect(pairs.length).toBeGreaterThan(80);
    for (const [from, to] of pairs) {
      const there = convertForm(from, to, 10, "metric")!;
      const back = convertForm(to, from, there.massG.mid, "metric")!;
      expect(back.massG.mid).toBeCloseTo(10, 9);
      expect(there.massG.low).toBeLessThanOrEqual(there.massG.mid);
      expect(there.massG.high).toBeGreaterThanOrEqual(there.massG.mid);
      expect(there.massG.mid * (1 - to.water.value)).toBeCloseTo(10 * (1 - from.water.value), 9);
    }
  });
  test("different herbs do not convert", () =>
    expect(convertForm(amla, findMaterial("brahmi")!, 10, "metric")).toBeUndefined());
  test("a fresh leaf is several times its dried one", () => {
    const { massG } = convertForm(findMaterial("curry-leaf-whole")!, findMaterial("curry-leaf-fresh")!, 10, "metric")!;
    expect(massG.mid).toBeGreaterThan(20);
    expect(massG.mid).toBeLessThan(40);
  });
});

test("a leaf by its length: as makers know leaves, twice as long four times as heavy, and nothing else has one", () => {
  const aloe = findMaterial("aloe-leaf")!;
  // Common practice: a leaf of a hand and a half, of an arm, and the largest.
  for (const [cm, low, high] of [
    [30, 90, 250],
    [45, 200, 550],
    [60, 400, 1000],
  ]) {
    const grams = gramsByLength(aloe, `${cm} cm`)!;
    expect(grams.value).toBeGreaterThan(low);
    expect(grams.value).toBeLessThan(high);
    expect(gramsByLength(aloe, `2 × ${cm * 10} mm`)!.value).toBeCloseTo(2 * grams.value, -1);
    expect(gramsByLength(aloe, `${2 * cm}cm`)!.value / grams.value).toBeCloseTo(4, 1);
  }
  for (const text of ["45", "45 g", "cm", "-3 cm", "1 leaf"]) expect(gramsByLength(aloe, text)?.value ?? 0).toBe(0);
  expect(gramsByLength(findMaterial("onion")!, "45 cm")).toBeUndefined();
  expect(CATALOGUE.filter(hasLength).map(({ id }) => id)).toEqual(["aloe-leaf"]);
});
