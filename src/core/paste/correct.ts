import { checkNumber } from "../checkNumber";
import { inSpoons, type SpoonAmount } from "../measure";
import { ok, refuse, type Result } from "../problem";
import { point, type Band, type Uncertain } from "../figure";
import { phaseOf } from "../material";
import { checkReading, readYield, type Reading } from "../reading";
import { soakedShare } from "../rest";
import { lookupIn, type PasteQuestion } from "./blend";
import { bowlState, holdingMlPerG, pullPerG, thing, type Thing } from "./bowl";
import { heldCoatMm } from "./coat";
import { computePaste } from "./computePaste";
import { consistencyOf, type Consistency } from "./consistency";
import { liquidOf } from "./mix";
import { kitchenStep, type KitchenStep } from "./pourPlan";
import { pullG, solveAmountG } from "./solveAmount";
import { phiOf } from "../flow";

/** What one says of the bowl while mixing, against what one wanted. */
export const WORDS = ["stillDry", "tooThick", "bitThin", "runs"] as const;
export type MixingWord = (typeof WORDS)[number];

/**
 * Yield stress of the bowl against the target, by word. One step of the kitchen scale is a factor of about 2.7.
 * Estimates; the word is read as a place on the scale, not as a measurement.
 */
const WORD_FACTOR: Readonly<Record<MixingWord, number>> = { stillDry: 8, tooThick: 2.7, bitThin: 0.6, runs: 0.2 };
const THICK_WORDS: readonly MixingWord[] = ["stillDry", "tooThick"];
/** Neither a word nor a test can move a powder's holding beyond what powders do. */
const LEAST_FACTOR = 0.4;
const MOST_FACTOR = 2.5;
/** How long past its rest one would wait for a paste to thicken. */
const LONGEST_WAIT_MIN = 120;
/** A coat below this hides no hair. Estimate. */
const LEAST_COAT_MM = 0.5;
/** The weight of a paste is known to 3 %. Estimate. */
const DENSITY_HALF = 0.03;

/** How one knows that something is wrong: by a word, by a test, or only by what was poured. */
export type Seen =
  | { readonly by: "word"; readonly word: MixingWord }
  | { readonly by: "test"; readonly reading: Reading }
  | { readonly by: "pour" };

/** The bowl as it stands. */
export interface BowlNow {
  /** Liquid that is in it, ml. */
  readonly pouredMl: number;
  /** Since wetting. */
  readonly minutesSoaked?: number;
  /** Grams of each line that the shelf still has, beside what is in the bowl; undefined where nobody knows. */
  readonly haveG?: readonly (number | undefined)[];
}

/** One way on, with what it does to the whole. */
export type CorrectionOption = {
  readonly totalAfterG: number;
  /** Powder in a gram of paste against what was planned: 1 is as strong. */
  readonly strength: number;
  /** How it will be when it goes on. */
  readonly on: Consistency;
} & (
  | { readonly kind: "liquid"; readonly ml: Band; /** Of it at once; the rest by steps. */ readonly atOnceMl: number; readonly spoons: SpoonAmount; readonly step: KitchenStep }
  /** Powder in the blend's own proportions, never one herb alone. `line` indexes the blend's lines. */
  | { readonly kind: "powder"; readonly totalG: number; readonly lines: readonly { readonly line: number; readonly massG: number; readonly spoons: SpoonAmount }[]; /** The jar that runs out before it is enough. */ readonly shortLine?: number }
  /** It thickens by itself. */
  | { readonly kind: "wait"; readonly minutes: number }
  /** It goes on as it is, thinner. */
  | { readonly kind: "thinCoat"; readonly holdsMm: number; readonly needMm: number }
);

export interface CorrectionAnswer {
  /** The first is what we would do. */
  readonly options: readonly [CorrectionOption, ...CorrectionOption[]];
  readonly totalBeforeG: number;
  readonly needG: Band;
  /** How this bowl's holding compares with the figures, by what was seen: 1 is as they say. */
  readonly holdingFactor: Band;
  /** The test as a yield stress, Pa; only after a test. */
  readonly readPa?: Band;
}

/** g/ml of a paste with its range. */
export const pasteDensity = (value: number): Uncertain => ({ value, low: value * (1 - DENSITY_HALF), high: value * (1 + DENSITY_HALF) });

