import { readFileSync } from "node:fs";
import http from "node:http";
import jsQR from "jsqr";
import { PNG } from "pngjs";
import { expect, test, type Browser, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { database } from "../src/store/connection";
import { secondServer } from "./server";
import { BODIES, idIn, type Ids } from "./samples";
import { keptPages, putBookAside } from "./steps";

putBookAside();

const PASSWORD = "nine steps to the ferry";
const NAMES = /Nine Ferry|Mina|Seun|Bertil|Liv|Coil softener|Ferry rust/;
const openapi = JSON.parse(readFileSync("docs/openapi.json", "utf8"));
const NOBODY: Ids = {
  headId: uuid(),
  blendId: uuid(),
  versionId: uuid(),
  batchId: uuid(),
  deviceId: uuid(),
  personId: uuid(),
  importId: uuid(),
  jarId: uuid(),
  thingId: uuid(),
  weighingId: uuid(),
  readingId: uuid(),
  makingId: uuid(),
};

/** The house is locked for these tests, by a page that is in, and open again after them. */
test.describe.configure({ mode: "serial" });
let home: Page;
let batchPath = "";
let staticFiles: string[] = [];
test.beforeAll(async ({ browser }) => {
  home = await (await browser.newContext()).newPage();
  await home.goto("/log");
  batchPath = (await home
    .getByRole("link", { name: /Pepper and salt|Quiet scalp/ })
    .first()
    .getAttribute("href"))!;
  staticFiles = await home.evaluate(() =>
    performance
      .getEntriesByType("resource")
      .map((entry) => new URL(entry.name).pathname)
      .filter((path) => path.startsWith("/_next/static/")),
  );
  await home.goto("/house");
  await home.getByRole("button", { name: "Set a password …" }).click();
  await home.getByLabel("The household’s password").fill("short");
  await expect(home.getByText("At least 12 signs")).toBeVisible();
  await home.getByLabel("The household’s password").fill(PASSWORD);
  await home.getByRole("button", { name: "Lock the house", exact: true }).click();
  await expect(home.getByText("The house is locked:")).toBeVisible();
});
test.afterAll(async () => {
  await database()("household").update({ password_hash: null });
  await database()("door_try").del();
  await database()("device").update({ token_hash: null });
  await database()("setting").where({ name: "network" }).del();
  await home.context().close();
});
const forgetTries = () => database()("door_try").del();
const stranger = async (browser: Browser, options = {}) => (await browser.newContext(options)).newPage();

test("the password is kept as nobody can read it, and the one who set it stays in", async () => {
  const { password_hash } = await database()("household").whereNotNull("password_hash").first("password_hash");
  expect(password_hash).toMatch(/^scrypt\$32768\$8\$1\$/);
  expect(password_hash).not.toContain(PASSWORD);
  await home.goto("/log");
  await expect(home.getByRole("heading", { level: 1 })).toContainText("What did we do");
  const cookie = (await home.context().cookies()).find(({ name }) => name === "infusing_device")!;
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: "Strict" });
  expect(JSON.stringify(await database()("device"))).not.toContain(cookie.value.split(".")[1]);
});

test("no page, file, route or event answers a stranger", async ({ browser }) => {
  const page = await stranger(browser);
  for (const path of ["/", "/blend", "/heads", "/log", "/house", batchPath, "/batches/x", "/nowhere"]) {
    await page.goto(path);
    // The door remembers what was asked for, and shows nothing of it.
    await expect(page).toHaveURL(new RegExp(`/enter\\?then=${encodeURIComponent(path).replaceAll(".", "\\.")}$`));
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("This house is locked.");
    await expect(page.locator("html")).not.toContainText(NAMES);
  }
  expect(staticFiles.length).toBeGreaterThan(3);
  for (const path of [
    ...staticFiles,
    "/worksheet.js",
    "/icon.svg",
    "/favicon.ico",
    "/_next/image?url=%2Ficon.svg&w=64&q=75",
    "/log?_rsc=x",
    `${batchPath}.rsc`,
  ]) {
    const answer = await page.request.get(path, { maxRedirects: 0 });
    expect([path, answer.status()]).toEqual([path, 401]);
  }
  for (const headers of [
    { rsc: "1" },
    { "x-middleware-subrequest": "src/proxy:src/proxy:src/proxy:src/proxy:src/proxy" },
    { "x-middleware-subrequest": "proxy" },
    { authorization: "Bearer x.y" },
    { cookie: `infusing_device=${uuid()}.${"A".repeat(43)}` },
  ] as Record<string, string>[]) {
    for (const path of ["/log", "/api/v1/heads", batchPath]) {
      const answer = await page.request.get(path, { headers, maxRedirects: 0 });
      expect([path, JSON.stringify(headers), [303, 307, 401].includes(answer.status())]).toEqual([
        path,
        JSON.stringify(headers),
        true,
      ]);
      expect(await answer.text()).not.toMatch(NAMES);
    }
  }
  const rev = (await (await home.request.get("/api/v1/now")).json()).rev;
  for (const [path, methods] of Object.entries<object>(openapi.paths)) {
    for (const method of Object.keys(methods) as ("get" | "post" | "put")[]) {
      const at = `/api/v1${idIn(path, NOBODY)}`;
      const answer =
        method === "get"
          ? await page.request.get(at)
          : await page.request[method](at, { data: BODIES[`${method} ${path}`](NOBODY) });
      expect([method, path, answer.status()]).toEqual([method, path, 401]);
      expect(await answer.json()).toMatchObject({ status: 401 });
    }
  }
  const withId = await page.request.post(`/api/v1${batchPath}/events`, {
    data: { events: [] },
    headers: { cookie: `infusing_device=${uuid()}` },
  });
  expect(withId.status()).toBe(401);
  expect((await (await home.request.get("/api/v1/now")).json()).rev).toBe(rev);
  await page.context().close();
});

