import "@/core/catalogue";
import { dyeGoing, foldBatch, type BatchState, type StrandStep } from "@/core/batch";
import {
  dyeOf,
  PLAIN_PLAN,
  sketchFactor,
  sketchOf,
  stepsOf,
  strandsOf,
  type ColourPlan,
  type DyeId,
} from "@/core/colour";
import { PURPOSE } from "@/core/head";
import { strengthAt } from "@/core/rest";
import { findBatch, findBatches, type StoredBatch } from "@/store/batches";
import { eventsOfKind, listEvents } from "@/store/events";

const HOUR_MS = 3_600_000;

/** How strands of each head looked beside the sketch, by the head's id. */
export async function strandLooks(householdId: string): Promise<Readonly<Record<string, readonly StrandStep[]>>> {
  const ids = await eventsOfKind(householdId, "strandTested");
  const batches = await findBatches(householdId, ids);
  const looks: Record<string, StrandStep[]> = {};
  for (const { id, headId } of batches) {
    if (!headId) continue;
    const { strandTests } = foldBatch(await listEvents(householdId, id));
    (looks[headId] ??= []).push(...strandTests.map((test) => test.looks));
  }
  return looks;
}

/** What a bowl was or will be to its head's colour; henna alone where there is no dye in it. */
export function planOf({ question, answer, startsAtMs }: StoredBatch, state: BatchState): ColourPlan {
  const grams = new Map<DyeId, number>();
  for (const { materialId, massG } of answer.lines) {
    const dye = dyeOf(materialId);
    if (dye) grams.set(dye, (grams.get(dye) ?? 0) + massG.mid);
  }
  if (grams.size === 0) return PLAIN_PLAN;
  const least = Math.max(0.1, Math.min(...grams.values()));
  const { mixed, onHead, rinsed } = state.reachedMs;
  const mixedMs = mixed ?? startsAtMs;
  const going = dyeGoing(answer.rest, mixedMs, question.kitchenTempC, state);
  const onH = onHead ? (onHead - mixedMs) / HOUR_MS : answer.rest.restMin / 60;
  const strength = going && !going.clock.quick ? Math.min(1, strengthAt(going.clock, going.stays, [onH])[0]) : 1;
  const hoursOn = onHead && rinsed ? (rinsed - onHead) / HOUR_MS : answer.leaveOnMin.mid / 60;
  return {
    ...PLAIN_PLAN,
    parts: [...grams].slice(0, 3).map(([dye, massG]) => ({ dye, parts: Math.round((10 * massG) / least) / 10 })),
    how: grams.size > 1 && grams.has("indigo") ? "together" : PLAIN_PLAN.how,
    hoursOn: Math.round(Math.min(24, Math.max(0.1, hoursOn)) * 100) / 100,
    strength: Math.round(Math.max(0, strength) * 100) / 100,
    acid: answer.rest.dye?.school === "acid",
  };
}

/** How a dyed head came out: its own hair and its grey a week later as computed, and the last strand that was tried. */
export interface HairSwatch {
  readonly own: string;
  readonly grey: string | undefined;
  readonly photo?: string;
}
/** Swatches of the bowls among these that were to colour, by their ids. */
export async function swatchesOf(
  householdId: string,
  ids: readonly string[],
): Promise<Readonly<Record<string, HairSwatch>>> {
  const dyed = (await findBatches(householdId, ids)).filter(({ question }) => PURPOSE[question.purpose].dye);
  const all = dyed.map(async (batch) => {
    const state = foldBatch(await listEvents(householdId, batch.id));
    // What was not on the head yet coloured nothing.
    if (state.reachedMs.onHead === undefined) return [];
    const { head, kitchenTempC } = batch.question;
    const factor = sketchFactor(state.strandTests.map(({ looks }) => looks)).value;
    const sketch = sketchOf(strandsOf(head), stepsOf(planOf(batch, state), kitchenTempC), "worn", factor);
    const photo = state.strandTests.findLast((test) => test.photo !== undefined)?.photo;
    const swatch: HairSwatch = {
      own: sketch.own.hex,
      grey: head.greyShare > 0 ? sketch.grey.hex : undefined,
      ...(photo === undefined ? {} : { photo }),
    };
    return [[batch.id, swatch] as const];
  });
  return Object.fromEntries((await Promise.all(all)).flat());
}

/** The same of a bowl in the book, with whose head it is for. */
export async function planOfBatch(
  householdId: string,
  batchId: string,
): Promise<{ readonly headId: string | undefined; readonly plan: ColourPlan } | undefined> {
  const batch = await findBatch(householdId, batchId);
  if (!batch) return undefined;
  const state = foldBatch(await listEvents(householdId, batchId));
  return { headId: batch.headId ?? undefined, plan: planOf(batch, state) };
}
