import type { Band } from "./band";
import { propagate, type Uncertain } from "./propagate";

/** One output that was measured, with the error of measuring it, in its own unit. */
export interface Seen {
  readonly output: number;
  readonly value: number;
  readonly error: number;
}
/** So many of their own widths the inputs may go together; each stops at its own ends before. */
const FARTHEST = 4;
const HALVINGS = 30;

/**
 * First-order bands of several outputs where one of them was measured. What was measured moves the inputs it hangs on,
 * each by as much as it is unsure and never past its ends; everything is worked out anew from there, and is no less
 * sure than before.
 *
 * @param inputs  as `propagate` takes them
 * @param model   as `propagate` takes it
 * @param seen    which output was measured, what it was, and ± by the same 90 % as the inputs' ends
 * @returns one band per output; `mid` is the model at the moved inputs
 * @source the linear update of a normal prior, Kalman gain (from memory)
 */
export function propagateGiven(
  inputs: readonly Uncertain[],
  outputs: number,
  model: (values: Float64Array, out: Float64Array) => void,
  { output, value, error }: Seen,
): Band[] {
  const prior = propagate(inputs, outputs, model);
  const values = Float64Array.from(inputs, (input) => input.value);
  const now = new Float64Array(outputs);
  const at = (i: number, to: number): Float64Array => {
    values[i] = to;
    model(values, now);
    values[i] = inputs[i].value;
    return now.slice();
  };
  /** Half of what each output moves from one end of an input to the other. */
  const moves = inputs.map(({ low, high }, i) => {
    const [from, to] = [at(i, low), at(i, high)];
    return from.map((start, j) => (Number.isFinite(to[j] - start) ? (to[j] - start) / 2 : 0));
  });
  const shared = (j: number, k: number) => moves.reduce((sum, move) => sum + move[j] * move[k], 0);
  const spread2 = shared(output, output);
  if (spread2 === 0) return prior;
  const known2 = spread2 + error * error;
  const before = prior[output].mid;
  const target = before + (spread2 / known2) * (value - before);
  /** All inputs so far along their way, none past its ends. */
  const walk = (by: number): number => {
    inputs.forEach(({ value: middle, low, high }, i) => {
      const moved = middle + by * moves[i][output] * ((high - low) / 2);
      values[i] = Math.min(high, Math.max(low, moved));
    });
    model(values, now);
    return now[output];
  };
  let [near, far] = [0, (Math.sign(target - before) * FARTHEST) / Math.sqrt(spread2)];
  const isShort = (reached: number) => Math.abs(reached - before) < Math.abs(target - before);
  // Where even the far end falls short of it, that end is as near as it comes.
  if (isShort(walk(far))) near = far;
  for (let i = 0; i < HALVINGS && near !== far; i++) {
    const middle = (near + far) / 2;
    if (isShort(walk(middle))) near = middle;
    else far = middle;
  }
  if (Math.abs(walk(near) - target) > Math.abs(before - target)) walk(0);
  return prior.map(({ low, mid, high }, j) => {
    const own2 = shared(j, j);
    const left2 = Math.max(0, own2 - shared(j, output) ** 2 / known2);
    const narrower = own2 > 0 ? Math.sqrt(left2 / own2) : 1;
    const middle = Number.isFinite(now[j]) ? now[j] : mid;
    return { low: middle - (mid - low) * narrower, mid: middle, high: middle + (high - mid) * narrower };
  });
}
