import { gzipSync } from "node:zlib";
import { chromium } from "@playwright/test";
import { build } from "esbuild";
import type * as Balance from "../src/core/balance";
import type * as Paste from "../src/core/paste";
import type * as Correct from "../src/core/correct";
import playwright from "../playwright.config";
import { closeDatabase } from "../src/store/connection";
import { applying } from "./applying";
import { recording } from "./record";
import { making } from "./makings";
import { resting } from "./rest";
import { shelving } from "./shelf";

/** Prints figures beside their limits; it reports and never fails. */
interface Row {
  readonly what: string;
  readonly is: number;
  readonly limit: number;
  readonly unit: string;
}
const rows: Row[] = [];
/** A negative limit is a least. */
export type Report = (what: string, is: number, limit: number, unit: string) => void;
const report: Report = (what, is, limit, unit) => rows.push({ what, is, limit, unit });

const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

function timeOf(work: () => void, rounds = 3000): number {
  for (let i = 0; i < rounds; i++) work();
  return median(
    Array.from({ length: rounds }, () => {
      const began = performance.now();
      work();
      return performance.now() - began;
    }),
  );
}

/** The same arithmetic as a ten-line answer, bare: 69 passes over 11 things, 27 over a head, in flat arrays. */
function bareLoop(): () => number {
  const [lines, passes, headPasses] = [11, 69, 27];
  const x = new Float64Array(lines * 4).map((_, i) => 0.1 + (i % 7) / 10);
  return () => {
    let sum = 0;
    for (let pass = 0; pass < passes; pass++) {
      let volume = 0,
        on = 0,
        mixed = 0,
        grams = 0;
      for (let i = 0; i < lines; i++) {
        const m = x[i],
          w = x[lines + i],
          h = x[2 * lines + i],
          f = x[3 * lines + i];
        const solid = Math.max(0, 1 - w) / 1.5;
        grams += m;
        volume += m * (solid + w + f);
        on += m * (solid + h);
        mixed += m * (solid + h * 0.9);
      }
      sum += (on - 0.5 * volume) / (1 + mixed / volume) + grams + 0.64 * (1 - 1 / Math.sqrt(1 + 33));
    }
    for (let pass = 0; pass < headPasses; pass++)
      sum +=
        110_000 * 0.785 * x[pass] * x[pass] * 1.32 * x[pass + 1] * (1 + 0.08) + (580 * x[pass]) / (580 + 30 * x[pass]);
    return sum;
  };
}

async function computing() {
  const { outputFiles } = await build({
    stdin: {
      contents:
        `import "./core/catalogue"; export * from "./core/balance"; export * from "./core/paste"; export * from` +
        ` "./core/correct";`,
      resolveDir: "src",
    },
    bundle: true,
    format: "esm",
    write: false,
    platform: "neutral",
    target: "es2022",
  });
  const core = (await import(
    `data:text/javascript;base64,${Buffer.from(outputFiles[0].contents).toString("base64")}`
  )) as typeof Balance & typeof Paste & typeof Correct;
  const part = (materialId: string) => ({ materialId, role: "part", amount: 2, unit: "tbsp", fill: "level" }) as const;
  const fixed = (materialId: string) =>
    ({ materialId, role: "fixed", amount: 1, unit: "tbsp", fill: "level" }) as const;
  const question: Paste.PasteQuestion = {
    head: {
      longest: { landmark: "midBack" },
      amount: { strands: "medium" },
      strand: "medium",
      cut: "ordinary",
      shade: "brown",
      greyShare: 0,
      age: "adult",
      pregnant: false,
      soreScalp: false,
      asthma: false,
      allergies: [],
    },
    purpose: "mask",
    spoons: "metric",
    sizing: "likely",
    kitchenTempC: 22,
    target: { word: "cream" },
    liquid: { materialId: "water", tempC: 40 },
    lines: [
      ...["amla", "brahmi", "bhringraj", "fenugreek-seed", "neem-leaf"].map(part),
      ...["yoghurt", "honey", "aloe-gel", "sesame-oil", "lemon-juice"].map(fixed),
    ],
  };
  const ms = timeOf(() => core.computePaste(question));
  const bare = bareLoop();
  let sink = 0;
  const bareMs = timeOf(() => {
    sink += bare();
  });
  report("recompute a ten-line blend, median", ms, 0.2, "ms");
  report(
    `… against a bare loop of the same arithmetic (${bareMs.toFixed(4)} ms${sink > 0 ? "" : "?"})`,
    ms / bareMs,
    Infinity,
    "×",
  );
  report(
    "recompute with a henna in it, median",
    timeOf(() => core.computePaste({ ...question, lines: [part("henna"), ...question.lines.slice(1)] })),
    0.2,
    "ms",
  );
  report(
    "a correction after a word, median",
    timeOf(() => core.correctPaste(question, { by: "word", word: "runs" }, { pouredMl: 300 })),
    0.5,
    "ms",
  );
  const things = question.lines.map(({ materialId }) => core.thing(core.lookupIn(question)(materialId)!, 20));
  const water = core.thing(core.lookupIn(question)("water")!, 1);
  report(
    "a solve: one amount of ten, median",
    timeOf(() => core.solveAmountG(things, water, 0.55)),
    0.1,
    "ms",
  );
  report(
    "a solve: parts and liquid for a total, median",
    timeOf(() => core.solveForTotal(things.slice(0, 5), things.slice(5), water, 0.55, 500)),
    0.1,
    "ms",
  );
  report(
    "a solve: the parts for a set liquid, median",
    timeOf(() => core.solveScale(things.slice(0, 5), [...things.slice(5), water], 0.55)),
    0.1,
    "ms",
  );

  const drawsMs = timeOf(() => core.simulatePour(question), 12);
  const bareDraws = bareDrawing();
  const bareDrawsMs = timeOf(() => {
    sink += bareDraws(20_000);
  }, 12);
  report("20 000 draws of ten lines", drawsMs, 150, "ms");
  report(`… against a bare loop of the same arithmetic (${bareDrawsMs.toFixed(1)} ms)`, drawsMs / bareDrawsMs, 2, "×");
  for (const lines of [2, 10, 20, 40]) {
    const wide = { ...question, lines: Array.from({ length: lines }, (_, i) => question.lines[i % 5]) };
    report(
      `… cost of lines: 20 000 draws of ${lines}`,
      timeOf(() => core.simulatePour(wide), 6),
      Infinity,
      "ms",
    );
  }
  for (const draws of [2_000, 20_000, 80_000])
    report(
      `… cost of draws: ${draws} of ten lines`,
      timeOf(() => core.simulatePour(question, draws), 6),
      Infinity,
      "ms",
    );
}

