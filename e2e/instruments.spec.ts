import { expect, test, type Page } from "@playwright/test";
import { bowlOfItsOwn, noFault, putBookAside, putUp } from "./steps";

/** The simulated instruments that `./run` started, by their own pages' addresses. */
const SCALE = process.env.SCALE_URL!.replace(/\/shown$/, "");
const PROBE = process.env.PROBE_URL!.replace(/\/shown$/, "");

putBookAside();

async function act(base: string, control: string, amount?: number): Promise<void> {
  const answer = await fetch(`${base}/act`, { method: "POST", body: JSON.stringify({ control, amount }) });
  expect(answer.status).toBe(204);
}
/** As they were found: empty, plugged in, true. */
async function reset(): Promise<void> {
  for (const base of [SCALE, PROBE]) {
    await act(base, "plug");
    await act(base, "drift", 0);
    await act(base, "noise", 0);
  }
  await act(SCALE, "set", 0);
  await act(SCALE, "tare");
}
test.beforeEach(reset);
test.afterAll(reset);

const take = (page: Page, words: string | RegExp) => page.getByRole("button", { name: words });

test("the scale's own page: put on, take off, tare, drift, tremble, unplug; nonsense changes nothing", async ({
  page,
}) => {
  await page.goto(`${SCALE}/`);
  const shown = page.locator("output");
  await expect(shown).toHaveText("0.0 g");
  const does = async (words: string, amount?: string) => {
    const row = page.locator("form").filter({ hasText: words });
    if (amount !== undefined) await row.getByRole("spinbutton").fill(amount);
    await row.getByRole("button").click();
  };
  await does("put on", "350");
  await expect(shown).toHaveText("350.0 g");
  await expect(page.getByText("stands still")).toBeVisible();
  await does("set to zero");
  await expect(shown).toHaveText("0.0 g");
  await does("take off", "50");
  await expect(shown).toHaveText("-50.0 g");
  await does("tremble", "20");
  await expect(page.getByText("moves")).toBeVisible();
  await does("unplug");
  await expect(shown).toHaveText("–");
  await does("plug in");
  await expect(shown).toHaveText(/g$/);
  const answer = await fetch(`${SCALE}/act`, { method: "POST", body: '{"control":"explode"}' });
  expect(answer.status).toBe(422);
  // Another site cannot press it.
  const foreign = await fetch(`${SCALE}/act`, {
    method: "POST",
    body: '{"control":"tare"}',
    headers: { origin: "https://elsewhere.example" },
  });
  expect(foreign.status).toBe(403);
  await noFault(page);
});

test("the house passes on what it shows under its own address; a silent one is said, and heard again", async ({
  page,
}) => {
  await act(SCALE, "set", 212);
  await page.goto("/house", { waitUntil: "networkidle" });
  const here = page.getByRole("region", { name: "Instruments" });
  const asked = page.waitForRequest((request) => request.url().includes("/instruments/scale"));
  await here.getByRole("listitem").filter({ hasText: "scale" }).getByRole("button").click();
  // Pages ask this house, and nobody else.
  expect(new URL((await asked).url()).origin).toBe(new URL(page.url()).origin);
  await expect(here.getByText("212 g")).toBeVisible();
  await act(SCALE, "unplug");
  await expect(here.getByText(/^silent/)).toBeVisible();
  await act(SCALE, "plug");
  await expect(here.getByText("212 g")).toBeVisible({ timeout: 12_000 });
});

