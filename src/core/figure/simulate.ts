import type { Band } from "./band";
import { Z95, type Uncertain } from "./propagate";
import { normals } from "./random";

export interface Simulated {
  /** 5, 50 and 95 % of the draws. */
  readonly band: Band;
  /** Share of the draws in each of `bins` equal bins from the first to the last per mille. */
  readonly bins: readonly number[];
  readonly from: number;
  readonly to: number;
}

/**
 * Draws every figure at once from a two-sided normal (its own spread up and down, median at its value, never below 0
 * unless its range goes there) and collects one output of the model. Draws without an answer are left out; undefined
 * where none has one.
 *
 * @param output which of the model's outputs
 * @param random even numbers in [0, 1); seeded, so that the same question gives the same picture
 */
export function simulate(
  inputs: readonly Uncertain[],
  outputs: number,
  model: (values: Float64Array, out: Float64Array) => void,
  output: number,
  random: () => number,
  count: number,
  binCount = 24,
): Simulated | undefined {
  const values = new Float64Array(inputs.length);
  const out = new Float64Array(outputs);
  const found = new Float64Array(count);
  const normal = normals(random);
  const moving = Int32Array.from(inputs.flatMap(({ low, high }, i) => (low === high ? [] : [i])));
  const middle = Float64Array.from(inputs, ({ value }) => value);
  const down = Float64Array.from(inputs, ({ value, low }) => (value - low) / Z95);
  const up = Float64Array.from(inputs, ({ value, high }) => (high - value) / Z95);
  const least = Float64Array.from(inputs, ({ low }) => (low < 0 ? -Infinity : 0));
  values.set(middle);
  let kept = 0;
  for (let n = 0; n < count; n++) {
    for (let m = 0; m < moving.length; m++) {
      const i = moving[m];
      const z = normal();
      const value = middle[i] + z * (z < 0 ? down[i] : up[i]);
      values[i] = value < least[i] ? least[i] : value;
    }
    model(values, out);
    if (Number.isFinite(out[output])) found[kept++] = out[output];
  }
  if (kept === 0) return undefined;
  const sorted = found.subarray(0, kept).sort();
  const at = (share: number) => sorted[Math.min(kept - 1, Math.floor(share * kept))];
  const [from, to] = [at(0.001), at(0.999)];
  const bins = new Array<number>(binCount).fill(0);
  for (const value of sorted) {
    const bin = to > from ? Math.floor(((value - from) / (to - from)) * binCount) : 0;
    if (bin >= 0 && bin < binCount) bins[bin] += 1 / kept;
  }
  return { band: { low: at(0.05), mid: at(0.5), high: at(0.95) }, bins, from, to };
}
