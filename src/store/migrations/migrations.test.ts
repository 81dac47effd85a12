import { readdirSync, readFileSync } from "node:fs";
import { gunzipSync } from "node:zlib";
import type { Knex } from "knex";
import { createConnection } from "mysql2/promise";
import { foldBatch } from "@/core/batch";
import { findBatch } from "../batches";
import { listEvents } from "../events";
import { changedSince, PASTE_MODEL, thingsOf } from "@/core/paste";
import { blendsWith, findVersion, listBlends, listVersions, promisedBy } from "../blends";
import { connect, databaseUrl } from "../connection";
import { listBatches } from "../log";
import { migrate } from ".";

/** Dumps of earlier releases, each with a household in it, made by `./run backup`. */
const FOLDER = "checks/dumps";

/**
 * A database of its own, so that nothing else is touched; the application's account may make one beside its own where
 * `./run test` let it.
 */
async function withDump(file: string, use: (url: string) => Promise<void>): Promise<void> {
  const url = new URL(databaseUrl());
  const name = `${url.pathname.slice(1)}_upgrade`;
  const connection = await createConnection({ uri: url.href, multipleStatements: true });
  try {
    await connection.query(
      `DROP DATABASE IF EXISTS ${name}; CREATE DATABASE ${name} CHARACTER SET utf8mb4; USE ${name}; SET` +
        " FOREIGN_KEY_CHECKS=0;",
    );
    await connection.query(gunzipSync(readFileSync(`${FOLDER}/${file}`)).toString("utf8"));
    url.pathname = `/${name}`;
    await use(url.href);
  } finally {
    await connection.query(`DROP DATABASE IF EXISTS ${name}`);
    await connection.end();
  }
}

/** For as long as something runs, the database that every store reads. */
async function asTheDatabase(url: string, use: (knex: Knex) => Promise<void>): Promise<void> {
  const knex = connect(url);
  const shared = globalThis as unknown as { infusingDatabase?: Knex };
  const before = shared.infusingDatabase;
  shared.infusingDatabase = knex;
  try {
    await use(knex);
  } finally {
    await knex.destroy();
    shared.infusingDatabase = before;
  }
}

/** Each version reads as its columns of before say, and is found by what is in it. */
async function everyVersionIsWhole(knex: Knex, householdId: string): Promise<void> {
  const rows = await knex("blend_version").where({ household_id: householdId });
  expect(rows.length).toBeGreaterThan(0);
  for (const row of rows) {
    const { blend } = (await findVersion(householdId, row.id))!;
    const lines = await knex("blend_line").where({ version_id: row.id }).orderBy("position");
    expect(blend.lines.map((line) => [line.materialId, line.role, line.amount, line.unit, line.fill])).toEqual(
      lines.map((line) => [line.material_id, line.role, line.amount, line.unit, line.fill]),
    );
    expect(blend.lines.map(({ jarId }) => jarId ?? null)).toEqual(lines.map((line) => line.jar_id));
    const { purpose, sizing, kitchenTempC, restMin = null, roots, target, liquid, choices = null } = blend;
    expect({ purpose, sizing, kitchenTempC, restMin }).toEqual({
      purpose: row.purpose,
      sizing: row.sizing,
      kitchenTempC: row.kitchen_temp_c,
      restMin: row.rest_min,
    });
    expect([roots?.months ?? null, roots?.share ?? null]).toEqual([row.roots_months, row.roots_share]);
    expect("word" in target ? [target.word, null] : [null, target.yieldPa]).toEqual([row.target_word, row.target_pa]);
    expect([liquid.materialId, liquid.jarId ?? null, liquid.tempC, liquid.amountMl ?? null]).toEqual([
      row.liquid_material_id,
      row.liquid_jar_id,
      row.liquid_temp_c,
      row.liquid_ml,
    ]);
    expect([liquid.with ?? null, choices]).toEqual([JSON.parse(row.liquid_with), JSON.parse(row.choices)]);
    const things: string[] = await knex("blend_material").where({ version_id: row.id }).pluck("material_id");
    expect(things.sort()).toEqual([...new Set(thingsOf(blend).map(({ materialId }) => materialId))].sort());
  }
}

test("a book of the release before and the dump of its house brought forward hold the same blends", async () => {
  const book: { blends: { id: string; name: string; versions: { id: string; headId: string; blend: object }[] }[] } =
    JSON.parse(gunzipSync(readFileSync("checks/books/version2.json.gz")).toString("utf8"));
  await withDump("006_happened.sql.gz", (url) =>
    asTheDatabase(url, async (knex) => {
      await migrate(knex);
      const { id: householdId } = await knex("household").first("id");
      for (const { id, name, versions } of book.blends) {
        const here = (await listVersions(householdId, id)).reverse();
        expect(here.map(({ versionId, headId, blend }) => ({ id: versionId, headId, blend }))).toEqual(
          versions.map(({ id: versionId, headId, blend }) => ({ id: versionId, headId, blend })),
        );
        expect(here.every((version) => version.name === name)).toBe(true);
        expect(await blendsWith(householdId, here.at(-1)!.blend.lines[0].materialId)).toContainEqual({ id, name });
      }
      expect((await listBlends(householdId)).length).toBe(book.blends.length);
    }),
  );
}, 60_000);

