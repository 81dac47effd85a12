import fc from "fast-check";
import { PLAIN_HEAD, STRAND_SIZES } from "../head";
import { findMaterial } from "../material";
import {
  bowlsOf,
  DYE,
  dyeIn,
  dyeOf,
  DYES,
  hairAbsorbs,
  HOWS,
  indigoLeft,
  PLAIN_PLAN,
  seenOf,
  sketchFactor,
  sketchOf,
  stepsOf,
  strandsOf,
  TINTS,
  tintsOf,
  swatchOf,
  WORN_C,
  type ColourPlan,
  type DyeId,
  type Lab,
  type Strands,
} from ".";

const STRANDS: Strands = { level: 4, greyShare: 0.33, strand: "medium", bleached: false };
const plan = (parts: [DyeId, number][], change: Partial<ColourPlan> = {}) =>
  stepsOf({ ...PLAIN_PLAN, parts: parts.map(([dye, its]) => ({ dye, parts: its })), ...change }, 21);
const chroma = ({ a, b }: Lab) => Math.hypot(a, b);
const hue = ({ a, b }: Lab) => ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
const anyHours = fc.double({ min: 0, max: 24, noNaN: true });
const anyStrand = fc.constantFrom(...STRAND_SIZES);

test("every dye is a thing of the catalogue, and known by it", () => {
  for (const dye of DYES)
    for (const id of DYE[dye].materials) {
      expect([id, findMaterial(id) !== undefined]).toEqual([id, true]);
      expect(dyeOf(id)).toBe(dye);
    }
  expect(dyeOf("amla")).toBeUndefined();
});

describe("hair before", () => {
  test("each level is lighter than the one below, and grey is the lightest and hardly coloured", () => {
    const levels = Array.from({ length: 10 }, (_, i) => swatchOf(hairAbsorbs(i + 1).map(seenOf)).lab);
    for (let i = 1; i < 10; i++) expect(levels[i].l).toBeGreaterThan(levels[i - 1].l);
    const grey = swatchOf(hairAbsorbs("grey").map(seenOf)).lab;
    expect(grey.l).toBeGreaterThan(levels[9].l);
    expect(chroma(grey)).toBeLessThan(14);
    expect(levels[1].l).toBeLessThan(24);
  });
  test("a head that is called grey is mostly so, bleached hair is open", () => {
    expect(strandsOf({ ...PLAIN_HEAD, shade: "grey" }).greyShare).toBeGreaterThan(0.5);
    expect(strandsOf({ ...PLAIN_HEAD, treated: [{ what: "bleach" }] }).bleached).toBe(true);
    expect(strandsOf({ ...PLAIN_HEAD, baseLevel: 7 }).level).toBe(7);
  });
});

