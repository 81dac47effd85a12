import { readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, test, type Page } from "@playwright/test";
import { drop, putBookAside } from "./steps";

putBookAside();

test.describe("bad input: one clear line at its field, nothing lost", () => {
  for (const [text, says] of [
    ["-2", "This is too small"],
    ["9000", "This is too much"],
    ["lots", "This wants a number"],
    ["", "This is missing"],
    ["<script>", "This wants a number"],
  ] as const) {
    test(`an amount of “${text}”`, async ({ page }) => {
      await page.goto("/blend");
      await drop(page, "amla");
      await drop(page, "honey");
      await page.getByRole("button", { name: /^amla/ }).click();
      await page.getByLabel("Measured in").selectOption("g");
      await page.getByLabel("Parts").fill(text);
      await expect(page.getByRole("dialog").getByText(says)).toBeVisible();
      await expect(page.getByLabel("Parts")).toHaveAttribute("aria-invalid", "true");
      await expect(page.getByRole("button", { name: "Save", exact: true })).toBeDisabled();
      await expect(page.getByLabel("Parts")).toHaveValue(text);
      await page.getByLabel("Parts").fill("30");
      await expect(page.getByRole("button", { name: "Save", exact: true })).toBeEnabled();
    });
  }
  test("a kitchen at 90°, a head of 0 cm and of 3 m", async ({ page }) => {
    await page.goto("/blend");
    await drop(page, "amla");
    await page.getByRole("button", { name: "20°" }).click();
    await page.getByLabel("Kitchen, °C").fill("90");
    await expect(page.getByText("This is too much; it ends at 45.").first()).toBeVisible();
    await page.getByLabel("Kitchen, °C").fill("20");
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: /hair$/ }).click();
    await page.getByLabel("cm, longest").fill("0");
    await expect(page.getByText("This is too small; it starts at 1.").first()).toBeVisible();
    await page.getByLabel("cm, longest").fill("300");
    await expect(page.getByText("This is too much; it ends at 200.").first()).toBeVisible();
  });
  test("oil alone, then no powder, then a liquid that never gets there", async ({ page }) => {
    await page.goto("/blend");
    await drop(page, "sesame oil");
    await expect(page.getByText(/Oil alone makes no paste/)).toBeVisible();
    await drop(page, "honey");
    await expect(page.getByText(/There is no powder in the bowl yet/)).toBeVisible();
    await drop(page, "amla");
    await page.getByRole("button", { name: "warm water" }).click();
    await page.getByRole("radio", { name: /^yoghurt/ }).click();
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "cream", exact: true }).click();
    await page.getByRole("radio", { name: /a drizzle/ }).click();
    await expect(page.getByText(/No amount of yoghurt makes it this thin/)).toBeVisible();
  });
  test("an address that leads nowhere", async ({ page }) => {
    for (const path of [
      "/nowhere",
      "/batches/not-an-id",
      "/heads/%00",
      "/blend/..%2f..%2fetc",
      "/blend/🌿",
      "/blend/🌿/versions",
      "/batches/🌿",
    ]) {
      const response = await page.goto(path);
      expect(response!.status()).toBeGreaterThanOrEqual(400);
      expect(response!.status()).toBeLessThan(500);
      await expect(page.locator("body")).not.toContainText(/at .*\.(ts|js):\d+/);
    }
  });
});

test("taps that cannot be sent outlive their page, and arrive once", async ({ page, context }) => {
  const { batches } = await (await page.request.get("/api/v1/batches?text=Ferry")).json();
  const open = batches.find((batch: { closedMs?: number }) => batch.closedMs === undefined);
  const poured = async () => (await (await page.request.get(`/api/v1/batches/${open.id}`)).json()).state.pouredMl;
  const before = await poured();
  await context.route("**/events", (route) => route.abort());
  await page.goto(`/batches/${open.id}`);
  for (const ml of ["11", "22"]) {
    await page.getByLabel("or ml").fill(ml);
    await page.getByRole("button", { name: "Poured", exact: true }).click();
  }
  await expect(page.getByText(/2 taps are waiting to be sent/)).toBeVisible();
  await expect(page.locator("p.font-say.text-figure").first()).toHaveText(`${before + 33} ml`);
  await page.close();
  expect(await poured()).toBe(before);
  await context.unroute("**/events");
  const again = await context.newPage();
  await again.goto(`/batches/${open.id}`);
  await expect(again.locator("p.font-say.text-figure").first()).toHaveText(`${before + 33} ml`);
  await expect
    .poll(async () => (await (await again.request.get(`/api/v1/batches/${open.id}`)).json()).state.pouredMl)
    .toBe(before + 33);
  await again.reload();
  await expect(again.locator("p.font-say.text-figure").first()).toHaveText(`${before + 33} ml`);
});

