import type { Knex } from "knex";
import {
  foldBatch,
  inOrder,
  SEARCHED,
  summaryOf,
  worksheet,
  type Again,
  type BatchEvent,
  type BatchPayload,
  type BatchState,
  type BatchSummary,
  type Mark,
} from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { database } from "./connection";
import { termsOf } from "./terms";
import type { Write } from "./transaction";

/** The columns a list needs: a projection of the events, equal to their fold. */
export interface BatchRow {
  readonly id: string;
  readonly rev: number;
  readonly versionId: string | null;
  readonly blendId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly model: number;
  readonly summary: BatchSummary;
  readonly startsAtMs: number;
  readonly pouredMl: number;
  readonly mixedMs?: number;
  readonly onHeadMs?: number;
  readonly rinsedMs?: number;
  readonly closedMs?: number;
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
  readonly again?: Again;
  readonly note: string;
}

/** A batch with what it was computed from and with, as saved then. */
export interface StoredBatch extends BatchRow {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
}

export interface NewBatch {
  readonly id: string;
  readonly versionId: string | null;
  readonly blendId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  /** The figures used, as they were: a better catalogue never shifts an old batch. */
  readonly figures: readonly object[];
  readonly startsAt: Date;
  readonly createdAt?: Date;
  readonly importId?: string;
}

export const LIST = [
  "id",
  "rev",
  "version_id",
  "blend_id",
  "head_id",
  "blend_name",
  "head_name",
  "model",
  "summary",
  "starts_at",
  "poured_ml",
  "mixed_at",
  "on_head_at",
  "rinsed_at",
  "closed_at",
  "soft",
  "slip",
  "grit",
  "shine",
  "marks",
  "again",
  "note",
] as const;

export interface Row {
  id: string;
  rev: number | string;
  version_id: string | null;
  blend_id: string | null;
  head_id: string | null;
  blend_name: string;
  head_name: string;
  model: number;
  summary: string;
  starts_at: Date;
  poured_ml: number;
  mixed_at: Date | null;
  on_head_at: Date | null;
  rinsed_at: Date | null;
  closed_at: Date | null;
  soft: number | null;
  slip: number | null;
  grit: number | null;
  shine: number | null;
  marks: string | null;
  again: Again | null;
  note: string | null;
}
interface WholeRow extends Row {
  question: string;
  answer: string;
}

export function fromRow(row: Row): BatchRow {
  // Bowls that no event reached since marks were of any kind have the first four only.
  const marks =
    row.marks !== null
      ? JSON.parse(row.marks)
      : Object.fromEntries(
          (["soft", "slip", "grit", "shine"] as const)
            .filter((mark) => row[mark] !== null)
            .map((mark) => [mark, row[mark]]),
        );
  return {
    id: row.id,
    rev: Number(row.rev),
    versionId: row.version_id,
    blendId: row.blend_id,
    headId: row.head_id,
    blendName: row.blend_name,
    headName: row.head_name,
    model: row.model,
    summary: JSON.parse(row.summary),
    startsAtMs: row.starts_at.getTime(),
    pouredMl: row.poured_ml,
    mixedMs: row.mixed_at?.getTime(),
    onHeadMs: row.on_head_at?.getTime(),
    rinsedMs: row.rinsed_at?.getTime(),
    closedMs: row.closed_at?.getTime(),
    marks,
    again: row.again ?? undefined,
    note: row.note ?? "",
  };
}
const wholeFromRow = (row: WholeRow): StoredBatch => ({
  ...fromRow(row),
  question: JSON.parse(row.question),
  answer: JSON.parse(row.answer),
});

export async function insertBatch(write: Write, batch: NewBatch, state = foldBatch([])): Promise<void> {
  const { trx, householdId, rev } = write;
  await trx("batch").insert({
    id: batch.id,
    household_id: householdId,
    rev,
    created_at: batch.createdAt ?? new Date(),
    version_id: batch.versionId,
    blend_id: batch.blendId,
    head_id: batch.headId,
    blend_name: batch.blendName,
    head_name: batch.headName,
    question: JSON.stringify(batch.question),
    answer: JSON.stringify(batch.answer),
    figures: JSON.stringify(batch.figures),
    model: batch.answer.model,
    starts_at: batch.startsAt,
    planned_at: batch.startsAt,
    import_id: batch.importId ?? null,
    summary: JSON.stringify(summaryOf(batch.question, batch.answer)),
  });
  await project(write, batch.id, state);
}

