import { checkNumber } from "../checkNumber";
import { inSpoons, spoonMl, type SpoonAmount, type Spoons } from "../measure";
import { ok, refuse, type Result } from "../problem";
import { point, type Band } from "../figure";
import { phaseOf } from "../material";
import {
  type PasteQuestion,
  heldCoatMm,
  computePaste,
  consistencyOf,
  type Consistency,
  kitchenStep,
  type KitchenStep,
} from "../paste";
import { bowlState, pullPerG, type Thing, pullG, solveAmountG } from "../balance";
import { phiOf } from "../flow";
import { isThick, seenFactor, standingOf, WORDS, type Seen } from "./heard";

/** How long past its rest one would wait for a paste to thicken. */
const LONGEST_WAIT_MIN = 120;
/** A coat below this hides no hair. Estimate. */
const LEAST_COAT_MM = 0.5;
/** Less powder than this is not put in. */
const LEAST_POWDER_G = 0.5;
/** The bowl as it stands. */
export interface BowlNow {
  /** Liquid that is in it, ml. */
  readonly pouredMl: number;
  /** Since wetting. */
  readonly minutesSoaked?: number;
  /** Grams of each line that the shelf still has, beside what is in the bowl; undefined where nobody knows. */
  readonly haveG?: readonly (number | undefined)[];
  /** What was seen of this bowl before says of its holdings, 1 is as the figures say: `heardFactor`. */
  readonly heard?: number;
}

