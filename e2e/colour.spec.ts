import { expect, test, type APIRequestContext, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { HENNA_INPUT } from "./samples";
import { putBookAside } from "./steps";

putBookAside();

const HOUR_MS = 3_600_000;
/** A bowl of henna of one's own, planned for a head. */
async function hennaFor(request: APIRequestContext, lines: object[] = []): Promise<string> {
  const { heads } = await (await request.get("/api/v1/heads")).json();
  const headId = heads.find(({ name }: { name: string }) => name === "Bertil").id;
  const [blendId, versionId, id] = [uuid(), uuid(), uuid()];
  const { head: _, spoons: __, ...blend } = HENNA_INPUT as Record<string, unknown>;
  const kept = { ...blend, ...(lines.length > 0 ? { lines } : {}), liquid: { materialId: "water", tempC: 21 } };
  const data = { id: blendId, versionId, name: "Night rust", headId, blend: kept };
  const answer = await request.post("/api/v1/blends", { data });
  expect(answer.status(), await answer.text()).toBe(200);
  expect((await request.post("/api/v1/batches", { data: { id, versionId, headId } })).status()).toBe(200);
  return id;
}
/** Something that happened to it so many hours ago. */
async function happened(request: APIRequestContext, id: string, hoursAgo: number, payload: object): Promise<void> {
  const deviceClock = new Date(Date.now() - hoursAgo * HOUR_MS).toISOString();
  const event = { id: uuid(), payload, deviceSeq: 1, revSeen: 0, deviceClock };
  const answer = await request.post(`/api/v1/batches/${id}/events`, {
    data: { events: [event], sentAt: new Date().toISOString() },
  });
  expect(answer.status(), await answer.text()).toBe(200);
}
const line = (page: Page) => page.getByRole("heading", { level: 1 });

test("mixed at night, to the fridge, a dab in the morning, the line changes; on, rinsed, the day after", async ({
  page,
  request,
}) => {
  test.setTimeout(90_000);
  const id = await hennaFor(request);
  await happened(request, id, 11, { kind: "reached", stage: "mixed" });
  await happened(request, id, 8, { kind: "moved", place: "fridge" });
  await page.goto(`/batches/${id}/rest`, { waitUntil: "networkidle" });
  await expect(line(page)).toHaveText(/^Ready (since )?about /);
  const before = await line(page).textContent();
  // Nobody dabs before the patch test.
  await expect(page.getByRole("button", { name: "pale orange" })).toHaveCount(0);
  await page.getByRole("button", { name: "The patch test stayed clear" }).click();
  await page.getByRole("button", { name: "pale orange" }).click();
  await expect(line(page)).not.toHaveText(before!);
  const dab = page.getByRole("region", { name: "A dab on the palm" });
  await expect(dab.getByRole("listitem")).toHaveCount(1);
  await expect(dab.getByRole("status")).toContainText(/It goes /);
  // Taken back it is as if nobody had dabbed.
  await dab.getByRole("button", { name: "take it back" }).click();
  await expect(line(page)).toHaveText(before!);
  await page.getByRole("button", { name: "clear orange" }).click();
  await page.getByRole("button", { name: "out, into the kitchen" }).click();
  await expect(page.getByText(/^It stands in the kitchen/)).toBeVisible();

  await page.goto(`/batches/${id}`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "On the head, last section" }).first().click();
  await page.getByRole("button", { name: "Rinsed" }).first().click();
  const after = page.getByRole("region", { name: "After the rinse" });
  await expect(after.getByRole("checkbox")).toHaveCount(6);
  await expect(after.getByText("The first shampoo")).toBeVisible();
  await expect(after.getByText(/^from /).first()).toBeVisible();
  await after.getByRole("checkbox").first().check();
  await expect(after.getByRole("checkbox").first()).toBeChecked();
  await page.reload();
  await expect(after.getByRole("checkbox").first()).toBeChecked();
  await expect(page.getByRole("contentinfo").getByText(/water only until/)).toBeVisible();
});

test("elsewhere, by its warmth; what cannot be is said at the field", async ({ page, request }) => {
  const id = await hennaFor(request);
  await happened(request, id, 1, { kind: "reached", stage: "mixed" });
  await page.goto(`/batches/${id}/rest`, { waitUntil: "networkidle" });
  const before = await line(page).textContent();
  await page.getByRole("button", { name: "What if it is put elsewhere?" }).click();
  await page.getByLabel("Then it stands").selectOption("elsewhere");
  await page.getByLabel("How warm, °C").fill("200");
  await expect(page.getByText(/^This is too much; it ends at 60/)).toBeVisible();
  await page.getByLabel("How warm, °C").fill("33");
  await expect(page.getByText(/^This is too much/)).toHaveCount(0);
  await page.getByRole("button", { name: "take this out" }).click();
  await page.getByRole("button", { name: "somewhere else …" }).click();
  await page.getByLabel("How warm, °C").fill("34");
  await page.getByRole("button", { name: "It stands there now" }).click();
  await expect(page.getByText(/^It stands where it is 34 °C/)).toBeVisible();
  await expect(line(page)).not.toHaveText(before!);
});