test.each(readdirSync(FOLDER))(
  "%s comes forward with everything in it",
  async (file) => {
    await withDump(file, (url) =>
      asTheDatabase(url, async (knex) => {
        const [counts] = await knex("batch").count("* as batches");
        const events = await knex("batch_event").count("* as n").first();
        await migrate(knex);
        const { id: householdId } = await knex("household").first("id");
        const batches = await listBatches(householdId, { limit: 100 });
        expect(batches.length).toBe(Number(counts.batches));
        expect(Number((await knex("batch_event").count("* as n").first())!.n)).toBe(Number(events!.n));
        for (const row of batches) {
          const [batch, state] = [
            (await findBatch(householdId, row.id))!,
            foldBatch(await listEvents(householdId, row.id)),
          ];
          expect(row).toMatchObject({ pouredMl: state.pouredMl, marks: state.marks, closedMs: state.closedMs });
          expect(row.summary).toMatchObject({ purpose: batch.question.purpose, totalMl: batch.answer.totalMl });
          expect(row.blendId).not.toBeNull();
        }
        // Found by what they could not be found by before.
        const [{ headId, blendId, summary }] = batches;
        for (const found of [
          { by: "head", value: headId! },
          { by: "blend", value: blendId! },
          { by: "material", value: summary.materialIds[0] },
        ] as const) {
          expect((await listBatches(householdId, { limit: 100, found: [found] })).length).toBeGreaterThan(0);
        }
        // From 007 on a version was kept as one document, and no columns say it a second time.
        if (file < "007") await everyVersionIsWhole(knex, householdId);
        for (const { id } of await knex("blend_version").where({ household_id: householdId }).select("id"))
          expect((await findVersion(householdId, id))!.blend.lines.length).toBeGreaterThan(0);
        const people = await knex("head as h")
          .join("person as p", "p.id", "h.person_id")
          .select("h.name as head", "p.name as person");
        expect(people.length).toBe(Number((await knex("head").count("* as n").first())!.n));
        for (const { head, person } of people) expect(person).toBe(head);
      }),
    );
  },
  60_000,
);

test("a house whose count a file had raised to where numbers end can be written in again", async () => {
  await withDump("004_mixing.sql.gz", async (url) => {
    const knex = connect(url);
    try {
      const { id: householdId, rev: before } = await knex("household").first("id", "rev");
      // As the release before left it: the file's event, the count raised to it, and what was written since.
      const events: { id: string }[] = await knex("batch_event").orderBy(["rev_seen", "id"]).limit(3).select("id");
      const beyond = [9007199254740990n, 9007199254740992n, 9007199254740993n];
      for (const [i, { id }] of events.entries())
        await knex("batch_event")
          .where({ id })
          .update({ rev: beyond[i].toString(), rev_seen: (beyond[i] - 1n).toString() });
      const head = await knex("head").first("id");
      await knex("head").where({ id: head.id }).update({ rev: "9007199254740994", name: "  " });
      await knex("household").where({ id: householdId }).update({ rev: "9007199254740995" });
      await migrate(knex);
      const household = await knex("household").first("rev");
      expect(Number(household.rev)).toBeGreaterThan(Number(before));
      expect(Number(household.rev)).toBeLessThan(Number(before) + 20);
      const rows: { id: string; rev: number | string; rev_seen: number | string }[] = await knex("batch_event")
        .whereIn(
          "id",
          events.map(({ id }) => id),
        )
        .select("id", "rev", "rev_seen");
      const seen = events.map(({ id }) => Number(rows.find((row) => row.id === id)!.rev_seen));
      expect(seen).toEqual([...seen].sort((a, b) => a - b));
      for (const row of rows) expect(Number(row.rev_seen)).toBeLessThanOrEqual(Number(household.rev));
      const mended = await knex("head").where({ id: head.id }).first("rev", "name");
      expect(Number(mended.rev)).toBeLessThan(Number(household.rev));
      expect(mended.name).toBe("without a name");
      // And the next write counts on from there.
      await knex("household").where({ id: householdId }).increment("rev", 1);
      expect(Number((await knex("household").first("rev")).rev)).toBe(Number(household.rev) + 1);
    } finally {
      await knex.destroy();
    }
  });
}, 60_000);

