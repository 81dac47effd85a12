import fc from "fast-check";
import { convertForm, findMaterial, otherForms, type Material } from "../material";
import { CATALOGUE } from "../catalogue";
import { drawsOf, costOf, gather } from "../stock";
import { PLAIN_HEAD } from "../head";
import { computePaste, type Blend } from "../paste";
import {
  EMPTY_SHELF,
  checkJar,
  checkOwnThing,
  checkWeighing,
  containsItself,
  dayNumber,
  densityIsPossible,
  freshness,
  jarDensity,
  jarInUse,
  lookupOn,
  mixtureOf,
  monthsBetween,
  nameInId,
  ownId,
  ownMaterials,
  questionOn,
  type Jar,
  type OwnThing,
  type Shelf,
} from ".";
import { swapsFor } from "../swap";

const amla = findMaterial("amla")!;
const jar = (materialId: string, of: Partial<Jar> = {}): Jar => ({
  id: `${materialId}-1`,
  materialId,
  name: materialId,
  fullG: 500,
  leftG: 500,
  madeHere: false,
  weighings: [],
  ...of,
});
const blend: Blend = {
  purpose: "mask",
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "brahmi", role: "part", amount: 1, unit: "tbsp", fill: "level" },
    { materialId: "yoghurt", role: "fixed", amount: 4, unit: "tbsp", fill: "level" },
  ],
  liquid: { materialId: "water", tempC: 40 },
  target: { word: "cream" },
  kitchenTempC: 21,
  sizing: "likely",
};
const shelfWith = (...jars: Jar[]): Shelf => ({ own: [], jars });
const dry = CATALOGUE.filter(({ form }) => form === "powder");

describe("a mixture", () => {
  const parts = fc.array(
    fc.record({ material: fc.constantFrom(...dry), weight: fc.double({ min: 0.1, max: 10, noNaN: true }) }),
    { minLength: 1, maxLength: 6 },
  );
  test("of known shares keeps every figure between those of its parts, and is whole", () => {
    fc.assert(
      fc.property(parts, (some) => {
        const sum = some.reduce((total, { weight }) => total + weight, 0);
        const made = mixtureOf(
          { id: "own-x", name: "x" },
          some.map(({ material, weight }) => ({ material, share: weight / sum })),
        );
        for (const figure of [(m: Material) => m.water, (m: Material) => m.bulkDensityGPerMl, (m: Material) => m.oil]) {
          const values = some.map(({ material }) => figure(material).value);
          expect(figure(made).value).toBeGreaterThanOrEqual(Math.min(...values) - 1e-9);
          expect(figure(made).value).toBeLessThanOrEqual(Math.max(...values) + 1e-9);
          expect(figure(made).low).toBeLessThanOrEqual(figure(made).value + 1e-12);
          expect(figure(made).high).toBeGreaterThanOrEqual(figure(made).value - 1e-12);
        }
        expect(made.water.value + made.oil.value + made.dissolving.value).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });
  test("whose shares nobody knows is never surer than the same one with shares", () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...dry), { minLength: 2, maxLength: 6 }), (some) => {
        const width = (m: Material) => m.bulkDensityGPerMl.high - m.bulkDensityGPerMl.low;
        const known = mixtureOf(
          { id: "a", name: "a" },
          some.map((material) => ({ material, share: 1 / some.length })),
        );
        const unknown = mixtureOf(
          { id: "b", name: "b" },
          some.map((material) => ({ material })),
        );
        expect(width(unknown)).toBeGreaterThanOrEqual(width(known) - 1e-9);
        expect(unknown.water.high - unknown.water.low).toBeGreaterThanOrEqual(
          known.water.high - known.water.low - 1e-9,
        );
      }),
    );
  });
  test("of one thing is that thing, and volumes add up where densities do not", () => {
    const alone = mixtureOf({ id: "a", name: "a" }, [{ material: amla, share: 1 }]);
    expect(alone.bulkDensityGPerMl.value).toBeCloseTo(amla.bulkDensityGPerMl.value, 9);
    const [light, heavy] = [findMaterial("sage-leaf")!, findMaterial("kaolin")!];
    const half = mixtureOf({ id: "a", name: "a" }, [
      { material: light, share: 0.5 },
      { material: heavy, share: 0.5 },
    ]);
    expect(1 / half.bulkDensityGPerMl.value).toBeCloseTo(
      0.5 / light.bulkDensityGPerMl.value + 0.5 / heavy.bulkDensityGPerMl.value,
      9,
    );
    expect(half.tags).toEqual(expect.arrayContaining(["clay", "dust"]));
  });
});

