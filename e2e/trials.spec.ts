import { expect, test, type APIRequestContext, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { putBookAside } from "./steps";

putBookAside();

const blendNamed = async (request: APIRequestContext, name: string): Promise<string> =>
  (await (await request.get("/api/v1/blends")).json()).blends.find((one: { name: string }) => one.name === name).id;
const HAIR = { longest: { cm: 40 }, amount: { strands: "medium" } };
const blendOf = (name: string, headId: string) => ({
  id: uuid(),
  versionId: uuid(),
  name,
  headId,
  blend: {
    purpose: "mask",
    target: { word: "cream" },
    kitchenTempC: 21,
    sizing: "asGiven",
    liquid: { materialId: "water", tempC: 40 },
    lines: [
      { materialId: "amla", role: "part", amount: 60, unit: "g" },
      { materialId: "yoghurt", role: "fixed", amount: 30, unit: "g" },
    ],
  },
});
/** A blend on a head of its own, so that nothing else of this house is in the way. */
async function ownBlend(
  request: APIRequestContext,
  name: string,
): Promise<{ readonly id: string; readonly versionId: string; readonly headId: string }> {
  const headId = uuid();
  await request.post("/api/v1/heads", { data: { id: headId, name: `${name} head`, hair: HAIR } });
  const data = blendOf(name, headId);
  expect((await request.post("/api/v1/blends", { data })).status()).toBe(200);
  return { id: data.id, versionId: data.versionId, headId };
}
const mlIn = (text: string | null): number => Number(/(\d+(?:\.\d+)?) ml/.exec(text ?? "")![1]);
const mixing = (page: Page) => page.getByRole("region", { name: "While mixing" });

test("a bowl said too thick, then thin, then overpoured: no way on contradicts the word", async ({ page, request }) => {
  const { versionId, headId } = await ownBlend(request, "Trial of words");
  const id = uuid();
  await request.post("/api/v1/batches", { data: { id, versionId, headId } });
  await page.goto(`/batches/${id}`);
  await page.getByRole("button", { name: /^Poured \d+ ml/ }).click();
  await mixing(page).getByRole("button", { name: "Too thick" }).click();
  const way = mixing(page).getByText(/^Add about /);
  const wanted = mlIn(await way.textContent());
  const promised = /On the head ([^,]+),/.exec(
    (await mixing(page)
      .getByText(/On the head/)
      .first()
      .textContent())!,
  )![1];
  const never = Number(
    /(\d+) never more/.exec((await page.getByRole("img", { name: /A \d+ ml jug/ }).textContent())!)![1],
  );
  const before = mlIn(await page.locator("p.font-say.text-figure").first().textContent());
  expect(before + wanted).toBeLessThanOrEqual(never + 1);
  // One amount, from the sentence to the press to the record; and the bowl stands as it was promised.
  await mixing(page)
    .getByRole("button", { name: `Poured ${wanted} ml of it` })
    .click();
  await expect(page.locator("p.font-say.text-figure").first()).toHaveText(`${Math.round(before + wanted)} ml`);
  await expect(page.getByText(/rested, it goes on as/)).toContainText(promised);
  // Thin: never more liquid, whatever the figures say.
  await mixing(page).getByRole("button", { name: "A bit thin" }).click();
  await expect(mixing(page).getByRole("listitem").first()).toBeVisible();
  await expect(mixing(page).getByText(/Add about \d/)).toHaveCount(0);
  await mixing(page).getByRole("button", { name: "Poured too much" }).click();
  await expect(mixing(page).getByText(/Add about \d/)).toHaveCount(0);
  await expect(mixing(page).getByText(/by what the test leaves open/)).toHaveCount(0);
});

test("swapped, and put back; a thing taken out, and put back", async ({ page, request }) => {
  await page.goto(`/blend/${await blendNamed(request, "Long-haul mask")}`);
  const line = (name: RegExp) => page.getByRole("button", { name }).first();
  const before = await line(/^hibiscus flower/).textContent();
  await line(/^hibiscus flower/).click();
  await page.getByText("instead of it, or without it").click();
  // A dye is not offered for what is none.
  for (const dye of [/^henna, /, /^indigo, /, /^cassia, /])
    await expect(page.getByRole("dialog").getByRole("button", { name: dye })).toHaveCount(0);
  await page
    .getByRole("dialog")
    .getByRole("button", { name: /^fenugreek seed, ground, \d+ g/ })
    .click();
  await page.getByRole("button", { name: "put hibiscus flower back" }).click();
  await page.keyboard.press("Escape");
  await expect(line(/^hibiscus flower/)).toHaveText(before!);
  await line(/^hibiscus flower/).click();
  await page.getByRole("button", { name: "take it out of the bowl" }).click();
  await expect(page.getByText("Hibiscus flower is taken out.")).toBeVisible();
  await expect(page.getByRole("button", { name: "put it back" })).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(line(/^hibiscus flower/)).toHaveText(before!);
  await expect(page.getByRole("button", { name: /^Saved, version/ })).toBeDisabled();
});

test("exactly so much of a powder, and only so much of it: a bowl of that, and what it covers", async ({ page }) => {
  await page.goto("/blend");
  await page.getByRole("button", { name: "put something in the bowl" }).click();
  await page.getByLabel("What goes in?").fill("henna");
  await page
    .getByRole("dialog")
    .getByRole("option", { name: /^henna/ })
    .first()
    .click();
  await page
    .getByRole("button", { name: /^henna/ })
    .first()
    .click();
  await page.getByLabel("I have only so much henna, g").fill("100");
  await page.getByRole("button", { name: "make it from that" }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /^henna/ }).first()).toContainText("100 g");
  await expect(page.getByText(/That is enough for about \d+ % of it/)).toBeVisible();
  await page
    .getByRole("button", { name: /^henna/ })
    .first()
    .click();
  await page.getByRole("radio", { name: /^exactly/ }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByText("There is no powder in the bowl yet")).toHaveCount(0);
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
});

