import { bowlState, type Thing } from "../balance";
import { wordFor, type ConsistencyWord } from "./target";
import { relativeViscosity, yieldPaOf } from "../flow";

/** How thick a bowl is. A jammed or unwetted bowl is "dry" and never a number. */
export type Consistency =
  | { readonly state: "dry" }
  | { readonly state: "runny"; readonly yieldPa: number }
  | { readonly state: "paste"; readonly yieldPa: number; readonly word: ConsistencyWord; readonly dragRatio: number };

/** Pa: below the first it drips from a spoon, from the second on it hangs there. Common practice. */
export const SPOON_PA = { ribbon: 8, peak: 55 } as const;

/** How a paste leaves a spoon. */
export const leavesSpoon = (yieldPa: number): "drip" | "ribbon" | "peak" => {
  if (yieldPa < SPOON_PA.ribbon) return "drip";
  return yieldPa < SPOON_PA.peak ? "ribbon" : "peak";
};

/** The consistency at a share φ. */
export function consistencyAt(phi: number, dry = false): Consistency {
  const yieldPa = dry ? undefined : yieldPaOf(phi);
  const dragRatio = relativeViscosity(phi);
  if (yieldPa === undefined || dragRatio === undefined || !Number.isFinite(yieldPa)) return { state: "dry" };
  const word = wordFor(yieldPa);
  return word ? { state: "paste", yieldPa, word, dragRatio } : { state: "runny", yieldPa };
}

export function consistencyOf(things: readonly Thing[]): Consistency {
  const { phi, dry } = bowlState(things);
  return consistencyAt(phi, dry);
}
