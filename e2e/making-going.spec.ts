import { expect, test, type Page } from "@playwright/test";
import { METHODS } from "../src/core/making";
import { findMaterial } from "../src/core/material";
import "../src/core/catalogue";
import { keptPages, noFault, putBookAside, putUp } from "./steps";

putBookAside();

/** Something made step by step: begun, ticked, read off, put up, and what is left of it. */

const now = (page: Page) => page.getByRole("region", { name: "Now" });
const stepIs = (page: Page, step: string) => expect(now(page).getByRole("heading").first()).toHaveText(step);
const nameOf = (id: string): string => findMaterial(id)!.names[0].text;

/** A tea begun from the shelf's own view; ends on its page. */
async function begin(page: Page, herb: string, grams: string): Promise<void> {
  await page.goto("/making/brew");
  await page.getByRole("button", { name: herb, exact: true }).click();
  await page.getByRole("button", { name: `10 g ${herb}` }).click();
  await page.getByRole("textbox", { name: herb }).fill(grams);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Begin it now" }).click();
  await page.waitForURL(/\/makings\/[0-9a-f-]{36}$/);
}
const done = async (page: Page, ...presses: readonly RegExp[]) => {
  for (const press of presses) await now(page).getByRole("button", { name: press }).click();
};

test("every method begins with a press, says what comes of it, and has a picture", async ({ page }) => {
  for (const { id, commonest } of METHODS) {
    await page.goto(`/making/${id}`);
    await page.getByRole("button", { name: nameOf(commonest[0]), exact: true }).click();
    const comes = page.getByRole("region", { name: "What comes of it" });
    await expect(comes.getByText(/^[\d ]+ ml$/).first(), id).toBeVisible();
    await expect(page.getByRole("img").first(), id).toHaveAccessibleName(/\d+ (ml|g)/);
    await expect(page.getByRole("button", { name: "Begin it now" }), id).toBeVisible();
  }
});

test(
  "a chain of two days: two teas step by step, " + "one bowl with both, the " + "rest and the spent seeds on the shelf",
  async ({ page }) => {
    await putUp(page, "rosemary, dried", "100");
    const herb = page.url();
    await begin(page, "rosemary, dried", "14");
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("rosemary tea, today");
    await stepIs(page, "Weigh");
    await noFault(page);
    // It stands in the foot until it is put up, and a page that is loaded again goes on where it was.
    await expect(page.locator("footer").getByRole("link", { name: /rosemary tea weigh, until/ })).toBeVisible();
    await done(page, /^Done: weigh/, /^Done: it boils/);
    await page.reload();
    await stepIs(page, "Boil");
    // Two readings of the scale say how fast it boils off.
    const read = now(page).getByRole("region", { name: "Read it off" });
    await read.getByLabel("On the scale, pot and all, g").fill("99999");
    await expect(read.getByText(/it ends at 30/)).toBeVisible();
    await read.getByLabel("On the scale, pot and all, g").fill("1350");
    await read.getByRole("button", { name: "note" }).first().click();
    await page.getByText(/^what happened \(3\)$/).click();
    await expect(page.getByText("the scale says 1350 g")).toBeVisible();
    await page.getByRole("button", { name: "take back: the scale says 1350 g" }).click();
    await page.getByLabel("A few words").fill("Smells of the garden.");
    await page.getByRole("button", { name: "Note it" }).click();
    await done(page, /^Done: its colour deepens no more/, /^Done: it drips no more/);
    await now(page).getByRole("button", { name: "Put it up …" }).click();
    const sheet = page.getByRole("dialog", { name: "It is made" });
    await sheet.getByLabel("It came to, ml").fill("290");
    await sheet.getByLabel("Where is it kept?").selectOption({ index: 2 });
    await noFault(page);
    await sheet.getByRole("button", { name: "Put it on the shelf" }).click();
    await page.waitForURL(/\/shelf\/[0-9a-f-]{36}$/);
    await expect(page.getByText(/^Tea of 14 g rosemary/)).toBeVisible();
    await expect(page.locator("footer").getByRole("link", { name: /rosemary tea/ })).toBeHidden();
    await page.goto(herb);
    await expect(page.getByText(/^86\s*g$/).first()).toBeVisible();

    // The seeds of the second go into the next mask.
    await begin(page, "fenugreek seeds, whole", "20");
    await done(page, /^Done: weigh/, /^Done: it boils/, /^Done: its colour/, /^Done: it drips no more/);
    await now(page).getByRole("button", { name: "Put it up …" }).click();
    await page.getByRole("checkbox", { name: /^keep .* of spent fenugreek seeds too/ }).check();
    await page.getByRole("button", { name: "Put it on the shelf" }).click();
    await page.waitForURL(/\/shelf\/[0-9a-f-]{36}$/);
    await page.goto("/blend?of=amla");
    await page.getByRole("button", { name: "warm water" }).click();
    await page.getByRole("radio", { name: "rosemary tea" }).click();
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "put something in the bowl" }).click();
    await page.getByLabel("What goes in?").fill("spent fenugreek");
    await page
      .getByRole("dialog")
      .getByRole("option", { name: /^spent fenugreek/ })
      .first()
      .click();
    await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
  },
);

