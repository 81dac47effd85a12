import fc from "fast-check";
import { findMaterial } from "../material";
import { CATALOGUE } from "../catalogue";
import { REGIONAL_NAMES } from "../regional";
import {
  readPage,
  search,
  searchIndex,
  mismatchIn,
  spoonMismatch,
  thingKey,
  unitKey,
  withinEdits,
  type Meanings,
  type ThingLine,
} from ".";
import { parseAmount, type TypedAmount } from "../measure";

const index = searchIndex(CATALOGUE, [{ id: "amla", text: "Tart green powder" }, ...REGIONAL_NAMES]);
const ids = (query: string) => search(index, query).map(({ id }) => id);

test("everything is found by every one of its names", () => {
  for (const { id, names } of CATALOGUE)
    for (const { text } of names)
      expect([
        text,
        search(index, text, 60)
          .map((one) => one.id)
          .includes(id),
      ]).toEqual([text, true]);
});

test.each<[string, string]>([
  ["amla", "amla"],
  ["AMLA", "amla"],
  ["आँवला", "amla"],
  ["nellikkai", "amla"],
  ["phyllanthus", "amla"],
  ["aritha", "reetha"],
  ["ritha", "reetha"],
  ["bringraj", "bhringraj"],
  ["bhringaraja", "bhringraj"],
  ["fenugrek", "fenugreek-seed"],
  ["methi", "fenugreek-seed"],
  ["mehendi", "henna"],
  ["multani", "fullers-earth"],
  ["dahi", "yoghurt"],
  ["vashma", "indigo"],
  ["matcha", "green-tea"],
  ["抹茶", "green-tea"],
  ["hibicus", "hibiscus-flower"],
  ["tart green", "amla"],
  ["prele", "horsetail"],
])("“%s” finds %s first, or among the first", (query, id) => {
  expect(ids(query).slice(0, 4)).toContain(id);
});

test("what gets confused stands side by side, each saying what it is not", () => {
  expect(ids("brahmi").slice(0, 4)).toEqual(expect.arrayContaining(["brahmi", "gotu-kola"]));
  expect(ids("neutral henna")[0]).toBe("cassia");
  expect(ids("onion seed")[0]).toBe("onion-seed");
  expect(ids("black cumin")[0]).toBe("black-cumin");
  expect(ids("kalonji")).toContain("black-seed");
  for (const id of [
    "brahmi",
    "gotu-kola",
    "black-seed",
    "black-cumin",
    "onion-seed",
    "cassia",
    "henna",
    "fenugreek-seed",
    "fenugreek-leaf",
  ])
    expect([id, findMaterial(id)?.notToConfuse !== undefined]).toEqual([id, true]);
});

test("by use: everything for slip gives slip", () => {
  const found = ids("slip");
  expect(found.length).toBeGreaterThan(8);
  for (const id of found)
    expect(
      `${findMaterial(id)!.use} ${findMaterial(id)!.jobs.join(" ")} ${findMaterial(id)!
        .names.map(({ text }) => text)
        .join(" ")}`,
    ).toMatch(/slip/i);
});

test("any text is answered, an empty one with nothing", () => {
  expect(search(index, "   ")).toEqual([]);
  fc.assert(
    fc.property(fc.string({ maxLength: 120 }), (text) => {
      for (const { id, score } of search(index, text)) {
        expect(findMaterial(id)).toBeDefined();
        expect(score).toBeGreaterThan(0);
      }
    }),
    { numRuns: 150 },
  );
});

test("edits are counted with neighbours that changed places", () => {
  expect(withinEdits("henna", "hnena", 1)).toBe(true);
  expect(withinEdits("henna", "heana", 1)).toBe(true);
  expect(withinEdits("henna", "hena", 1)).toBe(true);
  expect(withinEdits("henna", "amla", 2)).toBe(false);
  fc.assert(
    fc.property(fc.string({ maxLength: 9 }), fc.string({ maxLength: 9 }), (a, b) => {
      expect(withinEdits(a, b, 2)).toBe(withinEdits(b, a, 2));
    }),
  );
});

