import { v7 as uuid } from "uuid";
import type { LedgerRow } from "@/core/stock";
import { database } from "./connection";
import type { Write } from "./transaction";

/** Why a jar's weight moved. */
export const MOVE_KINDS = ["came", "weighed", "drawn", "premix"] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

export interface StockMove {
  readonly id: string;
  readonly kind: MoveKind;
  /** Into the jar above zero, out of it below. */
  readonly massG: number;
  readonly atMs: number;
  readonly batch?: { readonly id: string; readonly name: string };
  readonly intoJar?: { readonly id: string; readonly name: string };
}

interface NewMove {
  readonly id?: string;
  readonly jarId: string;
  readonly kind: MoveKind;
  readonly massG: number;
  readonly intoJarId?: string;
  readonly createdAt?: Date;
}

/**
 * What the ledger leaves in each of these jars, into the column that lists read; a bowl that was taken out of the book
 * drew nothing.
 */
async function sumJars({ trx, householdId, rev }: Write, jarIds: readonly string[]): Promise<void> {
  if (jarIds.length === 0) return;
  await trx("jar")
    .where({ household_id: householdId })
    .whereIn("id", [...jarIds])
    .update({
      left_g: trx.raw(
        "(SELECT COALESCE(SUM(m.mass_g), 0) FROM stock_move m LEFT JOIN batch b ON b.id = m.batch_id WHERE" +
          " m.household_id = jar.household_id AND m.jar_id = jar.id AND b.removed_at IS NULL)",
      ),
      rev,
    });
}

/**
 * Adds moves to the ledger; one with an id that is there already adds nothing. False where such an id is another jar's.
 */
export async function insertMoves(write: Write, moves: readonly NewMove[]): Promise<boolean> {
  const { trx, householdId, rev } = write;
  const there: { id: string; jar_id: string }[] = await trx("stock_move")
    .whereIn(
      "id",
      moves.flatMap(({ id }) => id ?? []),
    )
    .select("id", "jar_id");
  const known = new Map(there.map((row) => [row.id, row.jar_id]));
  if (moves.some(({ id, jarId }) => id !== undefined && known.has(id) && known.get(id) !== jarId)) return false;
  const fresh = moves.filter(({ id }) => id === undefined || !known.has(id));
  if (fresh.length === 0) return true;
  await trx("stock_move").insert(
    fresh.map(({ id, jarId, kind, massG, intoJarId, createdAt }) => ({
      id: id ?? uuid(),
      household_id: householdId,
      rev,
      created_at: createdAt ?? new Date(),
      jar_id: jarId,
      kind,
      mass_g: massG,
      into_jar_id: intoJarId ?? null,
    })),
  );
  await sumJars(write, [...new Set(fresh.map(({ jarId }) => jarId))]);
  return true;
}

/** What the jars that a bowl draws on have left, after it was taken out of the book or put back. */
export async function sumJarsOf(write: Write, batchIds: readonly string[]): Promise<void> {
  const { trx, householdId } = write;
  if (batchIds.length > 0)
    await sumJars(
      write,
      await trx("stock_move")
        .where({ household_id: householdId })
        .whereIn("batch_id", [...batchIds])
        .distinct("jar_id")
        .pluck("jar_id"),
    );
}

/** What the ledger says a bowl took. */
export async function ledgerOf(
  { trx, householdId }: Write,
  batchId: string,
): Promise<(LedgerRow & { readonly id: string })[]> {
  const rows: { id: string; jar_id: string; event_id: string; slot: string; mass_g: number }[] = await trx("stock_move")
    .where({ household_id: householdId, batch_id: batchId })
    .select("id", "jar_id", "event_id", "slot", "mass_g");
  return rows.map(({ id, jar_id, event_id, slot, mass_g }) => ({
    id,
    jarId: jar_id,
    eventId: event_id,
    slot,
    massG: -mass_g,
  }));
}

/** Writes what a bowl took into the ledger; from a jar that is not here nothing is taken. */
export async function changeLedger(
  write: Write,
  batchId: string,
  gone: readonly { readonly id: string; readonly jarId: string }[],
  fresh: readonly (LedgerRow & { readonly at: Date })[],
): Promise<void> {
  const { trx, householdId, rev } = write;
  if (gone.length > 0)
    await trx("stock_move")
      .where({ household_id: householdId })
      .whereIn(
        "id",
        gone.map(({ id }) => id),
      )
      .del();
  const here = new Set<string>(
    fresh.length === 0
      ? []
      : await trx("jar")
          .where({ household_id: householdId })
          .whereIn(
            "id",
            fresh.map(({ jarId }) => jarId),
          )
          .pluck("id"),
  );
  const rows = fresh.filter(({ jarId }) => here.has(jarId));
  if (rows.length > 0)
    await trx("stock_move").insert(
      rows.map(({ jarId, massG, eventId, slot, at }) => ({
        id: uuid(),
        household_id: householdId,
        rev,
        created_at: at,
        jar_id: jarId,
        kind: "drawn",
        mass_g: -massG,
        batch_id: batchId,
        event_id: eventId,
        slot,
      })),
    );
  await sumJars(write, [...new Set([...gone, ...rows].map(({ jarId }) => jarId))]);
}

/** A jar's ledger, newest first. */
export async function movesOfJar(householdId: string, jarId: string, limit = 200): Promise<StockMove[]> {
  const rows: {
    id: string;
    kind: MoveKind;
    mass_g: number;
    created_at: Date;
    batch_id: string | null;
    blend_name: string | null;
    head_name: string | null;
    into_jar_id: string | null;
    into_name: string | null;
  }[] = await database()("stock_move as m")
    .leftJoin("batch as b", "b.id", "m.batch_id")
    .leftJoin("jar as j", "j.id", "m.into_jar_id")
    .where("m.household_id", householdId)
    .andWhere("m.jar_id", jarId)
    .whereNull("b.removed_at")
    .orderBy([
      { column: "m.created_at", order: "desc" },
      { column: "m.id", order: "desc" },
    ])
    .limit(limit)
    .select(
      "m.id",
      "m.kind",
      "m.mass_g",
      "m.created_at",
      "m.batch_id",
      "b.blend_name",
      "b.head_name",
      "m.into_jar_id",
      "j.name as into_name",
    );
  return rows.map((row) => ({
    id: row.id,
    kind: row.kind,
    massG: row.mass_g,
    atMs: row.created_at.getTime(),
    ...(row.batch_id === null ? {} : { batch: { id: row.batch_id, name: `${row.blend_name} on ${row.head_name}` } }),
    ...(row.into_jar_id === null ? {} : { intoJar: { id: row.into_jar_id, name: row.into_name ?? "" } }),
  }));
}