/**
 * What to do after a word, a test, or a pour that went wrong. What was seen places the bowl on the scale of yield
 * stress; the one factor on all holdings that explains it follows from the balance (a stiffer bowl holds more); then the balance
 * is solved anew. A word is a bound: it moves the bowl only its own way. A test moves it either way.
 *
 * @param question the bowl as planned
 * @returns the ways on, best first, in kitchen steps and grams, or the problems of the question or the reading
 */
export function correctPaste(question: PasteQuestion, seen: Seen, now: BowlNow): Result<CorrectionAnswer> {
  const { pouredMl, minutesSoaked = 0, haveG = [] } = now;
  const wrong = [checkNumber("pouredMl", pouredMl, "pouredMl"), checkNumber("minutesSoaked", minutesSoaked, "soakedMin")].filter((problem) => problem !== undefined);
  if (wrong.length > 0) return refuse(...wrong);
  if (seen.by === "word" && !WORDS.includes(seen.word)) return refuse({ field: "word", code: "unknownChoice" });
  const planned = computePaste(question);
  if (!planned.ok) return planned;
  const answer = planned.value;

  const find = lookupIn(question);
  const poured = liquidOf(question);
  const density = poured.densityGPerMl;
  const materials = answer.lines.map((line) => find(line.materialId, line.jarId)!);
  const at = (minutes: number, factor: number): Thing[] => materials.map((material, i) =>
    thing(material, answer.lines[i].massG.mid, holdingMlPerG(material) * factor * soakedShare(material, minutes, question.kitchenTempC)));
  const liquid = { ...poured.perG, massG: pouredMl * density };
  const phiAt = (factor: number) => bowlState([...at(minutesSoaked, factor), liquid]).phi;

  let factor = point(1);
  let readPa: Band | undefined;
  if (seen.by === "test") {
    const bowl = bowlState([...at(minutesSoaked, 1), liquid]);
    const problems = checkReading(seen.reading, bowl.massG / bowl.volumeMl);
    const read = problems.length > 0 ? refuse(...problems) : readYield(seen.reading, pasteDensity(bowl.massG / bowl.volumeMl));
    if (!read.ok) return read;
    readPa = read.value.yieldPa;
    factor = { low: holdingFactor(phiAt, phiOf(readPa.low)), mid: holdingFactor(phiAt, phiOf(readPa.mid)), high: holdingFactor(phiAt, phiOf(readPa.high)) };
  } else if (seen.by === "word") {
    const said = holdingFactor(phiAt, phiOf(answer.targetYieldPa * WORD_FACTOR[seen.word]));
    // A word is a bound: "too thick" before half the liquid is in says nothing against the figures.
    factor = point(THICK_WORDS.includes(seen.word) ? Math.max(1, said) : Math.min(1, said));
  }

  const targetPhi = phiOf(answer.targetYieldPa);
  const onMin = Math.max(answer.rest.restMin, minutesSoaked);
  const moreMl = (minutes: number, f: number): number => {
    const grams = solveAmountG(at(minutes, f), liquid, targetPhi);
    return grams === undefined ? -Infinity : grams / density - pouredMl;
  };
  const on = at(onMin, factor.mid);
  const totalBeforeG = bowlState([...on, liquid]).massG;
  const more = moreMl(onMin, factor.mid);
  const step = kitchenStep(Math.abs(Number.isFinite(more) ? more : 0), question.spoons);
  const powderG = answer.lines.reduce((sum, { massG: { mid } }, i) => sum + (phaseOf(materials[i]) === "dry" ? mid : 0), 0);
  const plannedShare = powderG / answer.totalG.mid;
  const after = (things: readonly Thing[], addedPowderG = 0) => {
    const { massG } = bowlState(things);
    return { totalAfterG: massG, strength: plannedShare > 0 ? (powderG + addedPowderG) / massG / plannedShare : 1, on: consistencyOf(things) };
  };
  const asItIs = [...on, liquid];
  const found = (...options: [CorrectionOption, ...CorrectionOption[]]) =>
    ok<CorrectionAnswer>({ options, totalBeforeG, needG: answer.head.pasteG, holdingFactor: factor, ...(readPa ? { readPa } : {}) });
  const wait = (minutes: number): CorrectionOption => ({ kind: "wait", minutes, ...after([...at(Math.max(onMin, minutesSoaked + minutes), factor.mid), liquid]) });

  if (more >= step.ml / 2) {
    const ml = Math.round(more / step.ml) * step.ml;
    const safeMl = answer.liquid.state === "solved" ? answer.liquid.plan.firstPourMl - pouredMl : 0;
    const atOnceMl = Math.min(ml, Math.max(step.ml, Math.floor(safeMl / step.ml) * step.ml));
    const [least, most] = [moreMl(onMin, factor.low), moreMl(onMin, factor.high)];
    const band = { low: Math.max(0, Math.min(ml, least)), mid: ml, high: Math.max(ml, most) };
    return found({ kind: "liquid", ml: band, atOnceMl, spoons: inSpoons(ml, question.spoons), step, ...after([...on, { ...liquid, massG: (pouredMl + ml) * density }]) });
  }
  if (more > -step.ml / 2) return found(wait(Math.max(0, answer.rest.restMin - minutesSoaked)));

  const options: CorrectionOption[] = [];
  const later = laterMin((minutes) => moreMl(minutes, factor.mid) > -step.ml / 2, onMin, onMin + LONGEST_WAIT_MIN);
  if (later !== undefined) options.push(wait(later - minutesSoaked));
  const isPart = question.lines.map((line, i) => line.role === "part" || (line.role === "solved" && phaseOf(materials[i]) === "dry"));
  const parts = on.filter((_, i) => isPart[i]);
  const partsG = parts.reduce((sum, t) => sum + t.massG, 0);
  const perGram = parts.reduce((sum, t) => sum + t.massG * pullPerG(t, targetPhi), 0) / partsG;
  const wantedG = Math.max(0, -pullG(asItIs, targetPhi) / perGram);
  const reach = answer.lines.map(({ massG: { mid } }, i) => (isPart[i] && haveG[i] !== undefined && mid > 0 ? (Math.max(0, haveG[i]) * partsG) / mid : Infinity));
  const mostG = Math.min(...reach);
  const totalG = Math.min(wantedG, mostG);
  if (Number.isFinite(totalG) && totalG > 0.5) {
    const lines = materials.flatMap((material, line) => {
      if (!isPart[line]) return [];
      const massG = (totalG * answer.lines[line].massG.mid) / partsG;
      return [{ line, massG, spoons: inSpoons(massG / material.bulkDensityGPerMl.value, question.spoons) }];
    });
    const thicker = on.map((t, i) => (isPart[i] ? { ...t, massG: t.massG * (1 + totalG / partsG) } : t));
    options.push({ kind: "powder", totalG, lines, ...(mostG < wantedG ? { shortLine: reach.indexOf(mostG) } : {}), ...after([...thicker, liquid], totalG) });
  }
  const state = consistencyOf(asItIs);
  if (state.state !== "dry") {
    const bowl = bowlState(asItIs);
    const holdsMm = heldCoatMm(state.yieldPa, bowl.massG / bowl.volumeMl);
    if (holdsMm >= LEAST_COAT_MM && holdsMm < answer.coat.needMm.mid) options.push({ kind: "thinCoat", holdsMm, needMm: answer.coat.needMm.mid, ...after(asItIs) });
  }
  const [first, ...rest] = options;
  return first ? found(first, ...rest) : found(wait(Math.max(0, answer.rest.restMin - minutesSoaked)));
}

/** The first minute, to five, from which something holds; undefined where it does not until the last. */
function laterMin(holds: (minutes: number) => boolean, from: number, to: number): number | undefined {
  if (!holds(to)) return undefined;
  for (let minutes = from; minutes < to; minutes += 5) if (holds(minutes)) return minutes;
  return to;
}

/** The factor on the holdings at which the bowl has the share that was seen; φ is a straight line in it. */
export function holdingFactor(phiAt: (factor: number) => number, seenPhi: number): number {
  const none = phiAt(0);
  const factor = (seenPhi - none) / (phiAt(1) - none);
  return Number.isNaN(factor) ? 1 : Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, factor));
}

/** True where a factor is at the end of what powders do: whatever was seen, it was not the powder alone. */
export const beyondPowders = (factor: number): boolean => factor <= LEAST_FACTOR * 1.01 || factor >= MOST_FACTOR * 0.99;
