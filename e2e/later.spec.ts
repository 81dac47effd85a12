import { expect, test, type APIRequestContext, type Page } from "@playwright/test";
import { putBookAside } from "./steps";

putBookAside();

/** What comes with the page of a blend, and what comes when somebody is there. */
const scripts = (page: Page) => {
  const urls: string[] = [];
  page.on("request", (request) => {
    if (/\/_next\/static\/.*\.js$/.test(request.url())) urls.push(request.url());
  });
  return urls;
};
const firstBlend = async (request: APIRequestContext) =>
  (await (await request.get("/api/v1/blends")).json()).blends[0].id as string;

test("the page stands whole before anybody touches it; the rest of its scripts comes with the first sign", async ({
  page,
  request,
}) => {
  const urls = scripts(page);
  await page.goto(`/blend/${await firstBlend(request)}`, { waitUntil: "networkidle" });
  for (const name of ["While it rests", "While mixing", "How it will feel", "Where it goes"])
    await expect(page.getByRole("heading", { name })).toBeAttached();
  const before = urls.length;
  await page.mouse.move(200, 200);
  await expect.poll(() => urls.length).toBeGreaterThan(before);
});

test("what is pressed below the bowl before its script is there is pressed again, once", async ({ page, request }) => {
  await page.goto(`/blend/${await firstBlend(request)}`, { waitUntil: "networkidle" });
  // A press by a program comes without any sign of a person before it.
  await page.getByRole("button", { name: "Too thick" }).evaluate((button: HTMLElement) => button.click());
  await page.keyboard.press("Shift");
  await expect(page.getByRole("button", { name: "Too thick" })).toHaveAttribute("aria-pressed", "true");
});

test("a part that cannot be fetched says so, and what was written stays", async ({ page, request }) => {
  await page.goto(`/blend/${await firstBlend(request)}`, { waitUntil: "networkidle" });
  await page.route(/\/_next\/static\/.*\.js$/, (route) => route.abort());
  await page.getByLabel("Name of this blend").fill("Written without a network");
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "could not be fetched" }).first()).toBeVisible();
  await page.unroute(/\/_next\/static\/.*\.js$/);
  await page.getByRole("button", { name: "load the page again" }).first().click();
  await expect(page.getByText("You were writing “Written without a network” here")).toBeVisible();
  await page.getByRole("button", { name: "drop it" }).click();
});

test("kin of what somebody does not bear is cautioned against at once, before the catalogue is there", async ({
  page,
  request,
}) => {
  const { heads } = await (await request.get("/api/v1/heads")).json();
  const { name, hair, id, rev } = heads[0];
  const bearing = { ...hair, allergies: ["fenugreek-leaf"] };
  expect((await request.put(`/api/v1/heads/${id}`, { data: { name, hair: bearing, baseRev: rev } })).status()).toBe(
    200,
  );
  const blend = {
    purpose: "mask",
    kitchenTempC: 20,
    target: { word: "cream" },
    liquid: { materialId: "water", tempC: 40 },
    sizing: "likely",
    lines: [{ materialId: "fenugreek-seed", role: "part", amount: 2, unit: "tbsp" }],
  };
  const blendId = "01999999-0000-7000-8000-00000000f00d";
  await request.post("/api/v1/blends", {
    data: { id: blendId, versionId: "01999999-0000-7000-8000-00000000f00e", name: "Kin", headId: id, blend },
  });
  await page.goto(`/blend/${blendId}`, { waitUntil: "networkidle" });
  await expect(page.getByRole("link", { name: "Read the cautions below first." })).toBeVisible();
  await request.put(`/api/v1/blends/${blendId}/removed`, { data: { removed: true } });
  const now = (await (await request.get(`/api/v1/heads/${id}`)).json()).rev;
  await request.put(`/api/v1/heads/${id}`, { data: { name, hair, baseRev: now } });
});
