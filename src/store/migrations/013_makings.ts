import type { Knex } from "knex";
import { id, momentColumn, owned, within } from "./columns";

/** Makings that are followed step by step, each with its plan, the figures it was begun with, and what happened. */
export async function up(knex: Knex): Promise<void> {
  await owned(knex, "making", (table) => {
    table.string("name", 120).notNullable();
    table.json("question").notNullable();
    table.json("figures").notNullable();
    table.json("made").notNullable();
    table.json("events").notNullable();
    momentColumn(table, "starts_at").notNullable();
    momentColumn(table, "closed_at");
    momentColumn(table, "removed_at");
    id(table, "jar_id");
    id(table, "import_id");
    within(table, "jar_id", "jar");
    within(table, "import_id", "import");
    table.index(["household_id", "rev"]);
    table.index(["household_id", "starts_at"]);
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
