import fc from "fast-check";
import { findMaterial, massG } from "@/core/material";
import { CATALOGUE } from "@/core/catalogue";
import { parseAmount, type SpoonSet } from "@/core/measure";
import { readCsv } from "./readCsv";

const grams = (text: string, materialId: string, spoons: SpoonSet): number | undefined => {
  const reading = parseAmount(text);
  if (reading.kind !== "understood") return undefined;
  const { count, unit, fill } = reading.amount;
  return massG(findMaterial(materialId)!, count.value, unit, fill, spoons)?.value;
};

test.each(readCsv("typedAmounts.csv"))(
  "“$text” of $material is $grams g",
  ({ text, material, spoons, grams: wanted }) => {
    expect(grams(text, material, spoons as SpoonSet)! / Number(wanted)).toBeCloseTo(
      1,
      material === "water" || material === "amla" ? 3 : 1,
    );
  },
);

test("what can mean two things is asked about, the likeliest first", () => {
  const units = (text: string, poured = false) => {
    const reading = parseAmount(text, poured);
    return reading.kind === "ask"
      ? reading.choices.map(({ unit, count }) => `${Number(count.value.toFixed(2))} ${unit}`)
      : reading.kind;
  };
  expect(units("3 t")).toEqual(["3 tsp", "3 tbsp"]);
  expect(units("3 T")).toEqual(["3 tbsp", "3 tsp"]);
  expect(units("two spoons")).toEqual(["2 tbsp", "2 tsp"]);
  expect(units("2 oz", true)).toEqual(["59.15 ml", "56.7 g"]);
  expect(units("2 oz")).toBe("understood");
});

test("fills, pieces, pinches and handfuls, and ranges keep their width", () => {
  const of = (text: string) => {
    const reading = parseAmount(text);
    if (reading.kind !== "understood") throw new Error(`${text}: ${reading.kind}`);
    return reading.amount;
  };
  expect(of("1 heaped tsp")).toMatchObject({ unit: "tsp", fill: "heaped", count: { value: 1 } });
  expect(of("2 heaping tbsp amla")).toMatchObject({ unit: "tbsp", fill: "heaped", of: "amla" });
  expect(of("2 tbsp, rounded")).toMatchObject({ unit: "tbsp", fill: "rounded", of: "" });
  expect(of("half a lemon")).toMatchObject({ unit: "piece", count: { value: 0.5 }, of: "lemon" });
  expect(of("3 flowers")).toMatchObject({ unit: "piece", count: { value: 3 }, of: "flowers" });
  expect(of("8–12 drops").count).toMatchObject({ low: 8, value: 10, high: 12 });
  expect(of("a pinch of turmeric")).toMatchObject({ unit: "tsp", of: "turmeric" });
  const { count } = of("a handful");
  expect(count.low).toBeLessThan(count.value);
  expect(count.source.kind).toBe("practice");
});

test.each([
  "",
  "  ",
  "lots",
  "-2 tbsp",
  "0 g",
  "12-8 drops",
  "2 / g",
  "1/0 cup",
  "tbsp 2",
  "2 <b>",
  "x".repeat(500),
  "∞ g",
  "NaN g",
  "2-",
  "5 %",
])("“%s” is refused", (text) => {
  expect(parseAmount(text).kind).toBe("refused");
});

test("a number alone is a number", () => expect(parseAmount("1½")).toEqual({ kind: "number", count: 1.5 }));

test("anything typed is answered or refused: never thrown at, never NaN, never negative", () => {
  const piece = fc.constantFrom(
    "1",
    "2.5",
    "1/2",
    "¼",
    " ",
    "-",
    "to",
    "tbsp",
    "t",
    "T",
    "oz",
    "fl oz",
    "cup",
    "g",
    "heaped",
    "half a",
    "lemon",
    "of",
    ",",
    "🌿",
    "0",
    "/",
    "drops",
    "a pinch",
  );
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.array(piece, { maxLength: 8 }).map((pieces) => pieces.join("")),
        fc.array(piece, { maxLength: 8 }).map((pieces) => pieces.join(" ")),
      ),
      fc.boolean(),
      (text, poured) => {
        const reading = parseAmount(text, poured);
        const amounts =
          reading.kind === "understood" ? [reading.amount] : reading.kind === "ask" ? reading.choices : [];
        for (const { count } of amounts) {
          expect(count.value).toBeGreaterThan(0);
          expect(Number.isFinite(count.high)).toBe(true);
          expect(count.low).toBeLessThanOrEqual(count.value);
        }
        if (reading.kind === "number") expect(Number.isFinite(reading.count)).toBe(true);
      },
    ),
    { numRuns: 3000 },
  );
});

test("every material's own names can stand after an amount", () => {
  for (const { names } of CATALOGUE)
    for (const { text } of names)
      expect([text, ["understood", "ask"].includes(parseAmount(`2 tbsp ${text}`).kind)]).toEqual([text, true]);
});
