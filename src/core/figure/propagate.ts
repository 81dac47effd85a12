import type { Band } from "./band";

/** One uncertain input of a model: middle and the ends of its 90 % range. */
export interface Uncertain {
  readonly value: number;
  readonly low: number;
  readonly high: number;
}

/** The standard normal's 95 % point: a figure's ends are its 5 and 95 %. */
export const Z95 = 1.6448536269514722;

/**
 * First-order bands of several outputs at once. Each input is moved alone to both ends of its range; the
 * moves of an output are added in quadrature, upward and downward apart (so a bent function keeps its lean).
 * Widening an input can only widen a result as long as the output is monotone in it.
 *
 * @param inputs n uncertain inputs, any units
 * @param model  fills `out` (length `outputs`) from the n input values; may fill NaN where it has no answer,
 *               which is left out of the band rather than spread into it
 * @returns one band per output; `mid` is the model at the middle of all inputs
 * @source GUM (JCGM 100:2008) §5.1.2 with asymmetric finite steps (from memory)
 */
export function propagate(
  inputs: readonly Uncertain[],
  outputs: number,
  model: (values: Float64Array, out: Float64Array) => void,
): Band[] {
  const values = Float64Array.from(inputs, (input) => input.value);
  const mid = new Float64Array(outputs);
  const atLow = new Float64Array(outputs);
  const atHigh = new Float64Array(outputs);
  const up = new Float64Array(outputs);
  const down = new Float64Array(outputs);
  model(values, mid);

  for (let i = 0; i < inputs.length; i++) {
    const { value, low, high } = inputs[i];
    if (low === high) continue;
    values[i] = low;
    model(values, atLow);
    values[i] = high;
    model(values, atHigh);
    values[i] = value;
    for (let j = 0; j < outputs; j++) {
      const m = mid[j];
      const rise = Math.max(rising(atLow[j] - m), rising(atHigh[j] - m));
      const fall = Math.max(rising(m - atLow[j]), rising(m - atHigh[j]));
      up[j] += rise * rise;
      down[j] += fall * fall;
    }
  }
  return Array.from(mid, (m, j) => ({ low: m - Math.sqrt(down[j]), mid: m, high: m + Math.sqrt(up[j]) }));
}

/** The positive part; NaN (no answer there) counts as no move. */
const rising = (difference: number): number => (difference > 0 ? difference : 0);
