import { DateTime } from "luxon";
import { expect, test, type Locator } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { emptyDatabase } from "../src/demo/load";
import { database } from "../src/store/connection";
import { insertHousehold } from "../src/store/household";
import { noFault, putBookAside, putUp } from "./steps";

/** A machine without a household, then one with an empty one, as a new maker finds it. The book is put aside for it. */
test.describe.configure({ mode: "serial" });
putBookAside();
test.beforeAll(() => emptyDatabase());

test("no household yet: said on every page, and by the API", async ({ page, request }) => {
  for (const path of [
    "/",
    "/blend",
    "/shelf",
    "/shelf/new",
    "/shelf/mix",
    "/shelf/labels",
    "/shelf/gathering",
    "/heads",
    "/log",
    "/house",
  ]) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("There is no household here yet.");
  }
  expect((await request.get("/api/v1/heads")).status()).toBe(503);
});

test("an empty household shows the first step, and gets to its first bowl", async ({ page }) => {
  await insertHousehold(database(), { id: uuid(), name: "Our house", createdAt: new Date() });
  await page.goto("/log");
  await expect(page.getByText("Nothing has been made yet.")).toBeVisible();
  await page.goto("/shelf");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("The shelf is empty.");
  await expect(page.getByText("Put the first one up: what it is, and what it weighs.")).toBeVisible();
  await page.goto("/shelf/gathering");
  await expect(page.getByText("No blend is kept yet.")).toBeVisible();
  await page.goto("/shelf/mix");
  await expect(page.getByRole("link", { name: "Make a dry mixture" })).toBeVisible();
  await page.goto("/making");
  await expect(page.getByRole("heading", { name: "What shall it be?" })).toBeVisible();
  await noFault(page);
  await page.goto("/heads");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("No head is kept yet.");
  await noFault(page);
  // Each begins with a press, and the form that comes has it.
  await page.getByRole("button", { name: "waist-length" }).click();
  await expect(page.getByLabel("Longest hair")).toHaveValue("waist");
  await page.goto("/shelf");
  await noFault(page);
  await page.getByRole("list", { name: "Which is the first?" }).getByRole("link", { name: "amla" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("A jar for the shelf");
  await expect(page.getByLabel("Full, it weighs, g")).toBeVisible();
  await expect(page.getByText("amla", { exact: true }).first()).toBeVisible();
});

test("the first minute: two powders and one's own hair in eight presses, a plan for Sunday in twenty", async ({
  page,
}) => {
  let presses = 0;
  const press = async (what: Locator) => {
    presses++;
    await what.click();
  };
  await page.goto("/");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("What have you got at hand?");
  await noFault(page);
  await press(page.getByRole("button", { name: "amla" }));
  await press(page.getByRole("button", { name: "brahmi" }));
  await press(page.getByRole("button", { name: "waist-length" }));
  await press(page.getByRole("button", { name: /^thick/ }));
  await press(page.getByRole("link", { name: "See the bowl" }));
  await expect(page.getByText(/^Makes \d+ g; this head takes about/)).toBeVisible();
  await expect(page.getByText(/^Stays on/)).toBeVisible();
  await expect(page.getByRole("button", { name: "waist-length hair" })).toBeVisible();
  expect(presses).toBeLessThanOrEqual(8);

  // When it should be on is asked of the sentence, before anything is kept.
  await press(page.getByRole("button", { name: "whenever it suits" }));
  const sunday = DateTime.now().setZone("Europe/Berlin").plus({ weeks: 1 }).set({ weekday: 7, hour: 10, minute: 0 });
  presses++;
  await page.getByLabel("On the head at").fill(sunday.toFormat("yyyy-MM-dd'T'HH:mm"));
  await page.keyboard.press("Escape");
  presses++;
  await expect(page.getByText(/^Gather at .*, mixed by .*, on the head Sunday .* 10:00, off about/)).toBeVisible();
  presses++;
  await page.getByLabel("Name of this blend").fill("The first");
  await press(page.getByRole("button", { name: "Make it …" }));
  await expect(page.getByRole("radio", { name: /on the head at/i })).toBeChecked();
  presses++;
  await page.getByLabel("Whose head is it?").fill("Me");
  await press(page.getByRole("button", { name: "Open the worksheet" }));
  await expect(page.getByRole("heading", { level: 1 })).toContainText("The first for Me");
  expect(presses).toBeLessThanOrEqual(20);
  await page.goto("/heads");
  await expect(page.getByRole("link", { name: /^Me/ })).toContainText("waist-length, thick");
  // Where the house is, the browser said: nobody was asked.
  const settings = await database()("setting").whereIn("name", ["timeZone", "currency", "spoons"]);
  expect(Object.fromEntries(settings.map(({ name, value }) => [name, JSON.parse(value)]))).toEqual({
    timeZone: "Europe/Berlin",
    currency: "USD",
    spoons: "us",
  });
  // From now on Today is itself.
  await page.goto("/");
  await expect(page.getByRole("heading", { level: 1 })).not.toHaveText("What have you got at hand?");
});

test("what is not among the heaps is found by name, stands with them, and goes into the bowl", async ({ page }) => {
  await emptyDatabase();
  await insertHousehold(database(), { id: uuid(), name: "Our house", createdAt: new Date() });
  await page.goto("/");
  await page.getByRole("button", { name: "something else: search for it" }).press("Enter");
  await expect(page.getByLabel("What goes in?")).toBeFocused();
  await page.keyboard.type("yoghurt");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "yoghurt", pressed: true })).toBeVisible();
  await page.getByRole("button", { name: "amla" }).press("Enter");
  await page.getByRole("link", { name: "See the bowl" }).press("Enter");
  await expect(page.getByRole("button", { name: /^yoghurt \d+ g/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /^amla \d+ g/ })).toBeVisible();
});

test("a page to write on is a bowl at once, and an empty bowl begins with what stands on the shelf", async ({
  page,
}) => {
  await page.goto("/blend?start=wash");
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
  await expect(page.getByLabel("Name of this blend")).toHaveValue("A wash paste");
  await page.goto("/blend");
  await expect(page.getByText("There is no powder in the bowl yet")).toBeVisible();
  await expect(page.getByRole("alert").filter({ hasText: "There is no powder" })).toHaveCount(0);
  await page.getByRole("link", { name: "A scalp paste" }).click();
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
  await putUp(page, "kaolin", "300");
  await page.goto("/blend");
  await page.getByRole("button", { name: /^kaolin/ }).click();
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
  // Enter takes the first thing found.
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await page.getByLabel("What goes in?").fill("amla");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: /^amla/ }).first()).toBeVisible();
});