test("the door remembers the page that was asked for, and leads nowhere else", async ({ browser }) => {
  const page = await stranger(browser);
  await page.goto("/log?text=wash");
  await expect(page).toHaveURL(/\/enter\?then=%2Flog%3Ftext%3Dwash$/);
  await page.getByLabel("or password").fill("not the password at all");
  await page.getByRole("button", { name: "Come in" }).click();
  await expect(page.getByRole("alert")).toBeVisible();
  await page.getByLabel("or password").fill(PASSWORD);
  await page.getByRole("button", { name: "Come in" }).click();
  await expect(page).toHaveURL(/\/log\?text=wash$/);
  for (const then of [
    "//elsewhere.example",
    "https://elsewhere.example/",
    "/\\elsewhere.example",
    "javascript:alert(1)",
    "/api/v1/book",
    "/enter",
    "",
  ]) {
    const answer = await page.request.get(`/enter?${new URLSearchParams({ then })}`, { maxRedirects: 0 });
    expect([then, answer.headers().location]).toEqual([then, "/"]);
  }
  await page.context().close();
});

test("a phone comes in by the code in the picture, and its taps are its person's", async ({ browser }) => {
  await home.goto("/house");
  await home.getByLabel("Whose is it?").selectOption({ label: "Seun" });
  await home.getByRole("button", { name: "Make a code" }).click();
  const picture = home.getByRole("img", { name: "The address and the code, for a camera" });
  // Away from the foot, which lies over what is at the edge.
  await picture.evaluate((element) => element.scrollIntoView({ block: "center" }));
  const { data, width, height } = PNG.sync.read(await picture.screenshot());
  const address = new URL(jsQR(new Uint8ClampedArray(data), width, height)!.data);
  expect(address.pathname).toBe("/enter");
  expect(address.searchParams.get("code")).toMatch(/^[A-HJ-NP-Z2-9]{10}$/);

  const phone = await stranger(browser, { viewport: { width: 390, height: 844 } });
  await phone.goto(`/enter${address.search}`);
  await expect(phone.getByLabel("Code")).toHaveValue(address.searchParams.get("code")!);
  await phone.getByLabel("This device is called").fill("Seun’s phone <b>&");
  await phone.getByRole("button", { name: "Come in" }).click();
  await expect(phone).toHaveURL(/\/$/);
  await expect(phone.getByRole("heading", { name: "Begin a bowl" })).toBeVisible();
  const { going } = await (await phone.request.get("/api/v1/now")).json();
  await phone.goto(`/batches/${going[0].batchId}`);
  await phone.getByLabel("or ml").fill("4");
  await phone.getByRole("button", { name: "Poured", exact: true }).click();
  await expect
    .poll(
      async () =>
        (
          await database()("batch_event")
            .where({ batch_id: going[0].batchId })
            .join("person as p", "p.id", "batch_event.person_id")
            .first("p.name")
        )?.name,
    )
    .toBe("Seun");
  const worksheet = `/batches/${going[0].batchId}`;
  await expect.poll(async () => (await keptPages(phone)).map(([path]) => path)).toContain(worksheet);
  // The same value works for a program, as a bearer token.
  const { value } = (await phone.context().cookies()).find(({ name }) => name === "infusing_device")!;
  const status = await new Promise((done) =>
    http.get(
      `${new URL(phone.url()).origin}/api/v1/heads`,
      { headers: { authorization: `Bearer ${value}` } },
      (answer) => {
        answer.resume();
        done(answer.statusCode);
      },
    ),
  );
  expect(status).toBe(200);

  // The code is used up.
  const second = await stranger(browser);
  await second.goto(`/enter${address.search}`);
  await second.getByRole("button", { name: "Come in" }).click();
  await expect(second.getByRole("alert")).toHaveText("That is not the password, and no code that is good now.");
  await second.context().close();

  // Listed by its name without anybody asking anew, and sent away: its next question ends at the door, and what it had
  // not sent stays on it.
  const row = home.getByRole("listitem").filter({ hasText: "Seun’s phone <b>&" });
  await expect(row).toContainText("Seun");
  await home
    .getByRole("listitem")
    .filter({ hasText: /^Seun/ })
    .filter({ hasText: "erase" })
    .getByRole("button", { name: "send all devices away" })
    .click();
  await expect(row).toBeHidden();
  await expect(phone).toHaveURL(/\/enter\?then=%2Fbatches%2F/, { timeout: 10_000 });
  expect((await phone.request.get("/api/v1/heads")).status()).toBe(401);
  // It keeps no worksheet of this house any more.
  await expect.poll(() => keptPages(phone)).toEqual([]);
  await phone.context().close();
  await forgetTries();
});

