import ical, { ICalCalendarMethod } from "ical-generator";
import { worksheet, type StepId } from "@/core/batch";
import type { StoredBatch } from "@/store/batches";
import { readable } from "@/core/text";
import { STEP_NAME, stepWords } from "@/words";

const MINUTE_MS = 60_000;
/** Steps worth a reminder; the short ones between are part of them. */
const REMINDED: readonly StepId[] = ["gather", "rest", "hair", "apply", "rinse"];

/** The calendar's own name, which the library writes as it stands. @source RFC 5545 §3.3.11, from memory */
const asText = (text: string): string => text.replace(/[\\;,]/g, "\\$&");

/** A bowl's clock times as iCalendar (RFC 5545). Times are in UTC, so that no clock change moves them. */
export function timesOf(
  batch: Pick<StoredBatch, "id" | "blendName" | "headName" | "startsAtMs" | "question" | "answer">,
): string {
  const { answer, question } = batch;
  const what = readable(`${batch.blendName} for ${batch.headName}`).replace(/\s+/g, " ");
  const calendar = ical({
    name: asText(what),
    prodId: { company: "Infusing", product: "Infusing" },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const step of worksheet(answer).steps.filter((step) => REMINDED.includes(step.id))) {
    const { id, startMin, durationMin } = step;
    const start = new Date(batch.startsAtMs + startMin * MINUTE_MS);
    calendar.createEvent({
      id: `${batch.id}-${id}@infusing`,
      stamp: new Date(batch.startsAtMs),
      start,
      end: new Date(start.getTime() + Math.max(1, durationMin) * MINUTE_MS),
      summary: `${STEP_NAME[id]}: ${what}`,
      description: stepWords(step, answer, question),
    });
  }
  return calendar.toString();
}
