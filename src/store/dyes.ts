import type { Knex } from "knex";
import { v7 as uuid } from "uuid";
import type { KnownOfDye } from "@/core/material";
import { database } from "./connection";
import type { Write } from "./transaction";

/** What one bowl's dabs say of the jar of its dye. */
export interface KnownDye {
  readonly jarId: string;
  readonly known: KnownOfDye;
}

/** Takes the place of what this bowl said before. */
export async function writeKnownDye(
  { trx, householdId, rev }: Write,
  batchId: string,
  said: KnownDye | undefined,
): Promise<void> {
  await trx("known_dye").where({ household_id: householdId, batch_id: batchId }).delete();
  if (!said || !(await trx("jar").where({ household_id: householdId, id: said.jarId }).first("id"))) return;
  await trx("known_dye").insert({
    id: uuid(),
    household_id: householdId,
    rev,
    created_at: new Date(),
    batch_id: batchId,
    jar_id: said.jarId,
    known: JSON.stringify(said.known),
  });
}

/** What every bowl of the house that is in the book said of a jar of dye. */
export async function listKnownDyes(householdId: string, knex: Knex = database()): Promise<KnownDye[]> {
  const rows: { jar_id: string; known: string }[] = await knex("known_dye as k")
    .join("batch as b", "b.id", "k.batch_id")
    .where("k.household_id", householdId)
    .whereNull("b.removed_at")
    .orderBy("k.created_at")
    .select("k.jar_id", "k.known");
  return rows.map(({ jar_id, known }) => ({ jarId: jar_id, known: JSON.parse(known) }));
}