test("a code that is late, and the code of another house, let nobody in", async ({ browser }) => {
  const [id, code] = [uuid(), "LATECQDE23"];
  expect((await home.request.post("/api/v1/pairings", { data: { id, code } })).status()).toBe(200);
  // Sent twice is made once.
  expect((await home.request.post("/api/v1/pairings", { data: { id, code } })).status()).toBe(200);
  expect((await home.request.post("/api/v1/pairings", { data: { id: uuid(), code } })).status()).toBe(409);
  await database()("pairing")
    .where({ id })
    .update({ expires_at: new Date(Date.now() - 1000) });
  const page = await stranger(browser);
  for (const given of [code, "ABCDEFGH99"]) {
    await page.goto("/enter");
    await page.getByLabel("Code").fill(given);
    await page.getByRole("button", { name: "Come in" }).click();
    await expect(page.getByRole("alert")).toBeVisible();
  }
  expect((await page.request.get("/api/v1/heads")).status()).toBe(401);
  await page.context().close();
  await forgetTries();
});

test("the password lets in; a wrong one is slowed down, also many at once", async ({ browser }) => {
  const page = await stranger(browser);
  const guess = (password: string) => page.request.post("/enter", { form: { password, name: "x" }, maxRedirects: 0 });
  const answers = await Promise.all(Array.from({ length: 14 }, (_, i) => guess(`wrong ${i}`)));
  const statuses = answers.map((answer) => answer.status());
  // Five are free; a slow machine lets a second or three pass, and with them one or two more.
  const looked = statuses.filter((status) => status === 401).length;
  expect(looked).toBeGreaterThanOrEqual(5);
  expect(looked).toBeLessThanOrEqual(7);
  expect(statuses.filter((status) => status === 429)).toHaveLength(14 - looked);
  const { household_id } = await database()("door_try").first("household_id");
  await database()("door_try").insert(
    Array.from({ length: 9 }, () => ({ household_id, at: new Date(), address: "here" })),
  );
  const late = await guess(PASSWORD);
  expect(late.status()).toBe(429); // even the right one waits
  expect(Number(late.headers()["retry-after"])).toBeGreaterThan(0);
  expect(await late.text()).toMatch(/Wait \d+ s/);
  await forgetTries();
  await page.goto("/enter");
  await page.getByLabel("or password").fill(PASSWORD);
  await page.getByRole("button", { name: "Come in" }).click();
  await expect(page.getByRole("heading", { name: "Begin a bowl" })).toBeVisible();
  await page.context().close();
  const foreign = await home.request.post("/enter", {
    form: { password: PASSWORD, name: "x" },
    headers: { origin: "https://elsewhere.example" },
    maxRedirects: 0,
  });
  expect(foreign.status()).toBe(403);
});

test("every answer carries a strict policy, and the pages live under it", async () => {
  const broken: string[] = [];
  home.on("console", (message) => {
    if (/Content Security Policy|Refused to/.test(message.text())) broken.push(message.text());
  });
  for (const path of ["/", "/blend", "/heads", "/log", "/house", batchPath, "/enter"]) {
    const answer = await home.goto(path);
    const policy = answer!.headers()["content-security-policy"];
    expect(policy).toMatch(/default-src 'none'; script-src 'self' 'nonce-[\w+/=]{20,}' 'strict-dynamic';/);
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(policy).toContain("frame-ancestors 'none'");
    expect(answer!.headers()).toMatchObject({
      "x-content-type-options": "nosniff",
      "x-frame-options": "DENY",
      "cross-origin-resource-policy": "same-origin",
    });
  }
  expect(broken).toEqual([]);
});

