import type { Knex } from "knex";

/**
 * A blend keeps what it promised its maker when it was saved, so that better figures can say what they change. For what
 * was saved before, that is what the last bowl of its version promised.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable("blend", (table) => {
    table.json("promised");
  });
  const blends: { id: string; current_version_id: string }[] = await knex("blend")
    .whereNotNull("current_version_id")
    .select("id", "current_version_id");
  for (const { id, current_version_id } of blends) {
    const bowl: { question: string; answer: string } | undefined = await knex("batch")
      .where({ version_id: current_version_id })
      .whereNull("removed_at")
      .orderBy([
        { column: "created_at", order: "desc" },
        { column: "id", order: "desc" },
      ])
      .first("question", "answer");
    if (!bowl) continue;
    const { model, totalG, liquid, verdict } = JSON.parse(bowl.answer);
    const promised = {
      model,
      totalG: totalG.mid,
      ...(liquid.state === "unreachable" ? {} : { liquidMl: liquid.ml.mid }),
      verdict: verdict.state,
      question: JSON.parse(bowl.question),
    };
    await knex("blend")
      .where({ id })
      .update({ promised: JSON.stringify(promised) });
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
