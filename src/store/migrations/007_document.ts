import type { Knex } from "knex";
import { thingsOf, type Blend } from "@/core/paste";
import { COLLATION, id } from "./columns";

/** A version of a blend as it stood in columns until now. */
interface VersionRow {
  id: string;
  household_id: string;
  purpose: Blend["purpose"];
  roots_months: number | null;
  roots_share: number | null;
  liquid_material_id: string;
  liquid_jar_id: string | null;
  liquid_temp_c: number;
  liquid_ml: number | null;
  liquid_with: string | null;
  choices: string | null;
  target_word: string | null;
  target_pa: number | null;
  kitchen_temp_c: number;
  rest_min: number | null;
  sizing: Blend["sizing"];
}
interface LineRow {
  version_id: string;
  material_id: string;
  jar_id: string | null;
  role: Blend["lines"][number]["role"];
  amount: number;
  unit: Blend["lines"][number]["unit"];
  fill: Blend["lines"][number]["fill"];
}

const fromColumns = (row: VersionRow, lines: readonly LineRow[]): Blend => ({
  purpose: row.purpose,
  ...(row.roots_months !== null && row.roots_share !== null
    ? { roots: { months: row.roots_months, share: row.roots_share } }
    : {}),
  lines: lines.map(({ material_id, jar_id, role, amount, unit, fill }) => ({
    materialId: material_id,
    ...(jar_id === null ? {} : { jarId: jar_id }),
    role,
    amount,
    unit,
    fill,
  })),
  liquid: {
    materialId: row.liquid_material_id,
    ...(row.liquid_jar_id === null ? {} : { jarId: row.liquid_jar_id }),
    tempC: row.liquid_temp_c,
    ...(row.liquid_ml !== null ? { amountMl: row.liquid_ml } : {}),
    ...(row.liquid_with !== null ? { with: JSON.parse(row.liquid_with) } : {}),
  },
  target: row.target_word !== null ? { word: row.target_word as "cream" } : { yieldPa: row.target_pa! },
  kitchenTempC: row.kitchen_temp_c,
  ...(row.rest_min !== null ? { restMin: row.rest_min } : {}),
  sizing: row.sizing,
  ...(row.choices !== null ? { choices: JSON.parse(row.choices) } : {}),
});

/**
 * A version of a blend is one document, with the materials in it beside it to be found by. The columns stay, unread.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("blend_version", (table) => {
    table.json("blend");
  });
  // The columns of before are not written any more.
  for (const column of ["purpose", "liquid_material_id", "sizing"])
    await knex.raw(`ALTER TABLE blend_version ALTER COLUMN ${column} SET DEFAULT ''`);
  for (const column of ["liquid_temp_c", "kitchen_temp_c"])
    await knex.raw(`ALTER TABLE blend_version ALTER COLUMN ${column} SET DEFAULT 0`);
  await knex.schema.createTable("blend_material", (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    id(table, "household_id").notNullable();
    id(table, "version_id").notNullable();
    table.specificType("material_id", "VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin").notNullable();
    table.primary(["version_id", "material_id"]);
    table.index(["household_id", "material_id"]);
    table.foreign(["household_id", "version_id"]).references(["household_id", "id"]).inTable("blend_version");
  });
  for (let after = ""; ;) {
    const rows: VersionRow[] = await knex("blend_version").where("id", ">", after).orderBy("id").limit(200);
    if (rows.length === 0) return;
    after = rows.at(-1)!.id;
    const lines: LineRow[] = await knex("blend_line")
      .whereIn(
        "version_id",
        rows.map((row) => row.id),
      )
      .orderBy("position");
    for (const row of rows) {
      const blend = fromColumns(
        row,
        lines.filter((line) => line.version_id === row.id),
      );
      await knex("blend_version")
        .where({ id: row.id })
        .update({ blend: JSON.stringify(blend) });
      await knex("blend_material").insert(
        [...new Set(thingsOf(blend).map(({ materialId }) => materialId))].map((material_id) => ({
          household_id: row.household_id,
          version_id: row.id,
          material_id,
        })),
      );
    }
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
