import { expect, test, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { eventInput } from "./samples";
import { database } from "../src/store/connection";
import { noFault, putBookAside, putUp } from "./steps";

putBookAside();

test("a jar from before two goods were told apart is asked which it is, once", async ({ page }) => {
  await putUp(page, "bentonite", "250");
  const which = page.getByRole("complementary", { name: "Which of two goods" });
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(/bentonite/);
  await expect(which).toBeHidden();
  await database()("jar")
    .where({ id: page.url().split("/").at(-1) })
    .update({ unsure: true });
  await page.reload();
  await expect(which).toContainText("Does a spoon of it swell many times over in a glass of water?");
  await which.getByRole("button", { name: "It is calcium bentonite" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("calcium bentonite");
  await expect(which).toBeHidden();
  await page.reload();
  await expect(which).toBeHidden();
});

/** Grams of a thing in the bowl, off its label. */
const gramsOf = async (page: Page, name: RegExp): Promise<number> =>
  Number(/([\d.]+) g/.exec((await page.getByRole("button", { name }).first().textContent())!)![1]);

test("an old notebook page typed, six jars entered, a spoon of two weighed, and every later number changes", async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto("/blend");
  await page.getByRole("button", { name: "type a page of your notebook" }).click();
  const sheet = page.getByLabel("A page of your notebook");
  await sheet
    .getByLabel("As it stands there")
    .fill(
      "Aunt’s mask\n3 tbsp orange peel powder\n2 tbsp gotu kola\n1 T shatavari\n2 tsp = 1 tbsp\n½ cup milk\n3" +
        " tbsp nettle leaf powder (80 g)\nliquorice 1 tbsp\nfresh curry leaves, a handful\n2 tbsp unobtainium",
    );
  await expect(sheet.getByText("That is not so: it is 0.7 tbsp, not 1.")).toBeVisible();
  await expect(sheet.getByText(/Those two cannot both be: the spoons are about/)).toBeVisible();
  await expect(sheet.getByText("How much is meant?")).toBeVisible();
  await expect(sheet.getByText("Nothing is called “unobtainium”.")).toBeVisible();
  await expect(sheet.getByText(/grind, mash or brew it first\. Or take about .* of its powder/)).toBeVisible();
  await expect(sheet.getByText(/3 tbsp, \d+ g \(\d+–\d+\)/).first()).toBeVisible();
  await sheet.getByRole("button", { name: "1 tbsp", exact: true }).click();
  await sheet.getByRole("button", { name: "3 tbsp", exact: true }).click();
  await expect(sheet.getByRole("button", { name: "Put these 6 in the bowl" })).toBeDisabled();
  await sheet.getByRole("button", { name: "leave out what waits" }).click();
  await sheet.getByRole("button", { name: "Put these 6 in the bowl" }).click();
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
  for (const name of [/^orange peel/, /^gotu kola/, /^shatavari/, /^milk/, /^nettle/, /^liquorice/])
    await expect(page.getByRole("button", { name }).first()).toBeVisible();
  const [peel, kola] = [await gramsOf(page, /^orange peel/), await gramsOf(page, /^gotu kola/)];
  await page.getByLabel("Name of this blend").fill("Aunt’s mask");
  await page.getByRole("button", { name: /^Save/ }).first().click();
  await page.waitForURL(/\/blend\/[0-9a-f-]{36}$/);
  const blend = page.url();

  for (const [of, grams] of [
    ["orange peel", "120"],
    ["gotu kola", "100"],
    ["shatavari", "80"],
    ["liquorice", "60"],
    ["nettle leaf", "90"],
  ] as const)
    await putUp(page, of, grams);
  await putUp(page, "milk, whole", "1000", {
    "In the shop’s own words": "From the corner",
    "What it cost": "1.4",
    Bought: "2026-11-20",
  });
  await expect(page.getByText("“From the corner”")).toBeVisible();
  await expect(page.getByText("0.14 for 100 g")).toBeVisible();

  // Two spoons on the scale: one jar is far fluffier than the tables, one heavier.
  await page.goto("/shelf");
  for (const [name, grams] of [
    [/^orange peel.*120 g/, "12"],
    [/^gotu kola.*100 g/, "27"],
  ] as const) {
    await page.getByRole("link", { name }).click();
    await page.getByLabel("weigh, g").fill(grams);
    await page.getByRole("button", { name: "Keep this weighing" }).click();
    await expect(page.getByText(/Every bowl that uses this jar is measured by its own/)).toBeVisible();
    await page.getByRole("link", { name: "the whole shelf" }).click();
  }
  await page.goto(blend);
  await expect
    .poll(async () => (await gramsOf(page, /^orange peel/)) / (await gramsOf(page, /^gotu kola/)))
    .toBeLessThan((0.8 * peel) / kola);
  await page
    .getByRole("button", { name: /^orange peel/ })
    .first()
    .click();
  await expect(page.getByText(/Measured by this jar’s own spoon: a level tablespoon is 4 g/)).toBeVisible();
  await page.getByText("where its numbers come from").click();
  await expect(page.getByText("measured here: a level spoon, weighed once")).toBeVisible();
  await page.keyboard.press("Escape");
  // The scale may be wrong as well; nothing weighs that much.
  await page.goto("/shelf");
  await page.getByRole("link", { name: /^shatavari/ }).click();
  await page.getByLabel("weigh, g").fill("900");
  await expect(page.getByText("No spoon of anything weighs that.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Keep this weighing" })).toBeDisabled();
});

test("a jar: bad input at its field, changed, weighed, off the shelf and back", async ({ page, request }) => {
  await page.goto("/shelf/new");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByText("This is missing.").first()).toBeVisible();
  await page.getByLabel("What is in it?").fill("kalonji");
  await expect(page.getByRole("listitem").getByRole("button").first()).toContainText("black seed");
  await page.getByRole("listitem").getByRole("button").first().click();
  await expect(page.getByText(/Black seed \(Nigella\) is often called black cumin or onion seed/)).toBeVisible();
  await page.getByLabel("Full, it weighs, g").fill("a bagful");
  await page.getByLabel("What it cost").fill("about 3");
  await expect(page.getByText("This wants a number, such as 2 or 1.5.")).toHaveCount(2);
  await page.getByLabel("Opened").fill("2999-01-01");
  await expect(page.getByText("That has not come yet.")).toBeVisible();
  await page.getByLabel("Opened").fill("2026-01-05");
  await page.getByLabel("Full, it weighs, g").fill("0,1 kg");
  await page.getByLabel("What it cost").fill("3.2");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await page.waitForURL(/\/shelf\/[0-9a-f-]{36}$/);
  const id = page.url().split("/").at(-1)!;
  await expect(page.getByText("black seed, whole").first()).toBeVisible();
  await page.getByLabel("The scale says, g").fill("64");
  await page.getByRole("button", { name: "That is left" }).click();
  await expect(page.getByText("left of 100 g")).toBeVisible();
  await expect(page.getByText("−36 g")).toBeVisible();
  await page.getByRole("button", { name: "change what is written" }).click();
  await page.getByLabel("In the shop’s own words").fill("Second shelf from the top");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("“Second shelf from the top”")).toBeVisible();
  await page.getByRole("button", { name: "take it off the shelf" }).click();
  await expect(page.getByText("Second shelf from the top is off the shelf.")).toBeVisible();
  expect((await request.get(`/api/v1/jars/${id}`)).status()).toBe(404);
  await page.getByRole("status").getByRole("button", { name: "put it back" }).click();
  await expect(page.getByText("is off the shelf.")).toHaveCount(0);
  await page.getByLabel("Look for").fill("second shelf");
  await expect(page.getByRole("link", { name: /black seed/ })).toBeVisible();
});

