import type { Knex } from "knex";
import { id, momentColumn, owned, within } from "./columns";

/**
 * A second liquid and a maker's own choices with a blend; readings on ring and plate, and what each says of the jars.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("blend_version", (table) => {
    table.json("liquid_with");
    table.json("choices");
  });
  await owned(knex, "reading", (table) => {
    // A test of a bowl carries the id of the event that told it; a powder tested by itself names its jar.
    id(table, "batch_id");
    id(table, "jar_id");
    momentColumn(table, "taken_at").notNullable();
    table.json("test").notNullable();
    table.json("judged").notNullable();
    momentColumn(table, "withdrawn_at");
    table.index(["household_id", "taken_at"]);
    table.index(["household_id", "batch_id"]);
    within(table, "batch_id", "batch");
    within(table, "jar_id", "jar");
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
