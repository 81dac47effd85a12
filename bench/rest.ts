import { readFileSync } from "node:fs";
import type { Solver as OdexSolver } from "odex";
import { restWindow, type Move } from "../src/core/batch";
import { findMaterial } from "../src/core/material";
import { MOMENTS, PLAIN_PLAN, sketchOf, stepsOf, strandsOf } from "../src/core/colour";
import { PLAIN_HEAD } from "../src/core/head";
import {
  DYE_RATES,
  learnFromDabs,
  LOSS_ENERGY,
  rateAt,
  releaseAlong,
  releaseBands,
  RELEASE_ENERGY,
  restPlan,
} from "../src/core/rest";
import type { Report } from "./bench";

/** The loader that runs this file takes the package’s own source for it, which is no module: it is read as it is. */
const odex = {} as { readonly Solver: typeof OdexSolver };
const source = readFileSync("node_modules/odex/src/odex.js", "utf8");
new Function("exports", source)(odex);

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
function timed(runs: number, run: (i: number) => void): number {
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const began = performance.now();
    run(i);
    times.push(performance.now() - began);
  }
  return median(times);
}

/** A dye along its own warmth: one history, its bands, and two hundred bowls that rest. */
export function resting(report: Report) {
  const clock = { acidPerG: 1, startC: 44, coolingH: 1 };
  const stays = [21, 4, 21, 30, 4, 21].map((tempC, i) => ({ fromH: 12 * i, tempC }));
  const own = timed(400, (i) => void releaseAlong({ ...clock, startC: 40 + i / 100 }, stays));
  report("a dye's hours over 72 hours of moves, median", own, 2, "ms");
  const { releasePerH, lossPerH } = DYE_RATES.acid;
  const theirs = timed(20, () => {
    let y = [1, 0, clock.startC];
    for (const { fromH, tempC: placeC } of stays) {
      const solver = new odex.Solver(3);
      solver.absoluteTolerance = solver.relativeTolerance = 1e-5;
      y = solver.solve(
        (_t, [a, b, tempC]) => {
          const k1 = rateAt(releasePerH.value, RELEASE_ENERGY.value, tempC);
          const k2 = rateAt(lossPerH.value, LOSS_ENERGY.value, tempC);
          return [-k1 * a, k1 * a - k2 * b, placeC - tempC];
        },
        fromH,
        y,
        fromH + 12,
      ).y;
    }
  });
  report(`… against odex along it once (${theirs.toFixed(2)} ms)`, own / theirs, Infinity, "×");
  report(
    "… with bands over everything that is not sure",
    timed(60, () => void releaseBands(clock, stays)),
    Infinity,
    "ms",
  );
  const henna = [{ material: findMaterial("henna")!, massG: 100 }];
  const poured = { parts: [{ material: findMaterial("water")!, massG: 280 }], tempC: 90 };
  report(
    "a rest worked out while typing, mixed hot",
    timed(60, () => void restPlan(henna, poured, 21, true)),
    8,
    "ms",
  );
  const dabs = [2, 5, 9].map((atH) => ({ atH, mark: "clear" as const }));
  const dabbed = timed(40, (i) => void learnFromDabs({ ...clock, startC: 40 + i / 100 }, stays, dabs));
  report("what three dabs say of a bowl that was moved about", dabbed, 20, "ms");
  const strands = strandsOf({ ...PLAIN_HEAD, greyShare: 0.3 });
  const steps = stepsOf({ ...PLAIN_PLAN, how: "after", rounds: 3 }, 21);
  const sketch = timed(60, () => {
    for (const moment of MOMENTS) sketchOf(strands, steps, moment);
  });
  report("the colour of a plan at four moments", sketch, 8, "ms");
  const plan = restPlan(henna, poured, 21, true);
  const moves: Move[] = [
    { place: "fridge", atMs: 7_200_000 },
    { place: "kitchen", atMs: 50_000_000 },
  ];
  const list = timed(9, () => {
    for (let i = 0; i < 200; i++) restWindow(plan, i, 21, i % 2 ? { moves } : {});
  });
  report("the windows of 200 resting bowls, half of them moved", list, 50, "ms");
}
