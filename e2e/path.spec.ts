import { expect, test, type Page } from "@playwright/test";
import { eventInput } from "./samples";
import { bowlOfItsOwn, drop, noFault, putBookAside } from "./steps";
import { v7 as uuid } from "uuid";

putBookAside();

test("from an empty bowl to a saved blend: every number answers while one types, and what it warns of", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("link", { name: "a new blend" }).click();
  await expect(page.getByText("There is no powder in the bowl yet")).toBeVisible();

  // Whose hair: somebody described on the spot.
  await page.getByRole("button", { name: /’s$/ }).first().click();
  await page.getByRole("radio", { name: /somebody else/ }).click();
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: /hair$/ }).click();
  await page.getByLabel("Longest hair").selectOption("midBack");
  await page.getByLabel("How much hair").selectOption("medium");
  await page.getByLabel("Colour", { exact: true }).selectOption("blond");
  await page.keyboard.press("Escape");

  await drop(page, "amla");
  await drop(page, "hibiscus flower");
  await drop(page, "yoghurt");
  await drop(page, "sesame oil");
  await expect(page.getByText(/^(Stays on|Should stay|May drip|Will run)/)).toBeVisible();
  await expect(page.getByText(/this head takes about/)).toBeVisible();
  await expect(page.getByText("Hibiscus flower can tint grey, blond or bleached hair")).toBeVisible();
  await expect(page.getByText(/Patch test: a dab on the inner arm, left 48 hours/)).toBeVisible();

  const total = () => page.getByText(/^Makes \d+ g/).textContent();
  const before = await total();
  await page.getByRole("button", { name: /^yoghurt/ }).click();
  await page.getByLabel("Amount").fill("1/2");
  await page.getByLabel("Measured in").selectOption("cup");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /^yoghurt/ })).toContainText(/130 g|123 g/);
  expect(await total()).toBe(before); // sized to the head: yoghurt in, liquid out
  await page.getByRole("button", { name: "cream", exact: true }).click();
  await page.getByRole("radio", { name: /a thick paste/ }).click();
  await expect(page.getByText(/on the head, it is/).locator("..")).toContainText("a thick paste");

  // While mixing: a word gives the correction, and what it does to the total.
  await page.getByRole("button", { name: "Runs", exact: true }).click();
  await expect(page.getByText(/Add powder in the same proportions: amla .* hibiscus flower/)).toBeVisible();
  await page.getByRole("button", { name: "Too thick" }).click();
  await expect(page.getByText(/Add about \d+ ml .* at a time/)).toBeVisible();
  await noFault(page);

  // Kept under a name with everything odd in it, and made for a day to come.
  const name = "Test “mask” & <b>co</b> 🌿";
  await page.getByLabel("Name of this blend").fill(name);
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
  await expect(page).toHaveURL(/\/blend\/[0-9a-f-]{36}$/);
  await page.getByRole("button", { name: "Make it …" }).click();
  await page.getByRole("radio", { name: /on the head at/ }).click();
  await page.getByLabel("On the head at").fill("2026-12-06T10:00");
  await page.getByLabel("Whose head is it?").fill("Odile");
  await page.getByRole("button", { name: "Open the worksheet" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText(`${name} for Odile`);
  await expect(page).toHaveURL(/\/batches\//);
  await expect(page.getByText("10:00", { exact: true })).toBeVisible(); // the step that puts it on
});

const pouredSoFar = (page: Page) => page.locator("p.font-say.text-figure").first();

test("the worksheet of a bowl: ticked, poured, said, marked, noted, taken back, closed, reloaded", async ({
  page,
  request,
}) => {
  await page.goto(`/batches/${await bowlOfItsOwn(request, "A worksheet", "Sefa")}`);
  await page.getByRole("checkbox", { name: /Gather/ }).check();
  await page.getByRole("button", { name: /^Poured \d+ ml/ }).click();
  await expect(pouredSoFar(page)).not.toHaveText("0 ml");
  const first = Number((await pouredSoFar(page).textContent())?.replace(/\D/g, ""));
  await page.getByLabel("or ml").fill("25");
  await page.getByRole("button", { name: "Poured", exact: true }).click();
  await expect(pouredSoFar(page)).toHaveText(`${first + 25} ml`);
  await page.getByRole("button", { name: "Just right" }).click();
  await page.getByRole("button", { name: "Mixed: the rest begins" }).click();
  await expect(page.getByRole("checkbox", { name: /Pour by steps/ })).toBeChecked();
  await page.getByRole("button", { name: "On the head, last section" }).click();
  await page.getByRole("button", { name: "Rinsed", exact: true }).click();
  await page.getByRole("radiogroup", { name: "soft" }).getByRole("radio", { name: "4 of 5" }).click();
  await page.getByRole("radiogroup", { name: "grit left" }).getByRole("radio", { name: "2 of 5" }).click();
  await page.getByRole("button", { name: "again", exact: true }).click();
  await page.getByLabel("A few words").fill("Ümlaut & <i>soft</i> curls");
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByText("Ümlaut & <i>soft</i> curls").first()).toBeVisible();

  // The history shows both pours, the total follows.
  await page.getByText(/^what happened/).click();
  await page
    .getByRole("listitem")
    .filter({ hasText: "poured 25 ml" })
    .getByRole("button", { name: "take back" })
    .click();
  await expect(pouredSoFar(page)).toHaveText(`${first} ml`);
  await noFault(page);
  await page.getByRole("button", { name: "Close this bowl" }).click();
  await expect(page.getByText(/Closed \d\d:\d\d/)).toBeVisible();
  await page.reload();
  await expect(pouredSoFar(page)).toHaveText(`${first} ml`);
  await expect(page.getByRole("radio", { name: "4 of 5" }).first()).toHaveAttribute("aria-checked", "true");

  // One page of paper.
  const pdf = await page.pdf({ format: "A4", preferCSSPageSize: true });
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)?.length).toBe(1);
});