/** One way on, with what it does to the whole. */
export type CorrectionOption = {
  readonly totalAfterG: number;
  /** Powder in a gram of paste against what was planned: 1 is as strong. */
  readonly strength: number;
  /** How it will be when it goes on. */
  readonly on: Consistency;
} & (
  | {
      readonly kind: "liquid";
      readonly ml: Band;
      /** Of it at once; the rest by steps. */ readonly atOnceMl: number;
      readonly spoons: SpoonAmount;
      readonly step: KitchenStep;
      /** The bowl's own "never more", ml, where this reaches it or passes it. */
      readonly neverMoreMl?: number;
    }
  /** Powder in the blend's own proportions, never one herb alone. `line` indexes the blend's lines. */
  | {
      readonly kind: "powder";
      readonly totalG: number;
      readonly lines: readonly { readonly line: number; readonly massG: number; readonly spoons: SpoonAmount }[];
      /** The jar that runs out before it is enough. */ readonly shortLine?: number;
    }
  /** Nothing that is known of this bowl agrees with what was said; to look again once it has soaked, in minutes. */
  | { readonly kind: "leave"; readonly minutes: number }
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

/**
 * What to do after a word, a test, or a pour that went wrong. What was seen places the bowl on the scale of yield
 * stress; the one factor on all holdings that explains it follows from the balance (a stiffer bowl holds more); then the
 * balance is solved anew. No way on contradicts a word: what was called thin gets no liquid, what was called thick
 * does not end thinner than the target.
 *
 * @param question the bowl as planned
 * @returns the ways on, best first, in kitchen steps and grams, or the problems of the question or the reading
 */
export function correctPaste(question: PasteQuestion, seen: Seen, now: BowlNow): Result<CorrectionAnswer> {
  const { pouredMl, minutesSoaked = 0, haveG = [], heard = 1 } = now;
  const wrong = [
    checkNumber("pouredMl", pouredMl, "pouredMl"),
    checkNumber("minutesSoaked", minutesSoaked, "soakedMin"),
    checkNumber("heard", heard, "holdingFactor"),
  ].filter((problem) => problem !== undefined);
  if (wrong.length > 0) return refuse(...wrong);
  if (seen.by === "word" && !WORDS.includes(seen.word)) return refuse({ field: "word", code: "unknownChoice" });
  const planned = computePaste(question);
  if (!planned.ok) return planned;
  const answer = planned.value;

  const standing = standingOf(question, answer, pouredMl);
  const { at, liquid, materials, density } = standing;
  const told = seenFactor(standing, seen, minutesSoaked, heard);
  if (!told.ok) return told;
  const { factor, readPa } = told.value;
  const thick = seen.by === "word" && isThick(seen.word);
  const thin = (seen.by === "word" && !thick) || (seen.by === "pour" && seen.tooMuch === true);

  const targetPhi = phiOf(answer.targetYieldPa);
  const onMin = Math.max(answer.rest.restMin, minutesSoaked);
  const moreMl = (minutes: number, f: number): number => {
    const grams = solveAmountG(at(minutes, f), liquid(1, f), targetPhi);
    return grams === undefined ? -Infinity : grams / density - pouredMl;
  };
  const on = at(onMin, factor.mid);
  const there = liquid(pouredMl, factor.mid);
  const totalBeforeG = bowlState([...on, there]).massG;
  const more = moreMl(onMin, factor.mid);
  const isPowder = materials.map((material) => phaseOf(material) === "dry");
  const powderG = answer.lines.reduce((sum, { massG: { mid } }, i) => sum + (isPowder[i] ? mid : 0), 0);
  const plannedShare = powderG / answer.totalG.mid;
  const after = (things: readonly Thing[], addedPowderG = 0) => {
    const { massG } = bowlState(things);
    return {
      totalAfterG: massG,
      strength: plannedShare > 0 ? (powderG + addedPowderG) / massG / plannedShare : 1,
      on: consistencyOf(things),
    };
  };
  const asItIs = [...on, there];
  const found = (...options: [CorrectionOption, ...CorrectionOption[]]) =>
    ok<CorrectionAnswer>({
      options,
      totalBeforeG,
      needG: answer.head.pasteG,
      holdingFactor: factor,
      ...(readPa ? { readPa } : {}),
    });
  const restLeft = Math.max(0, answer.rest.restMin - minutesSoaked);
  const wait = (minutes: number): CorrectionOption => ({
    kind: "wait",
    minutes,
    ...after([...at(Math.max(onMin, minutesSoaked + minutes), factor.mid), there]),
  });
  const leave = (): CorrectionOption => ({ kind: "leave", minutes: restLeft, ...after(asItIs) });
  const step = thick
    ? fineStep(more, question.spoons)
    : kitchenStep(Math.abs(Number.isFinite(more) ? more : 0), question.spoons);

  if (!thin && (thick || more >= step.ml / 2)) {
    // What was called thick keeps its side of the target: whole spoons below it.
    const spoon = thick ? wholeSpoonMl(more, question.spoons) : step.ml;
    let ml = (thick ? Math.floor(more / spoon + 1e-9) : Math.round(more / spoon)) * spoon;
    if (!(ml > 0)) return found(leave());
    const plan = answer.liquid.state === "solved" ? answer.liquid.plan : undefined;
    // A word may lead to the bowl's own "never more" and from there only a step at a time; a test says why it passes it.
    if (thick && plan && pouredMl + ml > plan.mostMl) {
      const room = plan.mostMl - pouredMl;
      ml = room >= spoon ? Math.floor(room / spoon + 1e-9) * spoon : spoon;
    }
    const neverMore = plan && pouredMl + ml > plan.mostMl - step.ml ? { neverMoreMl: plan.mostMl } : {};
    const safeMl = plan ? plan.firstPourMl - pouredMl : 0;
    const atOnceMl = Math.min(ml, Math.max(step.ml, Math.floor(safeMl / step.ml) * step.ml));
    const [least, most] = [moreMl(onMin, factor.low), moreMl(onMin, factor.high)];
    const band =
      seen.by === "test" ? { low: Math.max(0, Math.min(ml, least)), mid: ml, high: Math.max(ml, most) } : point(ml);
    return found({
      kind: "liquid",
      ml: band,
      atOnceMl,
      spoons: inSpoons(ml, question.spoons),
      step,
      ...neverMore,
      ...after([...on, liquid(pouredMl + ml, factor.mid)]),
    });
  }
  if (Math.abs(more) < step.ml / 2) return found(wait(restLeft));
  const thickened = (minutes: number) => moreMl(minutes, factor.mid) > -step.ml / 2;
  if (more > 0) {
    // Said to be thin, and by all that is known too thick once it has soaked: time alone does it.
    const by = laterMin(thickened, minutesSoaked, onMin);
    return found(by === undefined || by <= minutesSoaked ? leave() : wait(by - minutesSoaked));
  }

  const options: CorrectionOption[] = [];
  const later = laterMin(thickened, onMin, onMin + LONGEST_WAIT_MIN);
  if (later !== undefined) options.push(wait(later - minutesSoaked));
  // Powders of the blend's own proportions thicken it; what is wet is not put in once more.
  const role = (i: number) => question.lines[i].role;
  const isPart = isPowder.some((dry, i) => dry && role(i) !== "fixed")
    ? isPowder.map((dry, i) => dry && role(i) !== "fixed")
    : isPowder;
  const parts = on.filter((_, i) => isPart[i]);
  const partsG = parts.reduce((sum, t) => sum + t.massG, 0);
  const perGram = parts.reduce((sum, t) => sum + t.massG * pullPerG(t, targetPhi), 0) / partsG;
  const wantedG = perGram > 0 ? Math.max(0, -pullG(asItIs, targetPhi) / perGram) : 0;
  const reach = answer.lines.map(({ massG: { mid } }, i) =>
    isPart[i] && haveG[i] !== undefined && mid > 0 ? (Math.max(0, haveG[i]) * partsG) / mid : Infinity,
  );
  const mostG = Math.min(...reach);
  const totalG = Math.min(wantedG, mostG);
  if (Number.isFinite(totalG) && totalG > LEAST_POWDER_G) {
    const lines = materials.flatMap((material, line) => {
      if (!isPart[line]) return [];
      const massG = (totalG * answer.lines[line].massG.mid) / partsG;
      return [{ line, massG, spoons: inSpoons(massG / material.bulkDensityGPerMl.value, question.spoons) }];
    });
    const thicker = on.map((t, i) => (isPart[i] ? { ...t, massG: t.massG * (1 + totalG / partsG) } : t));
    options.push({
      kind: "powder",
      totalG,
      lines,
      ...(mostG < wantedG ? { shortLine: reach.indexOf(mostG) } : {}),
      ...after([...thicker, there], totalG),
    });
  }
  const state = consistencyOf(asItIs);
  if (state.state !== "dry") {
    const bowl = bowlState(asItIs);
    const holdsMm = heldCoatMm(state.yieldPa, bowl.massG / bowl.volumeMl);
    if (holdsMm >= LEAST_COAT_MM && holdsMm < answer.coat.needMm.mid)
      options.push({ kind: "thinCoat", holdsMm, needMm: answer.coat.needMm.mid, ...after(asItIs) });
  }
  const [first, ...rest] = options;
  return first ? found(first, ...rest) : found(leave());
}

/** Whole teaspoons, or quarters of one where it is less than that. */
const wholeSpoonMl = (ml: number, spoons: Spoons): number =>
  ml >= spoonMl(spoons).tsp ? spoonMl(spoons).tsp : spoonMl(spoons).tsp / 4;

/** Steps down to a quarter of a teaspoon, so that a small bowl is not passed by one of them. */
function fineStep(ml: number, spoons: Spoons): KitchenStep {
  const step = kitchenStep(Number.isFinite(ml) ? Math.max(0, ml) : 0, spoons);
  return ml >= step.ml ? step : { count: 0.25, unit: "tsp", ml: spoonMl(spoons).tsp / 4 };
}

/** The first minute, to five, from which something holds; undefined where it does not until the last. */
function laterMin(holds: (minutes: number) => boolean, from: number, to: number): number | undefined {
  if (!holds(to)) return undefined;
  for (let minutes = from; minutes < to; minutes += 5) if (holds(minutes)) return minutes;
  return to;
}
