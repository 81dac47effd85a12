import type { BatchPayload, Measured } from "@/core/batch";
import { kitchenNumber, roundTo } from "./amounts";
import { AGAIN_NAME, FILL_NAME, MARK_NAME, materialName, MIXING_WORD_NAME, PLACE_NAME, STEP_NAME, UNIT_NAME } from "./names";

/** "2 heaped tbsp", "40 g". */
export const measuredWords = ({ amount, unit, fill }: Measured): string => `${kitchenNumber(amount)} ${fill === "level" ? "" : `${FILL_NAME[fill]} `}${UNIT_NAME[unit]}`;

/**
 * One event of a bowl's history, in a few words.
 * @param materialOf what stands on a line of the plan
 */
export function eventWords(payload: BatchPayload, materialOf: (line: number) => string): string {
  switch (payload.kind) {
    case "ticked": return `${STEP_NAME[payload.step]}: ${payload.done ? "done" : "not done after all"}`;
    case "poured": return `poured ${roundTo(payload.ml, 1)} ml`;
    case "measured": return `${materialOf(payload.line)}: really ${measuredWords(payload)}`;
    case "heaped": return `${materialOf(payload.line)}: one ${UNIT_NAME[payload.unit]} was a heaped one`;
    case "added": return `put in besides: ${measuredWords(payload)} of ${materialName(payload.materialId)}`;
    case "moved": return `moved to ${PLACE_NAME[payload.place]}`;
    case "said": return `“${MIXING_WORD_NAME[payload.word].toLowerCase()}”`;
    case "reached": return { mixed: "mixed; the rest began", onHead: "on the head, last section", rinsed: "rinsed" }[payload.stage];
    case "noted": return payload.text ? `noted: ${payload.text}` : "noted something, erased since";
    case "marked": return `${MARK_NAME[payload.mark]}: ${payload.value} of 5`;
    case "again": return AGAIN_NAME[payload.again];
    case "closed": return "closed";
    case "reopened": return "opened again";
    case "withdrawn": return "took something back";
  }
}
