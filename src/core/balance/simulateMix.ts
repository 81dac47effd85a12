import { simulate, seeded, type Simulated } from "../figure";
import { FREE_AMOUNT, MIX_OUTPUTS, type MixSpec } from "./figures";
import { mixRun } from "./mixRun";

export const POUR_DRAWS = 20_000;
/** One fixed seed: the same bowl always gives the same picture. */
const SEED = 20_260_101;

/** A mix whose liquid is solved for, and what a ml of it weighs. */
export interface PourSpec extends MixSpec {
  readonly densityGPerMl: number;
}

/** Where the pour will stop, ml: every figure of the mix drawn at once, the liquid solved anew for each draw. */
export function simulateMix(spec: PourSpec, count = POUR_DRAWS): Simulated | undefined {
  const run = mixRun(spec);
  const inMl = (values: Float64Array, out: Float64Array) => {
    run(values, out);
    // A draw that wants none of it stops before the first drop.
    out[FREE_AMOUNT] = Math.max(0, out[FREE_AMOUNT] / spec.densityGPerMl);
  };
  return simulate(spec.inputs, MIX_OUTPUTS, inMl, FREE_AMOUNT, seeded(SEED), count);
}
