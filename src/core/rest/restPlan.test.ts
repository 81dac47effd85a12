import fc from "fast-check";
import { anyTemp } from "../../../checks/histories";
import { findMaterial } from "../material";
import "../catalogue";
import { GOES_ON_BELOW_C, restPlan, warmthAt } from ".";

const bowl = (...things: [string, number][]) => things.map(([id, massG]) => ({ material: findMaterial(id)!, massG }));

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
