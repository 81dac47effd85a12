import { expect, test, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { BLEND_INPUT, HENNA_INPUT, PASTE_INPUT } from "./samples";
import { putBookAside } from "./steps";

putBookAside();

const WAYS = { name: "Ways to that hour" };
/** The demo's dye that rests. */
async function restOf(page: Page): Promise<void> {
  const { going } = await (await page.request.get("/api/v1/now")).json();
  const bowl = going.find(({ window }: { window?: { kind: string } }) => window?.kind === "dye");
  await page.goto(`/batches/${bowl.batchId}`, { waitUntil: "networkidle" });
  await page.getByRole("link", { name: "how long it rests" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/^Ready (since )?about /);
}
/** So many days from now at ten, as the field takes it. */
const atTen = (days: number) => `${new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10)}T10:00`;

test("a dye's hours: ways to a wanted hour, a plan that is dragged by keys, and what cannot be", async ({ page }) => {
  await restOf(page);
  const line = page.getByRole("heading", { level: 1 });
  const before = await line.textContent();
  await page.getByLabel("On the head at").fill(atTen(3));
  const ways = page.getByRole("region", WAYS);
  // Three days ahead nothing that is left out is good any more.
  await expect(ways.getByRole("listitem").first()).toContainText("at its best then");
  await expect(ways.getByRole("listitem").filter({ hasText: "Leave it in the kitchen" })).toContainText(
    "past its best",
  );
  await ways.getByRole("button").first().click();
  await expect(line).not.toHaveText(before!);
  await expect(page.getByText("The dotted line is the bowl left where it stands.")).toBeVisible();
  // The first joint goes on by ten minutes for each press, the first one to a full ten, and the line with it.
  const joint = page.getByRole("slider").first();
  const was = await joint.getAttribute("aria-valuenow");
  await joint.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press("ArrowRight");
  const by = Number(await joint.getAttribute("aria-valuenow")) - Number(was);
  expect(by).toBeGreaterThan(15);
  expect(by).toBeLessThanOrEqual(35);
  // Typed before now it cannot be: there it stands elsewhere.
  await page.getByLabel("From").first().fill(atTen(-2));
  await expect(page.getByText(/^Until .* it stands elsewhere\.$/).first()).toBeVisible();
  await page.getByRole("button", { name: "take this out" }).first().click();
  await expect(page.getByText(/it stands elsewhere\.$/)).toHaveCount(0);
  await page.getByLabel("On the head at").fill("2020-01-01T10:00");
  await expect(page.getByText("That hour is behind us; another one says the ways to it.")).toBeVisible();
});

test("put into the fridge it really stands there, and everybody's times move", async ({ page }) => {
  await restOf(page);
  const until = async () => {
    const { going } = await (await page.request.get("/api/v1/now")).json();
    return Math.max(...going.map(({ window }: { window?: { useByMs?: number } }) => window?.useByMs ?? 0));
  };
  const left = await until();
  await page.getByRole("button", { name: "into the fridge" }).click();
  await expect(page.getByText(/^It stands in the fridge/)).toBeVisible();
  await expect(page.getByText(/^in the fridge since /)).toBeVisible();
  // What is said of the ways follows where it stands.
  await page.getByLabel("On the head at").fill(atTen(2));
  await expect(page.getByRole("button", { name: "Leave it in the fridge, out an hour before" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Take it out into the kitchen now" })).toBeVisible();
  await expect.poll(until).toBeGreaterThan(left + 6 * 3_600_000);
  // Spoiled before its dye is gone: two to four days (common practice).
  expect(await until()).toBeLessThan(Date.now() + 4 * 86_400_000);
});

test("a bowl that is hot is sooner; a spoon of henna in a mask rests like the mask", async ({ request }) => {
  const rest = async (data: object) => (await (await request.post("/api/v1/paste", { data })).json()).rest;
  const henna = (tempC: number) =>
    rest({ ...HENNA_INPUT, liquid: { ...HENNA_INPUT.liquid, materialId: "water", tempC } });
  const [cold, warm, hot] = await Promise.all([21, 60, 100].map(henna));
  expect(warm.dye.own.bestH.mid).toBeLessThan(cold.dye.own.bestH.mid);
  expect(hot.dye.own.bestH.mid).toBeLessThan(warm.dye.own.bestH.mid);
  expect(hot.restMin).toBeGreaterThanOrEqual(60 * hot.dye.own.goesOnH.mid);
  const mask = await rest({
    ...PASTE_INPUT,
    lines: [
      { materialId: "amla", role: "part", amount: 60, unit: "g", fill: "level" },
      { materialId: "henna", role: "fixed", amount: 1, unit: "tsp", fill: "level" },
    ],
  });
  expect(mask.dye).toBeUndefined();
  expect(mask.restMin).toBe(30);
});

test("a spoon of henna in a mask: what it may leave is said while it rests", async ({ page, request }) => {
  const [id, versionId] = [uuid(), uuid()];
  const lines = [
    { materialId: "amla", role: "part", amount: 60, unit: "g", fill: "level" },
    { materialId: "henna", role: "fixed", amount: 1, unit: "tbsp", fill: "level" },
  ];
  const data = { id, versionId, name: "A spoon of it", blend: { ...BLEND_INPUT, lines } };
  expect((await request.post("/api/v1/blends", { data })).status()).toBe(200);
  await page.goto(`/blend/${id}`);
  await page.getByRole("heading", { name: "While it rests" }).scrollIntoViewIfNeeded();
  await page.mouse.move(5, 5);
  await expect(page.getByText(/^The henna in it may leave .* on grey, blond or bleached hair\.$/)).toBeVisible();
});

test("ready while one is elsewhere: said in the foot and in the title until it is seen, and then no more", async ({
  page,
  request,
}) => {
  const { heads } = await (await request.get("/api/v1/heads")).json();
  const headId = heads[0].id;
  const [blendId, versionId, id] = [uuid(), uuid(), uuid()];
  const blend = { id: blendId, versionId, name: "Waiting mask", headId, blend: BLEND_INPUT };
  expect((await request.post("/api/v1/blends", { data: blend })).status()).toBe(200);
  expect((await request.post("/api/v1/batches", { data: { id, versionId, headId } })).status()).toBe(200);
  // Mixed so long ago that it became ready a minute ago.
  const { batch } = await (await request.get(`/api/v1/batches/${id}`)).json();
  const clock = new Date(Date.now() - (batch.answer.rest.restMin + 1) * 60_000).toISOString();
  const event = {
    id: uuid(),
    payload: { kind: "reached", stage: "mixed" },
    deviceSeq: 1,
    revSeen: 0,
    deviceClock: clock,
  };
  await request.post(`/api/v1/batches/${id}/events`, { data: { events: [event], sentAt: new Date().toISOString() } });
  await page.goto("/shelf");
  const says = page.getByRole("contentinfo").getByRole("status").filter({ hasText: "is ready." });
  await expect(says).toContainText("Waiting mask");
  await expect(page).toHaveTitle(/^Waiting mask for .* is ready\./);
  await says.getByRole("button", { name: "seen" }).click();
  await expect(says).toHaveCount(0);
  await expect(page).not.toHaveTitle(/is ready/);
  await page.reload();
  await expect(page.getByRole("contentinfo").getByText("Waiting mask").first()).toBeVisible();
  await expect(says).toHaveCount(0);
});
