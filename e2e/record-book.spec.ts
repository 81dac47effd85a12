import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test, type APIRequestContext, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { fromElsewhere as otherIds } from "../checks/elsewhere";
import { makeTestHouse } from "../checks/testHouse";
import type { Book } from "../src/server/book/format";
import { putBookAside } from "./steps";

putBookAside();

const folder = mkdtempSync(join(tmpdir(), "infusing-book-"));
const get = async (request: APIRequestContext, path: string) => (await request.get(`/api/v1/${path}`)).json();
const whole = (request: APIRequestContext): Promise<Book> => get(request, "book");
const preview = (request: APIRequestContext, book: object) =>
  request.post("/api/v1/imports/preview", { data: { book } });

/** The same book as another house would have it, and its things called by a mark. */
function fromElsewhere<T extends object>(book: T, mark: string): T {
  const other = otherIds(book) as T & Record<string, { name: string }[]> & { batches?: { blendName: string }[] };
  for (const list of ["heads", "blends", "persons"])
    for (const thing of other[list] ?? []) thing.name = `${mark} ${thing.name}`;
  for (const batch of other.batches ?? []) batch.blendName = `${mark} ${batch.blendName}`;
  return other;
}

async function choose(page: Page, name: string, text: string) {
  writeFileSync(join(folder, name), text);
  await page.getByLabel("Bring in a book file").setInputFiles(join(folder, name));
}

test("out of one house into another: said first, brought in, twice adds nothing, undone, brought back", async ({
  page,
  request,
}) => {
  test.setTimeout(90_000);
  const mine = await whole(request);
  await page.goto("/house");
  await choose(page, "mine.json", JSON.stringify(mine));
  await expect(page.getByText("Everything in it is here already; nothing would change.")).toBeVisible();

  const theirs = fromElsewhere(mine, "elsewhere");
  const before = await get(request, "now");
  await choose(page, "theirs.json", JSON.stringify(theirs));
  await expect(
    page.getByText(
      new RegExp(
        `This would bring in ${mine.heads.length} heads, ${mine.blends.length} blends, ${mine.batches.length}` +
          ` bowls and ${mine.jars!.length} jars`,
      ),
    ),
  ).toBeVisible();
  expect((await get(request, "now")).rev).toBe(before.rev); // nothing yet
  await page.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByText(/^Brought in: /)).toBeVisible({ timeout: 30_000 });

  // All there, and the same when it goes out again.
  const after = await whole(request);
  expect(after.batches.length).toBe(2 * mine.batches.length);
  // Heads that were removed are not in a book; what was for them stands without.
  const here = new Set(theirs.heads.map((head) => head.id));
  const arrives = JSON.parse(JSON.stringify(theirs), (key, value) =>
    key === "headId" && !here.has(value) ? null : value,
  ) as Book;
  const part = (book: Book) =>
    ({ heads: book.heads, blends: book.blends, batches: book.batches }) as Record<string, readonly { id: string }[]>;
  for (const [kind, things] of Object.entries(part(arrives))) {
    const out = new Map(part(after)[kind].map((thing) => [thing.id, thing]));
    for (const thing of things) expect(out.get(thing.id)).toEqual(thing);
  }
  await page.goto("/log?text=elsewhere");
  await expect(page.getByRole("link", { name: /^elsewhere/ }).first()).toBeVisible();
  const open = theirs.batches.find((batch) => !batch.events.some((event) => event.payload.kind === "closed"))!;
  await page.goto(`/batches/${open.id}`);
  await page.getByLabel("or ml").fill("7");
  await page.getByRole("button", { name: "Poured", exact: true }).click();
  const poured = open.events.reduce((sum, { payload }) => sum + (payload.kind === "poured" ? payload.ml : 0), 7);
  await expect.poll(async () => (await get(request, `batches/${open.id}`)).state.pouredMl).toBe(poured);
  // What happens now stands after what was brought in.
  expect((await get(request, `batches/${open.id}`)).events.at(-1).payload).toEqual({ kind: "poured", ml: 7 });

  await page.goto("/house");
  await choose(page, "theirs.json", JSON.stringify(theirs));
  await expect(page.getByText("Everything in it is here already; nothing would change.")).toBeVisible();

  await page.getByRole("listitem").filter({ hasText: "theirs.json" }).getByRole("button", { name: "undo it" }).click();
  await expect(page.getByText("Taken out again.")).toBeVisible();
  const undone = await whole(request);
  expect({ heads: undone.heads, blends: undone.blends, batches: undone.batches }).toEqual({
    heads: mine.heads,
    blends: mine.blends,
    batches: mine.batches,
  });
  expect((await get(request, "batches?text=elsewhere")).batches).toEqual([]);
  expect((await request.get(`/api/v1/batches/${open.id}`)).status()).toBe(404);

  await choose(page, "theirs.json", JSON.stringify(theirs));
  await expect(
    page.getByText(/put back \d+ heads, \d+ blends, \d+ bowls and \d+ jars that had been taken out/),
  ).toBeVisible();
  await page.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByText(/^Brought in/)).toBeVisible({ timeout: 30_000 });
  // With what was tapped on it since.
  expect((await get(request, `batches/${open.id}`)).state.pouredMl).toBe(poured);
  await page
    .getByRole("listitem")
    .filter({ hasText: "theirs.json" })
    .getByRole("button", { name: "undo it" })
    .first()
    .click();
  await expect(page.getByText("Taken out again.")).toBeVisible();
});

