import type { Knex } from "knex";
import type { Again, BatchEvent, BatchPayload, BatchState, Mark } from "@/core/batch";
import type { Material } from "@/core/material";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { database } from "./connection";
import type { Write } from "./transaction";

/** The columns a list needs: a projection of the events, equal to their fold. */
export interface BatchRow {
  readonly id: string;
  readonly rev: number;
  readonly versionId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
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
  readonly model: number;
}

export interface NewBatch {
  readonly id: string;
  readonly versionId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  /** The figures used, as they were: a better catalogue never shifts an old batch. */
  readonly figures: readonly Material[];
  readonly startsAt: Date;
  readonly createdAt?: Date;
}

const LIST = ["id", "rev", "version_id", "head_id", "blend_name", "head_name", "starts_at", "poured_ml", "mixed_at", "on_head_at", "rinsed_at", "closed_at", "soft", "slip", "grit", "shine", "again", "note"] as const;

interface Row {
  id: string; rev: number | string; version_id: string | null; head_id: string | null; blend_name: string; head_name: string; starts_at: Date; poured_ml: number;
  mixed_at: Date | null; on_head_at: Date | null; rinsed_at: Date | null; closed_at: Date | null;
  soft: number | null; slip: number | null; grit: number | null; shine: number | null; again: Again | null; note: string | null;
  question: string; answer: string; model: number;
}

function fromRow(row: Row): BatchRow {
  const marks = Object.fromEntries((["soft", "slip", "grit", "shine"] as const).filter((mark) => row[mark] !== null).map((mark) => [mark, row[mark]]));
  return {
    id: row.id, rev: Number(row.rev), versionId: row.version_id, headId: row.head_id, blendName: row.blend_name, headName: row.head_name,
    startsAtMs: row.starts_at.getTime(), pouredMl: row.poured_ml,
    mixedMs: row.mixed_at?.getTime(), onHeadMs: row.on_head_at?.getTime(), rinsedMs: row.rinsed_at?.getTime(), closedMs: row.closed_at?.getTime(),
    marks, again: row.again ?? undefined, note: row.note ?? "",
  };
}
const wholeFromRow = (row: Row): StoredBatch => ({ ...fromRow(row), question: JSON.parse(row.question), answer: JSON.parse(row.answer), model: row.model });

export async function insertBatch({ trx, householdId, rev }: Write, batch: NewBatch): Promise<void> {
  await trx("batch").insert({
    id: batch.id, household_id: householdId, rev, created_at: batch.createdAt ?? new Date(), version_id: batch.versionId, head_id: batch.headId,
    blend_name: batch.blendName, head_name: batch.headName, question: JSON.stringify(batch.question), answer: JSON.stringify(batch.answer),
    figures: JSON.stringify(batch.figures), model: batch.answer.model, starts_at: batch.startsAt,
  });
}

export async function batchOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("batch").where({ id }).first("household_id"))?.household_id;
}

export async function findBatch(householdId: string, id: string, knex: Knex = database()): Promise<StoredBatch | undefined> {
  const row: Row | undefined = await knex("batch").where({ household_id: householdId, id }).first();
  return row && wholeFromRow(row);
}

export interface LogFilter {
  readonly headId?: string;
  /** In the blend's name, the head's name or the notes. */
  readonly text?: string;
  /** Only batches that started before this one, for the next page. */
  readonly before?: { readonly startsAtMs: number; readonly id: string };
  readonly limit: number;
}

/** Newest first, by keyset. */
export async function listBatches(householdId: string, { headId, text, before, limit }: LogFilter): Promise<StoredBatch[]> {
  const query = database()("batch").where({ household_id: householdId });
  if (headId) query.where({ head_id: headId });
  if (text) {
    const like = `%${text.replace(/[\\%_]/g, "\\$&")}%`;
    query.where((any) => any.where("blend_name", "like", like).orWhere("head_name", "like", like).orWhere("note", "like", like));
  }
  if (before) {
    const at = new Date(before.startsAtMs);
    query.where((any) => any.where("starts_at", "<", at).orWhere((tie) => tie.where("starts_at", at).andWhere("id", "<", before.id)));
  }
  const rows: Row[] = await query.orderBy("starts_at", "desc").orderBy("id", "desc").limit(limit).select(...LIST, "question", "answer", "model");
  return rows.map(wholeFromRow);
}

/** What is going on now: begun and not closed. */
export async function openBatches(householdId: string): Promise<StoredBatch[]> {
  const rows: Row[] = await database()("batch").where({ household_id: householdId }).whereNull("closed_at").orderBy("starts_at").limit(50).select(...LIST, "question", "answer", "model");
  return rows.map(wholeFromRow);
}

export interface NewEvent {
  readonly id: string;
  readonly payload: BatchPayload;
  readonly deviceSeq: number;
  readonly revSeen: number;
  readonly deviceClock: Date;
}

const EVENT_VERSION = 1;

/** Adds events; an id that is there already adds nothing. Answers false where an id belongs to another batch. */
export async function insertEvents({ trx, householdId, rev }: Write, batchId: string, deviceId: string, events: readonly NewEvent[], at = new Date()): Promise<boolean> {
  const known: { id: string; batch_id: string }[] = await trx("batch_event").whereIn("id", events.map((event) => event.id)).select("id", "batch_id");
  if (known.some((row) => row.batch_id !== batchId)) return false;
  const ids = new Set(known.map((row) => row.id));
  const fresh = [...new Map(events.filter((event) => !ids.has(event.id)).map((event) => [event.id, event])).values()];
  if (fresh.length === 0) return true;
  await trx("batch_event").insert(fresh.map((event) => ({
    id: event.id, household_id: householdId, rev, created_at: at, batch_id: batchId, version: EVENT_VERSION, kind: event.payload.kind,
    payload: JSON.stringify(event.payload), device_id: deviceId, device_seq: event.deviceSeq, rev_seen: event.revSeen, device_clock: event.deviceClock,
  })));
  return true;
}

export async function listEvents(householdId: string, batchId: string, knex: Knex = database()): Promise<BatchEvent[]> {
  const rows: { id: string; payload: string; device_id: string; device_seq: number | string; rev_seen: number | string; created_at: Date }[] =
    await knex("batch_event").where({ household_id: householdId, batch_id: batchId }).orderBy(["rev_seen", "device_id", "device_seq", "id"]);
  return rows.map((row) => ({
    id: row.id, payload: JSON.parse(row.payload), deviceId: row.device_id, deviceSeq: Number(row.device_seq), revSeen: Number(row.rev_seen), atMs: row.created_at.getTime(),
  }));
}

/** Writes the fold into the columns that lists read. */
export async function project({ trx, householdId, rev }: Write, batchId: string, state: BatchState): Promise<void> {
  const moment = (ms: number | undefined) => (ms === undefined ? null : new Date(ms));
  await trx("batch").where({ household_id: householdId, id: batchId }).update({
    rev, poured_ml: state.pouredMl,
    mixed_at: moment(state.reachedMs.mixed), on_head_at: moment(state.reachedMs.onHead), rinsed_at: moment(state.reachedMs.rinsed), closed_at: moment(state.closedMs),
    soft: state.marks.soft ?? null, slip: state.marks.slip ?? null, grit: state.marks.grit ?? null, shine: state.marks.shine ?? null,
    again: state.again ?? null, note: state.notes.map((note) => note.text).join("\n") || null,
  });
}