test("a bowl made draws the jars down, and says what it took and what it cost", async ({ page, request }) => {
  const { jars } = await (await request.get("/api/v1/shelf")).json();
  const kaolin = jars.find(({ materialId }: { materialId: string }) => materialId === "kaolin");
  const { blends } = await (await request.get("/api/v1/blends")).json();
  const quiet = blends.find(({ name }: { name: string }) => name === "Quiet scalp");
  const id = uuid();
  await request.post("/api/v1/batches", { data: { id, versionId: quiet.versionId, headId: quiet.headId } });
  await page.goto(`/batches/${id}`);
  await expect(page.getByText(/^from “White clay, big tub”, \d+ g of 1000/)).toBeVisible();
  await page.getByRole("button", { name: "Mixed: the rest begins" }).click();
  await expect(page.getByText(/^Off the shelf: .*of kaolin clay.*It cost about €\d/)).toBeVisible();
  await expect
    .poll(async () => (await (await request.get(`/api/v1/jars/${kaolin.id}`)).json()).jar.leftG)
    .toBeLessThan(kaolin.leftG - 1);
  // Led there by links alone, so that no page is loaded anew.
  await page.getByRole("link", { name: "Shelf", exact: true }).click();
  const left = Math.round((await (await request.get(`/api/v1/jars/${kaolin.id}`)).json()).jar.leftG);
  await expect(page.getByRole("link", { name: new RegExp(`^kaolin clay.*${left} g of 1000`) })).toBeVisible();
  await page.getByRole("link", { name: /^kaolin clay/ }).click();
  await expect(page.getByRole("link", { name: /Quiet scalp on Bertil/ }).first()).toBeVisible();
  // Cleared away, so that nothing is going on when the next test looks.
  expect(
    (
      await request.post(`/api/v1/batches/${id}/events`, {
        data: { events: [{ ...eventInput(), payload: { kind: "closed" } }] },
      })
    ).ok(),
  ).toBe(true);
});

