import type { BatchPayload } from "@/core/batch";
import { roundTo } from "./amounts";
import { AGAIN_NAME, MARK_NAME, MIXING_WORD_NAME, STEP_NAME } from "./names";

/** One event of a bowl's history, in a few words. */
export function eventWords(payload: BatchPayload): string {
  switch (payload.kind) {
    case "ticked": return `${STEP_NAME[payload.step]}: ${payload.done ? "done" : "not done after all"}`;
    case "poured": return `poured ${roundTo(payload.ml, 1)} ml`;
    case "said": return `“${MIXING_WORD_NAME[payload.word].toLowerCase()}”`;
    case "reached": return { mixed: "mixed; the rest began", onHead: "on the head, last section", rinsed: "rinsed" }[payload.stage];
    case "noted": return `noted: ${payload.text}`;
    case "marked": return `${MARK_NAME[payload.mark]}: ${payload.value} of 5`;
    case "again": return AGAIN_NAME[payload.again];
    case "closed": return "closed";
    case "reopened": return "opened again";
    case "withdrawn": return "took something back";
  }
}
