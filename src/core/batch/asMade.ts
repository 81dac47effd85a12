import { massG } from "../material";
import { computePaste, lookupIn, type BlendLine, type PasteAnswer, type PasteQuestion } from "../paste";
import type { BatchState } from "./fold";

/** A line of the bowl as it was really made. */
export interface MadeLine {
  readonly materialId: string;
  readonly jarId?: string;
  /** Index in the plan; undefined for what was added in the bowl. */
  readonly line?: number;
  readonly plannedG?: number;
  readonly reallyG: number;
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
export function asMade(question: PasteQuestion, answer: PasteAnswer, state: Pick<BatchState, "pouredMl" | "measured" | "heaped" | "added">): Made {
  const find = lookupIn(question);
  const gramsOf = (materialId: string, jarId: string | undefined, amount: number, unit: BlendLine["unit"], fill: BlendLine["fill"]): number => {
    const material = find(materialId, jarId);
    return (material && massG(material, amount, unit, fill, question.spoons)?.value) ?? 0;
  };
  const planned = answer.lines.map(({ materialId, jarId, massG: { mid } }, line): MadeLine => {
    const measured = state.measured[line];
    const base = measured ? gramsOf(materialId, jarId, measured.amount, measured.unit, measured.fill) : mid;
    const heaps = state.heaped.filter((spoon) => spoon.line === line)
      .reduce((sum, { unit }) => sum + gramsOf(materialId, jarId, 1, unit, "heaped") - gramsOf(materialId, jarId, 1, unit, "level"), 0);
    return { materialId, ...(jarId === undefined ? {} : { jarId }), line, plannedG: mid, reallyG: base + heaps };
  });
  const added = state.added.map(({ materialId, amount, unit, fill }): MadeLine => ({ materialId, reallyG: gramsOf(materialId, undefined, amount, unit, fill) }));
  const lines = [...planned, ...added];
  const made: PasteQuestion = {
    ...question, sizing: "asGiven", restMin: answer.rest.restMin, liquid: { ...question.liquid, amountMl: state.pouredMl },
    lines: lines.map(({ materialId, jarId, line, reallyG }) => ({ materialId, ...(jarId === undefined ? {} : { jarId }), role: line === undefined ? "fixed" : question.lines[line]?.role ?? "fixed", amount: reallyG, unit: "g", fill: "level" })),
  };
  const result = computePaste(made);
  return { lines, question: made, ...(result.ok ? { answer: result.value } : {}) };
}

/** True where anything but the liquid went in otherwise than planned. */
export const differs = ({ measured, heaped, added }: Pick<BatchState, "measured" | "heaped" | "added">): boolean =>
  Object.keys(measured).length > 0 || heaped.length > 0 || added.length > 0;
