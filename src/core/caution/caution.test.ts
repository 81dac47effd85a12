import { PLAIN_HEAD, type Head } from "../head";
import { findMaterial } from "../material";
import { ownMaterials } from "../shelf";
import { CAUTION_RULES, cautionsFor, strengthOf } from ".";

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

const things = (bowl: Readonly<Record<string, number>>) =>
  Object.entries(bowl).map(([id, massG]) => ({ material: findMaterial(id)!, massG }));
const of = (bowl: Readonly<Record<string, number>>, head: Partial<Head> = {}, more: object = {}) =>
  cautionsFor({
    head: { ...PLAIN_HEAD, ...head },
    purpose: "mask",
    kitchenTempC: 22,
    liquidTempC: 40,
    materials: Object.keys(bowl).map((id) => findMaterial(id)!),
    strength: strengthOf(things(bowl)),
    ...more,
  });

test("more than 2 ml of essential oils together is a stop, whatever the head", () => {
  const found = (ml: number) => of({ water: 5000, "clove-essential-oil": ml * 1.0465 });
  expect(found(2).some(({ id }) => id === "essentialOilMuch")).toBe(false);
  expect(found(2.01)[0]).toMatchObject({ id: "essentialOilMuch", level: "stop" });
  expect(
    strengthOf(things({ "clove-essential-oil": 1.05, "tea-tree-essential-oil": 0.9, "sesame-oil": 50 })).essentialOilMl,
  ).toBeCloseTo(2, 1);
});

/** What is to be said, and the nearest bowl on the nearest head to which it is not. */
test.each<[string, string, ReturnType<typeof of>, ReturnType<typeof of>]>([
  ["indigo has its own sentence", "indigoSold", of({ indigo: 50 }), of({ henna: 50 })],
  ["and not henna’s", "soldAsHenna", of({ henna: 50 }), of({ indigo: 50 })],
  ["G6PD is about henna", "enzymeDeficiency", of({ henna: 50 }), of({ indigo: 50 })],
  ["a pregnancy is one line at every bowl", "pregnancy", of({ kaolin: 50 }, { pregnant: true }), of({ kaolin: 50 })],
  [
    "half a per cent of essential oil is strong for a teenager",
    "essentialOilStrong",
    of({ amla: 100, "lavender-essential-oil": 0.8 }, { age: "teen" }),
    of({ amla: 100, "lavender-essential-oil": 0.8 }),
  ],
  [
    "cinnamon and clove are strong sooner than lavender",
    "essentialOilStrong",
    of({ amla: 100, "clove-essential-oil": 0.2 }),
    of({ amla: 100, "lavender-essential-oil": 0.2 }),
  ],
  [
    "and stopped sooner",
    "harshOilMuch",
    of({ amla: 100, "cinnamon-bark-essential-oil": 0.6 }),
    of({ amla: 100, "cinnamon-bark-essential-oil": 0.4 }),
  ],
  [
    "egg for hours",
    "perishableRest",
    of({ amla: 50, egg: 50 }, {}, { restMin: 180 }),
    of({ amla: 50, egg: 50 }, {}, { restMin: 60 }),
  ],
  [
    "a fruit for hours, and lemon in a dye is not stopped",
    "perishableRest",
    of({ henna: 50, banana: 50 }, {}, { restMin: 600 }),
    of({ henna: 50, "lemon-juice": 50 }, {}, { restMin: 600 }),
  ],
  [
    "yoghurt for hours, though it is sour; tea overnight is not stopped",
    "perishableRest",
    of({ henna: 50, yoghurt: 50 }, {}, { restMin: 600 }),
    of({ henna: 50, "black-tea": 150 }, {}, { restMin: 600 }),
  ],
  [
    "vinegar undiluted, not a spoon of it",
    "undilutedAcid",
    of({ amla: 40, "cider-vinegar": 60 }),
    of({ amla: 40, "cider-vinegar": 10, water: 50 }),
  ],
  ["baking soda, and not salt", "alkaline", of({ "baking-soda": 5, kaolin: 50 }), of({ salt: 5, kaolin: 50 })],
  [
    "egg with hot liquid, not with warm",
    "eggHot",
    of({ amla: 50, egg: 50 }, {}, { liquidTempC: 80 }),
    of({ amla: 50, egg: 50 }, {}, { liquidTempC: 45 }),
  ],
  [
    "coconut in any shape on hair that goes stiff with it, and not its water",
    "dislikesCoconut",
    of({ amla: 50, "coconut-cream": 50 }, { traits: { dislikes: ["coconut"] } }),
    of({ amla: 50, "coconut-water": 50 }, { traits: { dislikes: ["coconut"] } }),
  ],
  [
    "a dye on bleached hair, and a mask on it",
    "treatedHair",
    of({ indigo: 50 }, { treated: [{ what: "bleach" }] }),
    of({ amla: 50 }, { treated: [{ what: "bleach" }] }),
  ],
  [
    "henna over metal salts, not over henna",
    "metalOnHair",
    of({ henna: 50 }, { treated: [{ what: "metalSalts" }] }),
    of({ henna: 50 }, { treated: [{ what: "henna", month: "2026-08" }] }),
  ],
  [
    "lime oil in the sun, not lavender",
    "phototoxic",
    of({ "lime-essential-oil": 0.1, amla: 50 }),
    of({ "lavender-essential-oil": 0.1, amla: 50 }),
  ],
])("%s (%s)", (_, id, said, silent) => {
  expect(said.map((one) => one.id)).toContain(id);
  expect(silent.map((one) => one.id)).not.toContain(id);
});

test("a pregnancy names neem oil, essential oils and dyes, and never stands before an answer", () => {
  const found = of({ henna: 50, "neem-oil": 5, "clove-essential-oil": 0.1, amla: 20 }, { pregnant: true });
  expect(found.find(({ id }) => id === "pregnancy")).toMatchObject({
    level: "care",
    materialIds: ["henna", "neem-oil", "clove-essential-oil"],
  });
});

test.each<[string, string, string]>([
  ["group-daisies", "chamomile", "rosemary-leaf"],
  ["group-daisies", "bhringraj-oil", "brahmi-oil"],
  ["group-latex-fruit", "banana", "apple"],
  ["group-legumes", "fenugreek-seed-whole", "flax-seed"],
  ["group-legumes", "peanut-oil", "sunflower-oil"],
  ["group-nuts", "almond-meal", "sesame-seed"],
  ["group-sesame", "brahmi-oil", "coconut-oil"],
  ["group-wheat", "wheat-germ-oil", "oat-flour"],
  ["group-bees", "beeswax", "cocoa-butter"],
])("somebody who does not bear %s is warned of %s and not of %s", (group, inBowl, harmless) => {
  const found = (id: string) =>
    of({ kaolin: 50, [id]: 5 }, { allergies: [group] }).some((one) => one.id === "knownAllergy");
  expect([found(inBowl), found(harmless)]).toEqual([true, false]);
});