test("one blend, one head, one bowl by themselves; a blend goes without anybody's head", async ({ request }) => {
  const [{ blends }, { heads }, { batches }] = [
    await get(request, "blends"),
    await get(request, "heads"),
    await get(request, "batches"),
  ];
  const [blend, head, batch]: Book[] = [
    await get(request, `blends/${blends[0].id}/book`),
    await get(request, `heads/${heads[0].id}/book`),
    await get(request, `batches/${batches[0].id}/book`),
  ];
  expect([blend.blends.length, blend.heads.length, blend.batches.length]).toEqual([1, 0, 0]);
  expect([head.heads.length, head.persons.length, head.blends.length]).toEqual([1, 1, 0]);
  expect([batch.batches.length, batch.heads.length]).toEqual([1, 0]);
  for (const book of [blend, head, batch]) {
    const other = fromElsewhere(book, "alone");
    const id = uuid();
    expect((await (await preview(request, other)).json()).problems).toEqual([]);
    for (let i = 0; i < 2; i++)
      expect((await request.post("/api/v1/imports", { data: { id, book: other } })).status()).toBe(200);
    expect((await request.put(`/api/v1/imports/${id}/undone`, { data: { undone: true } })).status()).toBe(200);
  }
});

test("a book of the version before is read as well", async ({ request }) => {
  const old = fromElsewhere(JSON.parse(readFileSync("checks/books/version1.json", "utf8")), "v1") as {
    heads: { id: string; hair: object }[];
    blends: { id: string; versions: unknown[] }[];
    batches: { id: string; events: { payload: { kind: string; ml?: number } }[] }[];
  };
  const id = uuid();
  const answer = await request.post("/api/v1/imports", { data: { id, book: old } });
  expect(answer.status(), await answer.text()).toBe(200);
  expect(await answer.json()).toMatchObject({
    adds: { heads: old.heads.length, blends: old.blends.length, batches: old.batches.length },
  });
  expect(await get(request, `heads/${old.heads[0].id}`)).toMatchObject({ hair: old.heads[0].hair });
  expect((await get(request, `blends/${old.blends[0].id}/versions`)).versions.length).toBe(
    old.blends[0].versions.length,
  );
  const { state, batch } = await get(request, `batches/${old.batches[0].id}`);
  expect(state.pouredMl).toBe(old.batches[0].events.reduce((sum, { payload }) => sum + (payload.ml ?? 0), 0));
  expect(batch.blendId).toBe(old.blends[0].id);
  await request.put(`/api/v1/imports/${id}/undone`, { data: { undone: true } });
});