test("what is short: for one bowl, for several, to copy; and what today’s shelf can make", async ({
  page,
  context,
  request,
}) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  const { blends } = await (await request.get("/api/v1/blends")).json();
  await page.goto(`/blend/${blends.find(({ name }: { name: string }) => name === "Coil softener").id}`);
  await page.getByRole("link", { name: "what is short?" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("All of it is on the shelf.");
  await page.goto("/shelf/gathering");
  await expect(page.getByRole("heading", { level: 1 })).toContainText(/Today’s shelf can make \d+ of \d+ blends/);
  await page.getByRole("button", { name: "gather for it: Long-haul mask" }).click();
  await page.waitForURL(/want=/);
  await page.getByRole("button", { name: "gather for it: Pale mask" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText(/for these 2 bowls/);
  const buy = page.getByRole("region", { name: "To buy" });
  await expect(buy.getByText(/^yoghurt, \d+ g$/)).toBeVisible();
  const grams = async () => Number(/(\d+) g/.exec((await buy.getByText(/^yoghurt/).textContent())!)![1]);
  const before = await grams();
  await page.getByLabel("Pale mask: for whom").selectOption({ label: "Mina" });
  await expect.poll(grams).toBeGreaterThan(before);
  await buy.getByRole("button", { name: "Copy" }).click();
  await expect(buy.getByText("Copied.")).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(/yoghurt, \d+ g/);
});

test("a swap from the shelf, computed anew, and the bowl without it", async ({ page, request }) => {
  const { blends } = await (await request.get("/api/v1/blends")).json();
  await page.goto(`/blend/${blends.find(({ name }: { name: string }) => name === "Long-haul mask").id}`);
  await page.getByRole("button", { name: /^hibiscus flower/ }).click();
  await page.getByText("instead of it, or without it").click();
  const sheet = page.getByRole("dialog");
  await expect(sheet.getByText(/stains less \(\d+ % → 0 % of the paste\)/).first()).toBeVisible();
  await sheet.getByRole("button", { name: /^fenugreek seed, ground, \d+ g/ }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /^fenugreek seed/ }).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /^hibiscus flower/ })).toHaveCount(0);
  const clean = page.getByRole("region", { name: "In clean spoons" });
  await expect(clean).toContainText(/Each keeps its share to within \d+ %/);
  await clean.getByRole("button", { name: "write it so" }).click();
  await expect(page.getByRole("button", { name: "the powders as written" })).toBeVisible();
});

