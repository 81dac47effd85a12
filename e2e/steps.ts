import AxeBuilder from "@axe-core/playwright";
import { expect, test, type APIRequestContext, type Page } from "@playwright/test";
import { createConnection } from "mysql2/promise";
import { v7 as uuid } from "uuid";
import { BLEND_INPUT, HEAD_INPUT } from "./samples";

/** Puts a thing in the bowl by its name. */
export async function drop(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await page.getByLabel("What goes in?").fill(name);
  await page
    .getByRole("dialog")
    .getByRole("option", { name: new RegExp(`^${name}`, "i") })
    .first()
    .click();
}

/** No accessibility fault that axe can find, on the page as it stands. */
export async function noFault(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
    // What is in order is not described, which takes most of its time.
    .options({ resultTypes: ["violations"] })
    .analyze();
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${page.url()} ${id}: ${nodes
          .map((node) => node.target.join(" "))
          .slice(0, 3)
          .join(" | ")} ${nodes[0].failureSummary}`,
    ),
  ).toEqual([]);
}

/** Puts a jar on the shelf by the form; ends on its page. */
export async function putUp(
  page: Page,
  of: string,
  grams: string,
  more: Readonly<Record<string, string>> = {},
): Promise<void> {
  await page.goto("/shelf/new");
  await page.getByLabel("What is in it?").fill(of);
  await page.getByRole("listitem").getByRole("button").first().click();
  await page.getByLabel("Full, it weighs, g").fill(grams);
  for (const [label, value] of Object.entries(more)) await page.getByLabel(label).fill(value);
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await page.waitForURL(/\/shelf\/[0-9a-f-]{36}$/);
}

/** A bowl of a blend and a head of its own, by the API, so that nothing else of the house is in the way. */
export async function bowlOfItsOwn(request: APIRequestContext, name: string, headName: string): Promise<string> {
  const [headId, blendId, versionId, id] = [uuid(), uuid(), uuid(), uuid()];
  const post = async (path: string, data: object) =>
    expect((await request.post(`/api/v1/${path}`, { data })).status()).toBe(200);
  await post("heads", { id: headId, name: headName, hair: HEAD_INPUT });
  await post("blends", { id: blendId, versionId, name, headId, blend: BLEND_INPUT });
  await post("batches", { id, versionId, headId });
  return id;
}

/** The worksheets that this browser keeps, each with its text. */
export const keptPages = (page: Page): Promise<(readonly [path: string, text: string])[]> =>
  page.evaluate(async () => {
    const pages = await caches.open("infusing-worksheets-1");
    return Promise.all(
      (await pages.keys()).map(
        async (key) => [new URL(key.url).pathname, await (await pages.match(key))!.text()] as const,
      ),
    );
  });

/**
 * For a file whose tests write: the whole book is put aside before them and put back after, so that no other file finds
 * what they left and the files may run in any order. Table by table inside the database, which takes a moment where
 * `./run backup` and `./run restore` (tried in `keep.spec.ts`) take many seconds. The book's rev goes on, as after
 * every write, so that nobody takes what was read before for what is there now.
 */
export function putBookAside(): void {
  test.beforeAll(() =>
    withBook(async (query, book, aside, tables) => {
      await query(`DROP DATABASE IF EXISTS ${aside}`);
      await query(`CREATE DATABASE ${aside} CHARACTER SET utf8mb4`);
      for (const table of tables) {
        await query(`CREATE TABLE ${aside}.${table} LIKE ${book}.${table}`);
        await query(`INSERT INTO ${aside}.${table} SELECT * FROM ${book}.${table}`);
      }
    }),
  );
  test.afterAll(() =>
    withBook(async (query, book, aside, tables) => {
      const [{ rev }] = (await query(`SELECT MAX(rev) AS rev FROM ${book}.household`)) as { rev: number }[];
      await query("SET FOREIGN_KEY_CHECKS = 0");
      await query("START TRANSACTION");
      for (const table of tables) {
        await query(`DELETE FROM ${book}.${table}`);
        await query(`INSERT INTO ${book}.${table} SELECT * FROM ${aside}.${table}`);
      }
      await query(`UPDATE ${book}.household SET rev = ${rev} + 1`);
      await query("COMMIT");
      await query(`DROP DATABASE ${aside}`);
    }),
  );
}

type Query = (sql: string) => Promise<unknown>;
/** One connection to the house's database, with the names of its tables. */
async function withBook(
  use: (query: Query, book: string, aside: string, tables: readonly string[]) => Promise<void>,
): Promise<void> {
  const url = process.env.DATABASE_URL!;
  const book = new URL(url).pathname.slice(1);
  const connection = await createConnection(url);
  try {
    const query: Query = async (sql) => (await connection.query(sql))[0];
    const rows = (await query("SHOW FULL TABLES WHERE Table_type = 'BASE TABLE'")) as Record<string, string>[];
    await use(
      query,
      book,
      `${book}_aside`,
      rows.map((row) => Object.values(row)[0]),
    );
  } finally {
    await connection.end();
  }
}