test("what is no book changes nothing, and is told in one clear line", async ({ page, request }) => {
  const mine = await whole(request);
  const { rev } = await get(request, "now");
  const text = JSON.stringify(mine);
  const other = fromElsewhere(mine, "spoilt");
  const spoilt = (change: (book: Record<string, never> & Book) => void) => {
    const book = structuredClone(other) as Record<string, never> & Book;
    change(book);
    return JSON.stringify(book);
  };
  await page.goto("/house");
  const many = Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`extra${i}`, i]));
  for (const [name, content, says] of [
    ["truncated.json", text.slice(0, text.length / 2), /not JSON, or it broke off/],
    ["foreign.json", JSON.stringify({ recipes: [{ title: "soup" }] }), /This is no book file/],
    ["newer.json", JSON.stringify({ ...mine, version: 3 }), /written by a newer Infusing than this one/],
    ["keys.json", JSON.stringify({ ...mine, ...many }), /book\.extra0:.*not something that can be set here/],
    [
      "deep.json",
      spoilt((book) => {
        (book.heads[0].hair as object as Record<string, unknown>).more = many;
      }),
      /book\.heads\.0\.hair.more:/,
    ],
    [
      "proto.json",
      JSON.stringify({ ...mine }).replace('{"format"', '{"__proto__":{"x":1},"format"'),
      /not something that can be set here|cannot be used/,
    ],
    [
      "herb.json",
      spoilt((book) => {
        (book.blends[0].versions[0].blend.lines[0] as { materialId: string }).materialId = "moondust";
      }),
      /blends\.0\.versions\.0\.blend\.lines\.0\.materialId: This is not on the shelf/,
    ],
    [
      "negative.json",
      spoilt((book) => {
        (book.batches[0].events.find((event) => event.payload.kind === "poured")!.payload as { ml: number }).ml = -5;
      }),
      /This is too small/,
    ],
    [
      "twice.json",
      spoilt((book) => {
        (book.heads as unknown[]).push(book.heads[0]);
      }),
      /stands in the file twice/,
    ],
    ["empty.json", "", /not JSON, or it broke off/],
  ] as const) {
    await choose(page, name, content);
    await expect(page.getByText(says).first(), name).toBeVisible({ timeout: 15_000 });
    await expect(page.getByRole("button", { name: "Bring it in" }), name).toHaveCount(0);
  }
  // The same by the API, and with an id of another house in it.
  const house = await makeTestHouse("A house whose ids are used");
  const taken = spoilt((book) => {
    (book.heads[0] as { id: string }).id = house.headId;
  });
  for (const content of [taken, JSON.stringify({ ...mine, ...many })]) {
    const answer = await request.post("/api/v1/imports", { data: { id: uuid(), book: JSON.parse(content) } });
    expect(answer.status()).toBe(422);
    expect((await answer.json()).errors.length).toBeLessThanOrEqual(20);
  }
  expect((await get(request, "now")).rev).toBe(rev);
  expect((await whole(request)).batches).toEqual(mine.batches);
});

