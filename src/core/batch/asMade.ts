import type { Uncertain } from "../figure";
import { LIMITS } from "../limits";
import { massG } from "../material";
import { asHeard, heardFactor } from "../correct";
import { computePaste, lookupIn, type BlendLine, type PasteAnswer, type PasteQuestion } from "../paste";
import type { BatchState } from "./eventKinds";

/** A line of the bowl as it was really made. */
export interface MadeLine {
  readonly materialId: string;
  readonly jarId?: string;
  /** Index in the plan; undefined for what was added in the bowl. */
  readonly line?: number;
  readonly plannedG?: number;
  readonly reallyG: number;
  /** The same with the error of the spoons or the scale it was measured by. */
  readonly really: Uncertain;
}

/** What is really in a bowl, and the paste that it makes. */
export interface Made {
  readonly lines: readonly MadeLine[];
  readonly question: PasteQuestion;
  /** Undefined where what went in cannot be computed, such as more than any bowl holds. */
  readonly answer?: PasteAnswer;
}

/**
 * The bowl as made: planned lines as they were measured, heaped spoons and added things on top, and the liquid that
 * was poured. Lines nobody measured count as planned.
 *
 * @param question as the batch was planned
 * @param answer   to that question, as it was computed then
 * @returns grams of each line, and the answer to what is in the bowl, computed with today's model
 */
export function asMade(
  question: PasteQuestion,
  answer: PasteAnswer,
  state: Pick<BatchState, "pouredMl" | "measured" | "heaped" | "added">,
): Made {
  const find = lookupIn(question);
  const weigh = (
    materialId: string,
    jarId: string | undefined,
    amount: number,
    unit: BlendLine["unit"],
    fill: BlendLine["fill"],
  ): Uncertain => {
    const material = find(materialId, jarId);
    return (material && massG(material, amount, unit, fill, question.spoons)) ?? { value: 0, low: 0, high: 0 };
  };
  const planned = answer.lines.map(({ materialId, jarId, count, massG: { mid } }, line): MadeLine => {
    const measured = state.measured[line];
    const { unit, fill } = question.lines[line] ?? { unit: "g", fill: "level" };
    const base = measured
      ? weigh(materialId, jarId, measured.amount, measured.unit, measured.fill)
      : rescaled(weigh(materialId, jarId, count, unit, fill), mid);
    const heaps = state.heaped
      .filter((spoon) => spoon.line === line)
      .reduce(
        (sum, spoon) =>
          sum +
          weigh(materialId, jarId, 1, spoon.unit, "heaped").value -
          weigh(materialId, jarId, 1, spoon.unit, "level").value,
        0,
      );
    const reallyG = base.value + heaps;
    return {
      materialId,
      ...(jarId === undefined ? {} : { jarId }),
      line,
      plannedG: mid,
      reallyG,
      really: rescaled(base, reallyG),
    };
  });
  const added = state.added.map(({ materialId, amount, unit, fill }): MadeLine => {
    const really = weigh(materialId, undefined, amount, unit, fill);
    return { materialId, reallyG: really.value, really };
  });
  const lines = [...planned, ...added];
  // What was solved for is in the bowl now, as one of its parts.
  const roleOf = (line: number | undefined): BlendLine["role"] => {
    const role = line === undefined ? "fixed" : (question.lines[line]?.role ?? "fixed");
    return role === "solved" ? "part" : role;
  };
  const made: PasteQuestion = {
    ...question,
    sizing: "asGiven",
    restMin: answer.rest.restMin,
    liquid: { ...question.liquid, amountMl: state.pouredMl },
    lines: lines.map(({ materialId, jarId, line, reallyG }) => ({
      materialId,
      ...(jarId === undefined ? {} : { jarId }),
      role: roleOf(line),
      amount: reallyG,
      unit: "g",
      fill: "level",
    })),
  };
  const result = computePaste(made);
  return { lines, question: made, ...(result.ok ? { answer: result.value } : {}) };
}

/** The same error at another weight. */
const rescaled = ({ value, low, high }: Uncertain, to: number): Uncertain =>
  value > 0 ? { value: to, low: (low * to) / value, high: (high * to) / value } : { value: to, low: to, high: to };

/** True where anything but the liquid went in otherwise than planned. */
export const differs = ({ measured, heaped, added }: Pick<BatchState, "measured" | "heaped" | "added">): boolean =>
  Object.keys(measured).length > 0 || heaped.length > 0 || added.length > 0;

const MINUTE_MS = 60_000;
/** Minutes that a bowl has soaked by a moment: since it was mixed, or else since something was first poured. */
export const soakedMin = (
  { reachedMs, firstPourMs }: Pick<BatchState, "reachedMs" | "firstPourMs">,
  atMs: number,
): number => Math.min(LIMITS.soakedMin.max, Math.max(0, (atMs - (reachedMs.mixed ?? firstPourMs ?? atMs)) / MINUTE_MS));

/** Words long past add nothing to the last ones. */
const MOST_HEARD = 20;

/**
 * What everything said and tested of a bowl says of its holdings, 1 is as the figures say; each for the bowl as it was
 * then.
 */
export function heardOf(question: PasteQuestion, answer: PasteAnswer, state: BatchState): number {
  return heardFactor(
    state.seen.slice(-MOST_HEARD).map(({ seen, pouredMl, addedCount, atMs }) => {
      const made = asMade(question, answer, { ...state, pouredMl, added: state.added.slice(0, addedCount) });
      // Mixed later than that, it had soaked since the first pour.
      const mixed =
        state.reachedMs.mixed !== undefined && state.reachedMs.mixed <= atMs ? { mixed: state.reachedMs.mixed } : {};
      return {
        seen,
        question: made.question,
        pouredMl,
        minutesSoaked: soakedMin({ reachedMs: mixed, firstPourMs: state.firstPourMs }, atMs),
      };
    }),
  );
}

/** The bowl as made, and the paste that it makes by everything that was seen of it. */
export function asSeen(
  question: PasteQuestion,
  answer: PasteAnswer,
  state: BatchState,
): Made & { readonly heard: number } {
  const made = asMade(question, answer, state);
  const heard = heardOf(question, answer, state);
  const result = heard === 1 ? undefined : computePaste(asHeard(made.question, heard));
  return { ...made, heard, ...(result?.ok ? { answer: result.value } : {}) };
}

/**
 * What was in a bowl, g, with what was mixed later: as it stood full on the scale; else as it was made; where nobody
 * noted what was poured, as planned.
 */
export function bowlG(
  planned: PasteAnswer,
  made: Pick<Made, "answer">,
  { pouredMl, scale, more }: Pick<BatchState, "pouredMl" | "scale" | "more">,
): number {
  const full = scale.findLast(({ sectionsDone }) => sectionsDone.length === 0);
  // A ml of what loosens it weighs about a gram.
  const firstG = full
    ? full.leftG - full.moreG + (pouredMl - full.pouredMl)
    : ((pouredMl > 0 && made.answer) || planned).totalG.mid;
  return firstG + nowIn({ pouredMl, more }).moreG;
}
/** What was mixed and poured into a bowl by now. */
export const nowIn = ({ pouredMl, more }: Pick<BatchState, "pouredMl" | "more">) => ({
  moreG: more.reduce((sum, { massG }) => sum + massG, 0),
  pouredMl,
});
