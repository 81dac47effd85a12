import fc from "fast-check";
import { Solver } from "odex";
import {
  BOWL_COOLING_H,
  DYE_RATES,
  dyeHours,
  dyeWindow,
  freeDye,
  LOSS_ENERGY,
  movedDye,
  peakTimeH,
  rateAt,
  RELEASE_ENERGY,
  SCHOOLS,
  yardstick,
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
    const hours = dyeHours(...ratesAt(school as School, Number(tempC)))!;
    expect(Math.abs(hours.readyH / Number(readyH) - 1)).toBeLessThan(0.03);
    expect(Math.abs(hours.peakH / Number(peakH) - 1)).toBeLessThan(0.03);
    expect(Math.abs(hours.useByH / Number(useByH) - 1)).toBeLessThan(0.03);
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

test("ready, peak and use-by stand on the curve where they say", () => {
  fc.assert(
    fc.property(fc.constantFrom(...SCHOOLS), fc.double({ min: 0, max: 45, noNaN: true }), (school, tempC) => {
      const [k1, k2] = ratesAt(school, tempC);
      const level = yardstick(school);
      const hours = dyeHours(k1, k2, level)!;
      expect(freeDye(hours.readyH, k1, k2) / level).toBeCloseTo(0.8, 5);
      expect(freeDye(hours.useByH, k1, k2) / level).toBeCloseTo(0.8, 5);
      expect(hours.peakH).toBeCloseTo(peakTimeH(k1, k2), 9);
      const window = dyeWindow(school, tempC)!;
      for (const band of [window.readyH, window.peakH, window.useByH]) {
        expect(band.low).toBeLessThan(band.mid);
        expect(band.mid).toBeLessThan(band.high);
      }
    }),
    { numRuns: 100 },
  );
});

test("above 45 °C the model says that it does not know", () => {
  expect(dyeWindow("acid", 45.1)).toBeUndefined();
  expect(dyeWindow("acid", NaN)).toBeUndefined();
});

test("a bowl that is moved about agrees with odex, integrating its warmth and both steps together", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SCHOOLS),
      fc.double({ min: 16, max: 30, noNaN: true }),
      fc.double({ min: 0.5, max: 6, noNaN: true }),
      fc.double({ min: 1, max: 20, noNaN: true }),
      (school, kitchenC, inAtH, staysH) => {
        const stays = [
          { fromH: inAtH, tempC: 4 },
          { fromH: inAtH + staysH, tempC: kitchenC },
        ];
        const moved = movedDye(school, kitchenC, stays);
        // Piece by piece, since the place jumps: state is [bound, free, temperature].
        const rates = (tempC: number) => ratesAt(school, tempC);
        const times = [0, inAtH, inAtH + staysH, moved.useByH! + 2];
        const free = (timeH: number): number => {
          let y = [1, 0, kitchenC];
          for (let i = 0; i < 3 && times[i] < timeH; i++) {
            const placeC = i === 1 ? 4 : kitchenC;
            const solver = new Solver(3);
            solver.absoluteTolerance = solver.relativeTolerance = 1e-9;
            y = solver.solve(
              (_t, [a, b, tempC]) => {
                const [k1, k2] = rates(tempC);
                return [-k1 * a, k1 * a - k2 * b, (placeC - tempC) / BOWL_COOLING_H.value];
              },
              times[i],
              y,
              Math.min(timeH, times[i + 1]),
            ).y;
          }
          return y[1];
        };
        const level = Math.min(0.8 * yardstick(school), 0.8 * free(moved.peakH));
        expect(free(moved.readyH) / level).toBeCloseTo(1, 1);
        expect(free(moved.useByH!) / level).toBeCloseTo(1, 1);
        for (const away of [-1, 1])
          if (moved.peakH + away > 0) expect(free(moved.peakH + away)).toBeLessThan(free(moved.peakH) * 1.002);
      },
    ),
    { numRuns: 25 },
  );
});