describe("things of one's own", () => {
  const five: OwnThing = {
    id: ownId("Five-herb powder"),
    name: "Five-herb powder",
    kind: "mixture",
    parts: [
      { materialId: "amla", share: 0.6 },
      { materialId: "brahmi", share: 0.4 },
    ],
  };
  test("have ids that still say their names, in any script, and can be used like anything else", () => {
    expect(ownId("Five-herb powder")).toBe("own-five-herb-powder");
    expect(nameInId(ownId("पाँच चूर्ण"))).toBe("पाँच चूर्ण");
    const shelf: Shelf = { own: ownMaterials([five]), jars: [] };
    const question = questionOn(
      { ...blend, lines: [{ ...blend.lines[0], materialId: five.id }] },
      PLAIN_HEAD,
      "metric",
      shelf,
    );
    expect(question.own?.map(({ id }) => id)).toEqual([five.id]);
    expect(computePaste(question).ok).toBe(true);
    expect(computePaste({ ...question, own: [] })).toMatchObject({
      ok: false,
      problems: [{ code: "unknownMaterial" }, { code: "noPowder" }],
    });
  });
  test("that are like something are less sure than it", () => {
    const [own] = ownMaterials([{ id: "own-x", name: "x", kind: "like", likeId: "amla" }]);
    expect(own.bulkDensityGPerMl.value).toBe(amla.bulkDensityGPerMl.value);
    expect(own.bulkDensityGPerMl.high).toBeGreaterThan(amla.bulkDensityGPerMl.high);
  });
  test("never contain themselves, however deep", () => {
    const inner: OwnThing = { id: "own-inner", name: "inner", kind: "mixture", parts: [{ materialId: "own-outer" }] };
    const outer: OwnThing = { id: "own-outer", name: "outer", kind: "mixture", parts: [{ materialId: "own-inner" }] };
    expect(containsItself({ id: "own-a", name: "a", kind: "mixture", parts: [{ materialId: "own-a" }] }, [])).toBe(
      true,
    );
    expect(containsItself(outer, [inner])).toBe(true);
    expect(containsItself(five, [inner])).toBe(false);
    expect(checkOwnThing(outer, [inner])).toEqual([{ field: "parts", code: "containsItself" }]);
    expect(ownMaterials([inner, outer])).toEqual([]);
  });
  test.each<[string, Partial<OwnThing>, string]>([
    ["no name", { name: "  ", id: "own-" }, "required"],
    ["nothing in it", { parts: [] } as never, "required"],
    ["an unknown part", { parts: [{ materialId: "unobtainium" }] } as never, "unknownMaterial"],
    [
      "shares over a whole",
      {
        parts: [
          { materialId: "amla", share: 0.9 },
          { materialId: "brahmi", share: 0.4 },
        ],
      } as never,
      "sharesDoNotAddUp",
    ],
    ["all shares known and short", { parts: [{ materialId: "amla", share: 0.5 }] } as never, "sharesDoNotAddUp"],
    ["a share of nothing", { parts: [{ materialId: "amla", share: 0 }] } as never, "notANumber"],
  ])("%s is refused", (_, change, code) => {
    expect(checkOwnThing({ ...five, ...change } as OwnThing, []).map((problem) => problem.code)).toContain(code);
  });
});

