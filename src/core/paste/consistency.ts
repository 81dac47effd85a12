import { bowlState, type Thing } from "./bowl";
import { wordFor, type ConsistencyWord } from "./target";
import { relativeViscosity, yieldPaOf } from "../flow";

/** How thick a bowl is. A jammed or unwetted bowl is "dry" and never a number. */
export type Consistency =
  | { readonly state: "dry" }
  | { readonly state: "runny"; readonly yieldPa: number }
  | { readonly state: "paste"; readonly yieldPa: number; readonly word: ConsistencyWord; readonly dragRatio: number };

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
