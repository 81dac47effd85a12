import fc from "fast-check";
import { findMaterial } from "../material";
import { CATALOGUE } from "../catalogue";
import {
  acidShare,
  asGauged,
  coolingHOf,
  fallsInH,
  FOLLOWED_H,
  GOES_ON_BELOW_C,
  heatOf,
  mixTempC,
  releaseAlong,
  releaseBands,
  restPlan,
  soakedShare,
  soakMin,
  spoilsAtH,
  strengthAt,
  stretches,
  warmthAt,
  type BowlHistory,
} from ".";

const anyMaterial = fc.constantFrom(...CATALOGUE);
const anyTemp = fc.double({ min: 0, max: 45, noNaN: true });
const bowl = (...things: [string, number][]) => things.map(([id, massG]) => ({ material: findMaterial(id)!, massG }));

describe("soaking", () => {
  test("starts at its first share, only rises, never passes the whole, and goes faster warm", () => {
    fc.assert(
      fc.property(
        anyMaterial,
        anyTemp,
        fc.double({ min: 0, max: 600, noNaN: true }),
        fc.double({ min: 0, max: 600, noNaN: true }),
        (material, tempC, minutes, more) => {
          const now = soakedShare(material, minutes, tempC);
          expect(now).toBeGreaterThanOrEqual((material.soak?.firstShare.value ?? 1) - 1e-12);
          expect(soakedShare(material, minutes + more, tempC)).toBeGreaterThanOrEqual(now);
          expect(soakedShare(material, minutes + more, tempC)).toBeLessThanOrEqual(1);
          expect(soakedShare(material, minutes, Math.min(45, tempC + 10))).toBeGreaterThanOrEqual(now);
        },
      ),
    );
  });
  test("a leaf powder stands at 0.9 + 0.1 (1 - 1/e) after its ten minutes (worked by hand)", () => {
    expect(soakedShare(findMaterial("amla")!, 10, 22)).toBeCloseTo(0.9632, 4);
    expect(soakedShare(findMaterial("fenugreek-seed")!, 25, 22)).toBeCloseTo(0.8896, 4);
  });
  test("soaked means 95 %, for whatever soaks at all", () => {
    for (const material of CATALOGUE) {
      const minutes = soakMin(material, 22);
      if (minutes > 0) expect(soakedShare(material, minutes, 22)).toBeCloseTo(0.95, 6);
      else expect(soakedShare(material, 0, 22)).toBeGreaterThanOrEqual(0.95);
    }
    expect(soakMin(findMaterial("fenugreek-seed")!, 22)).toBeGreaterThan(soakMin(findMaterial("amla")!, 22));
  });
});

describe("warmth", () => {
  test("Newton's law put back: after that time it has that temperature; a warmer room never lets it", () => {
    expect(fallsInH(40, 45, 20, 1)).toBe(0);
    expect(fallsInH(90, 45, 45, 1)).toBeUndefined();
    fc.assert(
      fc.property(
        fc.double({ min: 46, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 44, noNaN: true }),
        fc.double({ min: 50, max: 3000, noNaN: true }),
        (fromC, roomC, massG) => {
          const coolingH = coolingHOf(massG);
          const hours = fallsInH(fromC, 45, roomC, coolingH)!;
          expect(roomC + (fromC - roomC) * Math.exp(-hours / coolingH)).toBeCloseTo(45, 6);
          expect(warmthAt({ startC: fromC, coolingH, stays: [{ fromH: 0, tempC: roomC }] }, hours)).toBeCloseTo(45, 6);
        },
      ),
    );
  });
  test("a mix lies between its liquid and the room; a wet base holds back as much as its water does", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2000, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        anyTemp,
        (liquidG, liquidC, besides, roomC) => {
          const mixC = mixTempC(liquidG, liquidC, besides, roomC);
          expect(mixC).toBeGreaterThanOrEqual(Math.min(liquidC, roomC) - 1e-9);
          expect(mixC).toBeLessThanOrEqual(Math.max(liquidC, roomC) + 1e-9);
        },
      ),
    );
    // Water's 4.18 J/g K, and dry leaf's 1.6: handbook values.
    expect(heatOf(findMaterial("water")!, 100)).toBeCloseTo(418, 6);
    expect(heatOf(findMaterial("henna")!, 100)).toBeLessThan(210);
    expect(heatOf(findMaterial("yoghurt")!, 100)).toBeGreaterThan(370);
  });
  test("its stretches follow one another and have the warmth that Newton gives them", () => {
    fc.assert(
      fc.property(anyHistory, (history) => {
        let atH = 0;
        let steps = 0;
        for (const { fromH, forH, tempC } of stretches(history)) {
          expect(fromH).toBeCloseTo(atH, 6);
          expect(forH).toBeGreaterThan(0);
          if (tempC < 45) expect(Math.abs(warmthAt(history, fromH + forH / 2) - tempC)).toBeLessThan(0.2);
          atH = fromH + forH;
          steps += 1;
        }
        expect(atH).toBeCloseTo(FOLLOWED_H, 6);
        expect(steps).toBeLessThan(1000);
      }),
      { numRuns: 60 },
    );
  });
});

