import type { Knex } from "knex";
import type { Blend, BlendLine } from "@/core/paste";
import { database } from "./connection";
import type { Write } from "./transaction";

export interface StoredBlend {
  readonly id: string;
  readonly name: string;
  readonly rev: number;
  readonly versionId: string;
  readonly version: number;
  readonly headId: string | null;
  readonly blend: Blend;
}

interface VersionRow {
  id: string;
  blend_id: string;
  name: string;
  rev: number | string;
  number: number;
  head_id: string | null;
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
  role: BlendLine["role"];
  amount: number;
  unit: BlendLine["unit"];
  fill: BlendLine["fill"];
}

function fromRows(row: VersionRow, lines: readonly LineRow[]): StoredBlend {
  return {
    id: row.blend_id,
    name: row.name,
    rev: Number(row.rev),
    versionId: row.id,
    version: row.number,
    headId: row.head_id,
    blend: {
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
    },
  };
}

async function withLines(knex: Knex, householdId: string, rows: VersionRow[]): Promise<StoredBlend[]> {
  const lines: LineRow[] = await knex("blend_line")
    .where({ household_id: householdId })
    .whereIn(
      "version_id",
      rows.map((row) => row.id),
    )
    .orderBy("position");
  return rows.map((row) =>
    fromRows(
      row,
      lines.filter((line) => line.version_id === row.id),
    ),
  );
}

const versions = (knex: Knex, householdId: string) =>
  knex("blend_version as v")
    .join("blend as b", "b.id", "v.blend_id")
    .where("v.household_id", householdId)
    .select("v.*", "b.name", "b.rev");

export async function listBlends(householdId: string): Promise<StoredBlend[]> {
  const knex = database();
  const rows: VersionRow[] = await versions(knex, householdId)
    .whereNull("b.removed_at")
    .whereRaw("v.id = b.current_version_id")
    .orderBy("b.name")
    .orderBy("b.id");
  return withLines(knex, householdId, rows);
}

export async function listBlendNames(
  householdId: string,
  knex: Knex = database(),
): Promise<{ readonly id: string; readonly name: string }[]> {
  return knex("blend")
    .where({ household_id: householdId })
    .whereNull("removed_at")
    .orderBy("name")
    .orderBy("id")
    .select("id", "name");
}

/** The current version of a blend. */
export async function findBlend(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<StoredBlend | undefined> {
  const rows: VersionRow[] = await versions(knex, householdId)
    .where("b.id", id)
    .whereNull("b.removed_at")
    .whereRaw("v.id = b.current_version_id");
  return (await withLines(knex, householdId, rows))[0];
}

export interface PastVersion extends StoredBlend {
  readonly savedMs: number;
}

/** Every version of a blend, newest first. */
export async function listVersions(
  householdId: string,
  blendId: string,
  knex: Knex = database(),
): Promise<PastVersion[]> {
  const rows: (VersionRow & { created_at: Date })[] = await versions(knex, householdId)
    .where("b.id", blendId)
    .whereNull("b.removed_at")
    .orderBy("v.number", "desc");
  const read = await withLines(knex, householdId, rows);
  return read.map((version, i) => ({ ...version, savedMs: rows[i].created_at.getTime() }));
}

export async function findVersion(
  householdId: string,
  versionId: string,
  knex: Knex = database(),
): Promise<StoredBlend | undefined> {
  const rows: VersionRow[] = await versions(knex, householdId).where("v.id", versionId);
  return (await withLines(knex, householdId, rows))[0];
}

/** The name of a blend that was removed and could be put back. */
export async function removedBlendName(householdId: string, id: string): Promise<string | undefined> {
  return (await database()("blend").where({ household_id: householdId, id }).whereNotNull("removed_at").first("name"))
    ?.name;
}

export async function blendOwner({ trx }: Write, id: string): Promise<string | undefined> {
  return (await trx("blend").where({ id }).first("household_id"))?.household_id;
}

export async function versionOwner(
  { trx }: Write,
  id: string,
): Promise<{ householdId: string; blendId: string } | undefined> {
  const row = await trx("blend_version").where({ id }).first("household_id", "blend_id");
  return row && { householdId: row.household_id, blendId: row.blend_id };
}

export interface NewVersion {
  readonly blendId: string;
  readonly versionId: string;
  readonly name: string;
  readonly headId: string | null;
  readonly blend: Blend;
  readonly deviceId: string | null;
  readonly createdAt?: Date;
}

export async function insertBlend(
  { trx, householdId, rev }: Write,
  blend: { id: string; name: string; createdAt?: Date; importId?: string },
): Promise<void> {
  await trx("blend").insert({
    id: blend.id,
    household_id: householdId,
    rev,
    created_at: blend.createdAt ?? new Date(),
    name: blend.name,
    import_id: blend.importId ?? null,
  });
}

/** True when the blend still has `baseRev`; the household's row lock keeps others out until this write ends. */
export async function blendHasRev({ trx, householdId }: Write, id: string, baseRev: number): Promise<boolean> {
  return Boolean(
    await trx("blend").where({ household_id: householdId, id, rev: baseRev }).whereNull("removed_at").first("id"),
  );
}

/** Adds a version with its lines and makes it the current one. Versions are never written over. */
export async function insertVersion({ trx, householdId, rev }: Write, v: NewVersion): Promise<number> {
  const last = await trx("blend_version")
    .where({ household_id: householdId, blend_id: v.blendId })
    .max("number as n")
    .first();
  const number = Number(last?.n ?? 0) + 1;
  const { blend } = v;
  await trx("blend_version").insert({
    id: v.versionId,
    household_id: householdId,
    rev,
    created_at: v.createdAt ?? new Date(),
    blend_id: v.blendId,
    number,
    head_id: v.headId,
    purpose: blend.purpose,
    roots_months: blend.roots?.months ?? null,
    roots_share: blend.roots?.share ?? null,
    liquid_material_id: blend.liquid.materialId,
    liquid_jar_id: blend.liquid.jarId ?? null,
    liquid_temp_c: blend.liquid.tempC,
    liquid_ml: blend.liquid.amountMl ?? null,
    liquid_with: blend.liquid.with ? JSON.stringify(blend.liquid.with) : null,
    target_word: "word" in blend.target ? blend.target.word : null,
    target_pa: "yieldPa" in blend.target ? blend.target.yieldPa : null,
    kitchen_temp_c: blend.kitchenTempC,
    rest_min: blend.restMin ?? null,
    sizing: blend.sizing,
    choices: blend.choices && Object.keys(blend.choices).length > 0 ? JSON.stringify(blend.choices) : null,
    device_id: v.deviceId,
  });
  await trx("blend_line").insert(
    blend.lines.map((line, position) => ({
      household_id: householdId,
      version_id: v.versionId,
      position,
      material_id: line.materialId,
      jar_id: line.jarId ?? null,
      role: line.role,
      amount: line.amount,
      unit: line.unit,
      fill: line.fill,
    })),
  );
  await trx("blend")
    .where({ household_id: householdId, id: v.blendId })
    .update({ current_version_id: v.versionId, name: v.name, rev });
  return number;
}

export async function setBlendRemoved(
  { trx, householdId, rev }: Write,
  id: string,
  removed: boolean,
): Promise<boolean> {
  return (
    (await trx("blend")
      .where({ household_id: householdId, id })
      .update({ removed_at: removed ? new Date() : null, rev })) === 1
  );
}
