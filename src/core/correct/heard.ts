import { ok, refuse, type Result } from "../problem";
import { point, type Band, type Figure, type Uncertain } from "../figure";
import { type Material } from "../material";
import { checkReading, readYield, type Reading } from "../reading";
import { soakedShare } from "../rest";
import {
  figuresOf,
  lookupIn,
  type PasteQuestion,
  computePaste,
  type PasteAnswer,
  consistencyOf,
  liquidOf,
} from "../paste";
import { bowlState, holdingMlPerG, thing, type Thing, solveAmountG } from "../balance";
import { phiOf } from "../flow";

/** What one says of the bowl while mixing, against what one wanted. */
export const WORDS = ["stillDry", "tooThick", "bitThin", "runs"] as const;
export type MixingWord = (typeof WORDS)[number];

/**
 * Yield stress of the bowl against the target, by word. One step of the kitchen scale is a factor of about 2.7.
 * Estimates; the word is read as a place on the scale, not as a measurement.
 */
const WORD_FACTOR: Readonly<Record<MixingWord, number>> = { stillDry: 8, tooThick: 2.7, bitThin: 0.6, runs: 0.2 };
export const isThick = (word: MixingWord): boolean => word === "stillDry" || word === "tooThick";
/** Neither a word nor a test can move a powder's holding beyond what powders do. */
const LEAST_FACTOR = 0.4;
const MOST_FACTOR = 2.5;
/** The weight of a paste is known to 3 %. Estimate. */
const DENSITY_HALF = 0.03;

/** How one knows that something is wrong: by a word, by a test, or only by what was poured. */
export type Seen =
  | { readonly by: "word"; readonly word: MixingWord }
  | { readonly by: "test"; readonly reading: Reading }
  /** Only that this much was poured; `tooMuch` where the maker says that it is more than was wanted. */
  | { readonly by: "pour"; readonly tooMuch?: true };

/** g/ml of a paste with its range. */
export const pasteDensity = (value: number): Uncertain => ({
  value,
  low: value * (1 - DENSITY_HALF),
  high: value * (1 + DENSITY_HALF),
});

/** What is in the bowl by now, to be looked at after so many minutes with holdings so many times the figures'. */
export interface Standing {
  readonly at: (minutes: number, factor: number) => Thing[];
  readonly liquid: (ml: number, factor: number) => Thing;
  readonly pouredMl: number;
  readonly targetYieldPa: number;
  readonly restMin: number;
}

export function standingOf(
  question: PasteQuestion,
  answer: PasteAnswer,
  pouredMl: number,
): Standing & { readonly materials: readonly Material[]; readonly density: number } {
  const find = lookupIn(question);
  const poured = liquidOf(question);
  const materials = answer.lines.map((line) => find(line.materialId, line.jarId)!);
  const at = (minutes: number, factor: number): Thing[] =>
    materials.map((material, i) =>
      thing(
        material,
        answer.lines[i].massG.mid,
        holdingMlPerG(material) * factor * soakedShare(material, minutes, question.kitchenTempC),
      ),
    );
  const density = poured.densityGPerMl;
  const liquid = (ml: number, factor: number): Thing => ({
    ...poured.perG,
    massG: ml * density,
    holdingMlPerG: poured.perG.holdingMlPerG * factor,
  });
  return {
    at,
    liquid,
    pouredMl,
    targetYieldPa: answer.targetYieldPa,
    restMin: answer.rest.restMin,
    materials,
    density,
  };
}

/** How thick a bowl that will be right when it goes on is after so many minutes: thinner, while it still soaks. Pa. */
function wantedPa({ at, liquid, targetYieldPa, restMin }: Standing, minutes: number): number {
  const grams = solveAmountG(at(Math.max(restMin, minutes), 1), liquid(1, 1), phiOf(targetYieldPa));
  const then =
    grams === undefined ? undefined : consistencyOf([...at(minutes, 1), liquid(grams / liquid(1, 1).massG, 1)]);
  return then === undefined || then.state === "dry" ? targetYieldPa : Math.min(targetYieldPa, then.yieldPa);
}