export async function batchOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("batch").where({ id }).first("household_id"))?.household_id;
}

export async function findBatch(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<StoredBatch | undefined> {
  const row: WholeRow | undefined = await knex("batch")
    .where({ household_id: householdId, id })
    .whereNull("removed_at")
    .first();
  return row && wholeFromRow(row);
}

/** Several whole batches at once, in no order. */
export async function findBatches(
  householdId: string,
  ids: readonly string[],
  knex: Knex = database(),
): Promise<StoredBatch[]> {
  const rows: WholeRow[] = await knex("batch")
    .where({ household_id: householdId })
    .whereIn("id", [...ids])
    .whereNull("removed_at")
    .select(...LIST, "question", "answer");
  return rows.map(wholeFromRow);
}

export async function findBatchRev(householdId: string, id: string): Promise<number | undefined> {
  const row = await database()("batch").where({ household_id: householdId, id }).whereNull("removed_at").first("rev");
  return row && Number(row.rev);
}

/** What is going on now: begun and not closed. */
export async function openBatches(householdId: string): Promise<StoredBatch[]> {
  const rows: WholeRow[] = await database()("batch")
    .where({ household_id: householdId })
    .whereNull("closed_at")
    .whereNull("removed_at")
    .orderBy("starts_at")
    .limit(50)
    .select(...LIST, "question", "answer");
  return rows.map(wholeFromRow);
}

/** Whole batches in the order of their ids, for reading all of them piece by piece. */
export async function batchesAfter(
  householdId: string,
  afterId: string,
  limit: number,
  knex: Knex = database(),
): Promise<ExportedBatch[]> {
  return (await exported(householdId, knex).andWhere("id", ">", afterId).orderBy("id").limit(limit)).map(
    exportedFromRow,
  );
}

/** One batch with all that is kept of it. */
export async function findBatchWhole(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<ExportedBatch | undefined> {
  const row: ExportedRow | undefined = (await exported(householdId, knex).andWhere({ id }))[0];
  return row && exportedFromRow(row);
}

/** A batch with all that is kept of it. */
export interface ExportedBatch extends StoredBatch {
  readonly figures: readonly Readonly<Record<string, unknown>>[];
  readonly createdMs: number;
}
interface ExportedRow extends WholeRow {
  figures: string;
  created_at: Date;
}
const exported = (householdId: string, knex: Knex): Knex.QueryBuilder<object, ExportedRow[]> =>
  knex("batch")
    .where({ household_id: householdId })
    .whereNull("removed_at")
    .select(...LIST, "question", "answer", "figures", "created_at");
const exportedFromRow = (row: ExportedRow): ExportedBatch => ({
  ...wholeFromRow(row),
  figures: JSON.parse(row.figures),
  createdMs: row.created_at.getTime(),
});

export interface NewEvent {
  readonly id: string;
  readonly payload: BatchPayload;
  readonly deviceSeq: number;
  readonly revSeen: number;
  readonly deviceClock: Date;
  /** When it happened, by this server's clock. */
  readonly at: Date;
}

const EVENT_VERSION = 2;

/** Adds events; an id that is there already adds nothing. Answers false where an id belongs to another batch. */
export async function insertEvents(
  { trx, householdId, rev }: Write,
  batchId: string,
  by: {
    readonly deviceId: string;
    readonly personId?: string | null;
    /** They came in a file. */ readonly imported?: boolean;
  },
  events: readonly NewEvent[],
): Promise<boolean> {
  const known: { id: string; batch_id: string }[] = await trx("batch_event")
    .whereIn(
      "id",
      events.map((event) => event.id),
    )
    .select("id", "batch_id");
  if (known.some((row) => row.batch_id !== batchId)) return false;
  const ids = new Set(known.map((row) => row.id));
  const fresh = [...new Map(events.filter((event) => !ids.has(event.id)).map((event) => [event.id, event])).values()];
  if (fresh.length === 0) return true;
  const now = new Date();
  await trx("batch_event").insert(
    fresh.map((event) => ({
      id: event.id,
      household_id: householdId,
      rev,
      created_at: now,
      happened_at: event.at,
      batch_id: batchId,
      version: EVENT_VERSION,
      kind: event.payload.kind,
      payload: JSON.stringify(event.payload),
      device_id: by.deviceId,
      person_id: by.personId ?? null,
      device_seq: event.deviceSeq,
      rev_seen: event.revSeen,
      device_clock: event.deviceClock,
      imported: by.imported ?? false,
    })),
  );
  return true;
}

interface EventRow {
  id: string;
  payload: string;
  device_id: string;
  device_seq: number | string;
  rev_seen: number | string;
  happened_at: Date;
}
const EVENT = ["id", "payload", "device_id", "device_seq", "rev_seen", "happened_at"] as const;
const eventFromRow = (row: EventRow): BatchEvent => ({
  id: row.id,
  payload: JSON.parse(row.payload),
  deviceId: row.device_id,
  deviceSeq: Number(row.device_seq),
  revSeen: Number(row.rev_seen),
  atMs: row.happened_at.getTime(),
});

/** A batch's events, in the order that all devices agree on. */
export async function listEvents(householdId: string, batchId: string, knex: Knex = database()): Promise<BatchEvent[]> {
  return (await eventsAndRevs(householdId, batchId, knex)).map(({ event }) => event);
}

/** The same, each with the rev that wrote it; with `afterRev`, only those written since. */
export async function eventsAndRevs(
  householdId: string,
  batchId: string,
  knex: Knex = database(),
  afterRev = -1,
): Promise<{ readonly event: BatchEvent; readonly rev: number }[]> {
  const rows: (EventRow & { rev: number | string })[] = await knex("batch_event")
    .where({ household_id: householdId, batch_id: batchId })
    .andWhere("rev", ">", afterRev)
    .select(...EVENT, "rev");
  return rows
    .map((row) => ({ event: eventFromRow(row), rev: Number(row.rev) }))
    .sort((a, b) => inOrder(a.event, b.event));
}

/** The events of several batches, by batch; with what an export needs besides. */
export async function eventsOf(
  householdId: string,
  batchIds: readonly string[],
  knex: Knex = database(),
): Promise<Map<string, (BatchEvent & { readonly personId: string | null; readonly deviceClockMs: number })[]>> {
  const rows: (EventRow & { batch_id: string; person_id: string | null; device_clock: Date })[] = await knex(
    "batch_event",
  )
    .where({ household_id: householdId })
    .whereIn("batch_id", [...batchIds])
    .orderBy(["batch_id", "rev_seen", "device_id", "device_seq", "id"])
    .select(...EVENT, "batch_id", "person_id", "device_clock");
  const found = new Map<string, (BatchEvent & { personId: string | null; deviceClockMs: number })[]>();
  for (const row of rows) {
    const own = found.get(row.batch_id) ?? [];
    if (own.length === 0) found.set(row.batch_id, own);
    own.push({ ...eventFromRow(row), personId: row.person_id, deviceClockMs: row.device_clock.getTime() });
  }
  return found;
}

/** Where open batches were put, by batch; withdrawn moves left out. */
export async function movesOf(
  householdId: string,
  batchIds: readonly string[],
): Promise<Map<string, BatchState["moves"]>> {
  const moved: string[] = await database()("batch_event")
    .where({ household_id: householdId, kind: "moved" })
    .whereIn("batch_id", [...batchIds])
    .distinct("batch_id")
    .pluck("batch_id");
  return new Map(
    await Promise.all(moved.map(async (id) => [id, foldBatch(await listEvents(householdId, id)).moves] as const)),
  );
}

/** What lists and tables show of a bowl's notes; its events keep every word. */
const MOST_NOTED = 200_000;

/**
 * Writes the fold into the columns that lists read, and into the terms that the log is searched by.
 * @param news the events since the last time, where only they can have changed the terms
 */
export async function project(
  { trx, householdId, rev }: Write,
  batchId: string,
  state: BatchState,
  news?: readonly BatchPayload[],
): Promise<void> {
  const moment = (ms: number | undefined) => (ms === undefined ? null : new Date(ms));
  const where = { household_id: householdId, id: batchId };
  await trx("batch")
    .where(where)
    .update({
      rev,
      poured_ml: state.pouredMl,
      place: state.moves.at(-1)?.place ?? null,
      mixed_at: moment(state.reachedMs.mixed),
      on_head_at: moment(state.reachedMs.onHead),
      rinsed_at: moment(state.reachedMs.rinsed),
      closed_at: moment(state.closedMs),
      soft: state.marks.soft ?? null,
      slip: state.marks.slip ?? null,
      grit: state.marks.grit ?? null,
      shine: state.marks.shine ?? null,
      marks: JSON.stringify(state.marks),
      again: state.again ?? null,
      note: [...state.notes.map((note) => note.text).join("\n")].slice(0, MOST_NOTED).join("") || null,
    });
  await placeInTime({ trx, where }, state);
  if (news && !news.some((payload) => SEARCHED.includes(payload.kind))) return;
  const row: Pick<Row, "head_id" | "blend_id" | "blend_name" | "head_name" | "summary" | "starts_at"> & {
    removed_at: Date | null;
  } = await trx("batch")
    .where(where)
    .first("head_id", "blend_id", "blend_name", "head_name", "summary", "starts_at", "removed_at");
  // What was taken out of the book is found by nothing, whatever still arrives for it.
  if (row.removed_at !== null) return;
  const wanted = new Set(
    termsOf({
      headId: row.head_id,
      blendId: row.blend_id,
      blendName: row.blend_name,
      headName: row.head_name,
      summary: JSON.parse(row.summary),
      state,
    }),
  );
  const there: string[] = await trx("batch_term").where({ household_id: householdId, batch_id: batchId }).pluck("term");
  const gone = there.filter((term) => !wanted.delete(term));
  if (gone.length > 0)
    await trx("batch_term").where({ household_id: householdId, batch_id: batchId }).whereIn("term", gone).del();
  if (wanted.size > 0)
    await trx("batch_term").insert(
      [...wanted].map((term) => ({ household_id: householdId, term, starts_at: row.starts_at, batch_id: batchId })),
    );
}

const MINUTE_MS = 60_000;

/** A bowl stands where it was mixed, the minutes of mixing before that; and where it was planned, until it is. */
async function placeInTime(
  { trx, where }: { trx: Knex; where: { household_id: string; id: string } },
  { reachedMs: { mixed } }: BatchState,
): Promise<void> {
  const row: { starts_at: Date; planned_at: Date; answer?: string } = await trx("batch")
    .where(where)
    .first("starts_at", "planned_at", ...(mixed === undefined ? [] : ["answer"]));
  const began =
    mixed === undefined ? row.planned_at : new Date(mixed - worksheet(JSON.parse(row.answer!)).mixedMin * MINUTE_MS);
  if (began.getTime() === row.starts_at.getTime()) return;
  await trx("batch").where(where).update({ starts_at: began });
  await trx("batch_term").where({ household_id: where.household_id, batch_id: where.id }).update({ starts_at: began });
}

/** Every batch made for these heads, also those taken out of the book. */
export async function batchesOnHeads({ trx, householdId }: Write, headIds: readonly string[]): Promise<StoredBatch[]> {
  const rows: WholeRow[] = await trx("batch")
    .where({ household_id: householdId })
    .whereIn("head_id", [...headIds])
    .select(...LIST, "question", "answer");
  return rows.map(wholeFromRow);
}

/** Writes over who a batch was for; nothing else of a batch is ever written over. */
export async function blankBatch(
  { trx, householdId, rev }: Write,
  id: string,
  { headName, question, answer }: { headName: string; question: PasteQuestion; answer: PasteAnswer },
): Promise<void> {
  await trx("batch")
    .where({ household_id: householdId, id })
    .update({ head_name: headName, question: JSON.stringify(question), answer: JSON.stringify(answer), rev });
}

/** Takes batches out of the book, or puts them back; out of it they are found by nothing. */
export async function setBatchRemoved(write: Write, id: string, removed: boolean): Promise<void> {
  const { trx, householdId, rev } = write;
  await trx("batch")
    .where({ household_id: householdId, id })
    .update({ removed_at: removed ? new Date() : null, rev });
  if (removed) await trx("batch_term").where({ household_id: householdId, batch_id: id }).del();
  else await project(write, id, foldBatch(await listEvents(householdId, id, trx)));
}