describe("a jar", () => {
  const weighing = (count: number, massG: number) => ({ id: `${count}${massG}`, count, unit: "tbsp" as const, massG });
  test("weighed by the spoon has its own density, surer with every weighing", () => {
    const once = jarDensity([weighing(1, 7)], "metric")!;
    const more = jarDensity([weighing(1, 7), weighing(3, 21), weighing(4, 28.4)], "metric")!;
    expect(once.value).toBeCloseTo(7 / 15, 9);
    expect(more.high - more.low).toBeLessThan(once.high - once.low);
    expect(once.source.kind).toBe("measured");
    expect(jarDensity([], "metric")).toBeUndefined();
  });
  test("whose weighings lie apart is not sure", () => {
    const alike = jarDensity([weighing(2, 14), weighing(2, 14)], "metric")!;
    const apart = jarDensity([weighing(2, 10), weighing(2, 18)], "metric")!;
    expect(apart.high - apart.low).toBeGreaterThan(2 * (alike.high - alike.low));
  });
  test("takes the tables' place wherever it is used, and nowhere else", () => {
    const heavy = jar("amla", { weighings: [weighing(3, 36)] });
    const byTables = computePaste(questionOn(blend, PLAIN_HEAD, "metric", shelfWith(jar("amla"))));
    const byJar = computePaste(questionOn(blend, PLAIN_HEAD, "metric", shelfWith(heavy)));
    if (!byTables.ok || !byJar.ok) throw new Error("no answer");
    const share = (of: typeof byJar.value) => of.lines[0].massG.mid / of.lines[1].massG.mid;
    expect(share(byJar.value) / share(byTables.value)).toBeCloseTo(36 / 45 / amla.bulkDensityGPerMl.value, 6);
    expect(byJar.value.lines[0].jarId).toBe(heavy.id);
    expect(byJar.value.lines[1].jarId).toBeUndefined();
  });
  test("that is named and gone gives way to the one in use", () => {
    const question = questionOn(
      { ...blend, lines: [{ ...blend.lines[0], jarId: "gone" }, blend.lines[1]] },
      PLAIN_HEAD,
      "metric",
      shelfWith(jar("amla")),
    );
    expect(question.lines.map(({ jarId }) => jarId)).toEqual(["amla-1", undefined]);
  });
  test("in use is one with something in it, open before closed, soonest date first", () => {
    const jars = [
      jar("amla", { id: "closed" }),
      jar("amla", { id: "empty", leftG: 0, openedOn: "2026-01-01" }),
      jar("amla", { id: "late", openedOn: "2026-01-01", bestBefore: "2027-06-01" }),
      jar("amla", { id: "soon", openedOn: "2026-01-01", bestBefore: "2027-01-01" }),
    ];
    expect(jarInUse(jars, "amla")?.id).toBe("soon");
    expect(jarInUse(jars, "brahmi")).toBeUndefined();
  });
  test.each<[string, object, string, string]>([
    ["an opening day to come", { openedOn: "2027-01-01" }, "openedOn", "inTheFuture"],
    ["a day that is none", { boughtOn: "2026-02-30" }, "boughtOn", "notADay"],
    ["words for a price", { price: NaN }, "price", "notANumber"],
    ["no weight", { fullG: undefined }, "fullG", "required"],
    ["less than nothing", { fullG: -5 }, "fullG", "tooSmall"],
  ])("%s is refused at its field", (_, change, field, code) => {
    expect(checkJar({ name: "amla", fullG: 100, ...change } as Jar, "2026-11-25")).toEqual([
      expect.objectContaining({ field, code }),
    ]);
  });
  test("a weighing that no spoon of anything weighs is told from one that may be", () => {
    expect(densityIsPossible({ count: 3, unit: "tbsp", massG: 20 }, "metric")).toBe(true);
    expect(densityIsPossible({ count: 3, unit: "tbsp", massG: 200 }, "metric")).toBe(false);
    expect(checkWeighing({ count: NaN, unit: "tbsp", massG: 20 }, amla)).toEqual([
      { field: "count", code: "notANumber" },
    ]);
  });
});

test("days are counted as the calendar does", () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date("1970-01-01T00:00:00Z"), max: new Date("2199-12-31T00:00:00Z"), noInvalidDate: true }),
      (date) => {
        const text = date.toISOString().slice(0, 10);
        expect(dayNumber(text)).toBe(Math.floor(Date.parse(`${text}T00:00:00Z`) / 86_400_000));
      },
    ),
    { numRuns: 2000 },
  );
  for (const wrong of ["2026-02-29", "2026-13-01", "26-1-1", "", "2026-00-10"])
    expect(dayNumber(wrong)).toBeUndefined();
  expect(monthsBetween("2026-01-01", "2027-01-01")).toBeCloseTo(12, 1);
});

test("age is said once it is past, and what to try", () => {
  const henna = findMaterial("henna")!;
  expect(freshness({ openedOn: "2026-10-01" }, henna, "2026-11-25").state).toBe("fresh");
  expect(freshness({ openedOn: "2025-01-01" }, henna, "2026-11-25")).toMatchObject({
    state: "past",
    by: "opened",
    test: "dab",
  });
  expect(freshness({ bestBefore: "2026-11-24" }, amla, "2026-11-25")).toMatchObject({
    state: "past",
    by: "bestBefore",
  });
  expect(freshness({ openedOn: "2026-11-10" }, findMaterial("yoghurt")!, "2026-11-25")).toMatchObject({
    state: "past",
    test: "spoiled",
  });
  expect(freshness({}, amla, "2026-11-25").state).toBe("unknown");
});

