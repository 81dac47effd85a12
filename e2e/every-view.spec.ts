import { expect, test, type Page } from "@playwright/test";
import { METHODS } from "../src/core/making";
import { noFault } from "./steps";

test.describe("every view, both lights, both sizes", () => {
  // Each light and each size once; what is drawn depends on one of them or the other.
  for (const [theme, width, height] of [
    ["light", 1280, 800],
    ["dim", 390, 844],
  ] as const) {
    test(`${theme} at ${width}: nothing axe finds, nothing wider than the screen, no console error`, async ({
      page,
      context,
      request,
      baseURL,
    }) => {
      test.setTimeout(180_000);
      const { blends } = await (await request.get("/api/v1/blends")).json();
      const { batches } = await (await request.get("/api/v1/batches")).json();
      const { jars } = await (await request.get("/api/v1/shelf")).json();
      const { makings } = await (await request.get("/api/v1/makings")).json();
      const going = makings.find(({ closedMs }: { closedMs?: number }) => closedMs === undefined);
      const { heads } = await (await request.get("/api/v1/heads")).json();
      await context.addCookies([{ name: "infusing_theme", value: theme, url: baseURL! }]);
      const errors: string[] = [];
      const henna = blends.find((blend: { name: string }) => blend.name === "Ferry rust").id;
      const paths = [
        "/",
        "/blend",
        `/blend/${henna}`,
        `/blend/${henna}/versions`,
        `/blend/${henna}/bowls`,
        `/blend/${henna}/share`,
        "/heads",
        `/heads/${heads[0].id}`,
        "/heads/new",
        "/log",
        `/log?head=${heads[0].id}&how=yes`,
        `/batches/${batches[0].id}`,
        `/batches/${batches.find(({ blendName }: { blendName: string }) => blendName === "Ferry rust").id}/rest`,
        `/batches/${batches[0].id}/apply`,
        "/colour",
        "/colour?a=henna-1*indigo-2_stirredIn_3_cap_1_acid_2&b=cassia-1_stirredIn_2_open_1_plain_1",
        "/house",
        "/shelf",
        `/shelf/${jars[0].id}`,
        "/shelf/new",
        "/shelf/mix",
        `/shelf/labels?jars=${jars[0].id}`,
        `/shelf/gathering?want=${henna}`,
        "/measure",
        "/making",
        ...METHODS.filter((_, i) => width === 1280 || i < 2).map(({ id }) => `/making/${id}`),
        `/makings/${going.id}`,
        `/makings/${makings[0].id}`,
        `/measure?jar=${jars[0].id}`,
        `/measure?batch=${batches[0].id}`,
        "/practice",
      ];
      /** Two tabs, each with every second view. */
      const look = async (tab: Page, own: readonly string[]) => {
        await tab.setViewportSize({ width, height });
        // The clock of a device that is wrong must not show in what is drawn first.
        await tab.clock.install({ time: Date.now() + 37 * 60_000 });
        tab.on("pageerror", (error) => errors.push(`${tab.url()}: ${error.message}`));
        tab.on("console", (message) => message.type() === "error" && errors.push(`${tab.url()}: ${message.text()}`));
        for (const path of own) {
          await tab.goto(path);
          await expect(tab.getByRole("heading", { level: 1 })).toBeAttached();
          await expect(tab.locator("html")).toHaveAttribute("data-theme", theme);
          await noFault(tab);
          expect(await tab.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(width);
        }
      };
      await Promise.all(
        [page, await context.newPage()].map((tab, n) =>
          look(
            tab,
            paths.filter((_, i) => i % 2 === n),
          ),
        ),
      );
      expect(errors).toEqual([]);
    });
  }
});

test("heads: describe one, see what it takes while typing, keep it, remove it, put it back", async ({ page }) => {
  await page.goto("/heads");
  await page.getByRole("link", { name: "describe another head" }).click();
  const takes = () => page.getByText("mask", { exact: true }).locator("..").textContent();
  const before = await takes();
  await page.getByLabel("Longest hair").selectOption({ label: "measured in cm" });
  await page.getByLabel("cm, longest").fill("300");
  await expect(page.getByText("This is too much; it ends at 200.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Keep this head" })).toBeDisabled();
  await page.getByLabel("cm, longest").fill("70");
  expect(await takes()).not.toBe(before);
  await page.getByLabel("Name", { exact: true }).fill("Wanda");
  await page.getByRole("button", { name: "Keep this head" }).click();
  await page.getByRole("link", { name: /Wanda/ }).click();
  await expect(page.getByLabel("cm, longest")).toHaveValue("70");
  await page.getByRole("button", { name: "remove it" }).click();
  await expect(page.getByText("Wanda’s head is removed.")).toBeVisible();
  await page.getByRole("button", { name: "put it back" }).click();
  await expect(page.getByRole("link", { name: /Wanda/ })).toBeVisible();
});

test("the house: its spoons change what a spoon is everywhere", async ({ page }) => {
  const honeyGrams = async () => {
    await page.goto("/blend");
    await page.getByRole("button", { name: "put something in the bowl" }).click();
    await page.getByLabel("What goes in?").fill("amla");
    await page.getByRole("dialog").getByRole("option", { name: /^amla/ }).first().click();
    await page.getByRole("button", { name: "put something in the bowl" }).click();
    await page.getByLabel("What goes in?").fill("honey");
    await page
      .getByRole("dialog")
      .getByRole("option", { name: /^honey/ })
      .click();
    return page.getByRole("button", { name: /^honey \d+ g · / }).textContent();
  };
  expect(await honeyGrams()).toContain("21 g · 1 tbsp");
  await page.goto("/house");
  await page.getByRole("radio", { name: /Australian/ }).click();
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Kept.")).toBeVisible();
  expect(await honeyGrams()).toContain("28 g · 1 tbsp");
  await page.goto("/house");
  await page.getByRole("radio", { name: /metric/ }).click();
  await page.getByLabel("The kitchen is usually, °C").fill("90");
  await expect(page.getByText("This is too much; it ends at 45.")).toBeVisible();
  await page.getByLabel("The kitchen is usually, °C").fill("20");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Kept.")).toBeVisible();
});

test("the ribbon says what is resting, and leads around", async ({ page }) => {
  await page.goto("/log");
  await expect(page.locator("footer")).toContainText(/Ferry rust for Mina (ready|past)/);
  for (const [place, url] of [
    ["Today", "/"],
    ["Blend", "/blend"],
    ["Heads", "/heads"],
    ["House", "/house"],
  ] as const) {
    await page.getByRole("navigation", { name: "Places" }).getByRole("link", { name: place }).click();
    await expect(page).toHaveURL(new RegExp(`${url}$`));
    await expect(page.getByRole("navigation", { name: "Places" }).getByRole("link", { name: place })).toHaveAttribute(
      "aria-current",
      "page",
    );
  }
  await page.keyboard.press("d");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dim");
});