test("what had been added to a bowl is kept with the figures of that time, beside those of its plan", async () => {
  await withDump("006_happened.sql.gz", (url) =>
    asTheDatabase(url, async (knex) => {
      const [event] = await knex("batch_event").orderBy("id").limit(1);
      const figuresOf = async () =>
        JSON.parse((await knex("batch").where({ id: event.batch_id }).first("figures")).figures) as {
          id: string;
          jarId?: string;
          bulkDensityGPerMl: { value: number };
        }[];
      const before = await figuresOf();
      for (const [i, materialId] of ["kaolin", "kaolin", "own-gone", before[0].id].entries())
        await knex("batch_event").insert({
          ...event,
          id: `01a00000-0000-7000-8000-00000000000${i}`,
          kind: "added",
          payload: JSON.stringify({ kind: "added", materialId, amount: 1, unit: "tbsp", fill: "level" }),
        });
      await migrate(knex);
      const kept = await figuresOf();
      expect(kept.slice(0, before.length)).toEqual(before);
      expect(kept.filter(({ id }) => id === "kaolin")).toMatchObject([{ bulkDensityGPerMl: { value: 0.6 } }]);
      expect(kept.some(({ id, jarId }) => id === before[0].id && jarId === undefined)).toBe(true);
    }),
  );
}, 60_000);

test("a blend promises what its last bowl did, and says once what today’s figures change of that", async () => {
  await withDump("006_happened.sql.gz", (url) =>
    asTheDatabase(url, async (knex) => {
      await migrate(knex);
      const blends: { id: string; current_version_id: string; promised: string | null; household_id: string }[] =
        await knex("blend");
      let changed = 0;
      for (const { id, current_version_id, promised, household_id } of blends) {
        const bowls = await knex("batch").where({ version_id: current_version_id }).orderBy("created_at", "desc");
        if (bowls.length === 0) {
          expect(promised).toBeNull();
          continue;
        }
        const said = (await promisedBy(household_id, id, knex))!;
        const answer = JSON.parse(bowls[0].answer);
        expect(said).toMatchObject({ model: answer.model, totalG: answer.totalG.mid, verdict: answer.verdict.state });
        const change = changedSince(said);
        if (change) changed++;
        expect(changedSince({ ...said, model: PASTE_MODEL })).toBeUndefined();
      }
      // Masks take half of what the first models said.
      expect(changed).toBeGreaterThan(3);
    }),
  );
}, 60_000);

test("what tests had taught says by which tables; a bowl keeps a jar's powder with its own figures", async () => {
  await withDump("006_happened.sql.gz", (url) =>
    asTheDatabase(url, async (knex) => {
      const readings: { id: string; judged: string }[] = await knex("reading").orderBy("id");
      const before = readings.map(({ judged }) => JSON.parse(judged));
      expect(before.filter(({ learns }) => learns).length).toBeGreaterThan(0);
      await migrate(knex);
      const after = (await knex("reading").orderBy("id")).map(({ judged }: { judged: string }) => JSON.parse(judged));
      const henna = await knex("jar").where({ material_id: "henna" }).pluck("id");
      for (const [i, now] of after.entries()) {
        const bare = now.shares?.map(({ tables: _, ...share }: { tables?: object }) => share);
        expect({ ...now, ...(bare ? { shares: bare } : {}) }).toEqual(before[i]);
        for (const share of now.shares ?? []) {
          expect(share.tables.sd).toBeGreaterThan(0);
          if (henna.includes(share.jarId)) expect(share.tables.mlPerG).toBe(1.55);
        }
      }
      const bowls = await knex("batch").where("figures", "like", '%"jarId"%');
      expect(bowls.length).toBeGreaterThan(0);
      for (const { figures } of bowls)
        for (const kept of JSON.parse(figures) as { id: string; jarId?: string }[])
          if (!kept.id.startsWith("own-"))
            expect(JSON.parse(figures).some((one: typeof kept) => one.id === kept.id && one.jarId === undefined)).toBe(
              true,
            );
    }),
  );
}, 60_000);

test("a jar of a name that stood for two goods is asked once; every other is not", async () => {
  await withDump("006_happened.sql.gz", (url) =>
    asTheDatabase(url, async (knex) => {
      const [{ id }, { id: other }] = await knex("jar").orderBy("id").limit(2);
      await knex("jar").where({ id }).update({ material_id: "bentonite" });
      await knex("jar").where({ id: other }).update({ material_id: "kaolin" });
      await migrate(knex);
      const unsure = async (jar: string) => Boolean((await knex("jar").where({ id: jar }).first("unsure")).unsure);
      expect([await unsure(id), await unsure(other)]).toEqual([true, false]);
    }),
  );
}, 60_000);
