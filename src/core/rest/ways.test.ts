import fc from "fast-check";
import { goodUntilH, releaseAlong, REST_WAYS, waysTo } from ".";

const CLOCK = { acidPerG: 0.02, startC: 21, coolingH: 1 };
const AT_21 = [{ fromH: 0, tempC: 21 }];

describe("ways to an hour", () => {
  test("the best stands first: what fits before what does not, and every way is there once", () => {
    const rank = { best: 2, ready: 1, notYet: 0, past: 0 } as const;
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.05, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 16, max: 30, noNaN: true }),
        (acidPerG, nowH, moreH, kitchenC) => {
          const stays = [{ fromH: 0, tempC: kitchenC }];
          const clock = { ...CLOCK, acidPerG, startC: kitchenC };
          const ways = waysTo(clock, stays, nowH, nowH + moreH, kitchenC);
          expect(ways[0]).toBeDefined();
          expect(new Set(ways.map(({ way }) => way)).size).toBe(ways.length);
          ways.forEach((one, i) => {
            expect(REST_WAYS).toContain(one.way);
            expect(one.strength).toBeGreaterThanOrEqual(0);
            expect(one.stays.map(({ fromH }) => fromH)).toEqual(
              [...one.stays.map(({ fromH }) => fromH)].sort((a, b) => a - b),
            );
            if (i > 0) expect(rank[ways[i - 1].fits]).toBeGreaterThanOrEqual(rank[one.fits]);
            expect(one.goodUntilH).toBe(goodUntilH(clock, one.stays, releaseAlong(clock, one.stays)));
          });
        },
      ),
      { numRuns: 80 },
    );
  });
  test("mixed with acid at nine in the evening, on at ten: left in the kitchen (common practice: overnight)", () => {
    const [first] = waysTo(CLOCK, AT_21, 0, 13, 21);
    expect(first).toMatchObject({ way: "leave", fits: "best" });
  });
  test("days ahead: left out or in the fridge it is gone by, in the freezer it is not", () => {
    expect(waysTo(CLOCK, AT_21, 0, 60, 21).at(-1)).toMatchObject({ way: "warmNow", fits: "past" });
    const ways = waysTo(CLOCK, AT_21, 0, 120, 21);
    expect(ways.find(({ way }) => way === "fridgeLater")).toMatchObject({ fits: "past" });
    expect(ways[0].way).toBe("freezeLater");
    expect(ways[0].fits).toBe("best");
  });
  test("wanted in three hours with acid: the warm shelf is nearest, and nothing is ready in one", () => {
    expect(waysTo(CLOCK, AT_21, 0, 3, 21)[0].way).toBe("warmNow");
    for (const { fits } of waysTo(CLOCK, AT_21, 0, 1, 21)) expect(fits).toBe("notYet");
  });
});