describe("what dye does, as makers see it (common practice)", () => {
  const grey = (parts: [DyeId, number][], change: Partial<ColourPlan> = {}, moment: "rinsed" | "settled" = "settled") =>
    sketchOf(STRANDS, plan(parts, change), moment).grey.lab;
  test("henna makes grey copper, then red-brown with more rounds, and never a dark neutral", () => {
    const [once, four] = [grey([["henna", 1]]), grey([["henna", 1]], { rounds: 4 })];
    expect(hue(once)).toBeGreaterThan(40);
    expect(hue(once)).toBeLessThan(70);
    expect(hue(four)).toBeLessThan(hue(once));
    expect(four.l).toBeLessThan(once.l);
    fc.assert(
      fc.property(
        anyHours,
        fc.integer({ min: 1, max: 12 }),
        anyStrand,
        fc.double({ min: 1, max: 4, noNaN: true }),
        (hoursOn, rounds, strand, factor) => {
          const { lab } = sketchOf(
            { ...STRANDS, strand },
            plan([["henna", 1]], { hoursOn, rounds }),
            "settled",
            factor,
          ).grey;
          expect(lab.l < 35 && chroma(lab) < 15).toBe(false);
        },
      ),
      { numRuns: 150 },
    );
  });
  test("indigo alone is blue on grey; with henna brown, with more of it darker, after henna the darkest", () => {
    const alone = grey([["indigo", 1]]);
    expect(hue(alone)).toBeGreaterThan(200);
    expect(hue(alone)).toBeLessThan(310);
    const mixed = [
      grey([
        ["henna", 2],
        ["indigo", 1],
      ]),
      grey([
        ["henna", 1],
        ["indigo", 1],
      ]),
      grey([
        ["henna", 1],
        ["indigo", 2],
      ]),
    ];
    const after = grey(
      [
        ["henna", 1],
        ["indigo", 1],
      ],
      { how: "after" },
    );
    for (let i = 1; i < 3; i++) expect(mixed[i].l).toBeLessThan(mixed[i - 1].l);
    expect(after.l).toBeLessThan(mixed[2].l);
    expect(chroma(mixed[0])).toBeLessThan(25);
  });
  test("indigo that waited for the henna has done its work in the bowl", () => {
    expect(indigoLeft(10, 21)).toBeLessThan(0.01);
    expect(indigoLeft(0.25, 21)).toBeGreaterThan(0.8);
    const [stirred, waited] = HOWS.filter((how) => how !== "after").map((how) =>
      grey(
        [
          ["henna", 1],
          ["indigo", 1],
        ],
        { how },
      ),
    );
    expect(waited.l).toBeGreaterThan(stirred.l + 4);
  });
  test("cassia makes grey straw and leaves dark hair; henna only warms black hair", () => {
    const cassia = sketchOf(STRANDS, plan([["cassia", 1]]), "settled");
    expect(hue(cassia.grey.lab)).toBeGreaterThan(80);
    const before = sketchOf(STRANDS, plan([["cassia", 1]]), "before");
    expect(Math.abs(cassia.own.lab.l - before.own.lab.l)).toBeLessThan(2);
    const black: Strands = { ...STRANDS, level: 2, greyShare: 0 };
    const [was, is] = (["before", "settled"] as const).map(
      (moment) => sketchOf(black, plan([["henna", 1]]), moment).whole.lab,
    );
    expect(Math.abs(was.l - is.l)).toBeLessThan(3);
  });
  test("henna deepens over two days, and hibiscus is nearly gone in a week", () => {
    expect(grey([["henna", 1]], {}, "rinsed").l).toBeGreaterThan(grey([["henna", 1]]).l);
    const dyed = plan([["hibiscus", 1]]);
    expect(dyeIn(dyed, "medium", "worn", 1).hibiscus! / dyeIn(dyed, "medium", "settled", 1).hibiscus!).toBeLessThan(
      0.3,
    );
  });
});

describe("laws", () => {
  test("longer on, warmer, stronger and more rounds never give less; finer strands never take less", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DYES),
        anyHours,
        anyHours,
        anyStrand,
        fc.constantFrom("open" as const, "cap" as const, "heat" as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 6 }),
        (dye, hoursOn, more, strand, worn, strength, rounds) => {
          const held = (change: Partial<ColourPlan>, of = strand, moment: "settled" | "worn" = "settled") =>
            dyeIn(plan([[dye, 1]], { hoursOn, worn, strength, rounds, ...change }), of, moment, 1)[dye]!;
          const now = held({});
          expect(held({ hoursOn: hoursOn + more })).toBeGreaterThanOrEqual(now - 1e-9);
          expect(held({ worn: "heat" })).toBeGreaterThanOrEqual(now - 1e-9);
          expect(held({ strength: 1 })).toBeGreaterThanOrEqual(now - 1e-9);
          expect(held({ rounds: rounds + 1 })).toBeGreaterThanOrEqual(now - 1e-9);
          expect(held({}, "fine")).toBeGreaterThanOrEqual(now - 1e-9);
          expect(held({}, strand, "worn")).toBeLessThanOrEqual(now + 1e-9);
        },
      ),
      { numRuns: 200 },
    );
  });
  test("each hour brings less than the one before", () => {
    const at = (hoursOn: number) => dyeIn(plan([["henna", 1]], { hoursOn }), "medium", "settled", 1).henna!;
    for (let h = 1; h < 6; h++) expect(at(h + 1) - at(h)).toBeLessThan(at(h) - at(h - 1));
  });
  test("more grey is nearer to the grey strands, and the whole lies between its strands", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.constantFrom(...DYES), (greyShare, dye) => {
        const { own, grey, whole } = sketchOf({ ...STRANDS, greyShare }, plan([[dye, 1]]), "settled");
        expect(whole.lab.l).toBeLessThanOrEqual(Math.max(own.lab.l, grey.lab.l) + 1e-9);
        expect(whole.lab.l).toBeGreaterThanOrEqual(Math.min(own.lab.l, grey.lab.l) - 1e-9);
      }),
      { numRuns: 60 },
    );
  });
  test("strands that were tried move the sketch toward what was seen, and narrow it", () => {
    const none = sketchFactor([]);
    expect(none.value).toBe(1);
    const [one, three] = [sketchFactor(["deeper"]), sketchFactor(["deeper", "deeper", "deeper"])];
    expect(one.value).toBeGreaterThan(1);
    expect(three.value).toBeGreaterThan(one.value);
    expect(three.value).toBeLessThan(1.45);
    expect(three.high / three.low).toBeLessThan(one.high / one.low);
    expect(one.high / one.low).toBeLessThan(none.high / none.low);
    expect(sketchFactor(["alike"]).value).toBe(1);
  });
});

