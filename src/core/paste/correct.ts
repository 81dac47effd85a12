import { checkNumber } from "../checkNumber";
import { inSpoons, type SpoonAmount } from "../measure";
import { ok, refuse, type Result } from "../problem";
import type { Band } from "../figure";
import { soakedShare } from "../rest";
import type { Material } from "../material";
import { lookupIn, type PasteQuestion } from "./blend";
import { bowlState, holdingMlPerG, pullPerG, thing, type Thing } from "./bowl";
import { computePaste } from "./computePaste";
import { kitchenStep, type KitchenStep } from "./pourPlan";
import { pullG, solveAmountG } from "./solveAmount";
import { phiOf } from "./yieldStress";

/** What one says of the bowl while mixing, against what one wanted. */
export const WORDS = ["stillDry", "tooThick", "bitThin", "runs"] as const;
export type MixingWord = (typeof WORDS)[number];

/**
 * Yield stress of the bowl against the target, by word. One step of the kitchen scale is a factor of about 2.7.
 * Estimates; the word is read as a place on the scale, not as a measurement.
 */
const WORD_FACTOR: Readonly<Record<MixingWord, number>> = { stillDry: 8, tooThick: 2.7, bitThin: 0.6, runs: 0.2 };
const THICK_WORDS: readonly MixingWord[] = ["stillDry", "tooThick"];
/** A word cannot move a powder's holding beyond what powders do. */
const LEAST_FACTOR = 0.4;
const MOST_FACTOR = 2.5;

export interface CorrectionAnswer {
  readonly add:
    | { readonly kind: "liquid"; readonly ml: number; /** Of it at once; the rest by steps. */ readonly atOnceMl: number; readonly spoons: SpoonAmount; readonly step: KitchenStep }
    /** Powder in the blend's own proportions, never one herb alone. `line` indexes the blend's lines. */
    | { readonly kind: "powder"; readonly totalG: number; readonly lines: readonly { readonly line: number; readonly massG: number; readonly spoons: SpoonAmount }[] }
    /** It thickens by itself by the time it goes on. */
    | { readonly kind: "wait"; readonly minutes: number };
  readonly totalBeforeG: number;
  readonly totalAfterG: number;
  readonly needG: Band;
  /** How this bowl's holding compares with the figures, by the word: 1 is as tabled. */
  readonly holdingFactor: number;
}

/**
 * What to add after a word. The word places the bowl on the scale of yield stress; the one factor on all holdings
 * that explains it is found by bisection (a stiffer bowl holds more); then the balance is solved anew.
 *
 * @param question the bowl as planned
 * @param pouredMl liquid that is in it, ml
 * @param minutesSoaked since wetting
 * @returns the addition in kitchen steps and grams, and the totals, or the problems of the question
 */
export function correctPaste(question: PasteQuestion, word: MixingWord, pouredMl: number, minutesSoaked = 0): Result<CorrectionAnswer> {
  const poured = checkNumber("pouredMl", pouredMl, "pouredMl");
  if (poured) return refuse(poured);
  if (!WORDS.includes(word)) return refuse({ field: "word", code: "unknownChoice" });
  const planned = computePaste(question);
  if (!planned.ok) return planned;
  const answer = planned.value;

  const find = lookupIn(question);
  const liquidMaterial = find(question.liquid.materialId, question.liquid.jarId)!;
  const density = liquidMaterial.bulkDensityGPerMl.value;
  const materials = answer.lines.map((line) => find(line.materialId, line.jarId)!);
  const at = (minutes: number, factor: number): Thing[] => materials.map((material, i) =>
    thing(material, answer.lines[i].massG.mid, holdingMlPerG(material) * factor * soakedShare(material, minutes, question.kitchenTempC)));
  const liquid = thing(liquidMaterial, pouredMl * density);
  const bowl = (minutes: number, factor: number) => [...at(minutes, factor), liquid];

  const saidPhi = phiOf(answer.targetYieldPa * WORD_FACTOR[word]);
  const seen = holdingFactor((f) => bowlState(bowl(minutesSoaked, f)).phi, saidPhi);
  // A word is a bound: "too thick" before half the liquid is in says nothing against the figures.
  const factor = THICK_WORDS.includes(word) ? Math.max(1, seen) : Math.min(1, seen);
  const targetPhi = phiOf(answer.targetYieldPa);
  const on = at(answer.rest.restMin, factor);
  const totalBeforeG = bowlState([...on, liquid]).massG;
  const result = (add: CorrectionAnswer["add"], addedG: number) =>
    ok({ add, totalBeforeG, totalAfterG: totalBeforeG + addedG, needG: answer.head.pasteG, holdingFactor: factor });

  const liquidG = solveAmountG(on, liquid, targetPhi);
  const moreMl = liquidG === undefined ? -1 : liquidG / density - pouredMl;
  const step = kitchenStep(Math.abs(moreMl), question.spoons);
  if (moreMl >= step.ml / 2) {
    const ml = Math.round(moreMl / step.ml) * step.ml;
    const safeMl = answer.liquid.state === "solved" ? answer.liquid.plan.firstPourMl - pouredMl : 0;
    const atOnceMl = Math.min(ml, Math.max(step.ml, Math.floor(safeMl / step.ml) * step.ml));
    return result({ kind: "liquid", ml, atOnceMl, spoons: inSpoons(ml, question.spoons), step }, ml * density);
  }
  if (moreMl > -step.ml / 2 && liquidG !== undefined) return result({ kind: "wait", minutes: answer.rest.restMin }, 0);

  const isPart = question.lines.map((line) => line.role === "part");
  const parts = on.filter((_, i) => isPart[i]);
  const partsG = parts.reduce((sum, t) => sum + t.massG, 0);
  const perGram = parts.reduce((sum, t) => sum + t.massG * pullPerG(t, targetPhi), 0) / partsG;
  const totalG = Math.max(0, -pullG([...on, liquid], targetPhi) / perGram);
  const lines = materials.flatMap((material: Material, line) => {
    if (!isPart[line]) return [];
    const massG = (totalG * answer.lines[line].massG.mid) / partsG;
    return [{ line, massG, spoons: inSpoons(massG / material.bulkDensityGPerMl.value, question.spoons) }];
  });
  return result({ kind: "powder", totalG, lines }, totalG);
}

/** The factor on all holdings at which the bowl has the share that was seen; φ rises with it. */
function holdingFactor(phiAt: (factor: number) => number, seenPhi: number): number {
  let [low, high] = [LEAST_FACTOR, MOST_FACTOR];
  if (phiAt(low) >= seenPhi) return low;
  if (phiAt(high) <= seenPhi) return high;
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (phiAt(middle) < seenPhi) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
