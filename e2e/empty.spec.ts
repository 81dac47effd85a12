import { expect, test } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { emptyDatabase } from "../src/demo/load";
import { database } from "../src/store/connection";
import { insertHousehold } from "../src/store/household";
import { putBookAside } from "./steps";

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
  await expect(page.getByText("There is no powder on the shelf yet.")).toBeVisible();
  await page.goto("/heads");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("No head is kept yet.");
  await page.goto("/");
  await expect(page.getByText("No blend is kept yet.")).toBeVisible();
  await page.getByRole("link", { name: "Put the first powders in a bowl" }).click();
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await page.getByRole("dialog").getByText("Leaves", { exact: true }).click();
  await page
    .getByRole("dialog")
    .getByRole("button", { name: /^moringa/ })
    .click();
  await page.getByLabel("Name of this blend").fill("The first");
  await page.getByRole("button", { name: "Make it …" }).click();
  await page.getByLabel("Whose head is it?").fill("Me");
  await page.getByRole("button", { name: "Open the worksheet" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("The first for Me");
  await page.goto("/heads");
  await expect(page.getByRole("link", { name: /^Me/ })).toBeVisible();
});
