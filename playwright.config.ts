import { existsSync } from "node:fs";
import { defineConfig } from "@playwright/test";

/** Files whose houses are all their own, started by `./run` as anybody would. */
const OWN_HOUSES = /(start|docs)\.spec\.ts$/;
/** Files that need nothing but a house with the demo in it, and stand a second one beside the first. */
const BESIDE = /(apply|colour|hands|making|making-going|mixing|notebook|rest|trials|usual)\.spec\.ts$/;
/** `own` runs the first, `beside` the second, `shared` all others; `./run test` has two of them run at once. */
const { E2E = "all", RESULTS = ".data/results" } = process.env;

/** Debian's Chromium without what only a window needs, which starts a page in half the time; else the whole of it. */
const CHROMIUM = ["/usr/bin/chromium-headless-shell", "/usr/bin/chromium"].find(existsSync);

/** Against the server and database that `./run test` started. Retries are off: a flaky test is a failed one. */
export default defineConfig({
  testDir: "e2e",
  outputDir: `test-results/${E2E}`,
  ...(E2E === "own" ? { testMatch: OWN_HOUSES } : {}),
  ...(E2E === "beside" ? { testMatch: BESIDE } : {}),
  ...(E2E === "shared" ? { testIgnore: [OWN_HOUSES, BESIDE] } : {}),
  fullyParallel: false,
  workers: 1,
  retries: 0,
  timeout: 45_000,
  expect: { timeout: 7_000 },
  reporter: [["list"], ["json", { outputFile: `${RESULTS}/playwright-${E2E}.json` }]],
  use: {
    baseURL: `http://127.0.0.1:${process.env.PORT ?? 4516}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: "Europe/Berlin",
    launchOptions: {
      ...(CHROMIUM ? { executablePath: CHROMIUM } : {}),
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
      ],
    },
  },
});