test("one’s own: a bought mixture of unknown shares, a premix from two jars, and a mixture of itself", async ({
  page,
}) => {
  await page.goto("/shelf/mix");
  await page.getByRole("radio", { name: /bought as a mixture/ }).click();
  await page.getByLabel("What is it called?").fill("Market five");
  for (const [i, of] of ["amla", "neem leaf"].entries()) {
    await page.getByLabel(`Part ${i + 1}`).fill(of);
    await page.getByRole("listitem").getByRole("button").first().click();
    if (i === 0) await page.getByRole("button", { name: "one more part" }).click();
  }
  await page.getByLabel("share, %").first().fill("90");
  await page.getByLabel("share, %").last().fill("30");
  await page.getByRole("button", { name: /Keep it/ }).click();
  await expect(page.getByText("The shares come to 120 %; they should come to 100.")).toBeVisible();
  await page.getByLabel("share, %").first().fill("");
  await page.getByLabel("share, %").last().fill("");
  await page.getByRole("button", { name: /Keep it/ }).click();
  await page.waitForURL(/\/shelf\/new\?of=own-market-five/);
  await page.getByLabel("Full, it weighs, g").fill("150");
  await page.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Market five");

  /** A dry mixture of these, by the making's own form. */
  const mixDry = async (parts: readonly (readonly [name: string, grams: string])[], called: string) => {
    await page.goto("/making/premix");
    await page.getByRole("button", { name: "nothing yet" }).click();
    for (const [name, grams] of parts) {
      await page.getByLabel(/^(Something more|What goes in)/).fill(name);
      await page.getByRole("dialog").getByRole("listitem").getByRole("button").first().click();
      await page.getByRole("textbox", { name: new RegExp(`^${name}`, "i") }).fill(grams);
    }
    await page.keyboard.press("Escape");
    return async () => {
      await page.getByRole("button", { name: "It is made already: put it up …" }).click();
      await page.getByLabel("What is it called?").fill(called);
      await page.getByRole("button", { name: "Put it on the shelf" }).click();
    };
  };
  const tooMuch = await mixDry(
    [
      ["Market five", "50"],
      ["kaolin clay", "5000"],
    ],
    "Half and half",
  );
  await expect(page.getByText(/More kaolin clay.* than is thought to be left/)).toBeVisible();
  await page.getByRole("button", { name: /Market five and/ }).click();
  await page.getByRole("textbox", { name: /^kaolin clay/i }).fill("50");
  await page.keyboard.press("Escape");
  await tooMuch();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Half and half");
  await (
    await mixDry([["Half and half", "10"]], "Half and half")
  )();
  await expect(page.getByText("This mixture would contain itself.")).toBeVisible();
  // It goes in a bowl like anything else.
  await page.goto("/blend");
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await page.getByLabel("What goes in?").fill("half and");
  await page
    .getByRole("dialog")
    .getByRole("option", { name: /^Half and half/ })
    .click();
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
});

test("labels: several on a sheet; no picture that leads nowhere where no phone reaches the house", async ({
  page,
  request,
}) => {
  const { jars } = await (await request.get("/api/v1/shelf")).json();
  await page.goto(`/shelf/labels?jars=${jars[0].id},${jars[1].id}`);
  const labels = page.getByRole("listitem").filter({ hasText: /\d g/ });
  await expect(labels).toHaveCount(2);
  await page.getByLabel("Of each").selectOption("2");
  await expect(labels).toHaveCount(4);
  await expect(page.getByRole("img", { name: /^opens the page of/ })).toHaveCount(0);
  await expect(page.getByText("There is no picture on them yet: no phone reaches this house.")).toBeVisible();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("button", { name: "Print the sheet" })).toBeHidden();
});