test("henna with indigo to one moment: two plans beside each other, and both bowls opened with their hour", async ({
  page,
}) => {
  await page.goto("/heads");
  await page.getByRole("link", { name: "what a dye will look like" }).click();
  await expect(line(page)).toHaveText(/^What will it look like on /);
  await page.getByLabel("Whose hair").selectOption({ label: "Bertil" });
  const plan = page.getByRole("region", { name: "The plan", exact: true });
  await expect(plan.getByRole("status")).toContainText(/copper/);
  await plan.getByRole("button", { name: "Another dye with it" }).click();
  await expect(plan.getByRole("status")).not.toContainText(/copper/);
  await expect(plan.getByText("Two bowls to one moment")).toBeVisible();
  // All wetted at once the indigo is spent: it says so, and the sketch is that of henna again.
  await plan.getByLabel("How they come together").selectOption("together");
  await expect(plan.getByText("Indigo that waits for henna is spent before it goes on. Wet it last.")).toBeVisible();
  await plan.getByLabel("How they come together").selectOption("stirredIn");
  await page.getByRole("button", { name: "Beside another plan" }).click();
  const other = page.getByRole("region", { name: "The other way", exact: true });
  await expect(other.getByLabel("How they come together")).toHaveValue("after");
  await other.getByLabel("Hours on").fill("100");
  await expect(other.getByText(/^This is too much; it ends at 24/)).toBeVisible();
  await other.getByLabel("Hours on").fill("2");
  await expect(page).toHaveURL(/b=henna-1\*indigo-1_after_2_/);
  // The address is the plan: it comes back as it was.
  await page.reload();
  await expect(page.getByRole("region", { name: "The other way", exact: true }).getByLabel("Hours on")).toHaveValue(
    "2",
  );
  const one = page.getByRole("region", { name: "One way", exact: true });
  await one.getByRole("link", { name: /^make the bowl of indigo/ }).click();
  await expect(page).toHaveURL(/\/blend\?/);
  await expect(page.getByText(/on .*10:00/).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /indigo/ }).first()).toBeVisible();
});

test("a strand tried first is kept with its bowl, with a picture, and moves the sketch of that head", async ({
  page,
  request,
}) => {
  const id = await hennaFor(request);
  await happened(request, id, 10, { kind: "reached", stage: "mixed" });
  await page.goto(`/colour?batch=${id}`);
  const says = page.getByRole("region", { name: "The plan", exact: true });
  const span = () =>
    says
      .getByText(/^The grey strands may be anything/)
      .locator("..")
      .textContent();
  const before = await span();
  await page.goto(`/batches/${id}`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "A strand was tried …" }).click();
  const sheet = page.getByRole("region", { name: "A strand, tried first" });
  await sheet.getByLabel("Hours on").fill("0");
  await expect(sheet.getByText(/^This is too small/)).toBeVisible();
  await sheet.getByLabel("Hours on").fill("2.5");
  // A red square of a pixel, as a PNG.
  await sheet.getByLabel("A picture of it, if you like").setInputFiles({
    name: "strand.png",
    mimeType: "image/png",
    buffer: Buffer.from(
      "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg==",
      "base64",
    ),
  });
  await sheet.getByRole("button", { name: "much deeper than the sketch" }).click();
  await expect(sheet.getByText(/2\.5 h on: much deeper than the sketch/)).toBeVisible();
  const kept = async () => {
    const { events } = await (await request.get(`/api/v1/batches/${id}`)).json();
    return events.find(({ payload }: { payload: { kind: string } }) => payload.kind === "strandTested")?.payload;
  };
  await expect.poll(kept).toMatchObject({ hoursOn: 2.5, looks: "muchDeeper" });
  await page.goto(`/colour?batch=${id}`);
  await expect(page.getByText(/^A sketch by daylight.*One strand of it, tried before, moved the sketch/)).toBeVisible();
  expect(await span()).not.toBe(before);
});

test("metal salts under it are a stop until a strand was tried", async ({ page, request }) => {
  const { heads } = await (await request.get("/api/v1/heads")).json();
  const { id, rev: baseRev, name, hair } = heads.find((head: { name: string }) => head.name === "Liv");
  const data = { name, hair: { ...hair, treated: [{ what: "metalSalts" }] }, baseRev };
  const answer = await request.put(`/api/v1/heads/${id}`, { data });
  expect(answer.status(), await answer.text()).toBe(200);
  await page.goto(`/colour?head=${id}`);
  await expect(page.getByText("Stop: a strand first.")).toBeVisible();
  await expect(page.getByRole("region", { name: "The plan", exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Show the sketch as it would be without that" }).click();
  await expect(page.getByRole("region", { name: "The plan", exact: true })).toBeVisible();
});
