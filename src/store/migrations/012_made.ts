import type { Knex } from "knex";

/** A jar keeps how its content was made here, with the figures that were computed then. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("jar", (table) => {
    table.json("made");
  });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
