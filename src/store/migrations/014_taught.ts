import type { Knex } from "knex";
import { id, owned, within } from "./columns";

/** What a bowl taught, worked out from its events: its dabs of the jar its dye came from, its rest of its head. */
export async function up(knex: Knex): Promise<void> {
  await owned(knex, "known_dye", (table) => {
    id(table, "batch_id").notNullable();
    id(table, "jar_id").notNullable();
    table.json("known").notNullable();
    within(table, "batch_id", "batch");
    within(table, "jar_id", "jar");
    table.index(["household_id", "batch_id"]);
  });
  await owned(knex, "head_session", (table) => {
    id(table, "batch_id").notNullable();
    id(table, "head_id").notNullable();
    table.json("session").notNullable();
    within(table, "batch_id", "batch");
    within(table, "head_id", "head");
    table.index(["household_id", "batch_id"]);
    table.index(["household_id", "head_id"]);
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
