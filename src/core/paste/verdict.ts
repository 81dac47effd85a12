import { solveAmountG, type Thing } from "../balance";
import type { Worn } from "../head";
import { phiOf } from "../flow";
import type { Consistency } from "./consistency";
import { asWorn, hangingLoose, STAYS_FROM, staysAt, type Hanging, type OnTheHead, type Stays } from "./stays";
import { TARGET_PA, TARGETS, type TargetWord } from "./target";

/** Whether this paste does what the purpose wants, and the mend where it does not. Amounts of liquid in ml. */
export type Verdict =
  | { readonly state: "stillDry"; readonly moreMl?: number }
  | { readonly state: "wontSpread"; readonly moreMl?: number }
  | {
      /** Bowls computed before model 5 say `clings` or `willRun`, without a chance. */
      readonly state: Stays | "clings";
      readonly holdsMm: number;
      readonly needMm: number;
      /** 0–1 that it stays on, worn as it is. */
      readonly chance?: number;
      readonly worn?: Worn;
      /** The same while it still hangs loose, where it does not later. */
      readonly untilThen?: Stays;
      readonly mend?: { readonly word: TargetWord; readonly lessMl: number };
    };

export interface Situation {
  readonly lines: readonly Thing[];
  readonly liquid: Thing;
  readonly liquidDensity: number;
  readonly targetYieldPa: number;
  readonly on: Consistency;
  readonly holdsMm: number | undefined;
  readonly bowl: OnTheHead;
  readonly loose: Hanging;
  readonly worn: Worn;
  /** False where no amount of the liquid gets there: then none is named as a mend. */
  readonly reachable: boolean;
}

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

  // What runs like water drips from anything, also from under a wrap.
  const runny = s.on.state === "runny";
  const { coatMm, chance } = runny ? { ...s.loose, chance: 0 } : asWorn(s.loose, s.worn);
  const state = staysAt(chance);
  const verdict = { state, holdsMm: s.holdsMm, needMm: coatMm.mid, chance, worn: s.worn };
  const untilThen = s.worn === "loose" || runny ? undefined : staysAt(s.loose.chance);
  return {
    ...verdict,
    ...(untilThen === undefined ? {} : { untilThen }),
    ...(chance < STAYS_FROM.shouldStay ? { mend: mendOf(s, nowMl, liquidFor) } : {}),
  };
}

/** The first word, thicker than it is, at which it should stay on. */
function mendOf(
  { bowl, on }: Situation,
  nowMl: number,
  liquidFor: (yieldPa: number) => number | undefined,
): { readonly word: TargetWord; readonly lessMl: number } | undefined {
  const nowPa = on.state === "dry" ? Infinity : on.yieldPa;
  for (const word of TARGETS) {
    if (TARGET_PA[word] <= nowPa) continue;
    if (hangingLoose({ ...bowl, thickness: { madeForPa: TARGET_PA[word] } }).chance < STAYS_FROM.shouldStay) continue;
    const ml = liquidFor(TARGET_PA[word]);
    if (ml !== undefined && ml < nowMl) return { word, lessMl: nowMl - ml };
  }
  return undefined;
}