test("a bowl is found in the log by its words, and repeated for another head with the amounts recomputed", async ({
  page,
  request,
}) => {
  const name = "Found again & <b>co</b>";
  const id = await bowlOfItsOwn(request, name, "Tuuli");
  const events = [
    { kind: "marked", mark: "soft", value: 4 },
    { kind: "marked", mark: "grit", value: 2 },
    { kind: "again", again: "yes" },
    { kind: "noted", text: "Vöge & <i>soft</i> curls" },
    { kind: "closed" },
  ].map((payload, i) => ({ ...eventInput(), payload, deviceSeq: i + 1 }));
  expect((await request.post(`/api/v1/batches/${id}/events`, { data: { events } })).status()).toBe(200);
  await page.goto("/");
  await page.getByRole("link", { name: "Log" }).click();
  await page.getByLabel("Words in it").fill("Vöge");
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByRole("link", { name })).toHaveCount(1);
  await expect(page.getByText("again, soft 4, grit left 2")).toBeVisible();
  await page.getByRole("link", { name }).click();
  const yoghurt = async () =>
    Number(
      /yoghurt ([\d.]+) g/.exec((await page.locator("li", { hasText: "yoghurt" }).first().textContent()) ?? "")?.[1],
    );
  const long = await yoghurt();
  await page.getByRole("button", { name: "Repeat for …" }).click();
  await page.getByRole("dialog").getByRole("link", { name: "Liv" }).click();
  await expect(page).toHaveURL(/\/blend\?batch=/);
  await expect(page.getByRole("button", { name: "Liv’s" })).toBeVisible();
  const short = Number(/(\d+) g/.exec((await page.getByRole("button", { name: /^yoghurt/ }).textContent()) ?? "")?.[1]);
  expect(short).toBeLessThan(long * 0.6);
});

