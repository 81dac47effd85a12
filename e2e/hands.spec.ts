import { expect, test, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { BLEND_INPUT, HEAD_INPUT } from "./samples";
import { bowlOfItsOwn, drop, keptPages, noFault, putBookAside, putUp } from "./steps";

/** A phone beside the bowl, and whoever comes with full hands: what is carried, folded, kept and gone back to. */
putBookAside();

const PHONE = { width: 390, height: 844 };
const nowAt = (page: Page) => page.getByRole("region", { name: "Now" });
const stepTo = async (page: Page, name: string) => {
  const heading = nowAt(page).getByRole("heading").first();
  for (let i = 0; i < 12 && (await heading.textContent()) !== name; i++) {
    const before = await heading.textContent();
    await nowAt(page)
      .getByRole("button", { name: /^Done: / })
      .click();
    await expect(heading).not.toHaveText(before!);
  }
  await expect(heading).toHaveText(name);
};

test("ticking the first pour notes it as planned, once; what is poured by the feel nobody makes up", async ({
  page,
  request,
}) => {
  await page.setViewportSize(PHONE);
  await page.goto(`/batches/${await bowlOfItsOwn(request, "Ticked pour", "Ticker")}`);
  await stepTo(page, "First pour");
  const planned = await nowAt(page)
    .getByRole("button", { name: /^Poured \d+ ml/ })
    .textContent();
  const ml = /\d+/.exec(planned!)![0];
  const noted = nowAt(page).getByText(new RegExp(`^${ml} ml$`));
  await nowAt(page).getByRole("button", { name: "Done: first pour" }).click();
  await expect(noted).toBeVisible();
  // Taken back and ticked again it is the same pour.
  await page.getByRole("button", { name: "the whole order of work" }).click();
  const tick = page.getByRole("region", { name: "The order of work" }).getByRole("checkbox", { name: /^First pour/ });
  await tick.uncheck();
  await tick.check();
  await expect(noted).toBeVisible();
  await page.reload();
  await expect(noted).toBeVisible();
});

test("the answer to a word comes into view, and another step begins at its top", async ({ page, request }) => {
  await page.setViewportSize(PHONE);
  await page.goto(`/batches/${await bowlOfItsOwn(request, "In view", "Viewer")}`);
  await stepTo(page, "First pour");
  await nowAt(page).getByRole("button", { name: "Done: first pour" }).click();
  await expect(nowAt(page).getByRole("heading").first()).toHaveText("Pour by steps");
  await expect(nowAt(page).getByRole("heading").first()).toBeInViewport();
  await nowAt(page).getByRole("button", { name: "Too thick" }).click();
  const way = nowAt(page).getByRole("button", { name: /^Poured \d+ ml of it/ });
  await expect(way).toBeInViewport({ ratio: 1 });
  const [wayBox, foot] = [await way.boundingBox(), await page.locator("footer").boundingBox()];
  expect(wayBox!.y + wayBox!.height).toBeLessThanOrEqual(foot!.y);
});

test("two bowls: the foot shows each and switches between them, waiting taps stand there too", async ({
  page,
  request,
}) => {
  await page.setViewportSize(PHONE);
  const [one, two] = [await bowlOfItsOwn(request, "Bowl one", "Ayo"), await bowlOfItsOwn(request, "Bowl two", "Bea")];
  await page.goto(`/batches/${one}`);
  await page.getByRole("button", { name: "Done: gather" }).click();
  await page.goto(`/batches/${two}`);
  await page.getByRole("button", { name: "Done: gather" }).click();
  const bowls = page.getByRole("list", { name: "Going on" });
  await expect(bowls.getByRole("link", { name: /Bowl two for Bea/ })).toHaveAttribute("aria-current", "page");
  await expect(bowls.getByRole("link", { name: /Bowl two for Bea/ })).toBeInViewport();
  await bowls.getByRole("link", { name: /Bowl one for Ayo/ }).click();
  await expect(page).toHaveURL(new RegExp(one));
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Bowl one");
  await expect(nowAt(page).getByRole("heading").first()).toHaveText("Dry things");
  await noFault(page);

  // What could not be sent is said in the foot, also on another page, and goes out when its bowl is opened.
  await page.route("**/api/v1/batches/*/events", (route) => route.abort());
  await page.getByRole("button", { name: "Done: dry things" }).click();
  const foot = page.locator("footer");
  await expect(foot.getByText(/1 tap is waiting to be sent\.$/)).toBeInViewport();
  await bowls.getByRole("link", { name: /Bowl two for Bea/ }).click();
  await expect(foot.getByText("1 tap is waiting to be sent for Bowl one for Ayo.")).toBeVisible();
  await page.unroute("**/api/v1/batches/*/events");
  await foot
    .getByText(/waiting to be sent/)
    .getByRole("link")
    .click();
  await expect(page).toHaveURL(new RegExp(one));
  await expect(foot.getByText(/waiting to be sent/)).toBeHidden();
});

test("Back closes what is open on a phone, and only then leaves the page", async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.goto("/shelf");
  await page.getByRole("link", { name: "Blend", exact: true }).click();
  await expect(page).toHaveURL(/\/blend$/);
  await drop(page, "amla");
  await page.getByRole("button", { name: "A mask" }).click();
  await expect(page.getByRole("dialog", { name: "What is it for?" })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect(page).toHaveURL(/\/blend$/);
  await expect(page.getByRole("button", { name: /^amla/ }).first()).toBeVisible();
  // One after the other, and one that is closed by its own press: neither leaves an entry behind.
  await page.getByRole("button", { name: /^\d+°$/ }).click();
  await expect(page.getByRole("dialog", { name: "How warm is the kitchen?" })).toBeVisible();
  await page.getByRole("button", { name: "A mask" }).click();
  await expect(page.getByRole("dialog", { name: "What is it for?" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.getByRole("button", { name: "type a page of your notebook" }).click();
  await expect(page.getByRole("heading", { name: "A page of your notebook" })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole("heading", { name: "A page of your notebook" })).toBeHidden();
  await expect(page).toHaveURL(/\/blend$/);
  await page.goBack();
  await expect(page).toHaveURL(/\/shelf$/);
});

test("a jar of the shelf is carried into the bowl, and what else stands there stays at hand", async ({ page }) => {
  await putUp(page, "kaolin", "300");
  await putUp(page, "amla", "200");
  await page.goto("/blend");
  const heap = page.getByRole("listitem").filter({ hasText: "kaolin clay" });
  const bowl = page.getByRole("img", { name: "An empty bowl." });
  // What answers comes when somebody is there, and a hand that carries something moves.
  await expect(async () => {
    await page.mouse.move(200 * Math.random() + 100, 200);
    await expect(heap).toHaveAttribute("draggable", "true", { timeout: 500 });
  }).toPass();
  await heap.dragTo(bowl);
  await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^kaolin clay \d+ g/ })).toBeVisible();
  const more = page.getByRole("region", { name: "More from your shelf" });
  await expect(more.getByRole("button", { name: /^kaolin/ })).toHaveCount(0);
  await page.setViewportSize(PHONE);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(PHONE.width);
  await more.getByRole("button", { name: /^amla/ }).press("Enter");
  await expect(more.getByRole("button").and(page.locator(":focus"))).toHaveCount(1);
  await expect(page.getByRole("button", { name: /^amla \d+ g/ })).toBeVisible();
});

test("a typed page stands beside the bowl and over nothing", async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto("/blend?of=amla.henna");
  await page.getByRole("button", { name: "type a page of your notebook" }).click();
  await page.getByLabel("As it stands there, a line for each thing").fill("2 tbsp shatavari");
  await expect(page.getByText("1 line goes in")).toBeVisible();
  const boxes = await Promise.all(
    [
      page.getByRole("region", { name: "A page of your notebook" }),
      page.getByRole("img", { name: /bowl in section/ }),
      page.getByRole("complementary", { name: "The liquid" }),
    ].map((one) => one.boundingBox()),
  );
  const [written, bowl, jug] = boxes.map((box) => box!);
  expect(written.x).toBeGreaterThan(bowl.x + bowl.width);
  expect(Math.abs(written.y - bowl.y)).toBeLessThan(60);
  expect(jug.y).toBeGreaterThanOrEqual(bowl.y + bowl.height);
  await noFault(page);
});

