import type { Knex } from "knex";
import * as m001 from "./001_household";
import * as m002 from "./002_record";
import * as m003 from "./003_shelf";
import * as m004 from "./004_mixing";
import * as m005 from "./005_standing";
import * as m006 from "./006_happened";
import * as m007 from "./007_document";
import * as m008 from "./008_kept";
import * as m009 from "./009_judged";
import * as m010 from "./010_promised";
import * as m011 from "./011_goods";
import * as m012 from "./012_made";
import * as m013 from "./013_makings";
import * as m014 from "./014_taught";

const MIGRATIONS: Readonly<Record<string, Knex.Migration>> = {
  "001_household": m001,
  "002_record": m002,
  "003_shelf": m003,
  "004_mixing": m004,
  "005_standing": m005,
  "006_happened": m006,
  "007_document": m007,
  "008_kept": m008,
  "009_judged": m009,
  "010_promised": m010,
  "011_goods": m011,
  "012_made": m012,
  "013_makings": m013,
  "014_taught": m014,
};

const source: Knex.MigrationSource<string> = {
  getMigrations: async () => Object.keys(MIGRATIONS),
  getMigrationName: (name) => name,
  getMigration: async (name) => MIGRATIONS[name],
};

/**
 * Brings the database forward. The server's own named lock keeps two copies apart; it goes with its connection, so a
 * killed migration leaves nothing locked, and the library's lasting lock can be cleared safely while it is held.
 */
export async function migrate(knex: Knex): Promise<void> {
  const config = { migrationSource: source, disableTransactions: true };
  const connection = await knex.client.acquireConnection();
  try {
    const [[row]] = await connection.promise().query("SELECT GET_LOCK('infusing-migrate', 120) AS locked");
    if (row.locked !== 1) throw new Error("Another copy is bringing the database forward and did not finish.");
    // Its own tables are there from the first migration on.
    const [[there]] = await connection
      .promise()
      .query(
        "SELECT COUNT(*) AS n FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name =" +
          " 'knex_migrations'",
      );
    const done: { name: string }[] =
      there.n > 0 ? (await connection.promise().query("SELECT name FROM knex_migrations"))[0] : [];
    if (done.some(({ name }) => !Object.hasOwn(MIGRATIONS, name)))
      throw new Error(
        "This book was kept by a newer Infusing than this one; it is left as it is. Start the newer one.",
      );
    await knex.migrate.forceFreeMigrationsLock(config);
    await knex.migrate.latest(config);
  } finally {
    await connection
      .promise()
      .query("DO RELEASE_LOCK('infusing-migrate')")
      .catch(() => undefined);
    await knex.client.releaseConnection(connection);
  }
}
