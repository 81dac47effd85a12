import { mkdirSync } from "node:fs";
import { chromium, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import playwright from "../playwright.config";

/** One current picture of each main view, from the demo data. */
const FOLDER = "docs/screenshots";
const base = `http://127.0.0.1:${process.env.PORT}`;
const WIDE = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch(playwright.use?.launchOptions);

async function shot(
  name: string,
  path: string,
  size: typeof WIDE,
  theme: "light" | "dim",
  act?: (page: Page) => Promise<void>,
) {
  const context = await browser.newContext({ viewport: size, reducedMotion: "reduce" });
  await context.addCookies([{ name: "infusing_theme", value: theme, url: base }]);
  const page = await context.newPage();
  await page.goto(base + path, { waitUntil: "networkidle" });
  await act?.(page);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `${FOLDER}/${name}.png` });
  await context.close();
}

const get = async (path: string) => (await fetch(`${base}/api/v1/${path}`)).json();
const [{ blends }, { going, makings }, { jars }] = [await get("blends"), await get("now"), await get("shelf")];
const blend = (name: string) => `/blend/${blends.find((one: { name: string }) => one.name === name).id}`;
const batch = `/batches/${going[0].batchId}`;

await shot("today", "/", WIDE, "light");
await shot("blend", blend("Long-haul mask"), WIDE, "light");
await shot("blend-phone", blend("Coil softener"), PHONE, "light");
await shot("bowl", batch, WIDE, "light");
await shot("bowl-phone-dim", batch, PHONE, "dim");
await shot("heads", "/heads", WIDE, "light");
await shot("log", "/log", WIDE, "light");
await shot("bowls", `${blend("Coil softener")}/bowls`, WIDE, "light");
await shot("house", "/house", WIDE, "light");
await shot("shelf", "/shelf", WIDE, "light");
await shot("making", "/making/oil?of=sesame-oil~110,bhringraj~7", WIDE, "light");
await shot("making-phone-dim", `/makings/${makings[0].makingId}`, PHONE, "dim");
await shot(
  "jar",
  `/shelf/${jars.find(({ materialId }: { materialId: string }) => materialId === "henna").id}`,
  WIDE,
  "light",
);
await shot("measure", `/measure?batch=${batch.split("/").at(-1)}`, WIDE, "light", async (page) => {
  await page.getByLabel("Across, mm").fill("52");
  await page.getByLabel("Along, mm").fill("54");
});
await shot(
  "colour",
  "/colour?a=henna-2*indigo-1_stirredIn_2.5_cap_1_plain_1&b=henna-1*indigo-1_after_2.5_cap_1_plain_1",
  WIDE,
  "light",
  async (page) => {
    await page.getByLabel("Whose hair").selectOption("Bertil");
  },
);
await shot("rest", `${batch}/rest`, WIDE, "dim", async (page) => {
  const day = new Date(Date.now() + 2 * 86_400_000).toISOString().slice(0, 10);
  await page.getByLabel("On the head at").fill(`${day}T10:00`);
  await page.getByRole("region", { name: "Ways to that hour" }).getByRole("button").first().click();
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
});
await shot("notebook", "/blend", WIDE, "light", async (page) => {
  await page.getByRole("button", { name: "type a page of your notebook" }).click();
  await page
    .getByLabel("As it stands there")
    .fill(
      "Grandmother’s Sunday paste\n2 heaped tbsp amla\ncurd - half cup\n1 T methi seed powder\nbrahmi 2 tbsp\n2" +
        " tbsp (60 g) neem powder\nwarm tea as needed\nleave for 2 hours",
    );
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
});
await shot(
  "gathering",
  `/shelf/gathering?want=${["Ferry rust", "Long-haul mask"].map((name) => blend(name).split("/").at(-1)).join()}`,
  WIDE,
  "light",
);

// Half of a head done, the bowl weighed; at the very end, since the foot shows it from then on.
const seun = (await get("heads")).heads.find(({ name }: { name: string }) => name === "Seun");
const slip = blends.find(({ name }: { name: string }) => name === "Seun’s Sunday slip");
const id = uuid();
const send = (path: string, body: object) =>
  fetch(`${base}/api/v1/${path}`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });
await send("batches", { id, versionId: slip.versionId, headId: seun.id });
await shot("apply-phone", `/batches/${id}/apply`, PHONE, "light", async (page) => {
  await page.getByLabel("Parted into").selectOption("8");
  for (let i = 0; i < 3; i++) await page.getByRole("button", { name: "Done", exact: true }).click();
  const { batch } = await get(`batches/${id}`);
  await page.getByLabel("On the scale now, g").fill(String(Math.round(batch.answer.totalG.mid * 0.46)));
  await page.getByRole("button", { name: "Weighed" }).click();
  await page.evaluate(() => window.scrollTo(0, 0));
});
await browser.close();