test("a henna paste: both curves, a boiling pour, dyes sold as henna", async ({ page }) => {
  await page.goto("/blend");
  await page.getByRole("button", { name: "A mask" }).click();
  await page.getByRole("radio", { name: "dye, packed on" }).click();
  await drop(page, "henna");
  await expect(page.getByText(/and with acid:/)).toBeVisible();
  await expect(page.getByText(/and without acid:/)).toBeVisible();
  const own = page.locator("p", { hasText: "This bowl:" });
  const plain = await own.textContent();
  await drop(page, "lemon juice");
  await page.getByRole("button", { name: /^lemon juice/ }).click();
  await page.getByLabel("Amount").fill("8");
  await page.getByLabel("Measured in").selectOption("tbsp");
  await page.keyboard.press("Escape");
  await expect(own).not.toHaveText(plain!);
  const sour = await own.textContent();
  await page.getByRole("button", { name: "warm water" }).click();
  await page.getByRole("button", { name: "just boiled" }).click();
  await page.keyboard.press("Escape");
  await expect(own).not.toHaveText(sour!);
  await expect(page.getByText(/nothing goes on before it is at 40 °C/)).toBeVisible();
  await expect(page.getByText(/Hot liquid scalds/)).toBeVisible();
  await expect(page.getByText(/never “black henna”/)).toBeVisible();
});

test("the longest worksheet, a henna with its cautions, is one page of paper as well", async ({ page }) => {
  await page.goto("/log");
  await page.getByRole("link", { name: "Ferry rust" }).first().click();
  await expect(page.getByRole("heading", { name: "Before it touches anyone" })).toBeVisible();
  const pdf = await page.pdf({ format: "A4", preferCSSPageSize: true });
  expect(pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)?.length).toBe(1);
});

test("a blend removed, and put back", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: /House wash paste/ }).click();
  await page.getByRole("button", { name: "remove it" }).click();
  await expect(page.getByText("House wash paste is removed.")).toBeVisible();
  await expect(page.getByRole("link", { name: /House wash paste/ })).toHaveCount(0);
  await page.getByRole("button", { name: "put it back" }).click();
  await expect(page.getByRole("link", { name: /House wash paste/ })).toBeVisible();
});

test("what was being written survives a reload, and is offered until it is taken up or dropped", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: /Pepper and salt/ }).click();
  await page.getByRole("button", { name: /^honey/ }).click();
  await page.getByLabel("Amount").fill("7");
  await page.keyboard.press("Escape");
  await page.reload();
  await expect(page.getByRole("button", { name: /^honey/ })).not.toContainText("50 g");
  await page.getByRole("button", { name: "go on with it" }).click();
  await expect(page.getByRole("button", { name: /^honey/ })).toContainText("50 g · 2 tbsp + 1 tsp");
  await expect(page.getByText("You were writing")).toBeHidden();
  await page.reload();
  await page.getByRole("button", { name: "drop it" }).click();
  await page.reload();
  await expect(page.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
  await expect(page.getByText("You were writing")).toBeHidden();
});

test("versions: what changed, against any other, and one brought back", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("link", { name: /Pale mask/ }).click();
  await page.getByRole("button", { name: /^honey/ }).click();
  await page.getByRole("button", { name: "take it out of the bowl" }).click();
  await page.getByRole("button", { name: "Save the change" }).click();
  await expect(page.getByRole("button", { name: "Saved, version 2" })).toBeVisible();
  await page.getByRole("button", { name: "cream", exact: true }).click();
  await page.getByRole("radio", { name: /a thick paste/ }).click();
  await page.getByRole("button", { name: "Save the change" }).click();
  await expect(page.getByRole("button", { name: "Saved, version 3" })).toBeVisible();
  await page.getByRole("link", { name: "versions" }).click();
  await expect(page.getByRole("listitem").filter({ hasText: "Version 3" })).toContainText(
    "like cream became like a thick paste",
  );
  await expect(page.getByRole("listitem").filter({ hasText: "Version 2" })).toContainText("honey left out");
  await page.getByLabel("Compared with").selectOption("1");
  await page.getByRole("button", { name: "Compare" }).click();
  const third = page.getByRole("listitem").filter({ hasText: "Version 3" });
  await expect(third).toContainText("like cream became like a thick paste");
  await expect(third).toContainText("honey left out");
  await page
    .getByRole("listitem")
    .filter({ hasText: "Version 1" })
    .getByRole("button", { name: "bring this one back" })
    .click();
  await expect(page.getByRole("button", { name: "Saved, version 4" })).toBeVisible();
  await expect(page.getByRole("button", { name: /^honey/ })).toBeVisible();
});

