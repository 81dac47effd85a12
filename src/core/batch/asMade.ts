import { findMaterial, massG } from "../material";
import { computePaste, type BlendLine, type PasteAnswer, type PasteQuestion } from "../paste";
import type { BatchState } from "./fold";

/** A line of the bowl as it was really made. */
export interface MadeLine {
  readonly materialId: string;
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
  const gramsOf = (materialId: string, amount: number, unit: BlendLine["unit"], fill: BlendLine["fill"]): number => {
    const material = findMaterial(materialId);
    return (material && massG(material, amount, unit, fill, question.spoons)?.value) ?? 0;
  };
  const planned = answer.lines.map(({ materialId, massG: { mid } }, line): MadeLine => {
    const measured = state.measured[line];
    const base = measured ? gramsOf(materialId, measured.amount, measured.unit, measured.fill) : mid;
    const heaps = state.heaped.filter((spoon) => spoon.line === line)
      .reduce((sum, { unit }) => sum + gramsOf(materialId, 1, unit, "heaped") - gramsOf(materialId, 1, unit, "level"), 0);
    return { materialId, line, plannedG: mid, reallyG: base + heaps };
  });
  const added = state.added.map(({ materialId, amount, unit, fill }): MadeLine => ({ materialId, reallyG: gramsOf(materialId, amount, unit, fill) }));
  const lines = [...planned, ...added];
  const made: PasteQuestion = {
    ...question, sizing: "asGiven", restMin: answer.rest.restMin, liquid: { ...question.liquid, amountMl: state.pouredMl },
    lines: lines.map(({ materialId, line, reallyG }) => ({ materialId, role: line === undefined ? "fixed" : question.lines[line]?.role ?? "fixed", amount: reallyG, unit: "g", fill: "level" })),
  };
  const result = computePaste(made);
  return { lines, question: made, ...(result.ok ? { answer: result.value } : {}) };
}

/** True where anything but the liquid went in otherwise than planned. */
export const differs = ({ measured, heaped, added }: Pick<BatchState, "measured" | "heaped" | "added">): boolean =>
  Object.keys(measured).length > 0 || heaped.length > 0 || added.length > 0;