describe("gathering", () => {
  const bowl = (shelf: Shelf) => {
    const question = questionOn(blend, PLAIN_HEAD, "metric", shelf);
    const result = computePaste(question);
    if (!result.ok) throw new Error("no answer");
    return { question, answer: result.value };
  };
  test("adds up over bowls, draws jars down in turn, and says what is short", () => {
    const shelf = shelfWith(
      jar("amla", { leftG: 20, price: 5 }),
      jar("amla", { id: "second", leftG: 20, price: 10 }),
      jar("brahmi"),
    );
    const one = bowl(shelf);
    const rows = gather([one, one], shelf);
    const of = (id: string) => rows.find(({ materialId }) => materialId === id)!;
    expect(of("amla").needG.mid).toBeCloseTo(2 * one.answer.lines[0].massG.mid, 9);
    expect(of("amla").shortG).toBeCloseTo(of("amla").needG.mid - 40, 9);
    expect(of("amla").from).toEqual([
      { jarId: "amla-1", massG: 20 },
      { jarId: "second", massG: 20 },
    ]);
    expect(of("amla").cost).toBeCloseTo((20 * 5) / 500 + (20 * 10) / 500, 9);
    expect(of("brahmi").shortG).toBe(0);
    expect(of("yoghurt").shortG).toBeGreaterThan(0);
    expect(rows.some(({ materialId }) => materialId === "water")).toBe(false);
    expect(costOf(rows).unpricedG).toBeGreaterThan(0);
  });
  test("of two liquids each is gathered, drawn and settled by its share", () => {
    const shelf = shelfWith(jar("rose-water"), jar("milk"));
    const question = questionOn(
      { ...blend, liquid: { materialId: "milk", tempC: 20, with: { materialId: "rose-water", share: 0.25 } } },
      PLAIN_HEAD,
      "metric",
      shelf,
    );
    expect(question.liquid).toMatchObject({ jarId: "milk-1", with: { jarId: "rose-water-1", share: 0.25 } });
    const result = computePaste(question);
    if (!result.ok || result.value.liquid.state === "unreachable") throw new Error("no answer");
    const rows = gather([{ question, answer: result.value }], shelf);
    const of = (id: string) => rows.find(({ materialId }) => materialId === id)!.needG.mid;
    const density = (id: string) => findMaterial(id)!.bulkDensityGPerMl.value;
    expect(of("rose-water") / of("milk")).toBeCloseTo(density("rose-water") / density("milk") / 3, 9);
    const draws = drawsOf(question, result.value, [
      { id: "e1", payload: { kind: "poured", ml: 100 }, deviceId: "d", deviceSeq: 1, revSeen: 1, atMs: 1 },
    ]);
    expect(draws.map(({ slot, jarId }) => [slot, jarId])).toEqual([
      ["liquid", "milk-1"],
      ["second liquid", "rose-water-1"],
    ]);
    expect(draws[0].massG / draws[1].massG).toBeCloseTo(
      (75 * findMaterial("milk")!.bulkDensityGPerMl.value) / (25 * findMaterial("rose-water")!.bulkDensityGPerMl.value),
      9,
    );
  });
  test("a tea is brewed and not bought", () => {
    const shelf = shelfWith();
    const question = questionOn(
      { ...blend, liquid: { materialId: "black-tea", tempC: 40 } },
      PLAIN_HEAD,
      "metric",
      shelf,
    );
    const result = computePaste(question);
    if (!result.ok) throw new Error("no answer");
    expect(
      gather([{ question, answer: result.value }], shelf).find(({ materialId }) => materialId === "black-tea"),
    ).toMatchObject({ shortG: 0, fresh: true });
  });
});

test("a liquid is poured in millilitres and gathered in grams", () => {
  for (const materialId of ["yoghurt", "coconut-milk", "rose-water"]) {
    const question = questionOn({ ...blend, liquid: { materialId, tempC: 20 } }, PLAIN_HEAD, "metric", EMPTY_SHELF);
    const result = computePaste(question);
    if (!result.ok || result.value.liquid.state === "unreachable") continue;
    const found = gather([{ question, answer: result.value }], EMPTY_SHELF).find(
      (one) => one.materialId === materialId,
    )!;
    const line = result.value.lines
      .filter((one) => one.materialId === materialId)
      .reduce((sum, one) => sum + one.massG.mid, 0);
    expect(found.needG.mid - line).toBeCloseTo(
      result.value.liquid.ml.mid * findMaterial(materialId)!.bulkDensityGPerMl.value,
      6,
    );
  }
});

