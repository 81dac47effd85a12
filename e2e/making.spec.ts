import { expect, test } from "@playwright/test";
import { noFault } from "./steps";

/** Something made before the bowl: what it asks, and what follows while one types. */

const mlOf = async (text: Promise<string | null>): Promise<number> => Number(/[\d.]+/.exec((await text)!)![0]);

test("a tea from an empty pot: pressed, weighed, drawn in another way, boiled down; every answer follows", async ({
  page,
}) => {
  await page.goto("/shelf");
  await page.getByRole("link", { name: "make something" }).click();
  await page.getByRole("link", { name: /^a tea/ }).click();
  await expect(page.getByRole("heading", { name: "What goes into the pot?" })).toBeVisible();
  await noFault(page);
  await page.getByRole("button", { name: "fenugreek seeds, whole" }).click();
  const comes = page.getByRole("region", { name: "What comes of it" });
  await expect(comes.getByText(/^of water to pour at first/)).toBeVisible();
  await expect(page.getByText("This makes a gel: strain it hot, while it runs.", { exact: false })).toBeVisible();
  await expect(page.getByText(/^It is fenugreek .*, with figures of its own\.$/)).toBeVisible();
  const first = await mlOf(
    comes
      .getByText(/^\d+ ml$/)
      .first()
      .textContent(),
  );
  expect(first).toBeGreaterThan(300);

  // More of it keeps more of the water, so that more is poured for the same in the end.
  await page.getByRole("button", { name: "10 g fenugreek seeds, whole" }).click();
  await page.getByRole("textbox", { name: "fenugreek seeds, whole" }).fill("40");
  await expect(comes.getByText(/^\d+ ml$/).first()).not.toHaveText(`${first} ml`);
  expect(
    await mlOf(
      comes
        .getByText(/^\d+ ml$/)
        .first()
        .textContent(),
    ),
  ).toBeGreaterThan(first + 30);
  // A second thing makes it one of the house's own, and an oil is not found at all.
  await page.getByLabel("Something more?").fill("sesame oil");
  await expect(page.getByText("Nothing by that name.", { exact: false }).first()).toBeVisible();
  await page.getByLabel("Something more?").fill("rosemary");
  await page.getByRole("dialog").getByRole("listitem").getByRole("button").first().click();
  await page.keyboard.press("Escape");
  await expect(page.getByText(/the tables know none, so it is one of your own/)).toBeVisible();

  // The schools come out alike, and each is a press.
  const schools = page.getByRole("region", { name: "Done as well by" });
  await schools.getByRole("button", { name: "cold, in the kitchen" }).click();
  await expect(page.getByRole("button", { name: /^cold, in the kitchen for \d+ h/ })).toBeVisible();
  await expect(page.getByText("Let it stand", { exact: true })).toBeVisible();

  // Boiled down to a mark: how long that takes, and what cannot be.
  await page.getByRole("button", { name: /^cold, in the kitchen for/ }).click();
  await page.getByRole("radio", { name: "boiled down to a mark" }).click();
  await page.getByLabel("Poured at first, ml").fill("900");
  await expect(page.getByRole("button", { name: /^boiled down to a mark in about/ })).toBeVisible();
  await page.getByLabel("Poured at first, ml").fill("320");
  await expect(page.getByText(/pour at least \d+ ml/).first()).toBeVisible();
  await page.keyboard.press("Escape");
  await noFault(page);
});

test("a pot of 2 cm, a wish of nothing: said at the field, and nothing is lost", async ({ page }) => {
  await page.goto("/making/brew");
  await page.getByRole("button", { name: "nettle leaf, dried" }).click();
  await page.getByRole("button", { name: /^a low ring/ }).click();
  await page.getByLabel("The pot is so wide, cm").fill("2");
  await expect(page.getByText(/it starts at 8/).first()).toBeVisible();
  await page.getByLabel("The pot is so wide, cm").fill("20");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "300 ml" }).click();
  await page.getByRole("textbox", { name: "Wanted in the end, ml" }).fill("lots");
  await expect(page.getByRole("alert").first()).toBeVisible();
  await page.getByRole("textbox", { name: "Wanted in the end, ml" }).fill("750");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "750 ml" })).toBeVisible();
  await expect(page.getByRole("button", { name: /nettle leaf, dried/ })).toBeVisible();
});

