import { bowlState, solveAmountG } from "../balance";
import { checkNumber } from "../checkNumber";
import type { Band } from "../figure";
import { phiOf } from "../flow";
import { phaseOf } from "../material";
import { computePaste, consistencyOf, type PasteQuestion } from "../paste";
import { ok, refuse, type Result } from "../problem";
import { isThick, seenFactor, standingOf, WORDS, type Seen } from "./heard";
import { stepFor, waysOn, type CorrectionOption, type Situation, type Standing } from "./ways";

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
 * stress; the one factor on all holdings that explains it follows from the balance (a stiffer bowl holds more); then
 * the balance is solved anew. No way on contradicts a word: what was called thin gets no liquid, what was called thick
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
  const told = seenFactor(standing, seen, minutesSoaked, heard);
  if (!told.ok) return told;
  const { factor, readPa } = told.value;
  const thick = seen.by === "word" && isThick(seen.word);
  const thin = (seen.by === "word" && !thick) || (seen.by === "pour" && seen.tooMuch === true);

  const targetPhi = phiOf(answer.targetYieldPa);
  const onMin = Math.max(answer.rest.restMin, minutesSoaked);
  const moreMl = (minutes: number, f = factor.mid): number => {
    const grams = solveAmountG(standing.at(minutes, f), standing.liquid(1, f), targetPhi);
    return grams === undefined ? -Infinity : grams / standing.density - pouredMl;
  };
  const more = moreMl(onMin);
  const isPowder = standing.materials.map((material) => phaseOf(material) === "dry");
  const powderG = answer.lines.reduce((sum, { massG: { mid } }, i) => sum + (isPowder[i] ? mid : 0), 0);
  const plannedShare = powderG / answer.totalG.mid;
  const step = stepFor(thick, more, question.spoons);
  const bowl: Situation = {
    question,
    answer,
    seen,
    pouredMl,
    minutesSoaked,
    restLeftMin: Math.max(0, answer.rest.restMin - minutesSoaked),
    onMin,
    haveG,
    materials: standing.materials,
    isPowder,
    factor,
    targetPhi,
    thick,
    at: (minutes) => standing.at(minutes, factor.mid),
    liquid: (ml) => standing.liquid(ml, factor.mid),
    moreMl,
    more,
    step,
    after: (things, addedPowderG = 0) => {
      const { massG } = bowlState(things);
      return {
        totalAfterG: massG,
        strength: plannedShare > 0 ? (powderG + addedPowderG) / massG / plannedShare : 1,
        on: consistencyOf(things),
      };
    },
  };
  return ok({
    options: waysOn(stateOf(bowl, thin), bowl),
    totalBeforeG: bowlState([...bowl.at(onMin), bowl.liquid(pouredMl)]).massG,
    needG: answer.head.pasteG,
    holdingFactor: factor,
    ...(readPa ? { readPa } : {}),
  });
}

/** What was said comes first: what was called thin gets no liquid. */
function stateOf({ thick, more, step }: Situation, thin: boolean): Standing {
  if (!thin && (thick || more >= step.ml / 2)) return "tooThick";
  if (Math.abs(more) < step.ml / 2) return "there";
  return more > 0 ? "soaks" : "tooThin";
}