test("on a phone the long page folds: each fold says its answer, and opens at a press", async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.goto("/blend?of=henna.amla.brahmi&longest=waist", { waitUntil: "networkidle" });
  await page.mouse.move(100, 100);
  for (const [name, line] of [
    ["While it rests", /\d+ (h|min)/],
    ["In clean spoons", /tbsp|tsp|cup/],
    ["Before it touches anyone", /take care: \d/],
    ["The order of mixing", /\d+ steps/],
    ["How it will feel", /none|a little|some|much/],
    ["Where it goes", /sections of .* g, on for .* min/],
  ] as const) {
    const fold = page.getByRole("button", { name: new RegExp(`^${name}`) });
    await expect(fold).toHaveText(line);
    await expect(fold).toHaveAttribute("aria-expanded", "false");
  }
  await page.getByRole("button", { name: /^Where it goes/ }).press("Enter");
  await expect(page.getByText("on the scalp")).toBeVisible();
  // Folded it is no longer than what one needs while pouring.
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThan(3400);
  await noFault(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await expect(page.getByRole("heading", { name: "The order of mixing" })).toBeVisible();
  await expect(page.getByText("left in the bowl")).toBeVisible();
});

test("a stop is never folded away", async ({ page, request }) => {
  await page.setViewportSize(PHONE);
  const [headId, id] = [uuid(), uuid()];
  const sore = { id: headId, name: "Sore", hair: { ...HEAD_INPUT, soreScalp: true } };
  expect((await request.post("/api/v1/heads", { data: sore })).status()).toBe(200);
  const blend = { id, versionId: uuid(), name: "Not yet", headId, blend: BLEND_INPUT };
  expect((await request.post("/api/v1/blends", { data: blend })).status()).toBe(200);
  await page.goto(`/blend/${id}`);
  await expect(page.getByRole("button", { name: /^Before it touches anyone stop: 1/ })).toHaveAttribute(
    "aria-expanded",
    "true",
  );
  await expect(page.getByRole("region", { name: "Cautions" }).getByText("Stop", { exact: true })).toBeVisible();
});

