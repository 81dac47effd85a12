import type { Knex } from "knex";
import { COLLATION, id, momentColumn, within } from "./columns";

/**
 * What a hard day asked for: tries by address, the owner's code, imports that are one step in every table, ids compared
 * as they are written.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("door_try", (table) => {
    table.specificType("address", "VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL DEFAULT ''");
  });
  await knex.schema.alterTable("pairing", (table) => {
    // Made at the machine itself: whoever comes in by it may set a new password.
    table.boolean("owner").notNullable().defaultTo(false);
  });
  await knex.schema.alterTable("device", (table) => {
    momentColumn(table, "resets_until");
  });
  await knex.schema.alterTable("person", (table) => {
    momentColumn(table, "removed_at");
    id(table, "import_id");
    within(table, "import_id", "import");
  });
  // What was tapped in another house drew on no jar of this one that it does not name.
  await knex.schema.alterTable("batch_event", (table) => {
    table.boolean("imported").notNullable().defaultTo(false);
  });
  await knex.raw(
    "UPDATE batch_event e JOIN batch b ON b.id = e.batch_id JOIN import i ON i.id = b.import_id SET e.imported =" +
      " TRUE WHERE e.rev = i.rev",
  );
  // Ids of things are the same only when they are written the same; their index and every check agree on that.
  for (const [table, column] of [
    ["own_thing", "material_id"],
    ["jar", "material_id"],
    ["blend_line", "material_id"],
    ["blend_version", "liquid_material_id"],
  ]) {
    await knex.raw(
      `ALTER TABLE ${table} MODIFY ${column} VARCHAR(60) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL`,
    );
  }
  await knex.raw(`ALTER TABLE batch MODIFY note MEDIUMTEXT CHARACTER SET utf8mb4 COLLATE ${COLLATION} NULL`);
  await mendNames(knex);
  await mendRevs(knex);
}

/** Names of blanks only were let in once, and are refused by every file that comes in. */
async function mendNames(knex: Knex): Promise<void> {
  for (const [table, column] of [
    ["head", "name"],
    ["person", "name"],
    ["device", "name"],
    ["blend", "name"],
    ["jar", "name"],
    ["batch", "blend_name"],
    ["batch", "head_name"],
  ]) {
    await knex(table)
      .whereRaw(`TRIM(${column}) = ''`)
      .update({ [column]: "without a name" });
  }
}

/** No household writes so often: a rev above this came out of a file. */
const BEYOND = 2 ** 40;
const REVS = [
  "setting",
  "person",
  "device",
  "head",
  "blend",
  "blend_version",
  "batch",
  "batch_event",
  "pairing",
  "import",
  "own_thing",
  "jar",
  "jar_weighing",
  "stock_move",
  "reading",
] as const;

/**
 * A file could raise a household's rev to where numbers end, and nothing could be saved any more. What stands beyond
 * is brought back to just above the highest rev that the household came to by itself, in the same order.
 */
async function mendRevs(knex: Knex): Promise<void> {
  const columns: (readonly [table: string, column: string])[] = [
    ...REVS.map((table) => [table, "rev"] as const),
    ["jar", "edited_rev"],
    ["batch_event", "rev_seen"],
  ];
  const hit = new Set<string>(await knex("household").where("rev", ">", BEYOND).pluck("id"));
  for (const [table, column] of columns)
    for (const one of await knex(table).where(column, ">", BEYOND).distinct("household_id").pluck("household_id"))
      hit.add(one);
  for (const householdId of hit) {
    const beyond = new Set<string>();
    let highest = 0;
    for (const [table, column] of columns) {
      const rows: { value: string | number }[] = await knex(table)
        .where({ household_id: householdId })
        .andWhere(column, ">", BEYOND)
        .distinct({ value: column });
      for (const { value } of rows) beyond.add(String(value));
      const top = await knex(table)
        .where({ household_id: householdId })
        .andWhere(column, "<=", BEYOND)
        .max({ value: column })
        .first();
      highest = Math.max(highest, Number(top?.value ?? 0));
    }
    const { rev } = await knex("household").where({ id: householdId }).first("rev");
    if (Number(rev) <= BEYOND) highest = Math.max(highest, Number(rev));
    const order = [...beyond].map(BigInt).sort((a, b) => (a < b ? -1 : a > b ? 1 : 0));
    for (const [i, old] of order.entries()) {
      for (const [table, column] of columns)
        await knex(table)
          .where({ household_id: householdId })
          .andWhere(column, old.toString())
          .update({ [column]: highest + i + 1 });
    }
    await knex("household")
      .where({ id: householdId })
      .update({ rev: highest + order.length + 1 });
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
