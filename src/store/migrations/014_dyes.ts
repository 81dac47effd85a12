import type { Knex } from "knex";
import { id, owned, within } from "./columns";

/** What the dabs of a bowl say of the jar its dye came from; worked out from its events. */
export async function up(knex: Knex): Promise<void> {
  await owned(knex, "known_dye", (table) => {
    id(table, "batch_id").notNullable();
    id(table, "jar_id").notNullable();
    table.json("known").notNullable();
    within(table, "batch_id", "batch");
    within(table, "jar_id", "jar");
    table.index(["household_id", "batch_id"]);
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
