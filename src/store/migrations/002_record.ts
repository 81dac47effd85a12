import type { Knex } from "knex";
import { foldBatch, summaryOf, termsOf, type BatchEvent } from "@/core/batch";
import { COLLATION, id, momentColumn, owned, within } from "./columns";

/**
 * What the record needs: who may come in, when things really happened, what the log is searched by, imports that can be
 * undone.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("household", (table) => {
    table.string("password_hash", 255);
  });
  await knex.schema.createTable("door_try", (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    table.bigIncrements("id");
    id(table, "household_id").notNullable().references("household.id");
    momentColumn(table, "at").notNullable();
    table.index(["household_id", "at"]);
  });
  await knex.schema.alterTable("device", (table) => {
    id(table, "token_hash", 64);
    momentColumn(table, "sent_away_at");
    table.unique(["token_hash"]);
    table.index(["household_id", "rev"]);
  });
  await owned(knex, "pairing", (table) => {
    id(table, "code_hash", 64).notNullable().unique();
    id(table, "person_id");
    momentColumn(table, "expires_at").notNullable();
    momentColumn(table, "used_at");
    within(table, "person_id", "person");
  });
  await owned(knex, "import", (table) => {
    table.string("name", 200).notNullable();
    table.json("adds").notNullable();
    momentColumn(table, "undone_at");
    table.index(["household_id", "rev"]);
  });
  for (const name of ["head", "blend", "batch"]) {
    await knex.schema.alterTable(name, (table) => {
      id(table, "import_id");
      table.index(["household_id", "rev"]);
      within(table, "import_id", "import");
    });
  }
  await knex.schema.alterTable("batch_event", (table) => {
    momentColumn(table, "happened_at");
  });
  await knex("batch_event").update({ happened_at: knex.ref("created_at") });
  await knex.raw("ALTER TABLE batch_event MODIFY happened_at DATETIME(3) NOT NULL");
  await knex.schema.alterTable("batch", (table) => {
    id(table, "blend_id");
    table.json("summary");
    momentColumn(table, "removed_at");
    table.string("place", 10);
    within(table, "blend_id", "blend");
    table.index(["household_id", "head_id", "starts_at", "id"]);
  });
  await knex.schema.createTable("batch_term", (table) => {
    table.charset("utf8mb4");
    table.collate(COLLATION);
    id(table, "household_id").notNullable();
    table.specificType("term", "VARCHAR(80) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin").notNullable();
    momentColumn(table, "starts_at").notNullable();
    id(table, "batch_id").notNullable();
    table.primary(["household_id", "term", "starts_at", "batch_id"]);
    table.index(["household_id", "batch_id"]);
    table.foreign(["household_id", "batch_id"]).references(["household_id", "id"]).inTable("batch");
  });
  await knex.raw("UPDATE batch b JOIN blend_version v ON v.id = b.version_id SET b.blend_id = v.blend_id");
  await fillBatches(knex);
  await knex.raw("ALTER TABLE batch MODIFY summary JSON NOT NULL");
  // Everybody whose head is kept is a person of the house.
  await knex.raw(
    "INSERT INTO person (id, household_id, rev, created_at, name) SELECT UUID(), h.household_id, h.rev," +
      " h.created_at, h.name FROM head h",
  );
  await knex.raw(
    "UPDATE head h JOIN person p ON p.household_id = h.household_id AND p.name = h.name AND p.created_at =" +
      " h.created_at AND p.rev = h.rev SET h.person_id = p.id WHERE h.person_id IS NULL",
  );
}

/** Summary and terms of every batch that was there before. */
async function fillBatches(knex: Knex): Promise<void> {
  for (let after = ""; ;) {
    const rows = await knex("batch").where("id", ">", after).orderBy("id").limit(200);
    if (rows.length === 0) return;
    after = rows.at(-1).id;
    for (const row of rows) {
      const events: {
        id: string;
        payload: string;
        device_id: string;
        device_seq: string;
        rev_seen: string;
        created_at: Date;
      }[] = await knex("batch_event").where({ batch_id: row.id });
      const state = foldBatch(
        events.map((e): BatchEvent => ({
          id: e.id,
          payload: JSON.parse(e.payload),
          deviceId: e.device_id,
          deviceSeq: Number(e.device_seq),
          revSeen: Number(e.rev_seen),
          atMs: e.created_at.getTime(),
        })),
      );
      const summary = summaryOf(JSON.parse(row.question), JSON.parse(row.answer));
      await knex("batch")
        .where({ id: row.id })
        .update({ summary: JSON.stringify(summary) });
      const foundBy = {
        headId: row.head_id,
        blendId: row.blend_id,
        blendName: row.blend_name,
        headName: row.head_name,
        summary,
      };
      const terms = termsOf(foundBy, state);
      if (terms.length > 0)
        await knex("batch_term").insert(
          terms.map((term) => ({ household_id: row.household_id, term, starts_at: row.starts_at, batch_id: row.id })),
        );
    }
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