test("two tabs: the second save sees both sides, and keeps either or both; nothing is written over", async ({
  page,
  context,
}) => {
  await page.goto("/");
  await page.getByRole("link", { name: /Quiet scalp/ }).click();
  await expect(page.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
  const other = await context.newPage();
  await other.goto(page.url());
  const kitchen = async (tab: Page, from: string, to: string) => {
    await tab.getByRole("button", { name: from }).click();
    await tab.getByLabel("Kitchen, °C").fill(to);
    await tab.keyboard.press("Escape");
    await tab.getByRole("button", { name: "Save the change" }).click();
  };
  await kitchen(other, "20°", "25");
  await expect(other.getByRole("button", { name: "Saved, version 2" })).toBeVisible();
  await kitchen(page, "20°", "28");
  await expect(page.getByText(/Somebody saved this in between/)).toBeVisible();
  const sides = page.getByRole("region", { name: "Theirs and yours" });
  await expect(sides.getByRole("row", { name: /^kitchen/ })).toHaveText("kitchen25°28°");
  await expect(page.getByRole("button", { name: "28°" })).toBeVisible();
  await noFault(page);
  await sides.getByRole("button", { name: "Save yours as the newest" }).click();
  await expect(page.getByRole("button", { name: "Saved, version 3" })).toBeVisible();
  await expect(sides).toBeHidden();

  // Now the other is behind, and takes theirs.
  await kitchen(other, "25°", "31");
  await other.getByRole("button", { name: "Take theirs" }).click();
  await expect(other.getByRole("button", { name: "28°" })).toBeVisible();
  await expect(other.getByRole("button", { name: "Saved, version 3" })).toBeVisible();
  // And once more, keeping both.
  await kitchen(page, "28°", "19");
  await expect(page.getByRole("button", { name: "Saved, version 4" })).toBeVisible();
  await kitchen(other, "28°", "33");
  await other.getByRole("button", { name: "Keep both: save yours as another" }).click();
  await expect(other.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("button", { name: "19°" })).toBeVisible();
});

test("a head being changed survives a reload, and two at once see both sides", async ({ page, context }) => {
  const id = uuid();
  await page.request.post("/api/v1/heads", {
    data: { id, name: "Twice written", hair: { longest: { cm: 40 }, amount: { strands: "medium" } } },
  });
  await page.goto(`/heads/${id}`);
  await page.getByLabel("cm, longest").fill("44");
  await page.reload();
  await expect(page.getByLabel("cm, longest")).toHaveValue("40");
  await page.getByRole("button", { name: "go on with it" }).click();
  await expect(page.getByLabel("cm, longest")).toHaveValue("44");
  const other = await context.newPage();
  await other.goto(`/heads/${id}`);
  await other.getByRole("button", { name: "drop it" }).click();
  await other.getByLabel("cm, longest").fill("52");
  await other.getByRole("button", { name: "Keep this head" }).click();
  await expect(other).toHaveURL(/\/heads$/);
  await page.getByRole("button", { name: "Keep this head" }).click();
  await expect(page.getByRole("row", { name: /^hair/ })).toContainText(/52 cm.*44 cm/);
  await page.getByRole("button", { name: "Save yours as the newest" }).click();
  await expect(page).toHaveURL(/\/heads$/);
  expect((await (await page.request.get(`/api/v1/heads/${id}`)).json()).hair.longest.cm).toBe(44);
  await page.request.put(`/api/v1/heads/${id}/removed`, { data: { removed: true } });
});

test("the log by everything it can be looked through by, a head's marks through time, and its table", async ({
  page,
}) => {
  await page.goto("/log");
  await page.getByLabel("Whose head").selectOption({ label: "Seun" });
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByRole("heading", { name: "How it was on Seun, through time" })).toBeVisible();
  await expect(page.getByRole("row", { name: /Coil softener/ }).first()).toContainText(/\d/);
  const drawn = () =>
    page
      .locator("canvas")
      .evaluate(
        (canvas: HTMLCanvasElement) =>
          new Set(canvas.getContext("2d")!.getImageData(0, 0, canvas.width, canvas.height).data).size,
      );
  await expect.poll(drawn).toBeGreaterThan(10);
  await noFault(page);
  await page.getByText("more to look by").click();
  await page.getByLabel("With").selectOption("banana");
  await page.getByLabel("How it was").selectOption({ label: "much slip (4 or 5)" });
  await page.getByLabel("From", { exact: true }).fill("2020-01-01");
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByRole("link", { name: "Seun’s Sunday slip" })).toBeVisible();
  await expect(page.getByRole("link", { name: "Coil softener" })).toHaveCount(0);
  const csv = await (
    await page.request.get((await page.getByRole("link", { name: "these as a table (CSV)" }).getAttribute("href"))!)
  ).text();
  expect(
    csv
      .trim()
      .split("\r\n")
      .slice(1)
      .every((line) => line.includes("Seun’s Sunday slip")),
  ).toBe(true);
  await page.getByLabel("To", { exact: true }).fill("2020-01-02");
  await page.getByRole("button", { name: "Look" }).click();
  await expect(page.getByText("Nothing like that was made.")).toBeVisible();
  await page.goto("/log?head=nonsense&how=🌿&from=2020-99-99&material=moondust&before=1_x");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("What did we do");
});

