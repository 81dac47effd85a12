import { DateTime } from "luxon";
import { v7 as uuid } from "uuid";
import { checkPayload, foldBatch, worksheet, worksheetFor, type BatchPayload, type Worksheet } from "@/core/batch";
import { checkNumber } from "@/core/checkNumber";
import type { Problem } from "@/core/problem";
import { momentMs } from "@/core/text";
import { blendForHead, figuresOf } from "@/core/paste";
import type { Vessels } from "@/core/order";
import { questionOn } from "@/core/shelf";
import type { EventsInput, NewBatchInput } from "@/inputs/bookInput";
import * as store from "@/store/batches";
import { eventsAndRevs, insertEvents, listEvents, type NewEvent } from "@/store/events";
import { findVersion, type StoredBlend } from "@/store/blends";
import { findHead, hairOf } from "@/store/heads";
import type { Write } from "@/store/transaction";
import { lookupOf, shelfOf } from "./shelf";
import { answerOf } from "./paste";
import { notFound, Refusal, taken, unusable } from "./refusal";
import type { Asked } from "./route";
import { openBowl, settleBowl } from "./settle";

/** A wall time of the household as a moment. */
function wallTime(text: string, field: string, timeZone: string): DateTime {
  const at = DateTime.fromISO(text, { zone: timeZone });
  if (!at.isValid || at.year < 1970 || at.year > 2999) throw unusable([{ field, code: "notAMoment" }]);
  return at;
}

/** What is told of the past may be a little ahead of this clock, by the other's. */
const AHEAD_MS = 5 * 60_000;
const notAhead = (ms: number, field: string): Problem[] =>
  ms > Date.now() + AHEAD_MS ? [{ field, code: "inTheFuture" }] : [];

function startOf(
  { startsAt, onHeadAt, madeAt }: NewBatchInput,
  { onHeadMin, mixedMin }: Worksheet,
  timeZone: string,
): Date {
  if (madeAt) return wallTime(madeAt, "madeAt", timeZone).minus({ minutes: mixedMin }).toJSDate();
  if (onHeadAt) return wallTime(onHeadAt, "onHeadAt", timeZone).minus({ minutes: onHeadMin }).toJSDate();
  return startsAt ? new Date(startsAt) : new Date();
}

/** What happened to a bowl that was made on paper: so much was poured, if that is known, and then it was mixed. */
function onPaper({ madeAt, pouredMl }: NewBatchInput, timeZone: string, rev: number): NewEvent[] {
  if (!madeAt) return [];
  const at = wallTime(madeAt, "madeAt", timeZone).toJSDate();
  const notMl = pouredMl === undefined ? undefined : checkNumber("pouredMl", pouredMl, "pouredMl");
  const wrong = [...notAhead(at.getTime(), "madeAt"), ...(notMl ? [notMl] : [])];
  if (wrong.length > 0) throw unusable(wrong);
  const payloads: BatchPayload[] = [
    ...(pouredMl ? [{ kind: "poured" as const, ml: pouredMl }] : []),
    { kind: "reached", stage: "mixed" },
  ];
  return payloads.map((payload, i) => ({
    id: uuid(),
    payload,
    deviceSeq: i,
    revSeen: rev,
    deviceClock: new Date(),
    at,
  }));
}

