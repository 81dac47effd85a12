import type { Knex } from "knex";
import { thingsOf, type Blend, type Promised } from "@/core/paste";
import type { Head } from "@/core/head";
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
  blend: string;
}
const VERSION = ["v.id", "v.blend_id", "b.name", "b.rev", "v.number", "v.head_id", "v.blend"] as const;

const fromRow = (row: VersionRow): StoredBlend => ({
  id: row.blend_id,
  name: row.name,
  rev: Number(row.rev),
  versionId: row.id,
  version: row.number,
  headId: row.head_id,
  blend: JSON.parse(row.blend),
});

const versions = (knex: Knex, householdId: string) =>
  knex("blend_version as v")
    .join("blend as b", "b.id", "v.blend_id")
    .where("v.household_id", householdId)
    .select(...VERSION);

/** The current version of every blend, by name. */
const current = (knex: Knex, householdId: string) =>
  versions(knex, householdId).whereNull("b.removed_at").whereRaw("v.id = b.current_version_id");

export async function listBlends(householdId: string): Promise<StoredBlend[]> {
  const rows: VersionRow[] = await current(database(), householdId).orderBy("b.name").orderBy("b.id");
  return rows.map(fromRow);
}

/** The blends that have a material in them now, by name. */
export async function blendsWith(
  householdId: string,
  materialId: string,
): Promise<{ readonly id: string; readonly name: string }[]> {
  return database()("blend_material as m")
    .join("blend as b", "b.current_version_id", "m.version_id")
    .where({ "m.household_id": householdId, "m.material_id": materialId })
    .whereNull("b.removed_at")
    .orderBy("b.name")
    .orderBy("b.id")
    .select("b.id", "b.name");
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
  const row: VersionRow | undefined = await current(knex, householdId).where("b.id", id).first();
  return row && fromRow(row);
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
    .orderBy("v.number", "desc")
    .select("v.created_at");
  return rows.map((row) => ({ ...fromRow(row), savedMs: row.created_at.getTime() }));
}

export async function findVersion(
  householdId: string,
  versionId: string,
  knex: Knex = database(),
): Promise<StoredBlend | undefined> {
  const row: VersionRow | undefined = await versions(knex, householdId).where("v.id", versionId).first();
  return row && fromRow(row);
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
  /** What its maker sees when it is saved. */
  readonly promised?: Promised;
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

/** Choices that were all taken back are none. */
const documentOf = ({ choices, ...blend }: Blend): Blend =>
  choices && Object.keys(choices).length > 0 ? { ...blend, choices } : blend;

/** Adds a version and makes it the current one. Versions are never written over. */
export async function insertVersion({ trx, householdId, rev }: Write, v: NewVersion): Promise<number> {
  const last = await trx("blend_version")
    .where({ household_id: householdId, blend_id: v.blendId })
    .max("number as n")
    .first();
  const number = Number(last?.n ?? 0) + 1;
  await trx("blend_version").insert({
    id: v.versionId,
    household_id: householdId,
    rev,
    created_at: v.createdAt ?? new Date(),
    blend_id: v.blendId,
    number,
    head_id: v.headId,
    blend: JSON.stringify(documentOf(v.blend)),
    device_id: v.deviceId,
  });
  await trx("blend_material").insert(
    [...new Set(thingsOf(v.blend).map(({ materialId }) => materialId))].map((materialId) => ({
      household_id: householdId,
      version_id: v.versionId,
      material_id: materialId,
    })),
  );
  await trx("blend")
    .where({ household_id: householdId, id: v.blendId })
    .update({
      current_version_id: v.versionId,
      name: v.name,
      promised: v.promised ? JSON.stringify(v.promised) : null,
      rev,
    });
  return number;
}

/** What a blend promised when it was saved; undefined where nobody knows any more. */
export async function promisedBy(
  householdId: string,
  id: string,
  knex: Knex = database(),
): Promise<Promised | undefined> {
  const row = await knex("blend").where({ household_id: householdId, id }).first("promised");
  return row?.promised ? JSON.parse(row.promised) : undefined;
}

/** Its rev stays: what was saved of it is the same. */
export async function setPromised({ trx, householdId }: Write, id: string, promised: Promised): Promise<void> {
  await trx("blend")
    .where({ household_id: householdId, id })
    .update({ promised: JSON.stringify(promised) });
}

/** Takes what is about a person off every head that a blend was computed for. */
export async function blankPromised(write: Write, blanked: (hair: Head) => Head): Promise<void> {
  const rows: { id: string; promised: string }[] = await write
    .trx("blend")
    .where({ household_id: write.householdId })
    .whereNotNull("promised")
    .select("id", "promised");
  for (const { id, promised } of rows) {
    const { question, ...rest }: Promised = JSON.parse(promised);
    await setPromised(write, id, { ...rest, question: { ...question, head: blanked(question.head) } });
  }
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
