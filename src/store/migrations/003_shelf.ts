import type { Knex } from "knex";
import { id, owned, within } from "./columns";

/** The shelf: things of the household's own, jars, what was weighed of them, and the ledger of what went in and out. */
export async function up(knex: Knex): Promise<void> {
  const day = (table: Knex.CreateTableBuilder, name: string) => id(table, name, 10);
  await owned(knex, "own_thing", (table) => {
    table.string("material_id", 60).notNullable();
    table.string("name", 120).notNullable();
    table.json("definition").notNullable();
    table.specificType("removed_at", "DATETIME(3)");
    id(table, "import_id");
    table.unique(["household_id", "material_id"]);
    table.index(["household_id", "rev"]);
    within(table, "import_id", "import");
  });
  await owned(knex, "jar", (table) => {
    table.string("material_id", 60).notNullable();
    table.string("name", 120).notNullable();
    table.string("lot", 60);
    day(table, "bought_on");
    day(table, "opened_on");
    day(table, "best_before");
    table.double("full_g").notNullable();
    table.double("price");
    table.string("place", 60);
    table.boolean("made_here").notNullable().defaultTo(false);
    // The rev of the last edit by hand; drawing on a jar is no edit.
    table.bigInteger("edited_rev").notNullable().defaultTo(0);
    // A projection of the ledger, written in its transaction.
    table.double("left_g").notNullable().defaultTo(0);
    table.specificType("removed_at", "DATETIME(3)");
    id(table, "import_id");
    table.index(["household_id", "material_id"]);
    table.index(["household_id", "rev"]);
    within(table, "import_id", "import");
  });
  await owned(knex, "jar_weighing", (table) => {
    id(table, "jar_id").notNullable();
    table.double("count").notNullable();
    table.string("unit", 10).notNullable();
    table.double("mass_g").notNullable();
    table.specificType("withdrawn_at", "DATETIME(3)");
    table.index(["household_id", "jar_id"]);
    within(table, "jar_id", "jar");
  });
  await owned(knex, "stock_move", (table) => {
    id(table, "jar_id").notNullable();
    table.string("kind", 10).notNullable();
    table.double("mass_g").notNullable();
    id(table, "batch_id");
    id(table, "event_id");
    table.string("slot", 20).notNullable().defaultTo("");
    id(table, "into_jar_id");
    table.unique(["household_id", "event_id", "slot"]);
    table.index(["household_id", "jar_id", "created_at"]);
    table.index(["household_id", "batch_id"]);
    within(table, "jar_id", "jar");
    within(table, "into_jar_id", "jar");
    within(table, "batch_id", "batch");
  });
  await knex.schema.alterTable("blend_line", (table) => {
    id(table, "jar_id");
  });
  await knex.schema.alterTable("blend_version", (table) => {
    id(table, "liquid_jar_id");
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
