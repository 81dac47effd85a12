import { phiOf } from "../flow";
import { GRAMS, FREE_AMOUNT, LATER, MIXED, ON, PHI_MAX_AT, summing, TAU_STAR_AT, type MixSpec } from "./figures";
import { FREE } from "./free";

/**
 * The balance of a mix as a function of its figures, for `propagate` and `draw` alike.
 * @returns fills `out` with the outputs in their order; NaN where no amount of what is free does it
 */
export function mixRun(spec: MixSpec): (x: Float64Array, out: Float64Array) => void {
  const { liquidG, targetPa, free } = spec;
  const sum = summing(spec);
  const solved = targetPa === undefined || !free ? undefined : FREE[free].drawn;
  return (x, out) => {
    const sums = sum(x);
    const { whole, liquidVolume, liquidSwollen } = sums;
    const volume = whole.volume + liquidG * liquidVolume;
    const swollen = liquidG * liquidSwollen;
    const phiMax = x[PHI_MAX_AT];
    out[ON] = (whole.on + swollen) / volume / phiMax;
    out[MIXED] = (whole.mixed + swollen) / volume / phiMax;
    out[LATER] = (whole.later + swollen) / volume / phiMax;
    out[FREE_AMOUNT] = liquidG;
    out[GRAMS] = whole.grams + liquidG;
    solved?.(sums, phiOf(targetPa!, phiMax, x[TAU_STAR_AT]), out);
  };
}