test("by the keyboard alone, on a phone: the focus is never lost, and a reload loses nothing", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/making/brew");
  await page.getByRole("button", { name: "roselle, dried" }).press("Enter");
  const things = page.getByRole("button", { name: "10 g roselle, dried" });
  await expect(things).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("textbox", { name: "roselle, dried" })).toBeFocused();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("12");
  await page.getByRole("searchbox", { name: "Something more?" }).fill("hibiscus flowers");
  await page.getByRole("dialog").getByRole("listitem").getByRole("button").first().press("Enter");
  await page.getByRole("button", { name: /^take hibiscus/ }).press("Enter");
  await expect(page.getByRole("searchbox", { name: "Something more?" })).toBeFocused();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "12 g roselle, dried" })).toBeFocused();
  await expect(page.getByText("It stains cloth, boards", { exact: false })).toBeVisible();
  await noFault(page);
  await page.reload();
  await page.getByRole("button", { name: "go on with it" }).click();
  await expect(page.getByRole("button", { name: "12 g roselle, dried" })).toBeVisible();
  await expect(page.getByText("You were making a tea here")).toBeHidden();
});

test("a house high up: its pot boils cooler, and whoever makes a tea there need not say so", async ({
  page,
  request,
}) => {
  const high = (altitudeM: number) => request.put("/api/v1/settings", { data: { altitudeM } });
  await page.goto("/house");
  await page.getByLabel("The house stands above the sea, m").fill("9000");
  await expect(page.getByText("This is too much; it ends at 5000.")).toBeVisible();
  await page.getByLabel("The house stands above the sea, m").fill("3000");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Kept.")).toBeVisible();
  await page.goto("/making/brew?of=amla-whole~15");
  await page.getByRole("button", { name: /^a low ring/ }).click();
  await expect(page.getByLabel("Above the sea, m")).toHaveValue("3000");
  expect((await high(0)).status()).toBe(200);
});

test("on a phone, by the keyboard: a fresh leaf wants an oil and says its dangers; a cream when it is warm", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/making/oil");
  await page.getByRole("button", { name: "hibiscus leaves, fresh", exact: true }).press("Enter");
  await expect(page.getByText("There is no oil in it yet. Add one.")).toBeVisible();
  await expect(page.getByRole("button", { name: /^30 g hibiscus leaves/ })).toBeFocused();
  await noFault(page);
  await page.getByRole("button", { name: "sesame oil", exact: true }).press("Enter");
  await expect(page.getByRole("button", { name: /and 100 g sesame oil$/ })).toBeFocused();
  await expect(page.getByText(/^Fresh plant brings water/)).toBeVisible();
  await expect(page.getByText(/Hot oil burns like nothing else/)).toBeVisible();
  await page.getByRole("button", { name: /^over water for 4 h/ }).press("Enter");
  await page.getByRole("radio", { name: "cold, in a cupboard" }).check();
  await page.keyboard.press("Escape");
  await expect(page.getByText(/^There is water left in it/)).toBeVisible();
  await expect(page.getByRole("button", { name: "cold, in a cupboard for 7 days" })).toBeVisible();

  await page.goto("/making/starch");
  await page.getByRole("button", { name: "cornstarch", exact: true }).press("Enter");
  const comes = page.getByRole("region", { name: "What comes of it" });
  await expect(comes.getByText(/^cream, \d+ Pa|^a thick paste, \d+ Pa/)).toBeVisible();
  await expect(comes.getByText(/^\d+ min \(\d+–\d+\)$/)).toBeVisible();
  await page.getByRole("button", { name: "13 g cornstarch" }).press("Enter");
  await page.getByRole("textbox", { name: "cornstarch" }).fill("120");
  await expect(page.getByText(/^So much sets to a block/)).toBeAttached();
  await page.getByRole("searchbox", { name: "Something more?" }).fill("coconut milk");
  await page.getByRole("dialog").getByRole("listitem").getByRole("button").first().press("Enter");
  await expect(page.getByRole("textbox", { name: /^coconut milk/ })).toBeFocused();
});
