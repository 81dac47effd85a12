import { readFileSync } from "node:fs";
import { gunzipSync } from "node:zlib";
import type { Knex } from "knex";

export interface Kept {
  readonly id: string;
  readonly jarId?: string;
  readonly holding?: { readonly mlPerG?: { readonly value: number; readonly low: number; readonly high: number } };
}

/** The tables as they were while bowls kept the figures of their plan only. */
export const tables = (): Map<string, Kept> =>
  new Map(
    (
      JSON.parse(
        gunzipSync(readFileSync("src/store/migrations/008_figures.json.gz")).toString("utf8"),
      ) as readonly Kept[]
    ).map((material) => [material.id, material]),
  );

/** A bowl keeps the figures of what was added to it as well: by those of the tables that it was weighed with. */
export async function up(knex: Knex): Promise<void> {
  const rows: { batch_id: string; payload: string }[] = await knex("batch_event")
    .where({ kind: "added" })
    .select("batch_id", "payload");
  const added = new Map<string, Set<string>>();
  for (const { batch_id, payload } of rows) {
    const own = added.get(batch_id) ?? new Set();
    own.add(JSON.parse(payload).materialId);
    added.set(batch_id, own);
  }
  if (added.size === 0) return;
  const then = tables();
  for (const [id, materialIds] of added) {
    const row: { figures: string } = await knex("batch").where({ id }).first("figures");
    const kept: Kept[] = JSON.parse(row.figures);
    const fresh = [...materialIds].flatMap((materialId) =>
      kept.some((one) => one.id === materialId && one.jarId === undefined) ? [] : (then.get(materialId) ?? []),
    );
    if (fresh.length > 0)
      await knex("batch")
        .where({ id })
        .update({ figures: JSON.stringify([...kept, ...fresh]) });
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
