import { expect, test } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { BLEND_INPUT } from "./samples";
import { putBookAside } from "./steps";

putBookAside();

test("what is left in the bowl teaches how much a head takes: the next bowl is larger, and it can be taken back", async ({
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

  await page.goto(`/heads/${headId}`);
  const taught = page.getByRole("region", { name: "What weighing taught" });
  await expect(taught.getByText(/^Of masks this head usually takes 1\.\d\d times/)).toBeVisible();
  await expect(taught.getByRole("listitem")).toHaveCount(1);
  await expect(taught.getByRole("listitem")).toContainText("at least");
  const next = await newBowl();
  expect(next.madeG).toBeGreaterThan(madeG * 1.05);
  // The first bowl stays as it was computed.
  const { batch } = await (await request.get(`/api/v1/batches/${id}`)).json();
  expect(batch.answer.totalG.mid).toBeCloseTo(madeG, 6);

  await taught.getByRole("button", { name: /^take back Weighed mask/ }).click();
  await expect(taught.getByText(/^Nothing yet/)).toBeVisible();
  expect((await newBowl()).madeG).toBeCloseTo(madeG, 3);
  await page.goto("/heads");
  await expect(page.getByText(name, { exact: true })).toBeVisible();
});
