import type { Uncertain } from "../figure";
import { phiOf } from "./yieldStress";

/** One thing of a mix: what of it is not uncertain. Mass fractions, g/ml, ml/g. */
export interface MixThing {
  readonly oil: number;
  readonly dissolving: number;
  readonly density: number;
  /** ml of what is oil or dissolves, per gram. */
  readonly rest: number;
  /** Weights of the standard normals that this jar's holding moves by; undefined where it has a figure of its own. */
  readonly moves?: readonly number[];
}

/** A mix as plain data, small enough to send to a worker: everything that its uncertain figures go through. */
export interface MixSpec {
  /** φm, τ*, grams of each line, water of each thing, holding of each thing, standard normals. */
  readonly inputs: readonly Uncertain[];
  readonly lines: number;
  /** Lines first, then what is poured. */
  readonly things: readonly MixThing[];
  /** Mass shares of what is poured. */
  readonly pouredShares: readonly number[];
  readonly liquidG: number;
  /** Undefined where nothing is solved for. */
  readonly targetPa?: number;
  readonly free?: "liquid" | "line" | "parts";
  readonly isFree: readonly boolean[];
  /** Share of its holding that each line has when it goes on, just mixed, an hour later. */
  readonly soaked: {
    readonly on: readonly number[];
    readonly mixed: readonly number[];
    readonly later: readonly number[];
  };
}

/** Results of a mix: what is free, total grams, φ/φm on the head, mixed, later. */
export const MIX_OUTPUTS = 5;

/** Where the sums of a bowl are kept. */
const [GRAMS, VOLUME, ON, MIXED, LATER] = [0, 1, 2, 3, 4];

/**
 * The balance of a mix as a function of its figures, for `propagate` and `draw` alike.
 * @returns fills `out` with the outputs in their order; NaN where no amount of what is free does it
 */
export function mixRun({
  inputs,
  lines: n,
  things,
  pouredShares,
  liquidG,
  targetPa,
  free,
  isFree,
  soaked,
}: MixSpec): (x: Float64Array, out: Float64Array) => void {
  const [mass, water, holding] = [2, 2 + n, 2 + n + things.length];
  const together = holding + things.length;
  const standards = inputs.length - together;
  /** Everything in the bowl, and of it what is free. */
  const [whole, freed] = [new Float64Array(5), new Float64Array(5)];
  const held = (x: Float64Array, i: number): number => {
    const { moves } = things[i];
    if (!moves) return x[holding + i];
    let ln = 0;
    for (let f = 0; f < standards; f++) ln += moves[f] * x[together + f];
    return x[holding + i] * Math.exp(ln);
  };
  return (x, out) => {
    whole.fill(0);
    freed.fill(0);
    for (let i = 0; i < n; i++) {
      const t = things[i];
      const grams = x[mass + i];
      const w = x[water + i];
      const solid = Math.max(0, 1 - w - t.oil - t.dissolving) / t.density;
      const volume = grams * (solid + w + t.rest);
      const holds = held(x, i);
      const on = grams * (solid + holds * soaked.on[i]);
      whole[GRAMS] += grams;
      whole[VOLUME] += volume;
      whole[ON] += on;
      whole[MIXED] += grams * (solid + holds * soaked.mixed[i]);
      whole[LATER] += grams * (solid + holds * soaked.later[i]);
      if (isFree[i]) {
        freed[GRAMS] += grams;
        freed[VOLUME] += volume;
        freed[ON] += on;
      }
    }
    let liquidVolume = 0,
      liquidSwollen = 0;
    for (let p = 0; p < pouredShares.length; p++) {
      const t = things[n + p];
      const w = x[water + n + p];
      const solid = Math.max(0, 1 - w - t.oil - t.dissolving) / t.density;
      liquidVolume += pouredShares[p] * (solid + w + t.rest);
      liquidSwollen += pouredShares[p] * (solid + held(x, n + p));
    }
    const volume = whole[VOLUME] + liquidG * liquidVolume;
    const swollen = liquidG * liquidSwollen;
    out[2] = (whole[ON] + swollen) / volume / x[0];
    out[3] = (whole[MIXED] + swollen) / volume / x[0];
    out[4] = (whole[LATER] + swollen) / volume / x[0];
    out[0] = liquidG;
    out[1] = whole[GRAMS] + liquidG;
    if (targetPa === undefined || !free) return;
    const phi = phiOf(targetPa, x[0], x[1]);
    if (free === "liquid") {
      const pull = liquidSwollen - phi * liquidVolume;
      const amount = -(whole[ON] - phi * whole[VOLUME]) / pull;
      // Below zero a thinning liquid means "none"; a thickening one has no answer there.
      out[0] = amount >= 0 ? amount : pull < 0 ? 0 : NaN;
      out[1] = whole[GRAMS] + out[0];
      return;
    }
    const pull = freed[ON] - phi * freed[VOLUME];
    const rest = whole[ON] - freed[ON] + swollen - phi * (volume - freed[VOLUME]);
    const factor = -rest / pull;
    // Less than none of what would be free means none, as long as it pulls the right way.
    const times = factor >= 0 ? factor : free === "line" ? 0 : NaN;
    out[0] = free === "line" ? times * freed[GRAMS] : times;
    out[1] = whole[GRAMS] + (times - 1) * freed[GRAMS] + liquidG;
  };
}