describe("a notebook page", () => {
  const page = (text: string, spoons: "us" | "metric" | "australian" = "metric") =>
    readPage(text, index, findMaterial, spoons);
  const amount = (text: string): TypedAmount => {
    const reading = parseAmount(text);
    if (reading.kind !== "understood") throw new Error(text);
    return reading.amount;
  };

  const thingLine = (text: string, meanings?: Meanings): ThingLine => {
    const [line] = readPage(text, index, findMaterial, "metric", meanings);
    if (line.kind !== "thing") throw new Error(`${text}: ${line.kind}`);
    return line;
  };

  test("is read line by line, and what was not understood whole waits", () => {
    const lines = page("Sunday mask\n- 2 heaped tbsp amla\nmethi, 1 T\n½ cup curd\nhoney\n2 eggs\n\n");
    expect(lines.map((line) => (line.kind === "thing" ? [line.thing.kind, line.amount.kind] : line.kind))).toEqual([
      "words",
      ["known", "known"],
      ["which", "which"],
      ["known", "known"],
      ["known", "missing"],
      ["known", "known"],
    ]);
  });
  test("what a household answered once is not asked again, and only that", () => {
    const asked = thingLine("2 T brahmi");
    const meanings: Meanings = { things: { [thingKey(asked)]: "gotu-kola" }, units: { [unitKey(asked)]: "tbsp" } };
    expect(thingLine("2 T brahmi", meanings)).toMatchObject({
      thing: { kind: "known", id: "gotu-kola" },
      amount: { kind: "known", amount: { unit: "tbsp" } },
      remembered: { thing: true, unit: true },
    });
    expect(thingLine("3 T brahmi", meanings).amount.kind).toBe("known");
    expect(thingLine("2 t brahmi", meanings).amount.kind).toBe("which");
    expect(thingLine("2 tbsp brahmi powder", meanings).thing.kind).toBe("which");
    // A thing that is gone is asked about again.
    expect(thingLine("2 T brahmi", { things: { brahmi: "own:gone" }, units: {} }).thing.kind).toBe("which");
    // Two amounts that contradict each other are asked about every time.
    expect(thingLine("2 tbsp (60 g) amla", { things: {}, units: { "tbsp ( g) amla": "g" } }).amount.kind).toBe("which");
  });
  test("the same thing twice is told, whatever it was called", () => {
    const lines = page("2 tbsp amla\n1 tbsp henna\nIndian gooseberry 1 tsp");
    expect(lines.map((line) => line.kind === "thing" && line.twice)).toEqual([undefined, undefined, 0]);
  });
  test("every thing by every name, its amount on either side: it, or a question with it among the answers", () => {
    for (const { id, names, form } of CATALOGUE) {
      for (const { text, language } of names) {
        if (language === "la" || !/^[\p{Script=Latin}\s'’×(),.%\d-]+$/u.test(text)) continue;
        for (const written of [`20 g ${text}`, `${text}: 20 g`, `${text} - 2 tbsp`]) {
          const [line, more] = page(written);
          expect([written, line.kind, more]).toEqual([written, "thing", undefined]);
          const { thing } = line as ThingLine;
          const [is, may] = thing.kind === "known" ? [thing.id, [thing.id]] : ["", thing.ids];
          const other = is === "" ? undefined : findMaterial(is);
          // A name that a herb's forms share is its powder; a thing of another plant it never is.
          const same =
            is === "" || is === id || (other!.plant !== undefined && other!.plant === findMaterial(id)!.plant);
          expect([written, same ? "the same" : is]).toEqual([written, "the same"]);
          if (is === "" && form !== "whole" && form !== "fresh")
            expect([written, may.length > 0]).toEqual([written, true]);
        }
      }
    }
  });
  test("a drink is the drink, and a short name stands before whatever begins like it", () => {
    expect(ids("tea")[0]).toBe("black-tea");
    expect(ids("ACV")[0]).toBe("cider-vinegar");
    expect(ids("evoo")[0]).toBe("olive-oil");
    expect(ids("coffee")[0]).toBe("coffee-brew");
  });
  test("ounces of what is poured are asked about, of a powder not", () => {
    expect(thingLine("2 oz honey").amount.kind).toBe("which");
    expect(thingLine("2 oz henna").amount.kind).toBe("known");
  });
  test("spoons and grams that no spoon reconciles are a mismatch; those that one does are not", () => {
    expect(page("2 tbsp amla (60 g)")[0].mismatch).toMatchObject({ kind: "disagree", saidG: 60 });
    expect(page("2 tbsp amla (16 g)")[0].mismatch).toBeUndefined();
    expect(page("60 g amla, 2 tbsp")[0].mismatch?.kind).toBe("disagree");
    expect(mismatchIn(amount("2 tbsp (60 g)"), findMaterial("amla"), "metric")?.kind).toBe("disagree");
    expect(mismatchIn(amount("2 tbsp"), findMaterial("amla"), "metric")).toBeUndefined();
  });
  test("an equation of spoons is held to what spoons hold", () => {
    expect(page("3 tsp = 1 tbsp")[0]).toMatchObject({ kind: "equation" });
    expect(page("3 tsp = 1 tbsp")[0].mismatch).toBeUndefined();
    expect(page("2 tsp = 1 tbsp")[0].mismatch).toMatchObject({ kind: "spoons", said: 1, unit: "tbsp" });
    expect(page("4 tsp = 1 tbsp", "australian")[0].mismatch).toBeUndefined();
    expect(spoonMismatch(amount("2 tsp"), amount("1 tbsp"), "us")).toMatchObject({ really: expect.closeTo(2 / 3, 3) });
    expect(page("honey 1 tbsp (2 tsp)")[0].mismatch?.kind).toBe("spoons");
  });
  test("a total its parts do not come to is a mismatch", () => {
    expect(page("40 g amla\n20 g brahmi\nin all 60 g").at(-1)!.mismatch).toBeUndefined();
    expect(page("40 g amla\n20 g brahmi\nin all 100 g").at(-1)!.mismatch).toMatchObject({ kind: "total", saidG: 100 });
  });
  test("any page is read: never thrown at, never NaN", () => {
    const piece = fc.constantFrom(
      "2",
      "tbsp",
      "amla",
      "methi",
      "=",
      "(",
      ")",
      "60 g",
      "total",
      "in all",
      ",",
      ":",
      "T",
      "½",
      "\n",
      "eggs",
      "🌿",
      "3 tsp",
      "oz",
      "-",
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 200 }),
          fc.array(piece, { maxLength: 14 }).map((pieces) => pieces.join(" ")),
        ),
        (text) => {
          for (const { mismatch } of page(text)) {
            if (mismatch?.kind === "disagree")
              expect(Number.isFinite(mismatch.saidG) && mismatch.spoonG.low <= mismatch.spoonG.high).toBe(true);
            if (mismatch?.kind === "spoons") expect(Number.isFinite(mismatch.really)).toBe(true);
            if (mismatch?.kind === "total") expect(Number.isFinite(mismatch.sumG.mid)).toBe(true);
          }
        },
      ),
      { numRuns: 200 },
    );
  });
});
