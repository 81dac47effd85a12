import newton from "newton-raphson-method";
import fc from "fast-check";
import { anyQuestion } from "./arbitrary";
import { simulate, seeded } from "@/core/figure";
import { computePaste, wordFor } from "@/core/paste";
import { phiOf } from "@/core/flow";
import { pullG, solveAmountG, solveForTotal, solveScale, thing, type Thing } from "@/core/balance";
import { correctPaste } from "@/core/correct";
import { findMaterial } from "@/core/material";
import {
  expectedReading,
  plateYieldPa,
  reachOf,
  readYield,
  ringYieldPa,
  slumpShare,
  thinPlateYieldPa,
} from "@/core/reading";
import { readCsv } from "./readCsv";
import { radiusOfSheet, slumpOfColumn } from "./slumpAndSpread";

const DENSITY = { value: 1.1, low: 1.07, high: 1.13 };

describe("slump and spread, recomputed from the mechanics and not from the formulas (readings.csv)", () => {
  test.each(readCsv("readings.csv"))(
    "$test of $size at $yieldPa Pa: the file says what the simulation says",
    ({ test: by, yieldPa, densityGPerMl, size, resultMm }) => {
      const simulated = by === "ring" ? slumpOfColumn : radiusOfSheet;
      expect(simulated(Number(yieldPa), Number(densityGPerMl), Number(size))).toBeCloseTo(Number(resultMm), 3);
    },
  );
  test.each(readCsv("readings.csv"))(
    "$test of $size at $yieldPa Pa: $resultMm mm",
    ({ test: by, yieldPa, densityGPerMl, size, resultMm }) => {
      const [tau, rho, of, mm] = [Number(yieldPa), Number(densityGPerMl), Number(size), Number(resultMm)];
      if (by === "ring") {
        expect((slumpShare(tau, rho, of) * of) / mm).toBeCloseTo(1, 3);
        expect(ringYieldPa(mm / of, rho, of) / tau).toBeCloseTo(1, 3);
      } else expect(thinPlateYieldPa(of, mm, rho) / tau).toBeCloseTo(1, 3);
    },
  );
  // Design sheet of the trade's numbers; first the thin formula, then corrected for thickness.
  test.each([
    [60, 17.8, 11.6],
    [70, 8.2, 6.1],
    [80, 4.2, 3.4],
  ])("15 ml, 1.1 g/ml, %s mm across: %s Pa, %s corrected", (across, thin, thick) => {
    expect(Math.abs(thinPlateYieldPa(15, across / 2, 1.1) / thin - 1)).toBeLessThan(0.015);
    expect(Math.abs(plateYieldPa(15, across / 2, 1.1) / thick - 1)).toBeLessThan(0.015);
  });
  test.each([
    [20, 37],
    [80, 17],
  ])("a 5 cm ring at %s Pa slumps %s mm", (tau, mm) => {
    expect(Math.abs(slumpShare(tau, 1.1, 50) * 50 - mm)).toBeLessThan(0.6);
  });
  test("a 5 cm ring covers about 18 to 160 Pa", () => {
    const { fromPa, toPa } = reachOf({ by: "ring", heightMm: 50 });
    expect(Math.abs(fromPa / 18 - 1)).toBeLessThan(0.1);
    expect(Math.abs(toPa / 160 - 1)).toBeLessThan(0.1);
  });
});

/**
 * One stress seen in compression on a ring (Tresca: half the load) and in shear on a plate (von Mises: 1/√3 of it): the
 * same paste reads 2/√3 = 15 % apart by rule alone.
 */
test("both tests agree within a quarter where both hold", () => {
  const [ring, plate] = [reachOf({ by: "ring", heightMm: 50 }), reachOf({ by: "plate", volumeMl: 30 })];
  const [from, to] = [Math.max(ring.fromPa, plate.fromPa), Math.min(ring.toPa, plate.toPa)];
  expect(to).toBeGreaterThan(from * 1.5);
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (at) => {
      const yieldPa = from * (to / from) ** at * 0.999 + 0.001 * from;
      // A paste of this stress in shear, as a ring sees it in compression by von Mises' rule.
      const across = expectedReading.plateAcrossMm(yieldPa, 30, 1.1);
      const slump = expectedReading.ringSlumpMm((yieldPa * Math.sqrt(3)) / 2, 1.1, 50);
      const byPlate = readYield({ by: "plate", volumeMl: 30, acrossMm: across, alongMm: across }, DENSITY);
      const byRing = readYield({ by: "ring", heightMm: 50, slumpMm: slump }, DENSITY);
      fc.pre(byPlate.ok && byRing.ok);
      expect(Math.abs(Math.log(byPlate.value.yieldPa.mid / byRing.value.yieldPa.mid))).toBeLessThan(Math.log(1.25));
    }),
  );
});

describe("known foods stand where they belong on the scale (food-rheology handbooks, from memory: Pa)", () => {
  test.each([
    ["ketchup", 15, 45, ["pancakeBatter", "cream"]],
    ["yoghurt, stirred", 8, 35, ["pancakeBatter", "cream"]],
    ["mustard", 35, 60, ["cream", "thickPaste"]],
    ["mayonnaise", 70, 150, ["thickPaste"]],
  ] as const)("%s, %s–%s Pa", (_, low, high, words) => {
    for (const yieldPa of [low, (low + high) / 2, high - 1e-6]) expect(words).toContain(wordFor(yieldPa));
    // A tablespoon on a plate or a ring of 5 cm reads each of them.
    const [ring, plate] = [reachOf({ by: "ring", heightMm: 50 }), reachOf({ by: "plate", volumeMl: 15 })];
    expect(Math.sqrt(low * high)).toBeGreaterThan(Math.min(ring.fromPa, plate.fromPa));
    expect(Math.sqrt(low * high)).toBeLessThan(Math.max(ring.toPa, plate.toPa));
  });
  test("stirred yoghurt in our tables is one of them", () => {
    const { holding } = findMaterial("yoghurt")!;
    expect(holding.kind === "ownStiffness" && holding.yieldPa.value).toBeGreaterThanOrEqual(8);
    expect(holding.kind === "ownStiffness" && holding.yieldPa.value).toBeLessThanOrEqual(60);
  });
});