/** Numbers that come out the same every time. */
function* numbers(seed: number): Generator<number> {
  let state = seed;
  for (;;) {
    state = (state * 1664525 + 1013904223) % 2 ** 32;
    yield state / 2 ** 32;
  }
}

for (const width of [390, 768, 1024, 1280, 1600])
  test(`labels of a bowl of nine and more never touch, ${width} wide`, async ({ page, request }) => {
    await page.setViewportSize({ width, height: 900 });
    const { materials } = (await (await request.get("/api/v1/materials")).json()) as {
      materials: { id: string; form: string }[];
    };
    const powders = materials.filter(({ form }) => form === "powder").map(({ id }) => id);
    const random = numbers(width);
    for (const many of [9, 10, 11, 12]) {
      const ids = Array.from({ length: many }, () => powders[Math.floor(random.next().value! * powders.length)]);
      await page.goto(`/blend?of=${[...new Set(ids)].join(".")}`);
      await expect(page.getByText(/^Makes \d+ g/)).toBeVisible();
      const labels = page.getByRole("img", { name: /bowl in section/ }).locator("xpath=following-sibling::ul/li");
      await expect(labels.first()).toBeVisible();
      // They are placed once by guess and once by measure; a name that wraps waits for that.
      await expect(async () => {
        const boxes = await labels.evaluateAll((all) =>
          all
            .map((one) => one.getBoundingClientRect())
            .map(({ right, top, bottom }) => ({ right, top, bottom }))
            .sort((a, b) => a.top - b.top),
        );
        boxes.forEach(({ top, right }, i) => {
          expect(top).toBeGreaterThanOrEqual((boxes[i - 1]?.bottom ?? 0) - 0.6);
          expect(right).toBeLessThanOrEqual(width);
        });
      }).toPass({ timeout: 5000 });
    }
  });

