import type { Knex } from "knex";
import type { Again, BatchSummary, Mark } from "@/core/batch";
import { withKept, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { database } from "./connection";
import type { Write } from "./transaction";

/** The columns a list needs: a projection of the events, equal to their fold. */
export interface BatchRow {
  readonly id: string;
  readonly rev: number;
  readonly versionId: string | null;
  readonly blendId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly model: number;
  readonly summary: BatchSummary;
  readonly startsAtMs: number;
  readonly pouredMl: number;
  readonly mixedMs?: number;
  readonly onHeadMs?: number;
  readonly rinsedMs?: number;
  readonly closedMs?: number;
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
  readonly again?: Again;
  readonly note: string;
}

/** A batch with what it was computed from and with, as saved then. */
export interface StoredBatch extends BatchRow {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
}

export interface NewBatch {
  readonly id: string;
  readonly versionId: string | null;
  readonly blendId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly summary: BatchSummary;
  /** The figures used, as they were: a better catalogue never shifts an old batch. */
  readonly figures: readonly object[];
  readonly startsAt: Date;
  readonly createdAt?: Date;
  readonly importId?: string;
}

export const LIST = [
  "id",
  "rev",
  "version_id",
  "blend_id",
  "head_id",
  "blend_name",
  "head_name",
  "model",
  "summary",
  "starts_at",
  "poured_ml",
  "mixed_at",
  "on_head_at",
  "rinsed_at",
  "closed_at",
  "soft",
  "slip",
  "grit",
  "shine",
  "marks",
  "again",
  "note",
] as const;

export interface Row {
  id: string;
  rev: number | string;
  version_id: string | null;
  blend_id: string | null;
  head_id: string | null;
  blend_name: string;
  head_name: string;
  model: number;
  summary: string;
  starts_at: Date;
  poured_ml: number;
  mixed_at: Date | null;
  on_head_at: Date | null;
  rinsed_at: Date | null;
  closed_at: Date | null;
  soft: number | null;
  slip: number | null;
  grit: number | null;
  shine: number | null;
  marks: string | null;
  again: Again | null;
  note: string | null;
}
interface WholeRow extends Row {
  question: string;
  answer: string;
  figures: string;
}

export function fromRow(row: Row): BatchRow {
  // Bowls that no event reached since marks were of any kind have the first four only.
  const marks =
    row.marks !== null
      ? JSON.parse(row.marks)
      : Object.fromEntries(
          (["soft", "slip", "grit", "shine"] as const)
            .filter((mark) => row[mark] !== null)
            .map((mark) => [mark, row[mark]]),
        );
  return {
    id: row.id,
    rev: Number(row.rev),
    versionId: row.version_id,
    blendId: row.blend_id,
    headId: row.head_id,
    blendName: row.blend_name,
    headName: row.head_name,
    model: row.model,
    summary: JSON.parse(row.summary),
    startsAtMs: row.starts_at.getTime(),
    pouredMl: row.poured_ml,
    mixedMs: row.mixed_at?.getTime(),
    onHeadMs: row.on_head_at?.getTime(),
    rinsedMs: row.rinsed_at?.getTime(),
    closedMs: row.closed_at?.getTime(),
    marks,
    again: row.again ?? undefined,
    note: row.note ?? "",
  };
}
/** As it was written. */
const rawFromRow = (row: WholeRow): StoredBatch => ({
  ...fromRow(row),
  question: JSON.parse(row.question),
  answer: JSON.parse(row.answer),
});
/** With the figures it kept in its question, so that nothing is weighed by other tables than its own. */
const wholeFromRow = (row: WholeRow): StoredBatch => {
  const raw = rawFromRow(row);
  return { ...raw, question: withKept(raw.question, JSON.parse(row.figures)) };
};

export async function insertBatch({ trx, householdId, rev }: Write, batch: NewBatch): Promise<void> {
  await trx("batch").insert({
    id: batch.id,
    household_id: householdId,
    rev,
    created_at: batch.createdAt ?? new Date(),
    version_id: batch.versionId,
    blend_id: batch.blendId,
    head_id: batch.headId,
    blend_name: batch.blendName,
    head_name: batch.headName,
    question: JSON.stringify(batch.question),
    answer: JSON.stringify(batch.answer),
    figures: JSON.stringify(batch.figures),
    model: batch.answer.model,
    starts_at: batch.startsAt,
    planned_at: batch.startsAt,
    import_id: batch.importId ?? null,
    summary: JSON.stringify(batch.summary),
  });
}

export async function batchOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("batch").where({ id }).first("household_id"))?.household_id;
}