describe("thawing, and a thermometer", () => {
  const frozen = (coolingH: number) => ({
    startC: 21,
    coolingH,
    stays: [
      { fromH: 0, tempC: 21 },
      { fromH: 1, tempC: -18 },
      { fromH: 100, tempC: 21 },
    ],
  });
  test("half a litre of frozen paste takes some hours to thaw in the kitchen, a larger bowl longer (practice)", () => {
    const thawed = (massG: number) => {
      const history = frozen(coolingHOf(massG));
      for (let h = 100; h < 140; h += 0.1) if (warmthAt(history, h) > 10) return h - 100;
      return NaN;
    };
    expect(thawed(500)).toBeGreaterThan(3);
    expect(thawed(500)).toBeLessThan(7);
    expect(thawed(2000)).toBeGreaterThan(thawed(500) + 2);
  });
  test("it stands at 0 °C while it freezes and while it thaws, as long as its ice takes (worked by hand)", () => {
    const history = frozen(1);
    const at0 = [...stretches(history)].filter(({ tempC }) => tempC === 0).map(({ forH }) => forH);
    expect(at0).toHaveLength(2);
    expect(at0[0]).toBeCloseTo(70 / 18, 6);
    expect(at0[1]).toBeCloseTo(70 / 21, 6);
  });
  test("readings of a bowl that cools by Newton give back its beginning and its pace", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 90, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        fc.double({ min: 5, max: 25, noNaN: true }),
        (startC, coolingH, roomC) => {
          const at = (atH: number) => ({ atH, tempC: roomC + (startC - roomC) * Math.exp(-atH / coolingH) });
          const found = asGauged({ startC: 50, coolingH: 1.1 }, roomC, [at(0.2), at(0.5)]);
          if (at(0.5).tempC <= roomC + 1.01) return;
          expect(found.startC).toBeCloseTo(startC, 6);
          expect(found.coolingH).toBeCloseTo(coolingH, 6);
          const one = asGauged({ startC: 50, coolingH }, roomC, [at(0.2)]);
          expect(one.startC).toBeCloseTo(startC, 6);
        },
      ),
    );
    const bowl = { startC: 50, coolingH: 1 };
    expect(asGauged(bowl, 21, [])).toBe(bowl);
    expect(asGauged(bowl, 21, [{ atH: 1, tempC: 21 }])).toBe(bowl);
  });
});

const anyStays = fc
  .array(
    fc.record({ forH: fc.double({ min: 0.1, max: 30, noNaN: true }), tempC: fc.constantFrom(-18, 4, 16, 21, 30) }),
    {
      maxLength: 4,
    },
  )
  .map((pieces) => {
    let fromH = 0;
    return [{ fromH: 0, tempC: 21 }, ...pieces.map(({ forH, tempC }) => ({ fromH: (fromH += forH), tempC }))];
  });
const anyHistory: fc.Arbitrary<BowlHistory> = fc.record({
  startC: fc.double({ min: 4, max: 90, noNaN: true }),
  coolingH: fc.double({ min: 0.4, max: 2, noNaN: true }),
  stays: anyStays,
});

