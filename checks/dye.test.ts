import fc from "fast-check";
import { Solver } from "odex";
import {
  DYE_RATES,
  dyeWindow,
  freeDye,
  LOSS_ENERGY,
  peakTimeH,
  rateAt,
  RELEASE_ENERGY,
  releaseAlong,
  SCHOOL_ACID,
  SCHOOLS,
  yardstickOf,
  type School,
} from "@/core/rest";
import { readCsv } from "./readCsv";

const ratesAt = (school: School, tempC: number) =>
  [
    rateAt(DYE_RATES[school].releasePerH.value, RELEASE_ENERGY.value, tempC),
    rateAt(DYE_RATES[school].lossPerH.value, LOSS_ENERGY.value, tempC),
  ] as const;

test.each(readCsv("hennaHours.csv"))(
  "on its own peak, $school at $tempC °C: ready $readyH h, peak $peakH h, use by $useByH h",
  ({ school, tempC, readyH, peakH, useByH }) => {
    const [k1, k2] = ratesAt(school as School, Number(tempC));
    const atPeakH = peakTimeH(k1, k2);
    expect(Math.abs(atPeakH / Number(peakH) - 1)).toBeLessThan(0.03);
    // By hand: 80 % of its own peak, on the way up and on the way down.
    for (const atH of [readyH, useByH])
      expect(freeDye(Number(atH), k1, k2) / freeDye(atPeakH, k1, k2)).toBeCloseTo(0.8, 1);
  },
);

/**
 * The hours that the screen shows: 80 % of the peak that the school reaches at a steady 21 °C, whatever the kitchen.
 */
test.each(SCHOOLS.flatMap((school) => [16, 21, 25, 30, 35].map((tempC) => [school, tempC] as const)))(
  "on the screen, %s at %d °C: ready and use-by are where odex finds them, integrating both steps",
  (school, tempC) => {
    const free = (timeH: number, [k1, k2]: readonly [number, number]): number => {
      const solver = new Solver(2);
      solver.absoluteTolerance = solver.relativeTolerance = 1e-10;
      return timeH <= 0 ? 0 : solver.solve((_t, [a, b]) => [-k1 * a, k1 * a - k2 * b], 0, [1, 0], timeH).y[1];
    };
    const peakOf = (rates: readonly [number, number]): readonly [atH: number, free: number] => {
      let best: readonly [number, number] = [0, 0];
      for (let h = 0.05; h < 60; h *= 1.02) if (free(h, rates) > best[1]) best = [h, free(h, rates)];
      return best;
    };
    const rates = ratesAt(school, tempC);
    const level = 0.8 * peakOf(ratesAt(school, 21))[1];
    const [peakH] = peakOf(rates);
    const cross = (from: number, to: number, rising: boolean): number => {
      let [low, high] = [from, to];
      for (let i = 0; i < 50; i++) {
        const mid = (low + high) / 2;
        if (free(mid, rates) < level === rising) low = mid;
        else high = mid;
      }
      return (low + high) / 2;
    };
    const shown = dyeWindow(school, tempC)!;
    expect(shown.readyH.mid / cross(0, peakH, true)).toBeCloseTo(1, 2);
    expect(shown.useByH.mid / cross(peakH, 400, false)).toBeCloseTo(1, 2);
    expect(shown.peakH.mid / peakH).toBeCloseTo(1, 1);
  },
);

test("Bateman's closed form agrees with the Bulirsch-Stoer integrator of the package odex", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 1, noNaN: true }),
      fc.double({ min: 0.005, max: 1, noNaN: true }),
      fc.double({ min: 0.1, max: 60, noNaN: true }),
      (k1, k2, timeH) => {
        const solver = new Solver(2);
        solver.absoluteTolerance = solver.relativeTolerance = 1e-11;
        const { y } = solver.solve((_t, [a, b]) => [-k1 * a, k1 * a - k2 * b], 0, [1, 0], timeH);
        expect(freeDye(timeH, k1, k2)).toBeCloseTo(y[1], 7);
      },
    ),
    { numRuns: 200 },
  );
});

test("the guard at equal rates is the limit k t e^(-kt) and meets its neighbours", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 1, noNaN: true }),
      fc.double({ min: 0.1, max: 40, noNaN: true }),
      (k, timeH) => {
        expect(freeDye(timeH, k, k)).toBeCloseTo(k * timeH * Math.exp(-k * timeH), 12);
        expect(freeDye(timeH, k, k * (1 + 1e-7))).toBeCloseTo(freeDye(timeH, k, k), 6);
      },
    ),
  );
});

test("above 45 °C the model says that it does not know", () => {
  expect(dyeWindow("acid", 45.1)).toBeUndefined();
  expect(dyeWindow("acid", NaN)).toBeUndefined();
});

test("a bowl mixed at any warmth and moved about agrees with odex, integrating warmth and both steps together", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SCHOOLS),
      fc.double({ min: 16, max: 30, noNaN: true }),
      fc.double({ min: 16, max: 80, noNaN: true }),
      fc.double({ min: 0.5, max: 6, noNaN: true }),
      fc.double({ min: 1, max: 20, noNaN: true }),
      fc.double({ min: 0.4, max: 2, noNaN: true }),
      (school, kitchenC, startC, inAtH, staysH, coolingH) => {
        const stays = [
          { fromH: 0, tempC: kitchenC },
          { fromH: inAtH, tempC: 4 },
          { fromH: inAtH + staysH, tempC: kitchenC },
        ];
        const acidPerG = SCHOOL_ACID[school];
        const hours = releaseAlong({ acidPerG, startC, coolingH }, stays);
        // Piece by piece, since the place jumps and rates are held at 45 °C: state is [bound, free, temperature].
        const heldH = startC > 45 ? coolingH * Math.log((startC - kitchenC) / (45 - kitchenC)) : 0;
        const times = [0, inAtH, inAtH + staysH, hours.useByH! + 2, heldH].sort((a, b) => a - b);
        const free = (timeH: number): number => {
          let y = [1, 0, startC];
          for (let i = 0; i < 4 && times[i] < timeH; i++) {
            const placeC = stays.findLast(({ fromH }) => fromH <= times[i])!.tempC;
            const solver = new Solver(3);
            solver.absoluteTolerance = solver.relativeTolerance = 1e-9;
            y = solver.solve(
              (_t, [a, b, tempC]) => {
                const [k1, k2] = ratesAt(school, Math.min(45, tempC));
                return [-k1 * a, k1 * a - k2 * b, (placeC - tempC) / coolingH];
              },
              times[i],
              y,
              Math.min(timeH, times[i + 1]),
            ).y;
          }
          return y[1];
        };
        const most = free(hours.peakH);
        const level = Math.min(0.8 * yardstickOf({ acidPerG }), 0.9 * most);
        for (const atH of [hours.readyH, hours.useByH!]) expect(Math.abs(free(atH) - level)).toBeLessThan(2e-3);
        expect(free(hours.bestH) / most).toBeCloseTo(0.95, 2);
        for (const away of [-1, 1])
          if (hours.peakH + away > 0) expect(free(hours.peakH + away)).toBeLessThan(most * 1.002);
      },
    ),
    { numRuns: 25 },
  );
});