test("an amount written out is read, shown, and asked about where it can mean two things", async ({ page }) => {
  await page.goto("/blend");
  await drop(page, "amla");
  await page.getByRole("button", { name: /^amla/ }).click();
  await page.getByLabel("Parts").fill("2 heaped tsp");
  await expect(page.getByRole("dialog").getByText("read as 2 heaped tsp")).toBeVisible();
  await page.getByLabel("Parts").press("Enter");
  await expect(page.getByLabel("Parts")).toHaveValue("2");
  await expect(page.getByLabel("Measured in")).toHaveValue("tsp");
  await expect(page.getByLabel("The spoon is")).toHaveValue("heaped");
  await page.getByLabel("Parts").fill("3 t");
  await expect(page.getByRole("dialog").getByText("Which one?")).toBeVisible();
  await page.getByRole("button", { name: "3 tbsp", exact: true }).click();
  await expect(page.getByLabel("Parts")).toHaveValue("3");
  await expect(page.getByLabel("Measured in")).toHaveValue("tbsp");
  await page.keyboard.press("Escape");
  await drop(page, "honey");
  await page.getByRole("button", { name: /^honey/ }).click();
  await page.getByLabel("Amount").fill("¼ cup");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /^honey/ })).toContainText("89 g");
});

test("a number says where it comes from", async ({ page }) => {
  await page.goto("/blend");
  await drop(page, "fenugreek");
  await page.getByRole("button", { name: /^fenugreek/ }).click();
  await page.getByText("where its numbers come from").click();
  await expect(page.getByText("7.8 (7.2–8.4) %")).toBeVisible();
  await expect(page.getByText("published: IFCT 2017 G026").first()).toBeVisible();
  await expect(page.getByText("our estimate").first()).toBeVisible();
});

test("too thin, then mended by the word in the sentence", async ({ page }) => {
  await page.goto("/blend");
  await drop(page, "amla");
  await page.getByRole("button", { name: "cream", exact: true }).click();
  await page.getByRole("radio", { name: /a drizzle/ }).click();
  await expect(page.getByText(/^Will run/)).toBeVisible();
  await page
    .getByRole("button", { name: /^Make it/ })
    .first()
    .click();
  await expect(page.getByText(/^(Should stay|Stays) on/)).toBeVisible();
});