test("removed, left, come back: the address says so, the house lists it, and a copy is another blend", async ({
  page,
  request,
}) => {
  const { id } = await ownBlend(request, "Trial of leaving");
  await page.goto(`/blend/${id}`);
  await page.getByRole("button", { name: "remove it" }).click();
  await expect(page.getByText("Trial of leaving is removed.")).toBeVisible();
  await page.goto("/log");
  await page.goto(`/blend/${id}`);
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Trial of leaving was removed");
  await page.goto("/house");
  await page.getByRole("button", { name: "put Trial of leaving back" }).click();
  await expect(page.getByText("Trial of leaving is back.")).toBeVisible();
  await page.goto(`/blend/${id}`);
  await expect(page.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
  await page.getByRole("link", { name: "copy it" }).click();
  await expect(page.getByLabel("Name of this blend")).toHaveValue("Trial of leaving, a copy");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await page.waitForURL(/\/blend\/[0-9a-f-]{36}$/);
  expect(page.url()).not.toContain(id);
  await request.put(`/api/v1/blends/${page.url().split("/").at(-1)}/removed`, { data: { removed: true } });
});

test("a bowl made on paper yesterday stands where it was mixed; a tap is set back", async ({ page, request }) => {
  const { id } = await ownBlend(request, "Trial of yesterday");
  await page.goto(`/blend/${id}`);
  await page.getByRole("button", { name: "Make it …" }).click();
  await page.getByRole("radio", { name: /it was made already/ }).click();
  await page.getByLabel("Mixed at").fill("2027-12-31T10:00");
  await page.getByRole("button", { name: "Enter it" }).click();
  await expect(page.getByRole("dialog").getByText("That has not come yet.")).toBeVisible();
  await page.getByLabel("Mixed at").fill("2026-11-01T18:30");
  await page.getByLabel("Really poured, ml").fill("140");
  await page.getByRole("button", { name: "Enter it" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Sunday 1 November");
  await expect(page.locator("p.font-say.text-figure").first()).toHaveText("140 ml");
  await expect(page.getByText("Sunday 1 November 18:30: mixed")).toBeVisible();
  const batchId = page.url().split("/").at(-1);
  const listed = async () =>
    (await (await request.get(`/api/v1/batches?text=${encodeURIComponent("Trial of yesterday")}`)).json()).batches[0]
      .mixedMs;
  const mixed = await listed();
  await page.getByRole("button", { name: "another time: mixed" }).click();
  await page.getByRole("button", { name: "an hour earlier" }).click();
  await expect(page.getByText("Sunday 1 November 17:30: mixed")).toBeVisible();
  await expect.poll(listed).toBe(mixed - 3_600_000);
  await page.getByText(/^what happened/).click();
  await page.getByRole("button", { name: /^another time: poured 140 ml/ }).click();
  await page.getByLabel("Or it was at").fill("2999-01-01T10:00");
  await page.getByRole("button", { name: "Set it so" }).click();
  await expect(page.getByText("That has not come yet.")).toBeVisible();
  await page.getByLabel("Or it was at").fill("2026-11-01T17:10");
  await page.getByRole("button", { name: "Set it so" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "poured 140 ml" })).toContainText("17:10");
  // The next worksheet of the same blend knows of it.
  const { blend } = { blend: await (await request.get(`/api/v1/blends/${id}`)).json() };
  const next = uuid();
  await request.post("/api/v1/batches", { data: { id: next, versionId: blend.versionId, headId: blend.headId } });
  await page.goto(`/batches/${next}`);
  await expect(page.getByRole("link", { name: "Last time" })).toHaveAttribute("href", `/batches/${batchId}`);
  await expect(page.getByText(/poured 140 ml of about \d+/)).toBeVisible();
});

test("an import over a removed blend says what comes back, and over somebody erased what stays out", async ({
  page,
  request,
}) => {
  const { id, headId } = await ownBlend(request, "Trial of a file");
  const book = await (await request.get(`/api/v1/blends/${id}/book`)).text();
  const heads = await (await request.get(`/api/v1/heads/${headId}/book`)).text();
  await request.put(`/api/v1/blends/${id}/removed`, { data: { removed: true } });
  await page.goto("/house");
  const choose = (name: string, text: string) =>
    page
      .getByLabel("Bring in a book file")
      .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });
  await choose("blend.json", book);
  await expect(page.getByText("Put back, since it had been removed: Trial of a file.")).toBeVisible();
  await page.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByText(/^Brought in: 1 blend/)).toBeVisible();
  expect((await request.get(`/api/v1/blends/${id}`)).status()).toBe(200);
  const { persons } = await (await request.get("/api/v1/door")).json();
  const person = persons.find((one: { name: string }) => one.name === "Trial of a file head");
  await request.put(`/api/v1/persons/${person.id}/erased`, { data: { erased: true } });
  await choose("head.json", heads);
  await expect(page.getByText(/^Stays out, since it was erased here: .*Trial of a file head/)).toBeVisible();
});