/**
 * The draws' own arithmetic, bare: 35 normal numbers each, one pass over 11 things, and the sorting of what comes out.
 */
function bareDrawing(): (draws: number) => number {
  const [lines, figures] = [11, 35];
  return (draws) => {
    let state = 20_260_101;
    const even = () => {
      state = (state + 0x6d2b79f5) >>> 0;
      let t = state;
      t = Math.imul(t ^ (t >>> 15), t | 1);
      t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
      return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
    };
    const x = new Float64Array(figures + 1);
    const found = new Float64Array(draws);
    for (let n = 0; n < draws; n++) {
      for (let i = 0; i < figures; i += 2) {
        const radius = Math.sqrt(-2 * Math.log(1 - even()));
        const angle = 2 * Math.PI * even();
        x[i] = Math.max(0, 1 + 0.1 * radius * Math.cos(angle));
        x[i + 1] = Math.max(0, 1 + 0.1 * radius * Math.sin(angle));
      }
      let volume = 0,
        on = 0,
        mixed = 0,
        later = 0,
        grams = 0;
      for (let i = 0; i < lines; i++) {
        const m = x[2 + i],
          w = x[13 + i],
          h = x[24 + i];
        const solid = Math.max(0, 1 - w) / 1.5;
        grams += m;
        volume += m * (solid + w + 0.1);
        on += m * (solid + h);
        mixed += m * (solid + h * 0.9);
        later += m * (solid + h * 0.95);
      }
      const phi = x[0] * (1 - 1 / Math.sqrt(1 + 33 / x[1]));
      found[n] = (on - phi * volume) / phi + (mixed + later) / volume + grams;
    }
    found.sort();
    return found[draws >> 1];
  };
}