test("spoons weighed full of water are the house’s spoons everywhere; nonsense is refused at its field", async ({
  page,
  request,
}) => {
  await page.goto("/house");
  await page.getByRole("radio", { name: /these very spoons/ }).click();
  await page.getByLabel("Tablespoon, g").fill("100");
  await expect(page.getByText("This is too much; it ends at 30.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Keep", exact: true })).toBeDisabled();
  await page.getByLabel("Tablespoon, g").fill("12.5");
  await page.getByLabel("there is a measuring cup with quarters").uncheck();
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("Kept.")).toBeVisible();
  expect((await (await request.get("/api/v1/settings")).json()).spoons).toMatchObject({
    tbsp: expect.closeTo(12.525, 2),
    hasCup: false,
  });
  await page.goto("/blend");
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await page.getByLabel("What goes in?").fill("triphala");
  await page
    .getByRole("dialog")
    .getByRole("option", { name: /^triphala/ })
    .first()
    .click();
  await page.getByRole("button", { name: /^triphala/ }).click();
  await expect(page.getByRole("dialog").getByText(/about 6\.5 g/)).toBeVisible();
  await request.put("/api/v1/settings", { data: { spoons: { set: "metric" } } });
});

test("jars as CSV: out, and in again through the page; a bad table is refused row by row", async ({ page }) => {
  await page.goto("/shelf");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "all jars as CSV" }).click(),
  ]);
  expect(file.suggestedFilename()).toBe("jars.csv");
  await page.getByLabel("Read jars from a CSV file").setInputFiles(await file.path());
  await expect(page.getByText(/^0 jars came in, \d+ were here already\.$/)).toBeVisible();
  await page
    .getByLabel("Read jars from a CSV file")
    .setInputFiles({ name: "x.csv", mimeType: "text/csv", buffer: Buffer.from("material,full_g\nspikenard,40\n") });
  await expect(page.getByText(/^1 jar came in, 0 were here already\.$/)).toBeVisible();
  await expect(page.getByRole("link", { name: /jatamansi/ })).toBeVisible();
  await page
    .getByLabel("Read jars from a CSV file")
    .setInputFiles({ name: "x.csv", mimeType: "text/csv", buffer: Buffer.from("material,full_g\namla,plenty\n") });
  await expect(page.getByText("row 2.full_g: This wants a number, such as 2 or 1.5.")).toBeVisible();
});

test("made and put up: the herb's jar gives, the tea is a jar with its date, the next bowl is poured with it", async ({
  page,
}) => {
  await putUp(page, "rosemary, dried", "100");
  const herb = page.url();
  await page.goto("/making/brew");
  await page.getByRole("button", { name: "rosemary, dried" }).click();
  await page.getByRole("button", { name: "10 g rosemary, dried" }).click();
  await page.getByRole("textbox", { name: "rosemary, dried" }).fill("25");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "It is made already: put it up …" }).click();
  const sheet = page.getByRole("dialog", { name: "It is made" });
  await expect(sheet.getByLabel("What is it called?")).toHaveValue("rosemary tea");
  await noFault(page);
  await sheet.getByLabel("It came to, ml").fill("99999");
  await sheet.getByRole("button", { name: "Put it on the shelf" }).click();
  await expect(sheet.getByText(/it ends at 5000/).first()).toBeVisible();
  await sheet.getByLabel("It came to, ml").fill("280");
  await sheet.getByRole("button", { name: "Put it on the shelf" }).click();
  await page.waitForURL(/\/shelf\/[0-9a-f-]{36}$/);
  await expect(
    page.getByText(/^Tea of 25 g rosemary, dried, boiled on a low ring, lid on, drained: 300 ml\./),
  ).toBeVisible();
  await expect(page.getByText(/left of 28\d g/)).toBeVisible();
  await expect(page.getByText("best before")).toBeVisible();
  await page.goto(herb);
  await expect(page.getByText("left of 100 g")).toBeVisible();
  await expect(page.getByText(/^75\s*g$/).first()).toBeVisible();
  // The liquid of the next bowl is this tea, as strong as it was made.
  await page.goto("/blend?of=amla");
  await page.getByRole("button", { name: "warm water" }).click();
  await page.getByRole("radio", { name: "rosemary tea" }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
});