describe("a dye along its own warmth", () => {
  const anyAcid = fc.double({ min: 0, max: 0.05, noNaN: true });
  const at21 = [{ fromH: 0, tempC: 21 }];
  const clock = (acidPerG: number, startC = 21) => ({ acidPerG, startC, coolingH: 1 });

  test("ready, best, peak and use-by lie in order, on the curve where they say", () => {
    fc.assert(
      fc.property(anyHistory, anyAcid, ({ stays, ...bowl }, acidPerG) => {
        const one = { ...bowl, acidPerG };
        const { readyH, bestH, peakH, useByH } = releaseAlong(one, stays);
        expect(readyH).toBeLessThanOrEqual(bestH + 1e-6);
        expect(bestH).toBeLessThanOrEqual(peakH + 1e-6);
        if (useByH !== undefined) expect(useByH).toBeGreaterThanOrEqual(peakH);
        const [ready, best, most, last] = strengthAt(one, stays, [readyH, bestH, peakH, useByH ?? 0]);
        expect(best).toBeCloseTo(0.95 * most, 4);
        expect(ready).toBeCloseTo(Math.min(0.8, 0.9 * most), 4);
        if (useByH !== undefined) expect(last).toBeCloseTo(ready, 4);
      }),
      { numRuns: 150 },
    );
  });
  test("warmer is never slower to ready, steady or as it is mixed; more acid is never faster", () => {
    const some = fc.double({ min: 0, max: 10, noNaN: true });
    fc.assert(
      fc.property(anyAcid, fc.double({ min: 1, max: 35, noNaN: true }), some, (acidPerG, tempC, by) => {
        const steady = (t: number) => releaseAlong(clock(acidPerG, t), [{ fromH: 0, tempC: t }]).readyH;
        expect(steady(tempC + by)).toBeLessThanOrEqual(steady(tempC) + 1e-6);
        const mixed = (t: number) => releaseAlong(clock(acidPerG, t), at21).readyH;
        expect(mixed(2 * (tempC + by))).toBeLessThanOrEqual(mixed(2 * tempC) + 1e-6);
        const sour = (more: number) => releaseAlong(clock(acidPerG + more, tempC), [{ fromH: 0, tempC }]).readyH;
        expect(sour(by / 200)).toBeGreaterThanOrEqual(sour(0) - 1e-6);
      }),
      { numRuns: 200 },
    );
  });
  test("a smooth input makes no jump: a drop of lemon, a degree", () => {
    fc.assert(
      fc.property(anyAcid, fc.double({ min: 5, max: 90, noNaN: true }), (acidPerG, startC) => {
        const now = releaseAlong(clock(acidPerG, startC), at21);
        const next = releaseAlong(clock(acidPerG + 1e-5, startC + 0.02), at21);
        for (const key of ["readyH", "bestH", "useByH"] as const)
          expect(Math.abs(now[key]! - next[key]!)).toBeLessThan(0.03 * (0.5 + now[key]!));
      }),
      { numRuns: 200 },
    );
  });
  test("a pause in the freezer changes nothing but the hours of cooling and thawing", () => {
    const bowl = { acidPerG: 0.02, startC: 21, coolingH: 0.01 };
    const left = releaseAlong(bowl, at21);
    const paused = [...at21, { fromH: 2, tempC: -18 }, { fromH: 50, tempC: 21 }];
    const later = releaseAlong(bowl, paused);
    for (const key of ["readyH", "bestH", "peakH", "useByH"] as const)
      expect(later[key]! - left[key]!).toBeCloseTo(48, 0);
  });
  test("acid does a little in a teaspoon and nearly all in two spoons; half of it at its half", () => {
    // 100 g of henna; lemon juice is 5.5 % citric acid. Practice: a teaspoon is 5 g, two spoons 30 g.
    expect(acidShare(0)).toBe(0);
    expect(acidShare(0.006)).toBeCloseTo(0.5, 12);
    expect(acidShare((5 * 0.055) / 100)).toBeLessThan(0.25);
    expect(acidShare((30 * 0.055) / 100)).toBeGreaterThan(0.85);
  });
  test("its bands lie in order, none before the mixing", () => {
    fc.assert(
      fc.property(anyHistory, anyAcid, ({ stays, ...bowl }, acidPerG) => {
        for (const { low, mid, high } of Object.values(releaseBands({ ...bowl, acidPerG }, stays))) {
          expect(low).toBeGreaterThanOrEqual(0);
          expect(low).toBeLessThanOrEqual(mid);
          expect(mid).toBeLessThanOrEqual(high);
          expect(high).toBeLessThanOrEqual(FOLLOWED_H);
        }
      }),
      { numRuns: 40 },
    );
  });
  test("in the fridge it is spoiled before its dye is gone: two to four days (common practice)", () => {
    const kept = { startC: 21, coolingH: 1, stays: [...at21, { fromH: 4, tempC: 4 }] };
    expect(spoilsAtH(kept)).toBeGreaterThan(48);
    expect(spoilsAtH(kept)).toBeLessThan(96);
    expect(releaseAlong({ ...kept, acidPerG: 0.02 }, kept.stays).useByH!).toBeGreaterThan(spoilsAtH(kept));
    expect(spoilsAtH({ ...kept, stays: [...at21, { fromH: 4, tempC: -18 }] })).toBe(FOLLOWED_H);
  });
});

