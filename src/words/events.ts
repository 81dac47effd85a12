import type { BatchPayload, Measured } from "@/core/batch";
import { DAB_NAME, STRAND_NAME, TENDING_NAME } from "./colour/names";
import type { TypedAmount } from "@/core/measure";
import type { Reading } from "@/core/reading";
import { kitchenNumber, roundTo } from "./amounts";
import { COVER_NAME, LOOK_NAME, TAKE_OFF_NAME, TOUCH_NAME } from "./apply";
import {
  AGAIN_NAME,
  FILL_NAME,
  MARK_NAME,
  materialName,
  MIXING_WORD_NAME,
  PLACE_NAME,
  STEP_NAME,
  UNIT_NAME,
} from "./names";

/** "2 heaped tbsp", "40 g". */
export const measuredWords = ({ amount, unit, fill }: Measured): string =>
  `${kitchenNumber(amount)} ${fill === "level" ? "" : `${FILL_NAME[fill]} `}${UNIT_NAME[unit]}`;

/** The same of an amount as it was typed. */
export const typedWords = ({ count, unit, fill }: TypedAmount): string =>
  measuredWords({ amount: count.value, unit, fill });

/** "ring of 50 mm sank 22", "a drop of 15 ml spread to 64 by 66 mm". */
export const readingWords = (reading: Reading): string =>
  reading.by === "ring"
    ? `ring of ${roundTo(reading.heightMm, 1)} mm sank ${roundTo(reading.slumpMm, 0.5)}`
    : `a drop of ${roundTo(reading.volumeMl, 0.5)} ml spread to ${roundTo(reading.acrossMm, 1)} by ` +
      `${roundTo(reading.alongMm, 1)} mm`;

/**
 * One event of a bowl's history, in a few words.
 * @param materialOf what stands on a line of the plan
 */
export function eventWords(payload: BatchPayload, materialOf: (line: number) => string): string {
  switch (payload.kind) {
    case "ticked":
      return `${STEP_NAME[payload.step]}: ${payload.done ? "done" : "not done after all"}`;
    case "poured":
      return `poured ${roundTo(payload.ml, 1)} ml`;
    case "measured":
      return `${materialOf(payload.line)}: really ${measuredWords(payload)}`;
    case "heaped":
      return `${materialOf(payload.line)}: one ${UNIT_NAME[payload.unit]} was a heaped one`;
    case "added":
      return `put in besides: ${measuredWords(payload)} of ${materialName(payload.materialId)}`;
    case "moved":
      return payload.place === "elsewhere"
        ? `put where it is ${roundTo(payload.tempC ?? 0, 0.5)} °C`
        : `moved to ${PLACE_NAME[payload.place]}`;
    case "dabbed":
      return `a dab on the palm: ${DAB_NAME[payload.mark]}`;
    case "gauged":
      return `it was ${roundTo(payload.tempC, 0.5)} °C in the bowl`;
    case "sectioned":
      return `section ${payload.section.slice(1)} of ${payload.of}: ${payload.done ? "done" : "not done after all"}`;
    case "onScale":
      return `${roundTo(payload.leftG, 1)} g left, by the scale`;
    case "lookedAt":
      return `section ${payload.section.slice(1)}, ${LOOK_NAME[payload.as]}`;
    case "mixedMore":
      return `mixed ${roundTo(payload.massG, 1)} g more in its own proportions`;
    case "massaged":
      return "massage";
    case "covered":
      return `on the head: ${COVER_NAME[payload.as]}`;
    case "touched":
      return `the scalp, touched: ${TOUCH_NAME[payload.as]}`;
    case "takenOff":
      return `${TAKE_OFF_NAME[payload.step].toLowerCase()}: ${payload.done ? "done" : "not done after all"}`;
    case "weighed":
      return `${roundTo(payload.leftG, 1)} g left in the bowl; ${payload.reached ? "it reached" : "it did not reach"}`;
    case "strandTested":
      return `a strand, ${kitchenNumber(payload.hoursOn)} h on: ${STRAND_NAME[payload.looks]}`;
    case "tended":
      return `${TENDING_NAME[payload.task]}: ${payload.done ? "done" : "not done after all"}`;
    case "tested":
      return readingWords(payload);
    case "said":
      return `“${MIXING_WORD_NAME[payload.word].toLowerCase()}”`;
    case "reached":
      return { mixed: "mixed; the rest began", onHead: "on the head, last section", rinsed: "rinsed" }[payload.stage];
    case "noted":
      return payload.text ? `noted: ${payload.text}` : "noted something, erased since";
    case "marked":
      return `${MARK_NAME[payload.mark]}: ${payload.value} of 5`;
    case "dated":
      return "given another time";
    case "again":
      return AGAIN_NAME[payload.again];
    case "closed":
      return "closed";
    case "reopened":
      return "opened again";
    case "withdrawn":
      return "took something back";
  }
}
