import fc from "fast-check";
import { evidenceOf, tablesSay, type Judged, type Sample } from "../readings";
import { knownOf, learn, togetherOf } from ".";
import { findMaterial } from "../material";
import { liquidOf } from "../paste";

const [HENNA, YOGHURT] = [findMaterial("henna")!, findMaterial("yoghurt")!];
const sample = (ml: number, half = 1, jarId: string | undefined = "a"): Sample => ({
  lines: [
    {
      material: HENNA,
      ...(jarId === undefined ? {} : { jarId }),
      mass: { value: 100, low: 100 - half, high: 100 + half },
    },
  ],
  liquid: liquidOf({ liquid: { materialId: "water", tempC: 40 } }),
  liquidG: { value: ml, low: ml - 3, high: ml + 3 },
  minutes: 600,
  tempC: 21,
});
const ring = (slumpMm: number) => ({ by: "ring", heightMm: 50, slumpMm }) as const;
const TABLES = tablesSay(HENNA)!;
const PRIOR = TABLES.sd;
const said = (lnFactor: number, sd: number, shares: readonly (readonly [string, number])[] = [["a", 1]]): Judged => ({
  learns: true,
  lnFactor,
  sd,
  shares: shares.map(([jarId, share]) => ({ jarId, share })),
  readPa: { low: 1, mid: 2, high: 3 },
});
const learnt = (...judged: Judged[]) =>
  learn(
    judged.map((one, i) => ({ id: String(i), judged: one })),
    () => TABLES,
  );

describe("a reading becomes evidence", () => {
  const factor = (slump: number, ml = 310) => {
    const found = evidenceOf(sample(ml), ring(slump));
    return found.learns ? found : undefined;
  };
  test("a bowl that stands as the figures say teaches a factor of one; a stiffer one holds more", () => {
    expect(factor(15)!.lnFactor).toBeGreaterThan(factor(25)!.lnFactor);
    expect(Math.abs(factor(18)!.lnFactor)).toBeLessThan(0.1);
    expect(factor(18)!.shares).toEqual([{ jarId: "a", share: 1, tables: TABLES }]);
  });
  test("spoons teach less than a scale, a rough rule less than a fine one", () => {
    const by = (half: number) => {
      const found = evidenceOf(sample(310, half), ring(18));
      return found.learns ? found.sd : NaN;
    };
    expect(by(15)).toBeGreaterThan(by(1));
    expect(by(1)).toBeGreaterThanOrEqual(0.05);
  });
  test.each<[string, Judged, string]>([
    ["outside the test's reach", evidenceOf(sample(310), ring(2)), "outOfReach"],
    [
      "without a jar",
      evidenceOf({ ...sample(310), lines: [{ material: HENNA, mass: { value: 100, low: 99, high: 101 } }] }, ring(18)),
      "noJar",
    ],
    [
      "with nothing that holds",
      evidenceOf(
        { ...sample(310), lines: [{ material: YOGHURT, jarId: "y", mass: { value: 100, low: 99, high: 101 } }] },
        ring(18),
      ),
      "noJar",
    ],
    ["a bowl that no powder explains", evidenceOf(sample(1200), ring(18)), "beyondPowders"],
  ])("%s: kept, not learnt from, and why", (_, judged, why) => {
    expect(judged).toMatchObject({ learns: false, why });
  });
});

