import type { Knex } from "knex";
import { tables, type Kept } from "./008_kept";

interface Share {
  readonly jarId: string;
  readonly share: number;
  readonly tables?: object;
}

/** Half of a 90 % range in standard deviations. */
const Z95 = 1.6448536269514722;
const saidOf = ({ holding }: Kept) => {
  const { value, low, high } = holding?.mlPerG ?? { value: 0, low: 0, high: 0 };
  return low > 0 ? { mlPerG: value, sd: Math.log(high / low) / (2 * Z95) } : undefined;
};

/**
 * What tests taught stays when the tables move: a reading says what they said of its jar's powder when it was judged,
 * and a bowl keeps, beside a jar's own figures, those of the powder in it. Both are filled in from the tables of the
 * time before. Of things of the household's own nothing was frozen: theirs are told against the tables of the day.
 */
export async function up(knex: Knex): Promise<void> {
  const then = tables();
  const jars = new Map(
    (await knex("jar").select("id", "material_id")).map((jar: { id: string; material_id: string }) => [
      jar.id,
      then.get(jar.material_id),
    ]),
  );
  const readings: { id: string; judged: string }[] = await knex("reading").select("id", "judged");
  for (const { id, judged } of readings) {
    const said = JSON.parse(judged) as { readonly shares?: readonly Share[] };
    if (!said.shares?.some((share) => share.tables === undefined)) continue;
    const shares = said.shares.map((share): Share => {
      const powder = jars.get(share.jarId);
      const found = powder && saidOf(powder);
      return share.tables === undefined && found ? { ...share, tables: found } : share;
    });
    await knex("reading")
      .where({ id })
      .update({ judged: JSON.stringify({ ...said, shares }) });
  }
  const bowls: { id: string; figures: string }[] = await knex("batch")
    .where("figures", "like", '%"jarId"%')
    .select("id", "figures");
  for (const { id, figures } of bowls) {
    const kept: Kept[] = JSON.parse(figures);
    const bare = new Set(kept.flatMap((one) => (one.jarId === undefined ? one.id : [])));
    const fresh = new Set(kept.flatMap((one) => (bare.has(one.id) ? [] : (then.get(one.id) ?? []))));
    if (fresh.size > 0)
      await knex("batch")
        .where({ id })
        .update({ figures: JSON.stringify([...kept, ...fresh]) });
  }
}

export async function down(): Promise<void> {
  throw new Error("Migrations run forward only.");
}