test("a table that would open a formula in a spreadsheet is made plain", async ({ request }) => {
  const { heads } = await get(request, "heads");
  const [id, versionId, batchId] = [uuid(), uuid(), uuid()];
  const { blends } = await get(request, "blends");
  await request.post("/api/v1/blends", {
    data: {
      id,
      versionId,
      name: '=HYPERLINK("https://elsewhere.example")',
      headId: heads[0].id,
      blend: blends[0].blend,
    },
  });
  await request.post("/api/v1/batches", { data: { id: batchId, versionId, headId: heads[0].id } });
  await request.post(`/api/v1/batches/${batchId}/events`, {
    data: {
      events: [
        {
          id: uuid(),
          payload: { kind: "noted", text: "@SUM(1+1)" },
          deviceSeq: 1,
          revSeen: 0,
          deviceClock: new Date().toISOString(),
        },
      ],
    },
  });
  for (const path of ["log", "log/lines"]) {
    const csv = await (await request.get(`/api/v1/${path}?text=hyperlink`)).text();
    expect(csv).toContain("'=HYPERLINK");
    expect(csv).not.toMatch(/(^|,|\n)"?[=@+-][A-Z]/);
  }
  await request.put(`/api/v1/blends/${id}/removed`, { data: { removed: true } });
});

test("a file as long as is promised comes in whole, and nobody waits for one that is being read", async ({
  request,
  baseURL,
}) => {
  test.setTimeout(180_000);
  const one: Book = await get(request, `batches/${(await get(request, "batches")).batches[0].id}/book`);
  const batches = Array.from({ length: 4000 }, () => otherIds(one).batches[0]).map((batch) => ({
    ...batch,
    versionId: null,
    blendId: null,
    headId: null,
    blendName: "a long file",
    events: batch.events.slice(0, 2),
  }));
  let size = 0;
  const book: Book = {
    ...one,
    batches: batches.filter((batch) => (size += JSON.stringify(batch).length) < 30 * 2 ** 20),
    things: [],
    devices: one.devices,
  };
  const id = uuid();
  const whole = JSON.stringify({ book });
  expect(whole.length).toBeGreaterThan(28 * 2 ** 20);
  // What is brought in is longer than the framework alone lets through, and no longer than that needs.
  const some: Book = { ...book, batches: book.batches.slice(0, Math.ceil(book.batches.length * 0.4)) };
  const body = JSON.stringify({ id, name: "long.json", book: some });
  expect(body.length).toBeGreaterThan(11 * 2 ** 20);
  const times: number[] = [];
  let going = true;
  const asking = (async () => {
    while (going) {
      const from = Date.now();
      expect((await fetch(`${baseURL}/api/v1/changes`)).status).toBe(200);
      times.push(Date.now() - from);
      await new Promise((go) => setTimeout(go, 50));
    }
  })();
  const began = Date.now();
  const preview = await (
    await request.post("/api/v1/imports/preview", {
      data: Buffer.from(whole),
      headers: { "content-type": "application/json" },
      timeout: 60_000,
    })
  ).json();
  const readingMs = Date.now() - began;
  expect(preview.problems).toEqual([]);
  expect(preview.adds.batches).toBe(book.batches.length);
  going = false;
  await asking;
  // JSON that arrives whole is still copied from thread to thread; what took seconds was reading it.
  expect(Math.max(...times)).toBeLessThan(Math.max(2500, readingMs / 2));
  const answer = await request.post("/api/v1/imports", {
    data: Buffer.from(body),
    headers: { "content-type": "application/json" },
    timeout: 120_000,
  });
  expect(await answer.json()).toMatchObject({ adds: { batches: some.batches.length } });
  expect(
    (await request.put(`/api/v1/imports/${id}/undone`, { data: { undone: true }, timeout: 60_000 })).status(),
  ).toBe(200);
  // What is longer than that is refused with a line, and a stranger to the house's name before anything is read.
  const longer = await fetch(`${baseURL}/api/v1/imports`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: `{"book":"${"x".repeat(33.5 * 2 ** 20)}"}`,
  });
  expect(longer.status).toBe(413);
});

test("2 000 unknown names are refused while others are answered; no device takes the whole thread", async ({
  baseURL,
}) => {
  test.setTimeout(60_000);
  const rows = Array.from({ length: 2000 }, (_, i) => `bhr${i.toString(36)}ngrxj${i},100`).join("\r\n");
  const body = JSON.stringify({ csv: `material,full_g\r\n${rows}` });
  const send = (device: string) =>
    fetch(`${baseURL}/api/v1/shelf/jars`, {
      method: "POST",
      headers: { "content-type": "application/json", cookie: `infusing_device=${device}` },
      body,
    });
  const [greedy, other] = [uuid(), uuid()];
  const many = Array.from({ length: 6 }, () => send(greedy));
  const from = Date.now();
  expect((await fetch(`${baseURL}/api/v1/now`)).status).toBe(200);
  expect(Date.now() - from).toBeLessThan(1500);
  expect((await send(other)).status).toBe(422);
  const statuses = (await Promise.all(many)).map(({ status }) => status);
  expect([...new Set(statuses)].sort()).toEqual([422, 429]);
});
