import type { Knex } from "knex";
import { inOrder } from "@/core/happening";
import type { MakingEvent, MakingPlan, MakingState } from "@/core/making";
import { database } from "./connection";
import type { Write } from "./transaction";

/** An event with who tapped it, and when by the device's own clock. */
export interface KeptEvent extends MakingEvent {
  readonly deviceClockMs: number;
  readonly personId: string | null;
}
/** A making that is followed, or was. */
export interface StoredMaking extends MakingPlan {
  readonly id: string;
  readonly rev: number;
  readonly name: string;
  readonly createdMs: number;
  /** Since when it is closed: put up, or given up. */
  readonly closedMs?: number;
  /** What came of it. */
  readonly jarId?: string;
  readonly events: readonly KeptEvent[];
}

interface Row {
  id: string;
  rev: number | string;
  name: string;
  created_at: Date;
  question: string;
  figures: string;
  made: string;
  events: string;
  starts_at: Date;
  closed_at: Date | null;
  jar_id: string | null;
}
const COLUMNS = [
  "id",
  "rev",
  "name",
  "created_at",
  "question",
  "figures",
  "made",
  "events",
  "starts_at",
  "closed_at",
  "jar_id",
] as const;

const fromRow = (row: Row): StoredMaking => ({
  id: row.id,
  rev: Number(row.rev),
  name: row.name,
  createdMs: row.created_at.getTime(),
  question: JSON.parse(row.question),
  figures: JSON.parse(row.figures),
  made: JSON.parse(row.made),
  events: (JSON.parse(row.events) as KeptEvent[]).sort(inOrder),
  startsAtMs: row.starts_at.getTime(),
  ...(row.closed_at === null ? {} : { closedMs: row.closed_at.getTime() }),
  ...(row.jar_id === null ? {} : { jarId: row.jar_id }),
});

export type NewMaking = MakingPlan & {
  readonly id: string;
  readonly name: string;
  readonly createdAt?: Date;
  readonly importId?: string;
};

export async function insertMaking({ trx, householdId, rev }: Write, making: NewMaking): Promise<void> {
  await trx("making").insert({
    id: making.id,
    household_id: householdId,
    rev,
    created_at: making.createdAt ?? new Date(),
    name: making.name,
    question: JSON.stringify(making.question),
    figures: JSON.stringify(making.figures),
    made: JSON.stringify(making.made),
    events: "[]",
    starts_at: new Date(making.startsAtMs),
    import_id: making.importId ?? null,
  });
}

export async function makingOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("making").where({ id }).first("household_id"))?.household_id;
}

const of = (householdId: string, knex: Knex) =>
  knex("making").where({ household_id: householdId }).whereNull("removed_at");

export async function findMaking(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<StoredMaking | undefined> {
  const row: Row | undefined = await of(householdId, knex)
    .andWhere({ id })
    .first(...COLUMNS);
  return row && fromRow(row);
}

/** Begun and not closed. */
export async function openMakings(householdId: string): Promise<StoredMaking[]> {
  const rows: Row[] = await of(householdId, database())
    .whereNull("closed_at")
    .orderBy("starts_at")
    .limit(50)
    .select(...COLUMNS);
  return rows.map(fromRow);
}

/** Every making, newest first; for lists at most so many. */
export async function listMakings(
  householdId: string,
  knex: Knex = database(),
  limit?: number,
): Promise<StoredMaking[]> {
  const query = of(householdId, knex).orderBy([{ column: "starts_at", order: "desc" }, { column: "id" }]);
  if (limit !== undefined) query.limit(limit);
  const rows: Row[] = await query.select(...COLUMNS);
  return rows.map(fromRow);
}

/** Writes what happened to a making; its plan and its figures are never written over. */
export async function writeMakingEvents(
  { trx, householdId, rev }: Write,
  id: string,
  events: readonly KeptEvent[],
  { closedMs }: Pick<MakingState, "closedMs">,
): Promise<void> {
  await trx("making")
    .where({ household_id: householdId, id })
    .update({
      events: JSON.stringify(events),
      closed_at: closedMs === undefined ? null : new Date(closedMs),
      rev,
    });
}

/** Says which jar came of a making; false where another one did already. */
export async function setMakingJar(
  { trx, householdId, rev }: Write,
  id: string,
  jarId: string,
  at = new Date(),
): Promise<boolean> {
  return (
    (await trx("making")
      .where({ household_id: householdId, id })
      .whereNull("jar_id")
      .update({ jar_id: jarId, closed_at: trx.raw("COALESCE(closed_at, ?)", [at]), rev })) === 1
  );
}

/** Blanks what a person noted on makings. */
export async function blankMakingNotes(write: Write, personId: string): Promise<void> {
  for (const { id, events, closedMs } of await listMakings(write.householdId, write.trx)) {
    const theirs = (one: KeptEvent) => one.personId === personId && one.payload.kind === "noted";
    if (events.some(theirs))
      await writeMakingEvents(
        write,
        id,
        events.map((one) => (theirs(one) ? { ...one, payload: { kind: "noted", text: "" } } : one)),
        { ...(closedMs === undefined ? {} : { closedMs }) },
      );
  }
}
