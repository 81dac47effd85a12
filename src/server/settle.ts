import {
  foldBatch,
  MOVES_STOCK,
  SEARCHED,
  summaryOf,
  worksheet,
  type BatchEvent,
  type BatchPayload,
  termsOf,
  type BatchState,
} from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { readingsOf, sessionOf, taughtDye } from "@/core/readings";
import { jarInUse } from "@/core/shelf";
import { withdrawalsOf, ledgerDiff } from "@/core/stock";
import * as batches from "@/store/batches";
import { writeKnownDye } from "@/store/dyes";
import { importedAdditions, listEvents } from "@/store/events";
import { listJars } from "@/store/jars";
import * as projection from "@/store/projection";
import { writeBowlReadings } from "@/store/readings";
import { writeSession } from "@/store/sessions";
import { changeLedger, ledgerOf } from "@/store/stock";
import type { Write } from "@/store/transaction";

type NewBowl = Omit<batches.NewBatch, "summary">;

/** A bowl's row by itself; what is known of it is settled by the caller. */
export const insertBowl = (write: Write, bowl: NewBowl): Promise<void> =>
  batches.insertBatch(write, { ...bowl, summary: summaryOf(bowl.question, bowl.answer) });

/** Puts a bowl in the book, where lists and the search find it. */
export async function openBowl(write: Write, bowl: NewBowl): Promise<void> {
  await insertBowl(write, bowl);
  await settleLists(write, bowl.id, foldBatch([]));
}

/**
 * Everything that follows from what happened in a bowl: where lists and the search find it, what the jars have left,
 * what its tests say of them.
 * @param events all of them
 * @param news   those since the last time, where only they can have changed something
 */
export async function settleBowl(
  write: Write,
  batchId: string,
  events: readonly BatchEvent[],
  news?: readonly BatchPayload[],
): Promise<void> {
  const plan = once(() => batches.planOf(write, batchId));
  await settleLists(write, batchId, foldBatch(events), news, plan);
  const moving = news?.filter(({ kind }) => MOVES_STOCK.includes(kind));
  if (moving === undefined || moving.length > 0) await settleStock(write, batchId, events, plan, moving);
  await settleReadings(write, batchId, events, plan);
  await settleDye(write, batchId, events, plan);
  await settleSession(write, batchId, events, plan);
}

/** What a bowl was computed from and with. */
type Plan = () => Promise<{ readonly question: PasteQuestion; readonly answer: PasteAnswer }>;
function once<T>(read: () => Promise<T>): () => Promise<T> {
  let found: Promise<T> | undefined;
  return () => (found ??= read());
}

/** The columns that lists read, the place in time, and the terms that the log is searched by. */
export async function settleLists(
  write: Write,
  batchId: string,
  state: BatchState,
  news?: readonly BatchPayload[],
  plan: Plan = () => batches.planOf(write, batchId),
): Promise<void> {
  await projection.writeProjection(write, batchId, state);
  await placeInTime(write, batchId, state, plan);
  if (news && !news.some(({ kind }) => SEARCHED.includes(kind))) return;
  const { startsAt, removed, ...foundBy } = await projection.readFoundBy(write, batchId);
  // What was taken out of the book is found by nothing, whatever still arrives for it.
  if (!removed) await projection.writeTerms(write, batchId, startsAt, termsOf(foundBy, state));
}

const MINUTE_MS = 60_000;

/** A bowl stands where it was mixed, the minutes of mixing before that; and where it was planned, until it is. */
async function placeInTime(
  write: Write,
  batchId: string,
  { reachedMs: { mixed } }: BatchState,
  plan: Plan,
): Promise<void> {
  const { startsAt, plannedAt } = await projection.readStart(write, batchId);
  const began =
    mixed === undefined ? plannedAt : new Date(mixed - worksheet((await plan()).answer).mixedMin * MINUTE_MS);
  if (began.getTime() !== startsAt.getTime()) await projection.writeStart(write, batchId, began);
}

/** What the jars have left. What was added without naming a jar draws on the one in use, and stays with it. */
async function settleStock(
  write: Write,
  batchId: string,
  events: readonly BatchEvent[],
  plan: Plan,
  news?: readonly BatchPayload[],
): Promise<void> {
  // A splash of what stands on no shelf, by far the most frequent tap, moves nothing.
  if (news?.every(({ kind }) => kind === "poured") && !(await batches.poursFromJar(write, batchId))) return;
  const { question, answer } = await plan();
  const draws = withdrawalsOf(question, answer, events);
  const there = await ledgerOf(write, batchId);
  const adds = draws.some(
    ({ eventId, slot, jarId }) =>
      slot === "added" && jarId === undefined && !there.some((row) => row.eventId === eventId),
  );
  const jars = adds ? await listJars(write.householdId, write.trx) : [];
  // What was tapped in another house drew on no jar of this one that it does not name.
  const imported = new Set(adds ? await importedAdditions(write, batchId) : []);
  const { gone, fresh } = ledgerDiff(draws, there, ({ eventId, slot, materialId }) =>
    slot === "added" && !imported.has(eventId) ? jarInUse(jars, materialId)?.id : undefined,
  );
  const happened = new Map(events.map((event) => [event.id, new Date(event.atMs)]));
  await changeLedger(
    write,
    batchId,
    gone,
    fresh.map((one) => ({ ...one, at: happened.get(one.eventId) ?? new Date() })),
  );
}

/** One reading for each test that stands. */
async function settleReadings(write: Write, batchId: string, events: readonly BatchEvent[], plan: Plan): Promise<void> {
  if (!events.some(({ payload }) => payload.kind === "tested")) return;
  const { question, answer } = await plan();
  await writeBowlReadings(write, batchId, readingsOf(question, answer, events));
}

/** What its dabs say of the jar of its dye, also where the last one was taken back. */
async function settleDye(write: Write, batchId: string, events: readonly BatchEvent[], plan: Plan): Promise<void> {
  if (!events.some(({ payload }) => payload.kind === "dabbed")) return;
  const { question, answer } = await plan();
  await writeKnownDye(write, batchId, taughtDye(question, answer, events));
}

/** What weighing its rest says of its head. */
async function settleSession(write: Write, batchId: string, events: readonly BatchEvent[], plan: Plan): Promise<void> {
  if (!events.some(({ payload }) => payload.kind === "weighed")) return;
  const { question, answer } = await plan();
  await writeSession(write, batchId, sessionOf(question, answer, events));
}

/**
 * Takes a bowl out of the book, or puts it back where it is found. What the jars have left is summed up by the caller,
 * once.
 */
export async function removeBowl(write: Write, batchId: string, removed: boolean): Promise<void> {
  await batches.setBatchRemoved(write, batchId, removed);
  if (!removed) await settleLists(write, batchId, foldBatch(await listEvents(write.householdId, batchId, write.trx)));
}
