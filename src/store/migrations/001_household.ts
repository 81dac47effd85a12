import type { Knex } from "knex";
import { COLLATION, id, momentColumn, owned, within } from "./columns";

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable("household", (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    id(table, "id").notNullable().primary();
    table.string("name", 120).notNullable();
    table.bigInteger("rev").notNullable().defaultTo(0);
    momentColumn(table, "created_at").notNullable();
  });
  await knex.schema.createTable("setting", (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    id(table, "household_id").notNullable().references("household.id");
    table.string("name", 60).notNullable();
    table.json("value").notNullable();
    table.bigInteger("rev").notNullable();
    table.primary(["household_id", "name"]);
  });
  await owned(knex, "person", (table) => {
    table.string("name", 120).notNullable();
    momentColumn(table, "erased_at");
  });
  await owned(knex, "device", (table) => {
    id(table, "person_id");
    table.string("name", 120).notNullable();
    momentColumn(table, "last_seen_at").notNullable();
    within(table, "person_id", "person");
  });
  await owned(knex, "head", (table) => {
    id(table, "person_id");
    table.string("name", 120).notNullable();
    table.json("hair").notNullable();
    momentColumn(table, "removed_at");
    within(table, "person_id", "person");
  });
  await owned(knex, "blend", (table) => {
    table.string("name", 120).notNullable();
    id(table, "current_version_id");
    momentColumn(table, "removed_at");
  });
  await owned(knex, "blend_version", (table) => {
    id(table, "blend_id").notNullable();
    table.integer("number").notNullable();
    id(table, "head_id");
    table.string("purpose", 30).notNullable();
    table.double("roots_months");
    table.double("roots_share");
    table.string("liquid_material_id", 60).notNullable();
    table.double("liquid_temp_c").notNullable();
    table.double("liquid_ml");
    table.string("target_word", 30);
    table.double("target_pa");
    table.double("kitchen_temp_c").notNullable();
    table.integer("rest_min");
    table.string("sizing", 20).notNullable();
    id(table, "device_id");
    table.unique(["blend_id", "number"]);
    within(table, "blend_id", "blend");
    within(table, "head_id", "head");
    within(table, "device_id", "device");
  });
  await knex.schema.alterTable("blend", (table) => within(table, "current_version_id", "blend_version"));
  await knex.schema.createTable("blend_line", (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    id(table, "household_id").notNullable();
    id(table, "version_id").notNullable();
    table.integer("position").notNullable();
    table.string("material_id", 60).notNullable();
    table.string("role", 10).notNullable();
    table.double("amount").notNullable();
    table.string("unit", 10).notNullable();
    table.string("fill", 10).notNullable();
    table.primary(["version_id", "position"]);
    table.index(["household_id", "material_id"]);
    table.foreign(["household_id", "version_id"]).references(["household_id", "id"]).inTable("blend_version");
  });
  await owned(knex, "batch", (table) => {
    id(table, "version_id");
    id(table, "head_id");
    table.string("blend_name", 120).notNullable();
    table.string("head_name", 120).notNullable();
    table.json("question").notNullable();
    table.json("answer").notNullable();
    table.json("figures").notNullable();
    table.integer("model").notNullable();
    momentColumn(table, "starts_at").notNullable();
    // From here on a projection of the batch's events, written in their transaction.
    table.double("poured_ml").notNullable().defaultTo(0);
    momentColumn(table, "mixed_at");
    momentColumn(table, "on_head_at");
    momentColumn(table, "rinsed_at");
    momentColumn(table, "closed_at");
    table.integer("soft");
    table.integer("slip");
    table.integer("grit");
    table.integer("shine");
    table.string("again", 10);
    table.text("note");
    table.index(["household_id", "starts_at", "id"]);
    table.index(["household_id", "closed_at"]);
    within(table, "version_id", "blend_version");
    within(table, "head_id", "head");
  });
  await owned(knex, "batch_event", (table) => {
    id(table, "batch_id").notNullable();
    table.integer("version").notNullable();
    table.string("kind", 20).notNullable();
    table.json("payload").notNullable();
    id(table, "person_id");
    id(table, "device_id").notNullable();
    table.bigInteger("device_seq").notNullable();
    table.bigInteger("rev_seen").notNullable();
    momentColumn(table, "device_clock").notNullable();
    table.index(["batch_id", "rev_seen", "device_id", "device_seq"]);
    within(table, "batch_id", "batch");
    within(table, "person_id", "person");
    within(table, "device_id", "device");
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
