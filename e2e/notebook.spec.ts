import { expect, test, type Page } from "@playwright/test";
import { putBookAside } from "./steps";

putBookAside();

const PAGE = [
  "Aunt’s Sunday mask",
  "2 heaped tbsp amla",
  "curd - half cup",
  "coconut oil 1 1/2 tsp",
  "1 T methi seed powder",
  "brahmi 2 tbsp",
  "honey",
  "2 tbsp (60 g) neem powder",
  "ACV, about 1 tsp",
  "500 ml tea",
  "amla powder 1 tsp",
  "3 tbsp oil",
  "leave for 2 hours",
].join("\n");
const typePage = async (page: Page, text: string) => {
  await page.goto("/blend");
  await page.getByRole("button", { name: "type a page of your notebook" }).click();
  const sheet = page.getByLabel("A page of your notebook");
  await expect(sheet.getByLabel("As it stands there")).toBeFocused();
  await sheet.getByLabel("As it stands there").fill(text);
  return sheet;
};
const makes = async (page: Page): Promise<number> =>
  Number(/Makes (\d+) g/.exec((await page.getByText(/^Makes \d+ g/).textContent())!)![1]);

test("an old page in odd forms: nothing is made up, an unclear line waits, it is taken as written", async ({
  page,
}) => {
  test.setTimeout(90_000);
  const sheet = await typePage(page, PAGE);
  const row = (text: string) => sheet.getByRole("group", { name: text, exact: true });
  await expect(row("curd - half cup")).toContainText("yoghurt");
  await expect(row("curd - half cup")).toContainText("½ cup");
  await expect(row("coconut oil 1 1/2 tsp")).toContainText("1½ tsp");
  await expect(row("ACV, about 1 tsp")).toContainText("cider vinegar");
  await expect(row("500 ml tea")).toContainText("black tea");
  await expect(sheet.getByText("leave for 2 hours: left out, as words")).toBeVisible();
  await expect(sheet.getByRole("status")).toHaveText(/5 lines go in, 6 wait for an answer, 2 left out/);
  const put = sheet.getByRole("button", { name: /^Put these/ });
  await expect(put).toBeDisabled();

  await row("1 T methi seed powder").getByRole("button", { name: "1 tbsp" }).click();
  await row("brahmi 2 tbsp").getByRole("button", { name: "gotu kola" }).click();
  await row("honey").getByLabel("How much honey?").fill("2");
  await expect(row("honey")).toContainText("An amount with its unit");
  await row("honey").getByLabel("How much honey?").fill("2 tsp");
  await expect(row("2 tbsp (60 g) neem powder")).toContainText("Which of them?");
  await row("2 tbsp (60 g) neem powder").getByRole("button", { name: "2 tbsp", exact: true }).click();
  await row("amla powder 1 tsp").getByRole("button", { name: "leave this one out" }).click();
  await row("3 tbsp oil").getByRole("button", { name: "leave out “3 tbsp oil”" }).click();
  await expect(sheet.getByText("3 tbsp oil", { exact: true })).toBeVisible();
  await expect(sheet.getByRole("status")).toHaveText("9 lines go in, 4 left out.");
  await put.click();

  // As it was written: half a litre of tea, and not a gram more or less of anything.
  await expect(page.getByRole("button", { name: /^yoghurt/ }).first()).toContainText("130 g");
  await expect(page.getByText("500 ml", { exact: true }).first()).toBeVisible();
  await expect(page.getByText(/made up with warm black tea/)).toBeVisible();

  // The house remembers what it was told, and asks the rest again.
  const again = await typePage(page, "3 tbsp brahmi\n2 T methi seed powder\n2 T brahmi\nhoney");
  await expect(again.getByRole("group", { name: "3 tbsp brahmi" })).toContainText("as you meant it last time");
  await expect(again.getByRole("group", { name: "2 T methi seed powder" })).toContainText("2 tbsp");
  await expect(again.getByLabel("How much honey?")).toBeVisible();
  await again.getByRole("group", { name: "3 tbsp brahmi" }).getByRole("button", { name: "ask again" }).click();
  await expect(
    again.getByRole("group", { name: "3 tbsp brahmi" }).getByRole("button", { name: "brahmi (Bacopa)" }),
  ).toBeVisible();
});

test("a small page makes a small bowl, and enough on a press, the wet things with it", async ({ page }) => {
  const sheet = await typePage(page, "1 tbsp amla\n1 tbsp bhringraj\n2 tsp curd\nwarm water as needed");
  await sheet.getByRole("button", { name: "Put these 4 in the bowl" }).click();
  await expect(page.getByRole("button", { name: "type a page of your notebook" })).toBeFocused();
  const before = await makes(page);
  await page.getByRole("button", { name: "make it enough" }).click();
  const factor = Number(
    /multiplied by (\d+(?:\.\d+)?)/.exec((await page.getByText(/Every amount was multiplied by/).textContent())!)![1],
  );
  expect(factor).toBeGreaterThan(1.5);
  await expect.poll(() => makes(page)).toBeGreaterThan(before * factor * 0.85);
  await page
    .getByRole("button", { name: /^yoghurt/ })
    .first()
    .click();
  expect(Number(await page.getByLabel("Amount", { exact: true }).inputValue()) / 2).toBeCloseTo(factor, 0);
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "as it was before" }).click();
  expect(await makes(page)).toBe(before);
  await expect(page.getByText(/Every amount was multiplied/)).toHaveCount(0);
  // Ten times too much is brought down the same way.
  await page.getByRole("button", { name: /^amla/ }).first().click();
  await page.getByLabel("Parts", { exact: true }).fill("120");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "make no more than that" }).click();
  await expect(page.getByText(/Every amount was multiplied by (0\.|½|¼|⅓|⅔|¾)/)).toBeVisible();
});

test("too much essential oil is confirmed where it is typed, and stopped where it comes in otherwise", async ({
  page,
}) => {
  const sheet = await typePage(page, "2 tbsp amla\n500 ml tea tree essential oil");
  const row = sheet.getByRole("group", { name: "500 ml tea tree essential oil" });
  await expect(row.getByRole("alert")).toContainText("2 ml already burns");
  await expect(sheet.getByRole("button", { name: /^Put/ })).toBeDisabled();
  await row.getByRole("button", { name: "It really is 500 ml" }).click();
  await sheet.getByRole("button", { name: "Put these 2 in the bowl" }).click();
  await expect(page.getByText("So much essential oil burns the scalp and the eyes.").first()).toBeVisible();
  // Typed at its line it is asked about as well, and nothing is saved before the answer.
  await page
    .getByRole("button", { name: /^tea tree essential oil/ })
    .first()
    .click();
  await page.getByLabel("Amount", { exact: true }).fill("60");
  await expect(page.getByRole("dialog").getByRole("alert")).toContainText("of essential oil is far more");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: "Save", exact: true })).toBeDisabled();
});
