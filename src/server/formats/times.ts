import ical, { ICalCalendarMethod } from "ical-generator";
import { dayAfter, worksheet, type StepId, type Tending } from "@/core/batch";
import { PURPOSE } from "@/core/head";
import type { StoredBatch } from "@/store/batches";
import { asItGoes, type MakingPlan, type MakingState } from "@/core/making";
import { readable } from "@/core/text";
import type { StoredMaking } from "@/store/makings";
import { STEP_NAME, stepWords } from "@/words";
import { AFTER_NAME, AFTER_TEXT } from "@/words/colour/dayAfter";
import { andWords } from "@/words/lists";
import { MAKING_STEP_NAME, makingStepWords, METHOD_WORDS } from "@/words/making";

const MINUTE_MS = 60_000;
/** Steps worth a reminder; the short ones between are part of them. */
const REMINDED: readonly StepId[] = ["gather", "rest", "hair", "apply", "rinse"];

/** … and of the days after a dye. */
const AFTER_REMINDED: readonly Tending[] = ["shampoo", "judge"];

/** The calendar's own name, which the library writes as it stands. @source RFC 5545 §3.3.11, from memory */
const asText = (text: string): string => text.replace(/[\\;,]/g, "\\$&");

/** Something on the clock, ms since the epoch. */
interface Timed {
  readonly id: string;
  readonly fromMs: number;
  readonly toMs: number;
  readonly name: string;
  readonly text: string;
}

/** Times as iCalendar (RFC 5545), in UTC, so that no clock change moves them. */
function calendarOf(of: string, named: string, stampMs: number, times: readonly Timed[]): string {
  const what = readable(named).replace(/\s+/g, " ");
  const calendar = ical({
    name: asText(what),
    prodId: { company: "Infusing", product: "Infusing" },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, fromMs, toMs, name, text } of times)
    calendar.createEvent({
      id: `${of}-${id}@infusing`,
      stamp: new Date(stampMs),
      start: new Date(fromMs),
      end: new Date(Math.max(toMs, fromMs + MINUTE_MS)),
      summary: `${name}: ${what}`,
      description: text,
    });
  return calendar.toString();
}

/** A bowl's clock times. */
export function timesOf(
  batch: Pick<StoredBatch, "id" | "blendName" | "headName" | "startsAtMs" | "question" | "answer">,
): string {
  const { id: of, answer, question, startsAtMs, blendName, headName } = batch;
  const steps = worksheet(answer).steps.filter(({ id }) => REMINDED.includes(id));
  const rinse = steps.find(({ id }) => id === "rinse");
  const rinsedMs = rinse && startsAtMs + (rinse.startMin + rinse.durationMin) * MINUTE_MS;
  const after = rinsedMs && PURPOSE[question.purpose].dye ? dayAfter(rinsedMs) : [];
  const later = after
    .filter(({ task }) => AFTER_REMINDED.includes(task))
    .map(({ task, fromMs }) => ({
      id: task,
      fromMs,
      toMs: fromMs + 30 * MINUTE_MS,
      name: AFTER_NAME[task],
      text: AFTER_TEXT[task],
    }));
  const times = steps.map((step): Timed => {
    const fromMs = startsAtMs + step.startMin * MINUTE_MS;
    const toMs = fromMs + step.durationMin * MINUTE_MS;
    return { id: step.id, fromMs, toMs, name: STEP_NAME[step.id], text: stepWords(step, answer, question) };
  });
  return calendarOf(of, `${blendName} for ${headName}`, startsAtMs, [...times, ...later]);
}

/** Shorter steps of a making need no reminder; nobody leaves the stove for them. */
const LEAST_MIN = 10;
/** A making's clock times as it stands: what is not done yet, with what to look for. */
export function makingTimesOf(
  making: Pick<StoredMaking, "id" | "name" | keyof MakingPlan>,
  state: MakingState,
): string {
  const { id: of, name, question, figures, startsAtMs } = making;
  const { made, steps } = asItGoes(making, state);
  const words = METHOD_WORDS[question.method];
  const things = andWords(figures.map(({ names }) => names[0].text));
  const times = steps
    .filter(({ isDone, durationMin }) => !isDone && durationMin >= LEAST_MIN)
    .map(({ id, fromMs, toMs }) => {
      const sign = words.sign?.[id];
      const text = makingStepWords(words, id, things, question.settings, made);
      return { id, fromMs, toMs, name: MAKING_STEP_NAME[id], text: sign ? `${text} Done: ${sign}.` : text };
    });
  return calendarOf(of, name, startsAtMs, times);
}