/** Opens a batch: the server computes it anew and keeps question, answer and figures as they are today. */
export async function createBatch({ input, settings, deviceId, personId }: Asked<NewBatchInput>, write: Write) {
  const owner = await store.batchOwner(write, input.id);
  if (owner === write.householdId) return { id: input.id, rev: write.rev };
  if (owner !== undefined) throw taken();
  const version: StoredBlend | undefined = await findVersion(write.householdId, input.versionId, write.trx);
  if (!version) throw notFound("versionId");
  const head = await findHead(write.householdId, input.headId);
  if (!head) throw notFound("headId");
  const own =
    version.headId && version.headId !== head.id ? await findHead(write.householdId, version.headId) : undefined;
  const question = questionOn(
    blendForHead(version.blend, own && hairOf(own), hairOf(head)),
    hairOf(head),
    settings.spoons,
    await shelfOf(write.householdId, write.trx),
  );
  const answer = answerOf(question);
  await openBowl(write, {
    id: input.id,
    versionId: version.versionId,
    blendId: version.id,
    headId: head.id,
    blendName: version.name,
    headName: head.name,
    question,
    answer,
    figures: figuresOf(question),
    startsAt: startOf(input, worksheet(answer), settings.timeZone),
  });
  const told = onPaper(input, settings.timeZone, write.rev);
  if (told.length > 0) await keep(write, input.id, { deviceId, personId }, told);
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

/** Adds events to a bowl and settles everything that follows from them: the lists, the jars, what tests taught. */
async function keep(
  write: Write,
  batchId: string,
  by: { readonly deviceId: string; readonly personId: string | null },
  events: readonly NewEvent[],
) {
  if (!(await insertEvents(write, batchId, by, events))) throw new Refusal(409, "Those events belong to another bowl.");
  const all = await eventsAndRevs(write.householdId, batchId, write.trx);
  const added = events.flatMap(({ payload }) => (payload.kind === "added" ? [payload.materialId] : []));
  if (added.length > 0) {
    const find = await lookupOf(write.householdId, write.trx);
    await store.keepFigures(
      write,
      batchId,
      [...new Set(added)].flatMap((id) => find(id) ?? []),
    );
  }
  await settleBowl(
    write,
    batchId,
    all.map(({ event }) => event),
    events.map((event) => event.payload),
  );
  return all;
}

/**
 * Adds what happened, folds, projects; sending the same events again changes nothing. Answers what came after the rev
 * that was seen.
 */
export async function addEvents({ input, params, deviceId, personId }: Asked<EventsInput>, write: Write) {
  const find = input.events.some((event) => (event.payload as BatchPayload).kind === "added")
    ? await lookupOf(write.householdId, write.trx)
    : undefined;
  const problems = input.events.flatMap((event, i) =>
    checkPayload(event.payload as BatchPayload, `events.${i}.payload`, find),
  );
  problems.push(
    ...input.events.flatMap(({ payload }, i) => {
      const { kind, at } = payload as { kind?: unknown; at?: unknown };
      const ms = kind === "dated" ? momentMs(at) : undefined;
      return ms === undefined ? [] : notAhead(ms, `events.${i}.payload.at`);
    }),
  );
  if (problems.length > 0) throw unusable(problems);
  if ((await store.batchOwner(write, params.id)) !== write.householdId) throw notFound();
  const now = Date.now();
  const sentMs = input.sentAt === undefined ? undefined : Date.parse(input.sentAt);
  // Nobody has seen a rev that was not there yet.
  const events = input.events.map((event) => ({
    ...event,
    revSeen: Math.min(event.revSeen, write.rev),
    payload: event.payload as BatchPayload,
    deviceClock: new Date(event.deviceClock),
    at: happenedAt(now, Date.parse(event.deviceClock), sentMs),
  }));
  const all = await keep(write, params.id, { deviceId, personId }, events);
  const after = input.after ?? -1;
  return { rev: write.rev, events: all.filter(({ rev }) => rev > after).map(({ event }) => event) };
}

/** A batch, its history and where it stands. */
export async function readBatch(householdId: string, id: string, vessels: Vessels = {}) {
  const batch = await store.findBatch(householdId, id);
  if (!batch) throw notFound();
  const events = await listEvents(householdId, id);
  return { batch, events, state: foldBatch(events), sheet: worksheetFor(batch.question, batch.answer, vessels) };
}

/** What happened to a batch after a rev. */
export async function readEvents({ household, params, query }: Asked<object>) {
  const after = Number(query.get("after") ?? -1);
  if ((await store.findBatchRev(household.id, params.id)) === undefined) throw notFound();
  return {
    rev: household.rev,
    events: (await eventsAndRevs(household.id, params.id, undefined, Number.isFinite(after) ? after : -1)).map(
      ({ event }) => event,
    ),
  };
}
