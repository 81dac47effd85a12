import type { Thing } from "../balance";
import { yieldForCoatPa } from "./coat";
import type { Consistency } from "./consistency";
import { solveAmountG } from "../balance";
import { TARGET_PA, TARGETS, type TargetWord } from "./target";
import { phiOf } from "../flow";

/** Whether this paste does what the purpose wants, and the mend where it does not. Amounts of liquid in ml. */
export type Verdict =
  | { readonly state: "stillDry"; readonly moreMl?: number }
  | {
      readonly state: "willRun";
      readonly holdsMm: number;
      readonly needMm: number;
      readonly mend?: { readonly word: TargetWord; readonly lessMl: number };
    }
  | { readonly state: "wontSpread"; readonly moreMl?: number }
  | { readonly state: "clings"; readonly holdsMm: number; readonly needMm: number };

export interface Situation {
  readonly lines: readonly Thing[];
  readonly liquid: Thing;
  readonly liquidDensity: number;
  readonly targetYieldPa: number;
  readonly on: Consistency;
  readonly holdsMm: number | undefined;
  readonly needMm: number;
  readonly pasteDensity: number;
  /** False where no amount of the liquid gets there: then none is named as a mend. */
  readonly reachable: boolean;
}

/** Drips are judged at the middle; a coat within a twentieth of what is needed counts as holding. */
const NEAR = 0.95;

export function verdictOf(s: Situation): Verdict {
  const liquidFor = (yieldPa: number): number | undefined => {
    if (!s.reachable) return undefined;
    const grams = solveAmountG(s.lines, s.liquid, phiOf(yieldPa));
    return grams === undefined ? undefined : grams / s.liquidDensity;
  };
  const nowMl = s.liquid.massG / s.liquidDensity;
  const more = (yieldPa: number) => {
    const ml = liquidFor(yieldPa);
    return ml !== undefined && ml > nowMl ? ml - nowMl : undefined;
  };

  if (s.on.state === "dry" || s.holdsMm === undefined)
    return { state: "stillDry", moreMl: more(Math.min(s.targetYieldPa, TARGET_PA.mash)) };
  if (s.on.state === "paste" && s.on.word === "tooStiff")
    return { state: "wontSpread", moreMl: more(Math.min(s.targetYieldPa, TARGET_PA.mash)) };
  if (s.holdsMm >= NEAR * s.needMm) return { state: "clings", holdsMm: s.holdsMm, needMm: s.needMm };
  const enoughPa = yieldForCoatPa(NEAR * s.needMm, s.pasteDensity);
  const word = TARGETS.find((target) => TARGET_PA[target] >= enoughPa);
  const ml = word && liquidFor(TARGET_PA[word]);
  const mend = word && ml !== undefined && ml < nowMl ? { word, lessMl: nowMl - ml } : undefined;
  return { state: "willRun", holdsMm: s.holdsMm, needMm: s.needMm, mend };
}