describe("a dye in a bowl that is not to dye", () => {
  const mask = (dyeG: number, materialId = "henna", restMin = 30) =>
    tintsOf(
      {
        lines: [{ materialId, massG: { mid: dyeG } }],
        totalG: { mid: 250 },
        rest: { restMin },
        leaveOnMin: { mid: 40 },
      },
      21,
      "medium",
    )[0].tint;
  test("a teaspoon of henna in a mask leaves a breath or a tint on light hair, a pinch hardly anything", () => {
    expect(["breath", "tint"]).toContain(mask(3));
    expect(mask(0.1)).toBe("none");
    expect(TINTS.indexOf(mask(60, "henna", 240))).toBeGreaterThan(TINTS.indexOf(mask(3)));
  });
  test("more of it never leaves less", () => {
    for (const [i, grams] of [1, 3, 10, 30].entries())
      if (i > 0) expect(TINTS.indexOf(mask(grams))).toBeGreaterThanOrEqual(TINTS.indexOf(mask(grams / 3)));
  });
});

describe("two bowls to one moment", () => {
  const two: ColourPlan = {
    ...PLAIN_PLAN,
    parts: [
      { dye: "henna", parts: 1 },
      { dye: "indigo", parts: 2 },
    ],
  };
  test("stirred in: henna rests for hours and is on then, indigo is wetted a quarter of an hour before", () => {
    const [henna, indigo] = bowlsOf(two, PLAIN_HEAD, 21, "metric")!;
    expect([henna.onHeadMin, indigo.onHeadMin]).toEqual([0, 0]);
    expect(henna.mixedMin).toBeLessThan(-120);
    expect(indigo.mixedMin).toBeLessThanOrEqual(-10);
    expect(indigo.mixedMin).toBeGreaterThanOrEqual(-20);
    expect(indigo.stirredIn).toBe(true);
    expect(indigo.lines[0].massG / henna.lines[0].massG).toBeCloseTo(2, 1);
  });
  test("one after the other each is as much as a head takes; the second is wetted after the first is off", () => {
    const [henna, indigo] = bowlsOf({ ...two, how: "after" }, PLAIN_HEAD, 21, "metric")!;
    expect(indigo.mixedMin).toBeGreaterThan(henna.rinsedMin);
    expect(indigo.lines[0].massG).toBeGreaterThan(1.2 * bowlsOf(two, PLAIN_HEAD, 21, "metric")![1].lines[0].massG);
  });
  test("lemon goes to the henna and never to the indigo", () => {
    const [henna, indigo] = bowlsOf({ ...two, acid: true }, PLAIN_HEAD, 21, "metric")!;
    expect(henna.lines.map(({ materialId }) => materialId)).toContain("lemon-juice");
    expect(indigo.lines.map(({ materialId }) => materialId)).toEqual(["indigo"]);
    expect(henna.mixedMin).toBeLessThan(bowlsOf(two, PLAIN_HEAD, 21, "metric")![0].mixedMin - 120);
  });
  test("a tea makes no paste", () => {
    expect(
      bowlsOf({ ...PLAIN_PLAN, parts: [{ dye: "blackTea", parts: 1 }] }, PLAIN_HEAD, 21, "metric"),
    ).toBeUndefined();
  });
  test("worn as it is, warmth is that of skin and no more", () => {
    expect(Math.max(...Object.values(WORN_C))).toBeLessThan(40);
  });
});
