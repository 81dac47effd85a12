import { PLAIN_HEAD, type Head } from "../head";
import { findMaterial } from "../material";
import { ownMaterials } from "../shelf";
import { CAUTION_RULES, cautionsFor, essentialOilMl } from ".";

const ids = (
  materialIds: string[],
  head: Partial<Head> = {},
  more: { liquidTempC?: number; kitchenTempC?: number } = {},
) =>
  cautionsFor({
    head: { ...PLAIN_HEAD, ...head },
    purpose: "mask",
    kitchenTempC: 22,
    liquidTempC: 40,
    ...more,
    materials: materialIds.map((id) => findMaterial(id)!),
  }).map((caution) => caution.id);

test("at least ten rules, each with a source and an id of its own", () => {
  expect(CAUTION_RULES.length).toBeGreaterThanOrEqual(10);
  expect(new Set(CAUTION_RULES.map((rule) => rule.id)).size).toBe(CAUTION_RULES.length);
  for (const { source } of CAUTION_RULES) expect(source.kind).toMatch(/published|practice|estimate/);
});

test.each<[string, string[], Partial<Head>, object, string]>([
  ["patch test for any powder", ["amla"], {}, {}, "patchTest"],
  ["dust", ["amla"], {}, {}, "dust"],
  ["dust and asthma", ["amla"], { asthma: true }, {}, "dustAsthma"],
  ["a stainer on blond hair", ["hibiscus-flower"], { shade: "blond" }, {}, "stainsLightHair"],
  ["a stainer on greying hair", ["turmeric", "amla"], { greyShare: 0.2 }, {}, "stainsLightHair"],
  ["henna on a child", ["henna"], { age: "child" }, {}, "childDye"],
  ["any paste on a child", ["amla"], { age: "child" }, {}, "childPaste"],
  ["dyes sold as henna", ["henna"], {}, {}, "soldAsHenna"],
  ["yoghurt spoils", ["amla", "yoghurt"], {}, {}, "perishable"],
  ["sooner on a hot day", ["amla", "yoghurt"], {}, { kitchenTempC: 33 }, "hotDayPerishable"],
  ["oil on the shower floor", ["amla", "sesame-oil"], {}, {}, "oilOnFloor"],
  ["essential oil", ["amla", "rosemary-essential-oil"], {}, {}, "essentialOil"],
  ["boiling liquid", ["amla"], {}, { liquidTempC: 100 }, "hotLiquid"],
  ["a known allergy", ["amla", "egg"], { allergies: ["egg"] }, {}, "knownAllergy"],
  ["a sore scalp", ["amla"], { soreScalp: true }, {}, "soreScalp"],
  ["a pregnancy and a dye", ["henna"], { pregnant: true }, {}, "pregnancy"],
])("%s", (_, bowl, head, more, expected) => {
  expect(ids(bowl, head, more)).toContain(expected);
});

test("what does not apply stays silent, and stop comes first", () => {
  expect(ids(["amla"])).not.toContain("soldAsHenna");
  expect(ids(["amla", "egg"], { allergies: ["honey"] })).not.toContain("knownAllergy");
  expect(ids(["hibiscus-flower"], { shade: "black" })).not.toContain("stainsLightHair");
  expect(ids(["amla", "egg"], { allergies: ["egg"] })[0]).toBe("knownAllergy");
});

test.each<[string, string, string, boolean]>([
  ["another form of the same herb", "neem-leaf", "neem-leaf-whole", true],
  ["its oil", "neem-leaf", "neem-oil", true],
  ["the yolk of an egg", "egg", "egg-yolk", true],
  ["milk for curd", "yoghurt", "milk", true],
  ["coconut in any shape", "coconut-milk", "coconut-oil", true],
  ["a mixture with it", "amla", "triphala", true],
  ["a mixture with its fresh fruit", "amla-fruit", "triphala", true],
  ["another herb", "neem-leaf", "tulsi", false],
  ["the other brahmi", "brahmi", "gotu-kola", false],
])("an allergy counts for %s", (_, allergy, inBowl, counts) => {
  expect(ids(["kaolin", inBowl], { allergies: [allergy] }).includes("knownAllergy")).toBe(counts);
});

test("an allergy counts for a mixture of one's own, however deep, and for what is like a thing", () => {
  const own = ownMaterials([
    { id: "own-a", name: "a", kind: "mixture", parts: [{ materialId: "kaolin" }, { materialId: "own-b" }] },
    { id: "own-b", name: "b", kind: "like", likeId: "neem-leaf" },
  ]);
  const found = (allergy: string) =>
    cautionsFor({
      head: { ...PLAIN_HEAD, allergies: [allergy] },
      purpose: "mask",
      kitchenTempC: 22,
      liquidTempC: 20,
      materials: [own[0]],
    }).some(({ id }) => id === "knownAllergy");
  expect([found("neem-leaf"), found("own-b"), found("neem-oil"), found("amla")]).toEqual([true, true, true, false]);
});

test("a caution names what calls for it", () => {
  const [found] = cautionsFor({
    head: { ...PLAIN_HEAD, allergies: ["egg"] },
    purpose: "mask",
    kitchenTempC: 22,
    liquidTempC: 20,
    materials: [findMaterial("amla")!, findMaterial("egg")!],
  });
  expect(found).toEqual({ id: "knownAllergy", level: "stop", materialIds: ["egg"] });
});

test("more than 2 ml of essential oils together is a stop, whatever the head", () => {
  const bowl = (ml: number) =>
    cautionsFor({
      head: PLAIN_HEAD,
      purpose: "mask",
      kitchenTempC: 22,
      liquidTempC: 20,
      materials: [findMaterial("clove-essential-oil")!],
      essentialOilMl: ml,
    });
  expect(bowl(2).some(({ id }) => id === "essentialOilMuch")).toBe(false);
  expect(bowl(2.01)[0]).toMatchObject({ id: "essentialOilMuch", level: "stop" });
  const oil = (id: string, massG: number) => ({ material: findMaterial(id)!, massG });
  expect(
    essentialOilMl([oil("clove-essential-oil", 1.05), oil("tea-tree-essential-oil", 0.9), oil("sesame-oil", 50)]),
  ).toBeCloseTo(2, 1);
});
