import { Solver } from "odex";
import fc from "fast-check";
import psychrolib from "psychrolib";
import { boilingC, drawingPace, NET_W, boilOffGPerH, overLegs, tempIn, type Leg } from "@/core/making";
import { saturationKPa } from "@/core/air";

/** What of a making stands outside of our own figures: steam, its heat, and what is integrated along the warmth. */

psychrolib.SetUnitSystem(psychrolib.SI);

test.each([20, 40, 60, 80, 90, 95, 100])(
  "saturated steam at %d °C: within 1 % of psychrolib (ASHRAE Fundamentals 2017)",
  (tempC) => {
    const theirs = psychrolib.GetSatVapPres(tempC) / 1000;
    expect(Math.abs(saturationKPa(tempC) / theirs - 1)).toBeLessThan(0.01);
  },
);

test.each([0, 500, 1000, 1500, 2500, 4000])(
  "water boils at %d m where psychrolib's steam has its standard air's pressure, to a third of a degree",
  (altitudeM) => {
    const air = psychrolib.GetStandardAtmPressure(altitudeM);
    let [low, high] = [60, 110];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      if (psychrolib.GetSatVapPres(middle) < air) low = middle;
      else high = middle;
    }
    expect(Math.abs(boilingC(altitudeM) - low)).toBeLessThan(0.34);
  },
);

test("the heat that boils a kilogram away is psychrolib's, within 1 %: steam's less water's at 100 °C", () => {
  const steam = psychrolib.GetMoistAirEnthalpy(100, 1) - psychrolib.GetDryAirEnthalpy(100);
  const water = 4.19 * 100 * 1000;
  const kjPerKg = (3600 * NET_W.medium.value) / boilOffGPerH(NET_W.medium.value);
  expect(Math.abs(kjPerKg / ((steam - water) / 1000) - 1)).toBeLessThan(0.01);
});

test("what is drawn along a cooling, a heating and a night agrees with the Bulirsch-Stoer integrator of odex", () => {
  const leg = fc.oneof(
    fc.record({
      by: fc.constant("ramp" as const),
      fromC: fc.double({ min: 4, max: 40, noNaN: true }),
      toC: fc.double({ min: 60, max: 100, noNaN: true }),
      hours: fc.double({ min: 0.02, max: 1, noNaN: true }),
    }),
    fc.record({
      by: fc.constant("hold" as const),
      atC: fc.double({ min: 4, max: 100, noNaN: true }),
      hours: fc.double({ min: 0.02, max: 40, noNaN: true }),
    }),
    fc.record({
      by: fc.constant("cool" as const),
      fromC: fc.double({ min: 30, max: 98, noNaN: true }),
      roomC: fc.double({ min: 4, max: 30, noNaN: true }),
      tauH: fc.double({ min: 0.2, max: 3, noNaN: true }),
      hours: fc.double({ min: 0.02, max: 40, noNaN: true }),
    }),
  );
  fc.assert(
    fc.property(fc.array(leg, { minLength: 1, maxLength: 3 }), (legs: Leg[]) => {
      let theirs = 0;
      for (const one of legs) {
        const solver = new Solver(1);
        solver.absoluteTolerance = solver.relativeTolerance = 1e-10;
        [theirs] = solver.solve((h) => [drawingPace(tempIn(one, h))], 0, [theirs], one.hours).y;
      }
      expect(Math.abs(overLegs(legs, drawingPace) / theirs - 1)).toBeLessThan(1e-4);
    }),
    { numRuns: 60 },
  );
});
