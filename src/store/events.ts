import type { Knex } from "knex";
import type { BatchEvent, BatchPayload, EventKindId } from "@/core/batch";
import { inOrder } from "@/core/happening";
import { database } from "./connection";
import type { Write } from "./transaction";

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
  at_ms: number | string;
}
const EVENT = ["id", "payload", "device_id", "device_seq", "rev_seen"] as const;
/** As a number: thousands of dates are slow to read. */
const atMs = (knex: Knex) => knex.raw("ROUND(TIMESTAMPDIFF(MICROSECOND, '1970-01-01', happened_at) / 1000) AS at_ms");
/** The same thing is tapped again and again: each text is read once. */
function reader(): (text: string) => BatchPayload {
  const known = new Map<string, BatchPayload>();
  return (text) => {
    const found = known.get(text);
    if (found) return found;
    const read: BatchPayload = JSON.parse(text);
    known.set(text, read);
    return read;
  };
}
const eventFromRow = (row: EventRow, read: (text: string) => BatchPayload): BatchEvent => ({
  id: row.id,
  payload: read(row.payload),
  deviceId: row.device_id,
  deviceSeq: Number(row.device_seq),
  revSeen: Number(row.rev_seen),
  atMs: Number(row.at_ms),
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
    .select(...EVENT, atMs(knex), "rev");
  const read = reader();
  return rows
    .map((row) => ({ event: eventFromRow(row, read), rev: Number(row.rev) }))
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
    .select(...EVENT, atMs(knex), "batch_id", "person_id", "device_clock");
  const found = new Map<string, (BatchEvent & { personId: string | null; deviceClockMs: number })[]>();
  const read = reader();
  for (const row of rows) {
    const own = found.get(row.batch_id) ?? [];
    if (own.length === 0) found.set(row.batch_id, own);
    own.push({ ...eventFromRow(row, read), personId: row.person_id, deviceClockMs: row.device_clock.getTime() });
  }
  return found;
}

/** Batches in which something of a kind ever happened. */
export const eventsOfKind = (householdId: string, kind: EventKindId): Promise<string[]> =>
  database()("batch_event").where({ household_id: householdId, kind }).distinct("batch_id").pluck("batch_id");

/** Which of these batches were ever put anywhere, or dabbed on a palm. */
export const restedBatches = (householdId: string, batchIds: readonly string[]): Promise<string[]> =>
  database()("batch_event")
    .where({ household_id: householdId })
    .whereIn("kind", ["moved", "dabbed", "gauged"])
    .whereIn("batch_id", [...batchIds])
    .distinct("batch_id")
    .pluck("batch_id");

/** What was added to a batch in another house and came in a file. */
export const importedAdditions = ({ trx, householdId }: Write, batchId: string): Promise<string[]> =>
  trx("batch_event").where({ household_id: householdId, batch_id: batchId, kind: "added", imported: true }).pluck("id");