test("a changed password sends all others away, and it is taken away again only with itself", async ({ browser }) => {
  const [phone, lost] = [await stranger(browser), await stranger(browser)];
  for (const [page, name] of [
    [phone, "phone"],
    [lost, "lost phone"],
  ] as const)
    expect((await page.request.post("/enter", { form: { password: PASSWORD, name } })).status()).toBe(200);
  await home.goto("/house");
  await home
    .getByRole("listitem")
    .filter({ hasText: "lost phone" })
    .getByRole("button", { name: "send it away" })
    .click();
  await expect(home.getByText("lost phone")).toHaveCount(0);
  expect((await lost.request.get("/api/v1/heads")).status()).toBe(401);
  await lost.context().close();
  expect((await phone.request.get("/api/v1/heads")).status()).toBe(200);
  expect(
    (
      await home.request.put("/api/v1/door/password", {
        data: { current: "not it at all", password: "another sentence" },
      })
    ).status(),
  ).toBe(401);
  expect((await home.request.put("/api/v1/door/password", { data: { password: "another sentence" } })).status()).toBe(
    422,
  );
  await home.goto("/house");
  await home.getByRole("button", { name: "Change the password …" }).click();
  await home.getByLabel("The password until now").fill(PASSWORD);
  await home.getByLabel("The household’s password").fill("another sentence");
  await home.getByRole("button", { name: "Lock the house", exact: true }).click();
  await expect(home.getByText("Every other device was sent away.")).toBeVisible();
  expect((await phone.request.get("/api/v1/heads")).status()).toBe(401);
  await home.getByRole("button", { name: "unlock the house …" }).click();
  await home.getByLabel("The password until now").fill("another sentence");
  await home.getByRole("button", { name: "Take the password away" }).click();
  await expect(home.getByText("The door is open, and the house answers on this machine only.")).toBeVisible();
  expect((await phone.request.get("/api/v1/heads")).status()).toBe(200);
  await phone.context().close();
});

test("without a password it answers nobody on the network; with one it keeps it, and labels lead there", async ({
  page,
}) => {
  const { request } = page;
  const server = await secondServer({ LISTEN_HOST: "0.0.0.0" });
  await server.start();
  try {
    for (const path of ["/", "/log", "/icon.svg", "/api/v1/heads"])
      expect((await request.get(server.base + path, { maxRedirects: 0 })).status(), path).toBe(401);
    expect(
      (await request.put(`${server.base}/api/v1/door/password`, { data: { password: "from a stranger" } })).status(),
    ).toBe(401);
    await request.put("/api/v1/door/password", { data: { password: PASSWORD } });
    expect((await request.get(`${server.base}/api/v1/heads`)).status()).toBe(200);
    // The picture on a label opens the jar at an address that phones reach, and never at this machine's own.
    await page.goto(`${server.base}/shelf/labels`);
    const picture = page.getByRole("img", { name: /^opens the page of/ }).first();
    await picture.evaluate((svg) => {
      svg.setAttribute("style", "width: 400px; height: 400px; position: fixed; inset: 0; z-index: 99");
    });
    const { data, width, height } = PNG.sync.read(await picture.screenshot());
    const leads = jsQR(new Uint8ClampedArray(data), width, height)!.data;
    expect(leads).toMatch(/^http:\/\/\d+\.\d+\.\d+\.\d+:\d+\/shelf\/[0-9a-f-]{36}$/);
    expect(leads).not.toContain("127.0.0.1");
    expect((await request.put(`${server.base}/api/v1/door/password`, { data: { current: PASSWORD } })).status()).toBe(
      409,
    );
    expect((await request.put("/api/v1/door/password", { data: { current: PASSWORD } })).status()).toBe(200);
  } finally {
    await server.kill();
  }
});

test("the network needs a password", async ({ request }) => {
  expect((await request.put("/api/v1/settings", { data: { network: true } })).status()).toBe(409);
});

test("a person erased from the House: said first what goes, then gone", async ({ page }) => {
  const { id } = { id: uuid() };
  await page.request.post("/api/v1/heads", {
    data: { id, name: "Gone Tomorrow", hair: { longest: { cm: 30 }, amount: { strands: "thin" } } },
  });
  await page.goto("/house");
  await page
    .getByRole("listitem")
    .filter({ hasText: "Gone Tomorrow" })
    .getByRole("button", { name: "erase …" })
    .click();
  await expect(page.getByText(/Older backups still have everything/)).toBeVisible();
  await page.getByRole("button", { name: "erase Gone Tomorrow for good" }).click();
  await expect(page.getByText("Gone Tomorrow")).toHaveCount(0);
  expect((await page.request.get(`/api/v1/heads/${id}`)).status()).toBe(404);
});
