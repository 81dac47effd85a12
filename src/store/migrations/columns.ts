import type { Knex } from "knex";

export const COLLATION = "utf8mb4_uca1400_ai_ci";

/** Ids are lower-case UUIDs made by the client, so that a repeated write is the same write; hashes are as plain. */
export const id = (table: Knex.CreateTableBuilder, name: string, length = 36) =>
  table.specificType(name, `CHAR(${length}) CHARACTER SET ascii COLLATE ascii_bin`);
export const momentColumn = (table: Knex.CreateTableBuilder, name: string) => table.specificType(name, "DATETIME(3)");

/** A table of a household's rows: its id, its household, the rev that wrote it, and a pair that others refer to. */
export async function owned(
  knex: Knex,
  name: string,
  columns: (table: Knex.CreateTableBuilder) => void,
): Promise<void> {
  await knex.schema.createTable(name, (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    id(table, "id").notNullable().primary();
    id(table, "household_id").notNullable().references("household.id");
    table.bigInteger("rev").notNullable();
    momentColumn(table, "created_at").notNullable();
    columns(table);
    table.unique(["household_id", "id"]);
  });
}

/** A reference that cannot leave the household. */
export const within = (table: Knex.CreateTableBuilder, column: string, target: string) => {
  table.foreign(["household_id", column]).references(["household_id", "id"]).inTable(target);
};
