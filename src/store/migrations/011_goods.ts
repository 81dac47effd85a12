import type { Knex } from "knex";

/** Ids that stood for two goods until this release told them apart. */
const SPLIT = [
  "bentonite",
  "psyllium-husk",
  "sage-leaf",
  "cassia",
  "kelp",
  "nagarmotha",
  "peppermint-leaf",
  "cinnamon",
  "mustard-seed",
  "cedarwood-essential-oil",
  "red-clay",
];

/** A jar of such an id is asked once which of the two it is. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("jar", (table) => {
    table.boolean("unsure").notNullable().defaultTo(false);
  });
  await knex("jar").whereIn("material_id", SPLIT).update({ unsure: true });
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