test("two at once and two devices: what one ticks the other sees; put up once; given up and taken up again", async ({
  page,
  browser,
}) => {
  await begin(page, "nettle leaf, dried", "12");
  const other = await (await browser.newContext()).newPage();
  await other.goto(page.url());
  await stepIs(other, "Weigh");
  await done(page, /^Done: weigh/);
  await stepIs(other, "Heat up");
  await page.getByRole("checkbox", { name: /^Weigh/ }).uncheck();
  await stepIs(other, "Weigh");
  // Both put it up: the second is told.
  for (const one of [page, other]) {
    await one.getByRole("checkbox", { name: /^Strain/ }).check();
    await now(one).getByRole("button", { name: "Put it up …" }).click();
  }
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await page.waitForURL(/\/shelf\/[0-9a-f-]{36}$/);
  await other.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(other.getByText(/Somebody put it up already/)).toBeVisible();
  await other.close();

  await begin(page, "sage, dried", "8");
  await page.getByRole("button", { name: "give it up" }).click();
  await expect(page.getByText(/Given up/).first()).toBeVisible();
  await page.getByRole("button", { name: "take it up again" }).click();
  await stepIs(page, "Weigh");
  await page.goto("/making");
  await expect(page.getByRole("region", { name: "Going on" }).getByRole("link", { name: "sage tea" })).toBeVisible();
  await noFault(page);
});

test("without the network: the steps go on, and arrive", async ({ page, context }) => {
  await begin(page, "chamomile, dried", "6");
  const path = new URL(page.url()).pathname;
  await expect.poll(async () => (await keptPages(page)).map(([kept]) => kept)).toContain(path);
  await context.setOffline(true);
  await done(page, /^Done: weigh/);
  await expect(page.locator("footer").getByText(/1 tap is waiting to be sent/)).toBeVisible();
  await page.reload();
  await stepIs(page, "Heat up");
  await expect(page.getByText(/^The house does not answer\. This is the making as it was here/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.locator("footer").getByText(/waiting to be sent/)).toBeHidden({ timeout: 15_000 });
});

test("a blend that wants a tea which no jar has says how it is made, and leads there", async ({ page }) => {
  await page.goto("/blend?of=amla");
  await page.getByRole("button", { name: "warm water" }).click();
  await page.getByRole("radio", { name: /^black tea/ }).click();
  await page.keyboard.press("Escape");
  const first = page.getByRole("region", { name: "To make first" });
  await expect(first.getByText(/No black tea is on the shelf: make \d+ ml from [\d.]+ g black tea/)).toBeVisible();
  await first.getByRole("link").click();
  await expect(page.getByRole("button", { name: /g black tea/ })).toBeVisible();
});
