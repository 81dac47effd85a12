import type { Knex } from "knex";
import { worksheet } from "@/core/batch";
import { momentColumn } from "./columns";

const MINUTE_MS = 60_000;

/** A bowl stands where it was mixed, and its plan is kept beside; marks of any kind, by what the bowl was for. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("batch", (table) => {
    momentColumn(table, "planned_at");
    table.json("marks");
  });
  await knex("batch").update({ planned_at: knex.ref("starts_at") });
  await knex.raw("ALTER TABLE batch MODIFY planned_at DATETIME(3) NOT NULL");
  for (let after = ""; ;) {
    const rows: { id: string; answer: string; mixed_at: Date | null; starts_at: Date }[] = await knex("batch")
      .where("id", ">", after)
      .orderBy("id")
      .limit(200)
      .select("id", "answer", "mixed_at", "starts_at");
    if (rows.length === 0) return;
    after = rows.at(-1)!.id;
    for (const { id, answer, mixed_at, starts_at } of rows) {
      if (!mixed_at) continue;
      const began = new Date(mixed_at.getTime() - worksheet(JSON.parse(answer)).mixedMin * MINUTE_MS);
      if (began.getTime() === starts_at.getTime()) continue;
      await knex("batch").where({ id }).update({ starts_at: began });
      await knex("batch_term").where({ batch_id: id }).update({ starts_at: began });
    }
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