describe("swaps", () => {
  const shelf = shelfWith(
    jar("amla"),
    jar("brahmi"),
    jar("gotu-kola"),
    jar("kaolin"),
    jar("henna"),
    jar("moringa-leaf", { leftG: 0 }),
  );
  const question = questionOn(blend, PLAIN_HEAD, "metric", shelf);
  test("are ranked by what they do, from stock only, each a bowl computed anew, and leaving out comes last", () => {
    const swaps = swapsFor(question, 1, shelf);
    expect(swaps[0].materialId).toBe("gotu-kola");
    expect(swaps.at(-1)!.materialId).toBeUndefined();
    expect(swaps.some(({ materialId }) => materialId === "moringa-leaf")).toBe(false);
    for (const { question: asked, after } of swaps) {
      const again = computePaste(asked);
      expect(again.ok && again.value.totalG.mid).toBeCloseTo(after.totalG, 9);
    }
  });
  test("leaving it out keeps the head's weight, the others making it up", () => {
    const { before, after } = swapsFor(question, 1, shelf).at(-1)!;
    expect(after.totalG / before.totalG).toBeCloseTo(1, 1);
  });
  test("a dye never stands in for what is none; for a dye it may", () => {
    const full = shelfWith(...CATALOGUE.filter(({ form }) => form === "powder").map(({ id }) => jar(id)));
    for (const [i, of] of ["hibiscus-flower", "amla", "rose-petal", "henna"].entries()) {
      const asked = questionOn(
        {
          ...blend,
          lines: [
            { ...blend.lines[0], materialId: "bhringraj" },
            { ...blend.lines[1], materialId: of },
          ],
        },
        { ...PLAIN_HEAD, greyShare: 0.33 },
        "metric",
        full,
      );
      const dyes = swapsFor(asked, 1, full).filter(
        ({ materialId }) => materialId && findMaterial(materialId)!.tags.includes("dye"),
      );
      expect([of, dyes.length > 0]).toEqual([of, i === 3]);
    }
  });
  test("a swap says what it does to the rest and to the cautions", () => {
    const full = shelfWith(jar("henna"), jar("cassia"), jar("amla"), jar("hibiscus-flower"));
    const dyed = questionOn(
      {
        ...blend,
        lines: [
          { ...blend.lines[0], materialId: "amla" },
          { ...blend.lines[1], materialId: "henna" },
        ],
      },
      PLAIN_HEAD,
      "metric",
      full,
    );
    const without = swapsFor(dyed, 1, full).at(-1)!;
    expect(without.after.restMin).toBeLessThan(without.before.restMin - 60);
    expect(without.before.cautions.some(({ id }) => id === "soldAsHenna")).toBe(true);
    expect(without.after.cautions.some(({ id }) => id === "soldAsHenna")).toBe(false);
  });
  test("before and after count what was learnt of a jar: the same bowl from the same shelf is the same", () => {
    const learnt = shelfWith(
      jar("amla"),
      jar("brahmi", { weighings: [{ id: "w", count: 2, unit: "tbsp" as const, massG: 24 }] }),
      jar("gotu-kola"),
    );
    const plain = questionOn(blend, PLAIN_HEAD, "metric", EMPTY_SHELF);
    const asked = questionOn(blend, PLAIN_HEAD, "metric", learnt);
    const [a, b] = [plain, asked].map((question) => swapsFor(question, 1, learnt)[0].before);
    expect(a).toEqual(b);
  });
  test("the only powder cannot be left out", () => {
    const only = questionOn({ ...blend, lines: [blend.lines[0], blend.lines[2]] }, PLAIN_HEAD, "metric", shelf);
    expect(swapsFor(only, 0, shelf).every(({ materialId }) => materialId !== undefined)).toBe(true);
    expect(swapsFor(only, 9, shelf)).toEqual([]);
  });
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

test("what is looked up on a shelf is its own first, then the tables", () => {
  const own = ownMaterials([{ id: "own-x", name: "x", kind: "like", likeId: "amla" }]);
  const find = lookupOn({ own, jars: [] });
  expect(find("own-x")?.names[0].text).toBe("x");
  expect(find("amla")).toBe(amla);
  expect(find("own-y")).toBeUndefined();
});
