import { findMaterial } from "@/core/material";
import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { computePaste } from "@/core/paste";
import { blendOf, documentOf, questionOf } from "./document";
import { readAmount } from "./draftAmount";
import { edit } from "./edit";
import { typedGrams } from "../forms/typed";

const start = (question: Parameters<typeof documentOf>[0] & { head: Parameters<typeof documentOf>[1]["head"] }) =>
  documentOf(question, { name: "x", headId: null, head: question.head });

test("a blend goes into the form and comes out the same", () => {
  fc.assert(
    fc.property(anyQuestion, (question) => {
      const out = questionOf(start(question), question.spoons);
      expect(out.lines.map((line) => line.materialId)).toEqual(question.lines.map((line) => line.materialId));
      for (const [i, line] of out.lines.entries()) expect(line.amount / question.lines[i].amount).toBeCloseTo(1, 3);
      expect(out.liquid.materialId).toBe(question.liquid.materialId);
      expect(computePaste(out).ok).toBe(true);
    }),
    { numRuns: 100 },
  );
});

const doc = start({
  purpose: "mask",
  lines: [{ materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" }],
  liquid: { materialId: "water", tempC: 40 },
  target: { word: "cream" },
  kitchenTempC: 21,
  sizing: "likely",
  head: {
    longest: { cm: 40 },
    amount: { strands: "thick" },
    strand: "fine",
    cut: "layered",
    shade: "blond",
    greyShare: 0.2,
    age: "adult",
    pregnant: false,
    soreScalp: false,
    asthma: false,
    allergies: [],
  },
});

test("what is typed stays as typed, and nonsense is refused at its field", () => {
  const typing = edit(doc, { do: "line", key: 0, change: { text: "lots" } });
  expect(typing.lines[0].text).toBe("lots");
  const answer = computePaste(questionOf(typing, "us"));
  expect(answer).toMatchObject({ ok: false, problems: [{ field: "lines.0.amount", code: "notANumber" }] });
  const empty = computePaste(questionOf(edit(doc, { do: "line", key: 0, change: { text: " " } }), "us"));
  expect(empty).toMatchObject({ ok: false, problems: [{ field: "lines.0.amount", code: "required" }] });
  const kitchen = computePaste(questionOf(edit(doc, { do: "set", change: { kitchenText: "hot" } }), "us"));
  expect(kitchen).toMatchObject({ ok: false, problems: [{ field: "kitchenTempC", code: "notANumber" }] });
});

test("adding, changing and removing touch one line only", () => {
  const added = edit(edit(doc, { do: "add", material: findMaterial("egg")! }), {
    do: "add",
    material: findMaterial("rosemary-essential-oil")!,
  });
  expect(blendOf(added).lines.slice(1)).toEqual([
    { materialId: "egg", role: "fixed", amount: 1, unit: "piece", fill: "level" },
    { materialId: "rosemary-essential-oil", role: "fixed", amount: 5, unit: "drop", fill: "level" },
  ]);
  const removed = edit(added, { do: "remove", key: added.lines[1].key });
  expect(removed.lines.map((line) => line.materialId)).toEqual(["amla", "rosemary-essential-oil"]);
  expect(edit(removed, { do: "add", material: findMaterial("honey")! }).lines.at(-1)!.key).toBeGreaterThan(
    removed.lines.at(-1)!.key,
  );
});

test.each([
  ["2", { amount: 2, unit: "tbsp" }],
  ["2 cups", { amount: 2, unit: "cup" }],
  ["62g", { amount: 62, unit: "g" }],
  ["1 heaped tsp", { amount: 1, unit: "tsp", fill: "heaped" }],
  ["two", { amount: 2, unit: "tbsp" }],
])("an amount written as %j", (text, read) => {
  expect(readAmount({ materialId: "amla", text, unit: "tbsp", fill: "level" })).toMatchObject(read);
});

test("an amount that can mean two things, or nothing, is no number yet", () => {
  for (const text of ["3 t", "lots"])
    expect(readAmount({ materialId: "amla", text, unit: "tbsp", fill: "level" }).amount).toBeNaN();
  expect(readAmount({ materialId: "amla", text: "", unit: "tbsp", fill: "level" }).amount).toBeUndefined();
});

test.each<[string, number | undefined]>([
  ["250", 250],
  ["1,5 kg", 1500],
  ["8 oz", 226.796185],
  ["62 g", 62],
  ["2 tbsp", NaN],
  ["a bagful", NaN],
  ["3 g amla", NaN],
  ["", undefined],
])("a weight typed as “%s” is %p g", (text, grams) => {
  const read = typedGrams(text);
  if (grams === undefined || Number.isNaN(grams)) expect(read).toEqual(grams);
  else expect(read).toBeCloseTo(grams, 6);
});

test("a page is put in as it was written, and what stood in the bowl keeps its weight", () => {
  const honey = findMaterial("honey")!;
  const page = {
    things: [{ material: honey, amount: { text: "2", unit: "tsp", fill: "level" } as const }],
    liquid: { id: "black-tea", ml: 300, with: { id: "water", share: 0.25 } },
  };
  const now = edit(doc, { do: "page", page, nowG: [73.14159] });
  expect(now.lines.map(({ materialId, text, unit }) => `${text} ${unit} ${materialId}`)).toEqual([
    "73.1 g amla",
    "2 tsp honey",
  ]);
  expect(now).toMatchObject({
    sizing: "asGiven",
    liquidId: "black-tea",
    liquidMlText: "300",
    secondId: "water",
    secondShareText: "25",
  });
  expect(edit(doc, { do: "page", page: { things: [] } })).toMatchObject({
    liquidId: doc.liquidId,
    liquidMlText: doc.liquidMlText,
  });
});

test("multiplied: every amount and a liquid that was set, and the bowl is that much larger", () => {
  fc.assert(
    fc.property(anyQuestion, fc.double({ min: 0.5, max: 4, noNaN: true }), (question, factor) => {
      const given = { ...start(question), sizing: "asGiven" as const };
      const more = edit(given, { do: "multiply", factor, find: findMaterial });
      for (const [i, line] of more.lines.entries()) {
        if (line.unit === "piece" || line.unit === "drop") continue;
        expect(Number(line.text) / (Number(given.lines[i].text) * factor)).toBeCloseTo(1, 2);
      }
      const [before, after] = [given, more].map((one) => computePaste(questionOf(one, question.spoons)));
      const counted = given.lines.some(({ unit }) => unit === "piece" || unit === "drop");
      if (
        before.ok &&
        after.ok &&
        !counted &&
        before.value.liquid.state !== "unreachable" &&
        after.value.liquid.state !== "unreachable"
      ) {
        expect(after.value.totalG.mid / before.value.totalG.mid / factor).toBeCloseTo(1, 1);
      }
    }),
    { numRuns: 100 },
  );
});

test("so much essential oil is to be sure of again when its amount changes", () => {
  const loaded = documentOf(
    {
      ...blendOf(doc),
      lines: [{ materialId: "clove-essential-oil", role: "fixed", amount: 5, unit: "ml", fill: "level" }],
    },
    { name: "x", headId: null, head: doc.head.hair },
  );
  expect(loaded.lines[0].sure).toBe(true);
  expect(edit(loaded, { do: "line", key: 0, change: { jarId: "a" } }).lines[0].sure).toBe(true);
  expect(edit(loaded, { do: "line", key: 0, change: { text: "50" } }).lines[0].sure).toBeUndefined();
});
