import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gunzipSync, gzipSync } from "node:zlib";
import { expect, test, type APIRequestContext } from "@playwright/test";
import { emptyDatabase } from "../src/demo/load";
import { putBookAside } from "./steps";

const folder = mkdtempSync(join(tmpdir(), "infusing-keep-"));
const run = (...args: string[]) =>
  execFileSync("./run", args, {
    encoding: "utf8",
    stdio: ["ignore", "pipe", "pipe"],
    env: { ...process.env, DATA_DIR: folder },
  });

// Whatever happens to the book here, the others find it as it was.
putBookAside();

async function book(request: APIRequestContext) {
  const get = async (path: string) => (await request.get(`/api/v1/${path}`)).json();
  return {
    heads: await get("heads"),
    blends: await get("blends"),
    batches: await get("batches"),
    settings: await get("settings"),
  };
}

test("backed up while it is served, emptied, restored: all there", async ({ request }) => {
  test.setTimeout(90_000);
  const before = await book(request);
  const rev = async () => (await (await request.get("/api/v1/now")).json()).rev;
  const revBefore = await rev();
  const file = join(folder, "book.sql.gz");
  run("backup", file);
  await emptyDatabase();
  expect((await request.get("/api/v1/heads")).status()).toBe(503);
  run("restore", file);
  expect(await book(request)).toEqual(before);
  // It counts on from above both books, so that no rev stands for two things.
  expect(await rev()).toBeGreaterThan(revBefore);
});

test("what is no backup changes nothing", async ({ request }) => {
  const before = await book(request);
  const [broken, foreign] = [join(folder, "broken.gz"), join(folder, "foreign.gz")];
  writeFileSync(broken, gzipSync("CREATE TABLE `household` (x);".repeat(500)).subarray(0, 60));
  writeFileSync(foreign, gzipSync("DROP TABLE household;"));
  for (const file of [broken, foreign, join(folder, "nowhere.gz")]) expect(() => run("restore", file)).toThrow();
  expect(await book(request)).toEqual(before);
});

test("a backup of the release before is brought forward; one that breaks off changes nothing", async ({ request }) => {
  test.setTimeout(120_000);
  const file = join(folder, "mine.sql.gz");
  run("backup", file);
  const before = await book(request);
  // With the end that every dump has, and something in the middle that cannot be.
  const half = join(folder, "half.sql.gz");
  const text = gunzipSync(readFileSync(file)).toString("utf8");
  writeFileSync(
    half,
    gzipSync(
      text.slice(0, text.indexOf("CREATE TABLE `household`") + 2000) +
        `\nINSERT INTO nowhere VALUES (1);\n/*!40111 SET SQL_NOTES=@OLD_SQL_NOTES */;\n`,
    ),
  );
  expect(() => run("restore", half)).toThrow(/the book is as it was/);
  expect(await book(request)).toEqual(before);

  run("restore", "checks/dumps/001_household.sql.gz");
  const old = await book(request);
  expect(old.blends.blends.length).toBe(10);
  expect((await (await request.get("/api/v1/batches?material=henna")).json()).batches.length).toBeGreaterThan(0);
  run("restore", file);
  expect(await book(request)).toEqual(before);
});