export async function findBatch(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<StoredBatch | undefined> {
  const row: WholeRow | undefined = await knex("batch")
    .where({ household_id: householdId, id })
    .whereNull("removed_at")
    .first();
  return row && wholeFromRow(row);
}

/** What a batch was computed from and with; also of one that was taken out of the book. */
export async function planOf(
  { trx, householdId }: Write,
  id: string,
): Promise<{ readonly question: PasteQuestion; readonly answer: PasteAnswer }> {
  const row = await trx("batch").where({ household_id: householdId, id }).first("question", "answer", "figures");
  return {
    question: withKept(JSON.parse(row.question), JSON.parse(row.figures)),
    answer: JSON.parse(row.answer),
  };
}

/** Keeps the figures of what was added to a batch, beside those of its plan; what is kept already stays as it is. */
export async function keepFigures(
  { trx, householdId }: Write,
  id: string,
  materials: readonly { readonly id: string }[],
): Promise<void> {
  const row: { figures: string } = await trx("batch").where({ household_id: householdId, id }).first("figures");
  const kept: { readonly id: string; readonly jarId?: string }[] = JSON.parse(row.figures);
  const fresh = materials.filter((one) => !kept.some((other) => other.id === one.id && other.jarId === undefined));
  if (fresh.length > 0)
    await trx("batch")
      .where({ household_id: householdId, id })
      .update({ figures: JSON.stringify([...kept, ...fresh]) });
}

/** Whether the liquid of a batch, or the second one, comes out of a jar. */
export async function poursFromJar({ trx, householdId }: Write, id: string): Promise<boolean> {
  const { jar }: { jar: string | null } = await trx("batch")
    .where({ household_id: householdId, id })
    .first(
      trx.raw("COALESCE(JSON_VALUE(question, '$.liquid.jarId'), JSON_VALUE(question, '$.liquid.with.jarId')) AS jar"),
    );
  return jar !== null;
}

/** Several whole batches at once, in no order. */
export async function findBatches(
  householdId: string,
  ids: readonly string[],
  knex: Knex = database(),
): Promise<StoredBatch[]> {
  const rows: WholeRow[] = await knex("batch")
    .where({ household_id: householdId })
    .whereIn("id", [...ids])
    .whereNull("removed_at")
    .select(...LIST, "question", "answer", "figures");
  return rows.map(wholeFromRow);
}

export async function findBatchRev(householdId: string, id: string): Promise<number | undefined> {
  const row = await database()("batch").where({ household_id: householdId, id }).whereNull("removed_at").first("rev");
  return row && Number(row.rev);
}

/** What is going on now: begun and not closed. */
export async function openBatches(householdId: string): Promise<StoredBatch[]> {
  const rows: WholeRow[] = await database()("batch")
    .where({ household_id: householdId })
    .whereNull("closed_at")
    .whereNull("removed_at")
    .orderBy("starts_at")
    .limit(50)
    .select(...LIST, "question", "answer", "figures");
  return rows.map(wholeFromRow);
}

/** Whole batches in the order of their ids, for reading all of them piece by piece. */
export async function batchesAfter(
  householdId: string,
  afterId: string,
  limit: number,
  knex: Knex = database(),
): Promise<ExportedBatch[]> {
  return (await exported(householdId, knex).andWhere("id", ">", afterId).orderBy("id").limit(limit)).map(
    exportedFromRow,
  );
}

/** One batch with all that is kept of it. */
export async function findBatchWhole(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<ExportedBatch | undefined> {
  const row: ExportedRow | undefined = (await exported(householdId, knex).andWhere({ id }))[0];
  return row && exportedFromRow(row);
}

/** A batch with all that is kept of it. */
export interface ExportedBatch extends StoredBatch {
  readonly figures: readonly Readonly<Record<string, unknown>>[];
  readonly createdMs: number;
}
interface ExportedRow extends WholeRow {
  created_at: Date;
}
const exported = (householdId: string, knex: Knex): Knex.QueryBuilder<object, ExportedRow[]> =>
  knex("batch")
    .where({ household_id: householdId })
    .whereNull("removed_at")
    .select(...LIST, "question", "answer", "figures", "created_at");
const exportedFromRow = (row: ExportedRow): ExportedBatch => ({
  ...rawFromRow(row),
  figures: JSON.parse(row.figures),
  createdMs: row.created_at.getTime(),
});

/** Every batch made for these heads, also those taken out of the book. */
export async function batchesOnHeads(
  { trx, householdId }: Write,
  headIds: readonly string[],
): Promise<ExportedBatch[]> {
  const rows: ExportedRow[] = await trx("batch")
    .where({ household_id: householdId })
    .whereIn("head_id", [...headIds])
    .select(...LIST, "question", "answer", "figures", "created_at");
  return rows.map(exportedFromRow);
}

/** Writes over who a batch was for; nothing else of a batch is ever written over. */
export async function blankBatch(
  { trx, householdId, rev }: Write,
  id: string,
  { headName, question, answer }: { headName: string; question: PasteQuestion; answer: PasteAnswer },
): Promise<void> {
  await trx("batch")
    .where({ household_id: householdId, id })
    .update({ head_name: headName, question: JSON.stringify(question), answer: JSON.stringify(answer), rev });
}

/** Takes a batch out of the book, or puts it back; out of it it is found by nothing. */
export async function setBatchRemoved({ trx, householdId, rev }: Write, id: string, removed: boolean): Promise<void> {
  await trx("batch")
    .where({ household_id: householdId, id })
    .update({ removed_at: removed ? new Date() : null, rev });
  if (removed) await trx("batch_term").where({ household_id: householdId, batch_id: id }).del();
}

/** True where anything was ever made and stands in the book. */
export async function hasBowls(householdId: string): Promise<boolean> {
  return (
    (await database()("batch").where({ household_id: householdId }).whereNull("removed_at").first("id")) !== undefined
  );
}

/** The blends of the last bowls, newest first, each once. */
export async function madeLast(householdId: string): Promise<{ readonly id: string; readonly name: string }[]> {
  const rows: { id: string; name: string }[] = await database()("batch as a")
    .join("blend as b", "b.id", "a.blend_id")
    .where("a.household_id", householdId)
    .whereNull("a.removed_at")
    .whereNull("b.removed_at")
    .groupBy("b.id", "b.name")
    .orderByRaw("MAX(a.starts_at) DESC")
    .limit(3)
    .select("b.id", "b.name");
  return rows;
}