test("the keyboard alone: arrows only move, Enter decides, and the focus is never lost", async ({ page, request }) => {
  const { id } = await ownBlend(request, "Trial of keys");
  await page.goto(`/blend/${id}`);
  const part = page.getByRole("button", { name: "cream", exact: true });
  await part.focus();
  await page.keyboard.press("Enter");
  const choices = page.getByRole("radiogroup", { name: "How thick when it goes on?" });
  await expect(choices.getByRole("radio", { name: /^cream/ })).toBeFocused();
  for (const next of [/^a thick paste/, /^mash/]) {
    await page.keyboard.press("ArrowDown");
    await expect(choices.getByRole("radio", { name: next })).toBeFocused();
  }
  await page.keyboard.press("Enter");
  await expect(choices).toHaveCount(0);
  const now = page.locator("p.text-sentence button", { hasText: /paste|mash/ });
  await expect(now).toBeFocused();
  await expect(page.getByRole("status").filter({ hasText: /^\d+ ml of warm water$/ })).toHaveCount(1);
  const save = page.getByRole("button", { name: "Save the change" });
  await save.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "Saved, version 2." })).toHaveCount(1);
  await expect(page.getByRole("button", { name: "Saved, version 2" })).toBeFocused();
  // The bowl: poured by the millilitre and mixed are said once, and the focus stays near.
  const { blend } = { blend: await (await request.get(`/api/v1/blends/${id}`)).json() };
  const batchId = uuid();
  await request.post("/api/v1/batches", { data: { id: batchId, versionId: blend.versionId, headId: blend.headId } });
  await page.goto(`/batches/${batchId}`);
  await page.getByLabel("or ml").fill("90");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "Poured 90 ml, 90 ml in all." })).toHaveCount(1);
  await expect(page.getByLabel("or ml")).toBeFocused();
  await page.getByRole("button", { name: "Mixed: the rest begins" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText(/^\d\d:\d\d: mixed$/)).toBeFocused();
  await page.getByText(/^what happened/).focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "take back: poured 90 ml" }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "Taken back: poured 90 ml." })).toHaveCount(1);
  await expect(page.getByText(/^what happened/)).toBeFocused();
});

test("the recipe of a blend with a thing of one’s own, by its jar’s own spoons", async ({ request }) => {
  const thing = await (
    await request.post("/api/v1/things", { data: { id: uuid(), name: "Trial herb", likeId: "amla" } })
  ).json();
  const { headId } = await ownBlend(request, "Trial of a recipe");
  const data = blendOf("Trial recipe", headId);
  data.blend.lines[0] = { materialId: thing.materialId, role: "part", amount: 2, unit: "tbsp" };
  expect((await request.post("/api/v1/blends", { data })).status()).toBe(200);
  const ingredient = async () =>
    (await (await request.get(`/api/v1/blends/${data.id}/recipe`)).json()).recipeIngredient[0];
  const plain = await ingredient();
  expect(plain).toMatch(/^trial herb \d+(\.\d)? g/);
  const jarId = uuid();
  await request.post("/api/v1/jars", {
    data: { id: jarId, materialId: thing.materialId, name: "Trial herb", fullG: 200 },
  });
  await request.post(`/api/v1/jars/${jarId}/weighings`, { data: { id: uuid(), count: 4, unit: "tbsp", massG: 60 } });
  expect(await ingredient()).not.toBe(plain);
  await request.put(`/api/v1/jars/${jarId}/removed`, { data: { removed: true } });
});