test("what was put on the hair is kept, and a dye on it asks for a strand; a tape over 15 cm is asked about", async ({
  page,
}) => {
  await page.goto("/heads/new");
  await page.getByLabel("Name", { exact: true }).fill("Bleached once");
  await page.getByLabel("How much hair").selectOption("ponytail measured");
  await page.getByLabel("cm round the ponytail").fill("18");
  await expect(page.getByText(/More than 15 cm is rare/)).toBeVisible();
  await page.getByLabel("cm round the ponytail").fill("8");
  await expect(page.getByText(/More than 15 cm is rare/)).toBeHidden();
  await page.getByLabel("Put on it before").selectOption("bleach");
  await page.getByLabel("Month of the bleach, if known").fill("2026-03");
  await page.getByLabel("Natural colour, 1 black to 10 palest blond").selectOption("7");
  await page.getByRole("checkbox", { name: "the daisy family" }).check();
  await page.getByLabel("One thing, by its name").fill("sesame oil");
  await page.getByRole("button", { name: "not sesame oil" }).click();
  await page.getByRole("button", { name: "Keep this head" }).click();
  await page.waitForURL(/\/heads$/);
  await page.getByRole("link", { name: /Bleached once/ }).click();
  await expect(page.getByLabel("Month of the bleach, if known")).toHaveValue("2026-03");
  await expect(page.getByLabel("Natural colour, 1 black to 10 palest blond")).toHaveValue("7");
  await page.goto("/blend");
  await page.getByRole("button", { name: /’s$/ }).click();
  await page.getByRole("radio", { name: "Bleached once" }).click();
  await drop(page, "henna");
  await drop(page, "chamomile");
  await expect(page.getByText(/This hair was relaxed, bleached, permed or box-dyed\. Try henna/)).toBeVisible();
  await expect(page.getByText(/Known allergy: chamomile is, or holds, what this head does not bear/)).toBeVisible();
});

test("too thin, then worn otherwise: what is pinned up does not hang, and the choice is kept with the blend", async ({
  page,
}) => {
  await page.goto("/blend");
  await drop(page, "amla");
  await page.getByRole("button", { name: "cream", exact: true }).click();
  await page.getByRole("radio", { name: /a drizzle/ }).click();
  await expect(page.getByText(/^Will run/)).toBeVisible();
  await page.getByRole("button", { name: "pin it up" }).click();
  await expect(page.getByText("Pinned up, it stays on. Until it is, it runs.")).toBeVisible();
  await expect(page.getByText("You chose: the hair pinned up while it is on.")).toBeVisible();
});

test("keyboard only: a blend made, saved and opened as a bowl", async ({ page }) => {
  await page.goto("/");
  await page.keyboard.press("b");
  await expect(page).toHaveURL(/\/blend$/);
  const tabTo = async (name: string | RegExp) => {
    for (let i = 0; i < 90; i++) {
      await page.keyboard.press("Tab");
      const focused = await page.evaluate(() => {
        const e = document.activeElement as HTMLElement;
        return (
          e.getAttribute("aria-label") ??
          (e as HTMLInputElement).labels?.[0]?.textContent ??
          e.textContent ??
          ""
        ).trim();
      });
      if (typeof name === "string" ? focused === name : name.test(focused)) return;
    }
    throw new Error(`never reached ${name}`);
  };
  await tabTo("put something in the bowl");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("What goes in?")).toBeFocused();
  await page.keyboard.type("brahmi");
  await expect(page.getByRole("option").first()).toContainText("brahmi");
  await page.keyboard.press("Enter");
  await expect(page.getByText(/^(Stays on|Should stay|May drip|Will run)/)).toBeVisible();
  await tabTo(/^brahmi/);
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Parts")).toBeFocused();
  await page.keyboard.press("ControlOrMeta+a");
  await page.keyboard.type("3");
  await page.keyboard.press("Escape");
  await tabTo("Name of this blend");
  await page.keyboard.type("By keys");
  await tabTo("Save");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("button", { name: "Saved, version 1" })).toBeVisible();
  await tabTo("Make it …");
  await page.keyboard.press("Enter");
  await tabTo("Open the worksheet");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("By keys for Mina");
  await tabTo(/^Gather/);
  await page.keyboard.press("Space");
  await expect(page.getByRole("checkbox", { name: /Gather/ })).toBeChecked();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Shortcuts and light" })).toBeVisible();
});