test("in mixing, jars, spoons and a making: one press takes what stands still", async ({ page, request }) => {
  test.setTimeout(120_000);
  // A jar and its spoons.
  await putUp(page, "amla", "500");
  await act(SCALE, "set", 431);
  const left = page.getByLabel("The scale says, g");
  await page.getByRole("button", { name: "read the scale" }).first().click();
  await expect(take(page, "take 431 g").first()).toBeVisible();
  const leftForm = page.locator("form").filter({ has: left });
  await leftForm.getByRole("button", { name: "take 431 g" }).click();
  await expect(left).toHaveValue("431");
  await leftForm.getByRole("button", { name: "That is left" }).click();
  await expect(leftForm.getByText("Kept.")).toBeVisible();
  const spoons = page.locator("form").filter({ has: page.getByLabel("weigh, g") });
  // From what stands on it already.
  await spoons.getByRole("button", { name: "count from here" }).click();
  await act(SCALE, "add", 19.5);
  await expect(spoons.getByRole("button", { name: "take 19.5 g" })).toBeVisible();
  await spoons.getByRole("button", { name: "take 19.5 g" }).click();
  await expect(page.getByLabel("weigh, g")).toHaveValue("19.5");

  // One that trembles is not taken.
  await act(SCALE, "noise", 30);
  await expect(leftForm.getByRole("button", { name: "the scale moves" })).toHaveAttribute("aria-disabled", "true");
  await act(SCALE, "noise", 0);

  // What went into a bowl, and its liquid.
  const id = await bowlOfItsOwn(request, "By the scale", "Weigher");
  await page.goto(`/batches/${id}`, { waitUntil: "networkidle" });
  await act(SCALE, "set", 41);
  const went = page.getByRole("region", { name: "What went in" });
  await went.getByRole("row").nth(1).getByRole("button").click();
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("button", { name: "read the scale" }).click();
  await sheet.getByRole("button", { name: "take 41 g" }).click();
  await sheet.getByRole("button", { name: "That went in" }).click();
  await expect(went.getByText(/^41\s*g/).first()).toBeVisible();
  await act(SCALE, "set", 120);
  await take(page, "take 120 g").first().click();
  await page.getByRole("button", { name: "Poured", exact: true }).click();
  await expect(page.getByText(/^1[12]\d ml$/).first()).toBeVisible();

  // A making, by both; only a press makes an event of it.
  await page.goto("/making/brew?of=rosemary-leaf-whole~10", { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Begin it" }).click();
  await page.waitForURL(/\/makings\//);
  await page.getByRole("button", { name: /^Done: weigh/ }).click();
  const read = page.getByRole("region", { name: "Read it off" });
  await act(PROBE, "set", 71);
  await read.getByRole("button", { name: "read the thermometer" }).click();
  await expect(read.getByRole("button", { name: /^take (70\.9|71|71\.1) °C$/ })).toBeVisible({ timeout: 20_000 });
  await read.getByRole("button", { name: /^take 7/ }).click();
  await expect(read.getByLabel("Thermometer, °C")).toHaveValue(/^7[01]/);
  await noFault(page);
});

test("a bowl that stays on the scale is weighed by itself, once for each section, and never when it is lifted", async ({
  page,
  request,
}) => {
  test.setTimeout(90_000);
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await bowlOfItsOwn(request, "Stays on it", "Tared");
  const { batch } = await (await request.get(`/api/v1/batches/${id}`)).json();
  const madeG = Math.round(batch.answer.totalG.mid);
  await act(SCALE, "set", 350 + madeG);
  await page.goto(`/batches/${id}/apply`, { waitUntil: "networkidle" });
  await page.getByLabel("Parted into").selectOption("4");
  await page.getByLabel("The empty bowl weighs, g").fill("350");
  await page.getByRole("button", { name: "read the scale" }).click();
  await take(page, `take ${350 + madeG} g`).click();
  await page.getByRole("button", { name: "That is all of it" }).click();
  await page.getByLabel(/^the bowl stays on the scale/).check();
  const weights = async () => {
    const { events } = await (await request.get(`/api/v1/batches/${id}/events`)).json();
    return events
      .filter(({ payload }: { payload: { kind: string } }) => payload.kind === "onScale")
      .map(({ payload }: { payload: { leftG: number } }) => Math.round(payload.leftG));
  };
  const doneIt = page.getByRole("button", { name: "Done", exact: true });

  // Lifted to dip in, set back lighter, then the section is done: one weight.
  await act(SCALE, "set", 0);
  await page.waitForTimeout(1500);
  await act(SCALE, "set", 350 + madeG * 0.75);
  await page.waitForTimeout(2600);
  await doneIt.click();
  await expect.poll(weights).toEqual([madeG, Math.round(madeG * 0.75)]);
  // Done first and set back after it; what drifts while nobody takes from it is no other weight.
  await act(SCALE, "drift", 6);
  await doneIt.click();
  await act(SCALE, "set", 350 + madeG * 0.5);
  await expect.poll(async () => (await weights()).length, { timeout: 15_000 }).toBe(3);
  await page.waitForTimeout(3000);
  expect(await weights()).toHaveLength(3);
  await act(SCALE, "drift", 0);
  // Taken back, it is not noted once more from the same weight.
  await page.getByRole("button", { name: /^take back: \d+ g left, by the scale/ }).click();
  await page.waitForTimeout(2500);
  const { state } = await (await request.get(`/api/v1/batches/${id}`)).json();
  expect(state.scale).toHaveLength(2);
  // Something else on it is said, and not noted.
  await act(SCALE, "set", 350 + madeG + 400);
  await expect(page.getByText("The bowl is heavier than before: is something else on the scale?")).toBeVisible();
  // A silent scale stops nothing: it is typed.
  await act(SCALE, "unplug");
  await expect(page.getByText("The scale is silent: type it.")).toBeVisible();
  await page.getByLabel("On the scale now, g").fill(String(Math.round(350 + madeG * 0.5)));
  await page.getByRole("button", { name: "Weighed" }).click();
  await expect.poll(async () => (await weights()).length).toBe(4);
  await noFault(page);
});

test("a dye that rests warm: what the thermometer shows is noted, and its times go by it", async ({
  page,
  request,
}) => {
  const { going } = await (await request.get("/api/v1/now")).json();
  const dye = going.find(({ window }: { window?: { kind: string } }) => window?.kind === "dye");
  await act(PROBE, "set", 31);
  await page.goto(`/batches/${dye.batchId}/rest`, { waitUntil: "networkidle" });
  const warm = page.locator("form").filter({ has: page.getByLabel("A thermometer in it says, °C") });
  await warm.getByRole("button", { name: "read the thermometer" }).click();
  await warm.getByRole("button", { name: /^take 3[01](\.\d)? °C$/ }).click({ timeout: 20_000 });
  await warm.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByText(/: 3[01](\.\d)? °C by a\s+thermometer; the times go by that\./)).toBeVisible();
});
