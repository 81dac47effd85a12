import { DateTime } from "luxon";
import { checkPayload, foldBatch, worksheet, worksheetFor, type BatchPayload } from "@/core/batch";
import { blendForHead, figuresOf } from "@/core/paste";
import type { Vessels } from "@/core/order";
import { questionOn } from "@/core/shelf";
import type { EventsInput, NewBatchInput } from "@/inputs/bookInput";
import * as store from "@/store/batches";
import { findVersion, type StoredBlend } from "@/store/blends";
import { findHead } from "@/store/heads";
import type { Write } from "@/store/transaction";
import { lookupOf, shelfOf } from "@/store/jars";
import { settleReadings } from "@/store/readings";
import { MOVES_STOCK, settleStock } from "@/store/stock";
import { answerOf } from "./paste";
import { notFound, Refusal, taken, unusable } from "./refusal";
import type { Asked } from "./route";

function startOf({ startsAt, onHeadAt }: NewBatchInput, onHeadMin: number, timeZone: string): Date {
  if (!onHeadAt) return startsAt ? new Date(startsAt) : new Date();
  const on = DateTime.fromISO(onHeadAt, { zone: timeZone });
  if (!on.isValid) throw unusable([{ field: "onHeadAt", code: "notText" }]);
  if (on.year < 1970 || on.year > 2999) throw unusable([{ field: "onHeadAt", code: "notText" }]);
  return on.minus({ minutes: onHeadMin }).toJSDate();
}

/** Opens a batch: the server computes it anew and keeps question, answer and figures as they are today. */
export async function createBatch({ input, settings }: Asked<NewBatchInput>, write: Write) {
  const owner = await store.batchOwner(write, input.id);
  if (owner === write.householdId) return { id: input.id, rev: write.rev };
  if (owner !== undefined) throw taken();
  const version: StoredBlend | undefined = await findVersion(write.householdId, input.versionId, write.trx);
  if (!version) throw notFound("versionId");
  const head = await findHead(write.householdId, input.headId);
  if (!head) throw notFound("headId");
  const own = version.headId && version.headId !== head.id ? await findHead(write.householdId, version.headId) : undefined;
  const question = questionOn(blendForHead(version.blend, own?.hair, head.hair), head.hair, settings.spoons, await shelfOf(write.householdId, write.trx));
  const answer = answerOf(question);
  await store.insertBatch(write, {
    id: input.id, versionId: version.versionId, blendId: version.id, headId: head.id, blendName: version.name, headName: head.name, question, answer,
    figures: figuresOf(question), startsAt: startOf(input, worksheet(answer).onHeadMin, settings.timeZone),
  });
  return { id: input.id, rev: write.rev };
}

const LONGEST_KEPT_MS = 7 * 24 * 3_600_000;

/**
 * When a tap happened by this server's clock: now, less how long the device kept it. Both ends of that are read from
 * the device's own clock, so that one that is a year off says the same; one that was set in between is not believed.
 */
export function happenedAt(nowMs: number, tappedMs: number, sentMs: number | undefined): Date {
  const keptMs = sentMs === undefined ? 0 : sentMs - tappedMs;
  return new Date(keptMs >= 0 && keptMs <= LONGEST_KEPT_MS ? nowMs - keptMs : nowMs);
}

/** Adds what happened, folds, projects; sending the same events again changes nothing. Answers what came after the rev that was seen. */
export async function addEvents({ input, params, deviceId, personId }: Asked<EventsInput>, write: Write) {
  const find = input.events.some((event) => (event.payload as BatchPayload).kind === "added") ? await lookupOf(write.householdId, write.trx) : undefined;
  const problems = input.events.flatMap((event, i) => checkPayload(event.payload as BatchPayload, `events.${i}.payload`, find));
  if (problems.length > 0) throw unusable(problems);
  if ((await store.batchOwner(write, params.id)) !== write.householdId) throw notFound();
  const now = Date.now();
  const sentMs = input.sentAt === undefined ? undefined : Date.parse(input.sentAt);
  // Nobody has seen a rev that was not there yet.
  const events = input.events.map((event) => ({ ...event, revSeen: Math.min(event.revSeen, write.rev), payload: event.payload as BatchPayload, deviceClock: new Date(event.deviceClock), at: happenedAt(now, Date.parse(event.deviceClock), sentMs) }));
  if (!(await store.insertEvents(write, params.id, { deviceId, personId }, events))) throw new Refusal(409, "Those events belong to another bowl.");
  const all = await store.eventsAndRevs(write.householdId, params.id, write.trx);
  await store.project(write, params.id, foldBatch(all.map(({ event }) => event)), events.map((event) => event.payload));
  const moving = events.map((event) => event.payload).filter(({ kind }) => MOVES_STOCK.includes(kind));
  if (moving.length > 0) await settleStock(write, params.id, all.map(({ event }) => event), moving);
  await settleReadings(write, params.id, all.map(({ event }) => event));
  const after = input.after ?? -1;
  return { rev: write.rev, events: all.filter(({ rev }) => rev > after).map(({ event }) => event) };
}

/** A batch, its history and where it stands. */
export async function readBatch(householdId: string, id: string, vessels: Vessels = {}) {
  const batch = await store.findBatch(householdId, id);
  if (!batch) throw notFound();
  const events = await store.listEvents(householdId, id);
  return { batch, events, state: foldBatch(events), sheet: worksheetFor(batch.question, batch.answer, vessels) };
}

/** What happened to a batch after a rev. */
export async function readEvents({ household, params, query }: Asked<object>) {
  const after = Number(query.get("after") ?? -1);
  if ((await store.findBatchRev(household.id, params.id)) === undefined) throw notFound();
  return { rev: household.rev, events: (await store.eventsAndRevs(household.id, params.id, undefined, Number.isFinite(after) ? after : -1)).map(({ event }) => event) };
}
