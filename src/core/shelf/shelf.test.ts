import fc from "fast-check";
import { blend, jar, shelfWith } from "../../../checks/onAShelf";
import { findMaterial, type Material } from "../material";
import { CATALOGUE } from "../catalogue";
import { PLAIN_HEAD } from "../head";
import { computePaste } from "../paste";
import {
  checkJar,
  checkOwnThing,
  checkWeighing,
  containsItself,
  dayNumber,
  dayText,
  densityIsPossible,
  freshness,
  jarDensity,
  jarInUse,
  lookupOn,
  madeFigures,
  monthsBetween,
  monthsOn,
  nameInId,
  ownId,
  ownMaterials,
  questionOn,
  bestUsedBy,
  weekdayFrom,
  type Jar,
  type OwnThing,
  type Shelf,
} from ".";
import { mixtureOf } from "../mixture";

const amla = findMaterial("amla")!;
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
    { numRuns: 600 },
  );
  for (const wrong of ["2026-02-29", "2026-13-01", "26-1-1", "", "2026-00-10"])
    expect(dayNumber(wrong)).toBeUndefined();
  expect(monthsBetween("2026-01-01", "2027-01-01")).toBeCloseTo(12, 1);
});

test("the next day of the week is within a week, and is that day", () => {
  fc.assert(
    fc.property(fc.integer({ min: -719_162, max: 200_000 }), fc.integer({ min: 1, max: 7 }), (days, weekday) => {
      const on = weekdayFrom(dayText(days), weekday);
      expect(new Date(`${on}T00:00:00Z`).getUTCDay() || 7).toBe(weekday);
      expect(dayNumber(on)! - days).toBeGreaterThanOrEqual(0);
      expect(dayNumber(on)! - days).toBeLessThan(7);
    }),
    { numRuns: 200 },
  );
});

test("a day and its count are two ways to say it, and months on are days on", () => {
  fc.assert(
    fc.property(fc.integer({ min: -719_162, max: 200_000 }), fc.integer({ min: 0, max: 60 }), (days, months) => {
      const text = dayText(days);
      expect(dayNumber(text)).toBe(days);
      const later = monthsOn(text, months)!;
      expect(dayNumber(later)! - days).toBe(Math.floor(months * 30.44));
      expect(new Date(days * 86_400_000).toISOString().slice(0, 10)).toBe(text);
    }),
    { numRuns: 600 },
  );
  expect(monthsOn("no day", 3)).toBeUndefined();
});

test("a label says a jar's own day, or how long its kind keeps once it is open", () => {
  const henna = findMaterial("henna")!;
  expect(bestUsedBy({ bestBefore: "2027-01-31", openedOn: "2026-01-01" }, henna)).toBe("2027-01-31");
  expect(bestUsedBy({ openedOn: "2026-01-01" }, henna)).toBe("2026-07-02");
  expect(bestUsedBy({}, henna)).toBeUndefined();
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
  // A brewed tea keeps its three days; frozen, the day on its jar.
  const tea = findMaterial("rosemary-tea")!;
  expect(freshness({ openedOn: "2026-11-23" }, tea, "2026-11-25").state).toBe("fresh");
  expect(freshness({ openedOn: "2026-11-20" }, tea, "2026-11-25")).toMatchObject({ state: "past", test: "spoiled" });
  const { made } = jar("rosemary-tea", {
    made: { method: "brew", things: [], settings: {}, kitchenTempC: 20, figures: madeFigures(tea) },
  });
  const frozen = { openedOn: "2026-10-20", bestBefore: "2027-01-18", made };
  expect(freshness(frozen, tea, "2026-11-25").state).toBe("fresh");
  expect(freshness({ ...frozen, bestBefore: "2026-11-20" }, tea, "2026-11-25").state).toBe("past");
});

test("what is looked up on a shelf is its own first, then the tables", () => {
  const own = ownMaterials([{ id: "own-x", name: "x", kind: "like", likeId: "amla" }]);
  const find = lookupOn({ own, jars: [] });
  expect(find("own-x")?.names[0].text).toBe("x");
  expect(find("amla")).toBe(amla);
  expect(find("own-y")).toBeUndefined();
});