test("a tap that the house can never take is set aside with its words, and the others go on", async ({
  page,
  context,
}) => {
  const { batches } = await (await page.request.get("/api/v1/batches?text=Ferry")).json();
  const open = batches.find((batch: { closedMs?: number }) => batch.closedMs === undefined);
  const notes = async () =>
    (await (await page.request.get(`/api/v1/batches/${open.id}`)).json()).state.notes.map(
      ({ text }: { text: string }) => text,
    );
  // One word that this house refuses for good, and one over which it always fails.
  await context.route("**/events", async (route) => {
    const body = route.request().postData() ?? "";
    if (body.includes("quicksand"))
      return route.fulfill({
        status: 422,
        contentType: "application/problem+json",
        body: JSON.stringify({ title: "Something in it cannot be used.", status: 422, errors: [] }),
      });
    if (body.includes("earthquake"))
      return route.fulfill({
        status: 500,
        contentType: "application/problem+json",
        body: JSON.stringify({ title: "Something went wrong here.", status: 500 }),
      });
    return route.continue();
  });
  await page.goto(`/batches/${open.id}`);
  for (const text of ["before the fall", "quicksand under all of it", "between them", "earthquake", "after it all"]) {
    await page.getByLabel("A few words").fill(text);
    await page.getByRole("button", { name: "Note it" }).click();
  }
  const aside = page.getByRole("region", { name: "Not taken by the house" });
  await expect(aside.getByText("noted: quicksand under all of it")).toBeVisible({ timeout: 20_000 });
  await expect(aside.getByText("noted: earthquake")).toBeVisible({ timeout: 30_000 });
  await expect.poll(notes).toEqual(expect.arrayContaining(["before the fall", "between them", "after it all"]));
  await expect(page.getByText(/waiting to be sent/)).toBeHidden();
  // It is still there on the next visit, can be sent again, and dropped.
  await page.reload();
  await expect(aside.getByRole("listitem")).toHaveCount(2);
  await context.unroute("**/events");
  await aside
    .getByRole("listitem")
    .filter({ hasText: "earthquake" })
    .getByRole("button", { name: "send it again" })
    .click();
  await expect.poll(notes).toContain("earthquake");
  await aside.getByRole("listitem").filter({ hasText: "quicksand" }).getByRole("button", { name: "drop it" }).click();
  await expect(aside).toBeHidden();
  expect(await notes()).not.toContain("quicksand under all of it");
});

test("a page that was left open while Infusing was brought forward says so, and reloads at a press", async ({
  page,
  context,
}) => {
  await page.goto("/heads");
  await expect(page.getByText("A newer Infusing is here")).toBeHidden();
  await context.route("**/api/v1/changes*", async (route) => {
    const answer = await route.fetch();
    await route.fulfill({ response: answer, json: { ...(await answer.json()), build: "a later one" } });
  });
  await expect(page.getByText("A newer Infusing is here.")).toBeVisible();
  await context.unroute("**/api/v1/changes*");
  await page.getByRole("button", { name: "reload" }).click();
  await expect(page.getByText("A newer Infusing is here")).toBeHidden();
  await page.waitForTimeout(2500);
  await expect(page.getByText("A newer Infusing is here")).toBeHidden();
});

test.describe("the database stopped in the middle of a save, and started again by ./run", () => {
  const { DB_DIR: dir = "", GUARD_PID = "" } = process.env;
  /**
   * Kills the database as a power cut would; whoever starts it again is held meanwhile, so that the page can be looked
   * at.
   */
  async function stopDatabase() {
    process.kill(Number(GUARD_PID), "SIGSTOP");
    process.kill(Number(readFileSync(join(dir, "mariadbd.pid"), "utf8")), "SIGKILL");
  }
  async function startDatabase(page: Page) {
    process.kill(Number(GUARD_PID), "SIGCONT");
    await expect.poll(async () => (await page.request.get("/api/v1/now")).status(), { timeout: 30_000 }).toBe(200);
  }
  test.afterEach(() => {
    process.kill(Number(GUARD_PID), "SIGCONT");
  });

  test("a blend: told, nothing half-saved, the same press saves it once", async ({ page }) => {
    await page.goto("/blend");
    await drop(page, "neem leaf");
    await page.getByLabel("Name of this blend").fill("Through the storm");
    await stopDatabase();
    await page.getByRole("button", { name: "Save", exact: true }).click();
    await expect(page.getByText(/cannot be reached just now/)).toBeVisible({ timeout: 20_000 });
    await expect(page.getByLabel("Name of this blend")).toHaveValue("Through the storm");
    const other = await page.context().newPage();
    await other.goto("/log");
    await expect(other.getByRole("heading", { level: 1 })).toContainText("cannot be read just now");
    await expect(other.locator("body")).not.toContainText(/ECONNREFUSED|at .*\.(ts|js):\d+/);
    await startDatabase(page);
    // The page came back by itself.
    await expect(other.getByRole("heading", { level: 1 })).toContainText("What did we do", { timeout: 15_000 });
    await other.close();
    await page.getByRole("button", { name: "Save", exact: true }).click();
    await expect(page.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
    const { blends } = await (await page.request.get("/api/v1/blends")).json();
    expect(blends.filter((blend: { name: string }) => blend.name === "Through the storm")).toHaveLength(1);
  });

  test("a tap on a bowl: kept on the page, said, and sent once when it is back", async ({ page }) => {
    const { batches } = await (await page.request.get("/api/v1/batches?text=Ferry")).json();
    const open = batches.find((batch: { closedMs?: number }) => batch.closedMs === undefined);
    await page.goto(`/batches/${open.id}`);
    await stopDatabase();
    await page.getByLabel("A few words").fill("in the dark");
    await page.getByRole("button", { name: "Note it" }).click();
    await expect(page.getByText("in the dark").first()).toBeVisible();
    await expect(page.getByText(/1 tap is waiting to be sent/)).toBeVisible({ timeout: 20_000 });
    await startDatabase(page);
    await expect(page.getByText(/waiting to be sent/)).toBeHidden({ timeout: 20_000 });
    const { state } = await (await page.request.get(`/api/v1/batches/${open.id}`)).json();
    expect(state.notes.filter((note: { text: string }) => note.text === "in the dark")).toHaveLength(1);
  });
});