test("a reload without the network keeps the worksheet, with what was noted; it forgets a closed bowl", async ({
  page,
  request,
  context,
}) => {
  const id = await bowlOfItsOwn(request, "Kept sheet", "Keeper");
  await page.goto(`/batches/${id}`);
  await page.mouse.move(100, 100);
  await stepTo(page, "First pour");
  await nowAt(page)
    .getByRole("button", { name: /^Poured \d+ ml/ })
    .click();
  const poured = (await nowAt(page)
    .getByText(/^\d+ ml$/)
    .textContent())!;
  // The pour has arrived, and the copy is of after it.
  const pourId = async () => {
    const { events } = (await (await request.get(`/api/v1/batches/${id}/events`)).json()) as {
      events: { id: string; payload: { kind: string } }[];
    };
    return events.find(({ payload }) => payload.kind === "poured")?.id.replaceAll("-", "") ?? "no pour yet";
  };
  await expect
    .poll(async () => (await keptPages(page)).find(([path]) => path === `/batches/${id}`)?.[1].includes(await pourId()))
    .toBe(true);
  // Only worksheets are kept.
  expect((await keptPages(page)).every(([path]) => path.startsWith("/batches/"))).toBe(true);

  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Kept sheet for Keeper");
  await expect(
    page.getByText(/^The house does not answer\. This is the bowl as it was here at \d\d:\d\d/),
  ).toBeVisible();
  await expect(nowAt(page).getByText(poured, { exact: true })).toBeVisible();
  await nowAt(page)
    .getByRole("button", { name: /^\+ \d/ })
    .click();
  await expect(page.locator("footer").getByText(/1 tap is waiting to be sent/)).toBeVisible();
  await page.reload();
  await expect(nowAt(page).getByText(/^\d+ ml$/)).not.toHaveText(poured);
  await context.setOffline(false);
  await expect(page.locator("footer").getByText(/waiting to be sent/)).toBeHidden({ timeout: 15_000 });
  await expect(page.getByText(/^The house does not answer/)).toBeHidden({ timeout: 15_000 });

  const answer = await request.post(`/api/v1/batches/${id}/events`, {
    data: {
      events: [
        {
          id: uuid(),
          payload: { kind: "closed" },
          deviceSeq: 1,
          revSeen: 0,
          deviceClock: new Date().toISOString(),
        },
      ],
      sentAt: new Date().toISOString(),
    },
  });
  expect(answer.status()).toBe(200);
  await expect.poll(async () => (await keptPages(page)).map(([path]) => path)).not.toContain(`/batches/${id}`);
});

test("a worksheet that is kept is nobody's who was erased since", async ({ page, request }) => {
  const id = await bowlOfItsOwn(request, "Sheet of somebody", "Zephyrine");
  const copy = async () => (await keptPages(page)).find(([path]) => path === `/batches/${id}`)?.[1];
  await page.goto(`/batches/${id}`);
  await expect.poll(async () => (await copy())?.includes("Zephyrine")).toBe(true);
  await page.goto("/log");
  const { persons } = await (await request.get("/api/v1/door")).json();
  const person = persons.find((one: { name: string }) => one.name === "Zephyrine");
  expect((await request.put(`/api/v1/persons/${person.id}/erased`, { data: { erased: true } })).status()).toBe(200);
  await expect.poll(async () => (await copy())?.includes("Zephyrine") ?? false).toBe(false);
});

test("where a browser keeps no page, the worksheet says so, and asks before it goes without the network", async ({
  page,
  request,
  context,
}) => {
  // As a phone on the house's network has it.
  await page.addInitScript(() => Object.defineProperty(window, "isSecureContext", { get: () => false }));
  await page.goto(`/batches/${await bowlOfItsOwn(request, "Not kept", "Lodger")}`);
  await expect(page.getByText(/^Leave this page open while you work: without the network/)).toBeVisible();
  await page.getByRole("button", { name: "Done: gather" }).click();
  await expect(nowAt(page).getByRole("heading").first()).toHaveText("Dry things");
  await context.setOffline(true);
  const asked = page.waitForEvent("dialog");
  const leaving = page.evaluate(() => location.reload());
  const dialog = await asked;
  expect(dialog.type()).toBe("beforeunload");
  await dialog.dismiss();
  await leaving;
  await expect(nowAt(page).getByRole("heading").first()).toHaveText("Dry things");
  await context.setOffline(false);
});