describe("solves against a root finder (npm newton-raphson-method), to 1e-9 over random bowls", () => {
  const anyThing: fc.Arbitrary<Thing> = fc
    .constantFrom(
      "henna",
      "amla",
      "fenugreek-seed",
      "yoghurt",
      "honey",
      "sesame-oil",
      "kaolin",
      "aloe-gel",
      "lemon-juice",
    )
    .chain((id) => fc.double({ min: 1, max: 300, noNaN: true }).map((grams) => thing(findMaterial(id)!, grams)));
  const bowl = fc.array(anyThing, { minLength: 1, maxLength: 8 });
  const target = fc.double({ min: 2, max: 300, noNaN: true });
  // Beyond it the reference's own slope, by differences of 1e-4, is noise, and it gives up; no kitchen has such a bowl.
  const MOST = 1e4;
  const root = (f: (x: number) => number, start: number) => newton(f, start, { tolerance: 1e-11, maxIterations: 100 });
  const water = thing(findMaterial("water")!, 1);

  test("an amount of liquid", () => {
    fc.assert(
      fc.property(bowl, target, (things, pa) => {
        const phi = phiOf(pa);
        const grams = solveAmountG(things, water, phi);
        fc.pre(grams !== undefined && grams > 0 && grams < MOST);
        const found = root((x) => pullG([...things, { ...water, massG: x }], phi), grams * 1.3 + 1);
        expect(found).not.toBe(false);
        expect(Math.abs((found as number) / grams - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 120 },
    );
  });
  test("a scale on the parts", () => {
    fc.assert(
      fc.property(bowl, bowl, fc.double({ min: 10, max: 800, noNaN: true }), target, (parts, rest, ml, pa) => {
        const phi = phiOf(pa);
        const others = [...rest, { ...water, massG: ml }];
        const scale = solveScale(parts, others, phi);
        fc.pre(scale !== undefined && scale < MOST);
        const found = root(
          (x) => pullG([...parts.map((t) => ({ ...t, massG: t.massG * x })), ...others], phi),
          scale * 1.2 + 0.1,
        );
        expect(Math.abs((found as number) / scale - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 120 },
    );
  });
  test("parts and liquid for a total", () => {
    fc.assert(
      fc.property(bowl, bowl, target, fc.double({ min: 100, max: 2000, noNaN: true }), (parts, fixed, pa, totalG) => {
        const phi = phiOf(pa);
        const solved = solveForTotal(parts, fixed, water, phi, totalG);
        fc.pre(solved !== undefined && solved.scale > 0.01 && solved.scale < MOST && Math.abs(solved.freeG) > 1e-3);
        const mass = (things: readonly Thing[]) => things.reduce((sum, t) => sum + t.massG, 0);
        // The liquid that the total leaves, as a function of the scale, has to close the balance.
        const left = (x: number) => totalG - mass(fixed) - x * mass(parts);
        const found = root(
          (x) =>
            pullG([...parts.map((t) => ({ ...t, massG: t.massG * x })), ...fixed, { ...water, massG: left(x) }], phi),
          solved.scale * 1.1,
        );
        expect(Math.abs((found as number) / solved.scale - 1)).toBeLessThan(1e-9);
        expect(Math.abs(left(found as number) / solved.freeG - 1)).toBeLessThan(1e-6);
      }),
      { numRuns: 120 },
    );
  });
});

test("draws of one figure against its closed-form quantiles: a ratio of one normal is a ratio of its quantiles", () => {
  // Henna alone in a bowl of 300 ml water-like: ml for a share is linear in the holding, so its quantiles are the
  // holding's.
  const holding = { value: 1.55, low: 1.25, high: 1.9 };
  const ml = (h: number) => (100 * ((1 - 0.55) * (0.92 / 1.5 + h) - 0.55 * (0.08 - h))) / 0.55;
  const { band } = simulate(
    [holding],
    1,
    (x, out) => {
      out[0] = ml(x[0]);
    },
    0,
    seeded(17),
    20_000,
  )!;
  for (const [end, h] of [
    ["low", 1.25],
    ["mid", 1.55],
    ["high", 1.9],
  ] as const)
    expect(Math.abs(band[end] / ml(h) - 1)).toBeLessThan(0.01);
});

test("nothing that can be typed breaks a correction", () => {
  fc.assert(
    fc.property(anyQuestion, fc.double(), fc.double(), fc.double(), (question, ml, across, along) => {
      const found = correctPaste(
        question,
        { by: "test", reading: { by: "plate", volumeMl: 15, acrossMm: across, alongMm: along } },
        { pouredMl: ml },
      );
      if (found.ok)
        for (const { totalAfterG, strength } of found.value.options) {
          expect(Number.isFinite(totalAfterG)).toBe(true);
          expect(Number.isFinite(strength)).toBe(true);
        }
      else expect(found.problems.length).toBeGreaterThan(0);
      expect(() => computePaste(question)).not.toThrow();
    }),
    { numRuns: 200 },
  );
});
