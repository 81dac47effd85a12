import { chromium } from "@playwright/test";
import { v7 as uuid } from "uuid";
import playwright from "../playwright.config";
import type { Report } from "./bench";

const base = `http://127.0.0.1:${process.env.PORT}`;
const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const json = async (path: string) => (await fetch(`${base}/api/v1/${path}`)).json();
const send = (path: string, body: object) =>
  fetch(`${base}/api/v1/${path}`, {
    method: "POST",
    headers: { "content-type": "application/json" },
    body: JSON.stringify(body),
  });

async function newBowl(): Promise<string> {
  const { blends } = await json("blends");
  const id = uuid();
  await send("batches", { id, versionId: blends[0].versionId, headId: blends[0].headId });
  return id;
}
const sectioned = (i: number) => ({
  id: uuid(),
  payload: { kind: "sectioned", of: 12, section: `s${1 + (i % 12)}`, done: Math.floor(i / 12) % 2 === 0 },
  deviceSeq: i,
  revSeen: 0,
  deviceClock: new Date().toISOString(),
});

/** A section done, on a phone four times slower than this machine; a page of 2 000 presses; a scale at 10 Hz. */
export async function applying(report: Report) {
  const id = await newBowl();
  await send(`batches/${id}/events`, {
    events: [{ ...sectioned(0), payload: { ...sectioned(0).payload, done: false } }],
  });
  const browser = await chromium.launch(playwright.use?.launchOptions);
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`${base}/batches/${id}/apply`, { waitUntil: "networkidle" });
  const slow = await page.context().newCDPSession(page);
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const times: number[] = [];
  for (let i = 0; i < 10; i++) {
    times.push(
      await page.evaluate(async () => {
        const button = [...document.querySelectorAll("button")].find(({ textContent }) => textContent === "Done")!;
        const before = document.querySelector("h1")!.textContent;
        const began = performance.now();
        const changed = new Promise<void>((is) =>
          new MutationObserver((_, observer) => {
            if (document.querySelector("h1")?.textContent === before) return;
            observer.disconnect();
            is();
          }).observe(document.body, { subtree: true, childList: true, characterData: true }),
        );
        button.click();
        await changed;
        return performance.now() - began;
      }),
    );
    await page.waitForTimeout(150);
  }
  await slow.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  report("a section done on a phone slowed four times: press to what is next, median", median(times), 50, "ms");
  report("… slowest of 10", Math.max(...times), Infinity, "ms");

  const other = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await other.goto(`${base}/batches/${id}/apply`, { waitUntil: "networkidle" });
  const seen: number[] = [];
  for (let i = 0; i < 5; i++) {
    const before = await other.getByText(/of 12 done/).textContent();
    await page.getByRole("button", { name: "the last one needs more" }).click();
    const began = performance.now();
    await other.waitForFunction(
      (was) => ![...document.querySelectorAll("p")].some(({ textContent }) => textContent === was),
      before,
      { polling: 20 },
    );
    seen.push(performance.now() - began);
  }
  report("a press is seen on a second device, slowest of 5", Math.max(...seen) / 1000, 2, "s");
  await other.close();

  const long = await newBowl();
  for (let i = 0; i < 2000; i += 200)
    await send(`batches/${long}/events`, {
      events: Array.from({ length: 200 }, (_, n) => sectioned(i + n)),
      after: Number.MAX_SAFE_INTEGER,
    });
  const open = async () => (await fetch(`${base}/batches/${long}/apply`)).text();
  await open();
  const opens: number[] = [];
  for (let i = 0; i < 9; i++) {
    const began = performance.now();
    await open();
    opens.push(performance.now() - began);
  }
  report("putting on with 2 000 events opens (page from the server), median of 9", median(opens), 80, "ms");

  if (process.env.SCALE_URL) {
    const act = (control: string, amount: number) =>
      fetch(process.env.SCALE_URL!.replace(/shown$/, "act"), {
        method: "POST",
        body: JSON.stringify({ control, amount }),
      });
    await act("noise", 0.3);
    await page.evaluate(() => {
      const source = new EventSource("/api/v1/instruments/scale");
      const heard = { count: 0 };
      Object.assign(window, { heard });
      source.onmessage = () => heard.count++;
    });
    await page.waitForTimeout(1000);
    const from = await page.evaluate(() => (window as unknown as { heard: { count: number } }).heard.count);
    const before = (await json(`batches/${id}`)).events.length;
    await page.waitForTimeout(10_000);
    const to = await page.evaluate(() => (window as unknown as { heard: { count: number } }).heard.count);
    report("readings a second that reach a page from a scale at 10 Hz (at least)", (to - from) / 10, -8, "/s");
    report("… events that they wrote", (await json(`batches/${id}`)).events.length - before, 0, "events");
    await act("noise", 0);
  }
  await browser.close();
}
