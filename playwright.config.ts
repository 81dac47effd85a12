import { defineConfig } from "@playwright/test";

/** Against the server and database that `./run test` started. Retries are off: a flaky test is a failed one. */
export default defineConfig({
  testDir: "e2e",
  fullyParallel: false,
  workers: 1,
  retries: 0,
  timeout: 45_000,
  expect: { timeout: 7_000 },
  reporter: [["list"], ["json", { outputFile: `${process.env.RESULTS ?? ".data/results"}/playwright.json` }]],
  use: {
    baseURL: `http://127.0.0.1:${process.env.PORT ?? 4516}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: "Europe/Berlin",
    launchOptions: {
      executablePath: "/usr/bin/chromium",
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