async function browsing() {
  const browser = await chromium.launch(playwright.use?.launchOptions);
  const base = `http://127.0.0.1:${process.env.PORT}`;
  const page = await browser.newPage();
  // The runner marks functions with a helper that the page does not have.
  await page.addInitScript({ content: "globalThis.__name = (f) => f" });
  const { blends } = await (await page.request.get(`${base}/api/v1/blends`)).json();
  const { batches } = await (await page.request.get(`${base}/api/v1/batches`)).json();
  /** Script that a page loads before anybody touches it, and how long until the network rests. */
  const weigh = async (path: string) => {
    const fresh = await (await browser.newContext()).newPage();
    const bodies: Promise<number>[] = [];
    fresh.on("response", (response) => {
      if (response.url().includes("/_next/static/") && response.url().endsWith(".js"))
        bodies.push(
          response.body().then(
            (body) => gzipSync(body, { level: 6 }).length,
            () => 0,
          ),
        );
    });
    const began = performance.now();
    await fresh.goto(base + path, { waitUntil: "networkidle" });
    const loaded = performance.now() - began;
    const bytes = (await Promise.all(bodies)).reduce((sum, one) => sum + one, 0);
    await fresh.context().close();
    return { kB: bytes / 1000, loaded };
  };
  const { kB, loaded } = await weigh(`/blend/${blends[0].id}`);
  report("first load of a saved blend's page, script, gzipped", kB, 210, "kB");
  report("first load of a saved blend's page, until the network rests", loaded, Infinity, "ms");
  for (const path of [
    "/",
    "/shelf",
    "/heads",
    "/log",
    "/house",
    "/measure",
    "/practice",
    "/colour",
    `/batches/${batches[0].id}`,
  ])
    report(`… of ${path.split("/").slice(0, 2).join("/")}`, (await weigh(path)).kB, Infinity, "kB");
  await page.goto(`${base}/blend/${blends[0].id}`, { waitUntil: "networkidle" });

  await page.getByRole("button", { name: /hair$/ }).click();
  const field = page.getByLabel("cm, longest").or(page.getByLabel("Grey, %")).first();
  await field.click();
  const waits = await field.evaluate(async (input: HTMLInputElement) => {
    const numbers = () => document.querySelector("main p + p, main")?.textContent ?? "";
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")!.set!;
    const out: number[] = [];
    for (let i = 0; i < 40; i++) {
      const before = numbers();
      const start = performance.now();
      set.call(input, String(30 + i));
      input.dispatchEvent(new Event("input", { bubbles: true }));
      for (let spins = 0; numbers() === before && spins < 60; spins++)
        await new Promise((next) => requestAnimationFrame(next));
      out.push(performance.now() - start);
      await new Promise((next) => setTimeout(next, 30));
    }
    return out;
  });
  report("key press to new numbers on the screen, median", median(waits), 50, "ms");
  report("key press to new numbers on the screen, slowest of 40", Math.max(...waits), Infinity, "ms");

  await page.goto(`${base}/measure`, { waitUntil: "networkidle" });
  await page.getByLabel("Across, mm").fill("60");
  await page.getByLabel("Along, mm").fill("60");
  const frames = await page
    .locator("input[type=range]")
    .first()
    .evaluate(async (input: HTMLInputElement) => {
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")!.set!;
      const out: number[] = [];
      for (let i = 0; i < 60; i++) {
        await new Promise((next) => requestAnimationFrame(next));
        const start = performance.now();
        set.call(input, String(50 + (i % 40)));
        // React takes a slider's move at once; what it does in this handler is what a frame costs.
        input.dispatchEvent(new Event("input", { bubbles: true }));
        await new Promise((next) => queueMicrotask(() => next(undefined)));
        out.push(performance.now() - start);
      }
      return out;
    });
  report("a frame while a slider of the plate moves, median", median(frames), 8, "ms");
  report("… slowest of 60", Math.max(...frames), Infinity, "ms");

  const { going } = await (await page.request.get(`${base}/api/v1/now`)).json();
  const dye = going.find(({ window }: { window?: { kind: string } }) => window?.kind === "dye");
  await page.goto(`${base}/batches/${dye.batchId}/rest`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "What if it is put elsewhere?" }).click();
  const dragged = await page
    .getByRole("slider")
    .first()
    .evaluate(async (joint: HTMLElement) => {
      joint.focus();
      const out: number[] = [];
      for (let i = 0; i < 60; i++) {
        await new Promise((next) => requestAnimationFrame(next));
        const start = performance.now();
        const key = i % 2 ? "ArrowLeft" : "ArrowRight";
        joint.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
        await new Promise((next) => queueMicrotask(() => next(undefined)));
        out.push(performance.now() - start);
      }
      return out;
    });
  report("a frame while a joint of the rest page moves, median (60 a second: 16)", median(dragged), 16, "ms");
  report("… slowest of 60", Math.max(...dragged), Infinity, "ms");
  await browser.close();
}

await computing();
await browsing();
await applying(report);
await recording(report);
await making(report);
resting(report);
await shelving(report);
await closeDatabase();
report("second start to first page", Number(process.env.SECOND_START_MS ?? NaN) / 1000, 15, "s");

console.log();
for (const { what, is, limit, unit } of rows) {
  const good = limit < 0 ? is >= -limit : is <= limit;
  const mark =
    limit === Infinity ? "" : good ? `  within ${Math.abs(limit)} ${unit}` : `  MISSES ${Math.abs(limit)} ${unit}`;
  console.log(`${what.padEnd(78)} ${is.toPrecision(3).padStart(8)} ${unit}${mark}`);
}