describe("the plan", () => {
  const warm = { parts: bowl(["water", 300]), tempC: 40 };
  const poured = (tempC: number, id = "water") => ({ parts: bowl([id, 280]), tempC });
  const hours = (things: [string, number][], tempC = 21, roomC = 21, id = "water") =>
    restPlan(bowl(...things), poured(tempC, id), roomC, true).restMin / 60;

  test("a herb paste stands at least half an hour (common practice), longer for gums and in the cold", () => {
    expect(restPlan(bowl(["amla", 60]), warm, 22, false)).toMatchObject({ restMin: 30 });
    expect(restPlan(bowl(["amla", 60], ["fenugreek-seed", 10]), warm, 22, false).restMin).toBeGreaterThan(30);
    expect(restPlan(bowl(["fenugreek-seed", 10]), warm, 5, false).restMin).toBeGreaterThan(
      restPlan(bowl(["fenugreek-seed", 10]), warm, 30, false).restMin,
    );
  });
  test("what was asked for is kept", () => {
    fc.assert(
      fc.property(fc.nat(2880), anyTemp, fc.boolean(), (restMin, tempC, dyes) => {
        expect(restPlan(bowl(["amla", 60]), warm, tempC, dyes, restMin).restMin).toBe(restMin);
        expect(restPlan(bowl(["henna", 60]), warm, tempC, dyes, restMin).restMin).toBe(restMin);
      }),
    );
  });
  test("overnight with acid, four hours or so without; by what is sour in it, the poured liquid too", () => {
    expect(hours([["henna", 100]])).toBeCloseTo(4.25, 1);
    expect(
      hours([
        ["henna", 100],
        ["lemon-juice", 60],
      ]),
    ).toBeGreaterThan(9);
    expect(hours([["henna", 100]], 21, 21, "cider-vinegar")).toBeGreaterThan(9);
    expect(
      Math.abs(
        hours([
          ["henna", 100],
          ["lemon-juice", 3.9],
        ]) -
          hours([
            ["henna", 100],
            ["lemon-juice", 4],
          ]),
      ),
    ).toBe(0);
    // Soda takes the acid away.
    expect(
      hours([
        ["henna", 100],
        ["lemon-juice", 30],
        ["baking-soda", 3],
      ]),
    ).toBeLessThan(5);
  });
  test("hot is sooner, never later: with acid after 1–4 hours, plain after ½–2 (common practice)", () => {
    for (const things of [
      [["henna", 100]],
      [
        ["henna", 100],
        ["lemon-juice", 30],
      ],
    ] as [string, number][][]) {
      const best = [21, 40, 60, 80, 100].map(
        (tempC) => restPlan(bowl(...things), poured(tempC), 21, true).dye!.own!.bestH.mid,
      );
      expect([...best].sort((a, b) => b - a)).toEqual(best);
    }
    const sour = hours(
      [
        ["henna", 100],
        ["lemon-juice", 30],
      ],
      100,
    );
    expect(sour).toBeGreaterThanOrEqual(1);
    expect(sour).toBeLessThanOrEqual(4);
    expect(hours([["henna", 100]], 100)).toBeGreaterThanOrEqual(0.5);
    expect(hours([["henna", 100]], 100)).toBeLessThanOrEqual(2);
  });
  test("nothing is put on before the bowl is at 40 °C", () => {
    const plan = restPlan(bowl(["henna", 100]), poured(100), 21, true);
    const { clock } = plan.dye!.own!;
    const history = { ...clock, stays: [{ fromH: 0, tempC: 21 }] };
    expect(warmthAt(history, plan.restMin / 60)).toBeLessThanOrEqual(GOES_ON_BELOW_C + 1e-6);
  });
  test("nor is a herb paste: after a boiling pour it waits until it is at 40 °C, after a warm one half an hour", () => {
    const rest = (tempC: number) => restPlan(bowl(["amla", 60]), poured(tempC), 21, false).restMin;
    expect(rest(40)).toBe(30);
    expect(rest(100)).toBeGreaterThan(45);
    expect(rest(100)).toBeLessThan(120);
  });
  test("a steady 32–35 °C with acid: 2–4 hours (common practice)", () => {
    for (const tempC of [32, 35]) {
      const rest = hours(
        [
          ["henna", 100],
          ["lemon-juice", 40],
        ],
        tempC,
        tempC,
      );
      expect(rest).toBeGreaterThanOrEqual(2);
      expect(rest).toBeLessThanOrEqual(4);
    }
  });
  test("a spoon of henna in a mask rests like the mask", () => {
    const mask = bowl(["amla", 60], ["henna", 3]);
    expect(restPlan(mask, warm, 21, false)).toMatchObject({ restMin: 30 });
    expect(restPlan(mask, warm, 21, false).dye).toBeUndefined();
  });
  test("a dye rests shorter in a warmer kitchen", () => {
    const rests = [5, 15, 25, 35, 45].map((tempC) => hours([["henna", 100]], tempC, tempC));
    expect([...rests].sort((a, b) => b - a)).toEqual(rests);
  });
});