describe("learning", () => {
  test("one reading of one jar is the textbook's weighted mean", () => {
    const { learnt: found } = learnt(said(0.1, 0.06));
    const [w, v] = [1 / PRIOR ** 2, 1 / 0.06 ** 2];
    expect(knownOf(found, "a")!.sd).toBeCloseTo(Math.sqrt(1 / (w + v)), 9);
    expect(Math.log(knownOf(found, "a")!.factor)).toBeCloseTo((v * 0.1) / (w + v), 9);
    expect(knownOf(found, "a")!.readings).toBe(1);
    expect(knownOf(found, "b")).toBeUndefined();
  });
  test("the order of readings does not matter while all are believed, and each narrows", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: -0.08, max: 0.08, noNaN: true }), fc.double({ min: 0.05, max: 0.2, noNaN: true })),
          { minLength: 2, maxLength: 8 },
        ),
        (all) => {
          const judged = all.map(([ln, sd]) => said(ln, sd));
          const [there, back] = [learnt(...judged).learnt, learnt(...[...judged].reverse()).learnt];
          expect(knownOf(there, "a")!.factor).toBeCloseTo(knownOf(back, "a")!.factor, 9);
          expect(knownOf(there, "a")!.sd).toBeCloseTo(knownOf(back, "a")!.sd, 9);
          expect(knownOf(there, "a")!.sd).toBeLessThan(knownOf(learnt(judged[0]).learnt, "a")!.sd);
        },
      ),
    );
  });
  test("taking a reading back is as if it had never been", () => {
    const judged = [said(0.05, 0.08), said(-0.1, 0.07), said(0.02, 0.1)];
    const without = learn(
      judged.map((one, i) => ({ id: String(i), judged: one, withdrawn: i === 1 })),
      () => TABLES,
    );
    expect(without.learnt).toEqual(
      learn(
        [0, 2].map((i) => ({ id: String(i), judged: judged[i] })),
        () => TABLES,
      ).learnt,
    );
    expect(without.outcomes[1]).toEqual({ id: "1", learnt: false, why: "withdrawn" });
  });
  test("what was measured of a jar stays when the tables move, however far; later tests join it", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.2, max: 0.2, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (lnFactor, moved) => {
          const then = TABLES;
          const today = { mlPerG: then.mlPerG * moved, sd: then.sd * 1.4 };
          const judged = said(lnFactor, 0.07);
          if (judged.learns) Object.assign(judged.shares[0], { tables: then });
          // The same paste, judged by the tables of the day after.
          const after = said(lnFactor - Math.log(moved), 0.07);
          if (after.learns) Object.assign(after.shares[0], { tables: today });
          const measured = (readings: Judged[], by: typeof today) => {
            const { learnt: found } = learn(
              readings.map((one, i) => ({ id: String(i), judged: one })),
              () => by,
            );
            const { factor, sd } = knownOf(found, "a")!;
            return [by.mlPerG * factor, sd];
          };
          const close = (a: number[], b: number[]) => a.forEach((one, i) => expect(one / b[i]).toBeCloseTo(1, 9));
          close(measured([judged], today), measured([judged], then));
          close(measured([judged, after], today), measured([judged, judged], then));
        },
      ),
    );
  });
  test("what lies far from everything known is kept and not believed", () => {
    const { outcomes, learnt: found } = learnt(said(0.02, 0.06), said(0.9, 0.06), said(0.03, 0.06));
    expect(outcomes.map((one) => (one.learnt ? "learnt" : one.why))).toEqual(["learnt", "unlike", "learnt"]);
    expect(knownOf(found, "a")!.readings).toBe(2);
  });
  test("two jars tested together are known together better than apart; each alone afterwards, better still", () => {
    const mixed = said(0.1, 0.05, [
      ["a", 0.5],
      ["b", 0.5],
    ]);
    const { learnt: both } = learnt(mixed);
    const apart = knownOf(both, "a")!.sd;
    const { spread } = togetherOf(both, ["a", "b"])!;
    const bowl = Math.hypot(...[0, 1].map((f) => 0.5 * spread[0][f] + 0.5 * spread[1][f]));
    expect(bowl).toBeLessThan(Math.SQRT1_2 * apart);
    expect(apart).toBeLessThan(PRIOR);
    const { learnt: after } = learnt(mixed, said(0.15, 0.05, [["a", 1]]));
    expect(knownOf(after, "b")!.factor).toBeLessThan(knownOf(both, "b")!.factor);
    expect(togetherOf(both, ["c"])).toBeUndefined();
  });
  test("the triangle times its transpose is the covariance", () => {
    const { learnt: found } = learnt(
      said(0.1, 0.06, [
        ["a", 0.6],
        ["b", 0.3],
        ["c", 0.1],
      ]),
      said(-0.02, 0.08, [
        ["b", 0.7],
        ["c", 0.3],
      ]),
    );
    const { jarIds, spread } = togetherOf(found, ["c", "a", "b"])!;
    jarIds.forEach((one, i) =>
      jarIds.forEach((other, j) => {
        const product = spread[i].reduce((sum, l, f) => sum + l * spread[j][f], 0);
        expect(product).toBeCloseTo(found.covariance[found.jarIds.indexOf(one)][found.jarIds.indexOf(other)], 12);
      }),
    );
  });
});
