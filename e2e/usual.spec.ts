import { expect, test } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { BLEND_INPUT } from "./samples";
import { putBookAside } from "./steps";

putBookAside();

test("what is left in a bowl teaches how much a head takes: the next is larger, and it can be taken back", async ({
  page,
  request,
}) => {
  const { heads } = await (await request.get("/api/v1/heads")).json();
  const { id: headId, name } = heads.find((head: { name: string }) => head.name === "Seun");
  const [blendId, versionId] = [uuid(), uuid()];
  const blend = { id: blendId, versionId, name: "Weighed mask", headId, blend: BLEND_INPUT };
  expect((await request.post("/api/v1/blends", { data: blend })).status()).toBe(200);
  const newBowl = async () => {
    const id = uuid();
    expect((await request.post("/api/v1/batches", { data: { id, versionId, headId } })).status()).toBe(200);
    const { batch } = await (await request.get(`/api/v1/batches/${id}`)).json();
    return { id, madeG: batch.answer.totalG.mid as number };
  };
  const { id, madeG } = await newBowl();
  await page.goto(`/batches/${id}`, { waitUntil: "networkidle" });
  await expect(page.getByRole("region", { name: "How far did it go?" })).toHaveCount(0);
  await page.getByRole("button", { name: "Mixed: the rest begins" }).click();
  await page.getByRole("button", { name: "On the head, last section" }).first().click();
  const far = page.getByRole("region", { name: "How far did it go?" });
  const left = far.getByLabel("Left in the bowl, weighed, g");
  // More than was made cannot be left.
  await left.fill("4000");
  await expect(far.getByText(/^This is too much/)).toBeVisible();
  await left.fill("0");
  await far.getByRole("button", { name: "It did not reach" }).click();
  await expect(far.getByRole("status")).toContainText("it did not reach everywhere");

  // It has arrived once the house counts it.
  const counted = async () => (await (await request.get(`/api/v1/heads/${headId}`)).json()).usual?.mask?.sessions;
  await expect.poll(counted).toBe(1);
  await page.goto(`/heads/${headId}`);
  const taught = page.getByRole("region", { name: "What weighing taught" });
  await expect(taught.getByText(/^Of masks this head usually takes 1\.\d\d times/)).toBeVisible();
  await expect(taught.getByRole("listitem")).toHaveCount(1);
  await expect(taught.getByRole("listitem")).toContainText("at least");
  const next = await newBowl();
  expect(next.madeG).toBeGreaterThan(madeG * 1.05);
  // What somebody claims was learnt is not kept with a head.
  const claimed = {
    longest: { cm: 20 },
    amount: { strands: "thin" },
    usual: { mask: { mean: 1, sd: 0.1, sessions: 9 } },
  };
  const other = { id: uuid(), name: "Claimed", hair: claimed };
  expect((await request.post("/api/v1/heads", { data: other })).status()).toBe(200);
  const kept = await (await request.get(`/api/v1/heads/${other.id}`)).json();
  expect([kept.usual, kept.hair.usual]).toEqual([undefined, undefined]);
  // The first bowl stays as it was computed.
  const { batch } = await (await request.get(`/api/v1/batches/${id}`)).json();
  expect(batch.answer.totalG.mid).toBeCloseTo(madeG, 6);

  await taught.getByRole("button", { name: /^take back Weighed mask/ }).click();
  await expect(taught.getByText(/^Nothing yet/)).toBeVisible();
  expect((await newBowl()).madeG).toBeCloseTo(madeG, 3);
  await page.goto("/heads");
  await expect(page.getByText(name, { exact: true })).toBeVisible();
});

test("more of a head: said, kept, and heard by its bowls; counts and a trial that is judged in three months", async ({
  page,
}) => {
  await page.goto("/heads");
  await page.getByRole("link", { name: /^Bertil/ }).click();
  await page.getByText("more about this hair; all of it may stay unknown").click();
  await page.getByLabel("How it takes water").selectOption("low");
  await page.getByRole("group", { name: "Thin places" }).getByLabel("crown").check();
  await page.getByLabel("Hides of its length, %").fill("300");
  await expect(page.getByText(/^This is too much/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Keep this head" })).toBeDisabled();
  await page.getByLabel("Hides of its length, %").fill("20");
  await page.getByText("counts and three-month trials").click();
  await page.getByLabel("Hairs counted today").fill("85");
  await page.getByRole("button", { name: "Count it" }).click();
  await page.getByLabel("On trial from today").fill("Rosemary on Sundays");
  await page.getByRole("button", { name: "Begin it" }).click();
  await expect(page.getByText(/Rosemary on Sundays, since .*: judge on /)).toBeVisible();
  // In inches it is the same length.
  await page.getByLabel("Longest hair").selectOption("measured in cm");
  await page.getByLabel("cm, longest").fill("10 in");
  await page.getByLabel("Measured on").fill("2026-01-01");
  await expect(page.getByText(/^It has grown about \d+ cm since/)).toBeVisible();
  await page.getByRole("button", { name: "Keep this head" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Whose hair, and what does it take?");
  await page.getByRole("link", { name: /^Bertil/ }).click();
  await page.getByText("more about this hair; all of it may stay unknown").click();
  await expect(page.getByLabel("How it takes water")).toHaveValue("low");
  await expect(page.getByRole("group", { name: "Thin places" }).getByLabel("crown")).toBeChecked();
  await expect(page.getByLabel("cm, longest")).toHaveValue("25.4");
  await page.getByText("counts and three-month trials").click();
  await expect(page.getByRole("listitem").filter({ hasText: ": 85" })).toBeVisible();
  await expect(page.getByRole("region", { name: "What went on it" }).getByRole("link").first()).toBeVisible();
  // What is said of a head is said of its bowls.
  await page.goto("/blend?of=amla");
  await page.getByRole("button", { name: "Mina’s" }).click();
  await page.getByRole("radio", { name: "Bertil" }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByText(/^Hair that takes water slowly/)).toBeVisible();
});

test("one bowl for several heads: as much as all take, who may not share it, and how it is parted", async ({
  page,
  request,
}) => {
  const { blends } = await (await request.get("/api/v1/blends")).json();
  const mask = blends.find(({ name }: { name: string }) => name === "Long-haul mask");
  await page.goto(`/blend/${mask.id}`);
  await page.getByRole("link", { name: "one bowl for several heads" }).click();
  const heading = page.getByRole("heading", { level: 1 });
  await expect(heading).toHaveText(/^One bowl of about .* g for .*Mina.*Seun/);
  const before = await heading.textContent();
  await page.getByRole("checkbox", { name: /^Seun/ }).uncheck();
  await expect(heading).not.toHaveText(before!);
  await expect(heading).not.toHaveText(/Seun/);
  await expect(page.getByText(/ % of the bowl, in \d+ sections/).first()).toBeVisible();
  for (const box of await page.getByRole("checkbox").all()) await box.uncheck();
  await expect(heading).toHaveText("Who shares it?");
});