/**
 * What was seen says of the bowl's holdings, as a factor on all of them. A word is a bound: it moves what was held
 * before only its own way, so "too thick" before half the liquid is in says nothing against the figures. What a maker
 * compares with is how it should be by now, or how it is wanted in the end; each word is taken for as little as it may
 * mean. A test says it either way.
 * @param before what was held before, 1 is as the figures say
 */
export function seenFactor(
  standing: Standing,
  seen: Seen | { readonly by: "right" },
  minutes: number,
  before: number,
): Result<{ readonly factor: Band; readonly readPa?: Band }> {
  const { at, liquid, pouredMl, targetYieldPa } = standing;
  const phiAt = (factor: number) => bowlState([...at(minutes, factor), liquid(pouredMl, factor)]).phi;
  const saying = (yieldPa: number) => holdingFactor(phiAt, phiOf(yieldPa));
  if (seen.by === "test") {
    const bowl = bowlState([...at(minutes, 1), liquid(pouredMl, 1)]);
    const problems = checkReading(seen.reading, bowl.massG / bowl.volumeMl);
    const read =
      problems.length > 0 ? refuse(...problems) : readYield(seen.reading, pasteDensity(bowl.massG / bowl.volumeMl));
    if (!read.ok) return read;
    const { low, mid, high } = read.value.yieldPa;
    return ok({ factor: { low: saying(low), mid: saying(mid), high: saying(high) }, readPa: read.value.yieldPa });
  }
  if (seen.by === "pour") return ok({ factor: point(before) });
  const byNow = wantedPa(standing, minutes);
  if (seen.by === "right")
    return ok({ factor: point(Math.min(saying(targetYieldPa), Math.max(saying(byNow), before))) });
  const thick = isThick(seen.word);
  const said = saying((thick ? byNow : targetYieldPa) * WORD_FACTOR[seen.word]);
  return ok({ factor: point(thick ? Math.max(before, said) : Math.min(before, said)) });
}

/** Something that was seen of a bowl, and the bowl as it was then. */
export interface Heard {
  readonly seen: Extract<Seen, { by: "word" | "test" }> | { readonly by: "right" };
  readonly question: PasteQuestion;
  readonly pouredMl: number;
  readonly minutesSoaked: number;
}

/**
 * What everything that was seen of a bowl, in its order, says of its holdings: 1 is as the figures say. What cannot
 * be computed or read says nothing.
 */
export function heardFactor(heard: readonly Heard[]): number {
  let factor = 1;
  for (const { seen, question, pouredMl, minutesSoaked } of heard) {
    const answer = pouredMl > 0 ? computePaste(question) : undefined;
    if (!answer?.ok) continue;
    const found = seenFactor(standingOf(question, answer.value, pouredMl), seen, minutesSoaked, factor);
    if (found.ok) factor = found.value.factor.mid;
  }
  return factor;
}

/** The same bowl with everything in it holding so many times what the figures say. */
export function asHeard(question: PasteQuestion, factor: number): PasteQuestion {
  if (factor === 1) return question;
  const own = figuresOf(question).map((material): Material => {
    const { holding } = material;
    const one = holdingMlPerG(material);
    if (holding.kind === "none" || !(one > 0)) return material;
    const times = (figure: Figure): Figure => ({
      ...figure,
      value: figure.value * factor,
      low: figure.low * factor,
      high: figure.high * factor,
    });
    const perGram: Figure =
      holding.kind === "perGram"
        ? holding.mlPerG
        : {
            ...holding.yieldPa,
            value: one,
            low: holdingMlPerG(material, "low"),
            high: holdingMlPerG(material, "high"),
          };
    return { ...material, holding: { kind: "perGram", mlPerG: times(perGram) } };
  });
  return { ...question, own };
}

/** The factor on the holdings at which the bowl has the share that was seen; φ is a straight line in it. */
export function holdingFactor(phiAt: (factor: number) => number, seenPhi: number): number {
  const none = phiAt(0);
  const factor = (seenPhi - none) / (phiAt(1) - none);
  return Number.isNaN(factor) ? 1 : Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, factor));
}

/** True where a factor is at the end of what powders do: whatever was seen, it was not the powder alone. */
export const beyondPowders = (factor: number): boolean => factor <= LEAST_FACTOR * 1.01 || factor >= MOST_FACTOR * 0.99;
