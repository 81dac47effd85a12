// The old and the new house beside each other, on two restores of one dump:
//   npx tsx checks/golden/sideBySide.ts OLD NEW [operations] [views] [old-book]
// Answers, text, what a screen reader hears, boxes and pixels. Deleted after the last move.
import { readFileSync } from "node:fs";
import { chromium, type Page } from "@playwright/test";
import { BLEND_INPUT, HEAD_INPUT, HENNA_INPUT, PASTE_INPUT } from "../../e2e/samples";

const [old, now, ...what] = process.argv.slice(2);
const wrong: string[] = [];
const say = (text: string) => wrong.push(text.slice(0, 600));

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-/;
const stands = new Map<string, string>();
/** The first place where two answers part; moments may lie a minute apart, since two clocks tick. */
function parts(a: unknown, b: unknown, at: string): string | undefined {
  if (typeof a === "number" && typeof b === "number") {
    if (a > 1.7e12 && Math.abs(a - b) < 60_000) return undefined;
    return Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a)) ? undefined : `${at}: ${a} is now ${b}`;
  }
  if (typeof a === "string" && typeof b === "string" && a !== b) {
    // Ids that the server made differ; each stands for the same one everywhere.
    if (UUID.test(a) && UUID.test(b) && (stands.get(a) ?? b) === b) return void stands.set(a, b);
    const [x, y] = [Date.parse(a), Date.parse(b)];
    if (/^\d{4}-\d\d-\d\dT/.test(a) && Math.abs(x - y) < 60_000) return undefined;
  }
  if (typeof a === "object" && typeof b === "object" && a !== null && b !== null) {
    const [x, y] = [a as Record<string, unknown>, b as Record<string, unknown>];
    for (const key of new Set([...Object.keys(x), ...Object.keys(y)])) {
      const found = parts(x[key], y[key], `${at}.${key}`);
      if (found) return found;
    }
    return undefined;
  }
  return a === b ? undefined : `${at}: ${JSON.stringify(a)} is now ${JSON.stringify(b)}`;
}

const cookies = new Map<string, string>();
async function ask(base: string, method: string, path: string, body?: unknown) {
  const answer = await fetch(`${base}/api/v1/${path}`, {
    method,
    headers: { "content-type": "application/json", origin: base, cookie: cookies.get(base) ?? "" },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const cookie = answer.headers.get("set-cookie")?.split(";")[0];
  if (cookie) cookies.set(base, cookie);
  const text = (await answer.text()).replaceAll(base, "BASE").replaceAll(new URL(base).host, "HOST");
  let value: unknown = text
    .replace(/DTSTAMP:\S+/g, "")
    .replace(/(\d{4}-\d\d-\d\dT\d\d:\d\d):[\d.]+Z/g, "$1")
    .replace(/(DT\w+:\d{8}T\d{4})\d\d/g, "$1");
  try {
    value = text.startsWith("<!") ? "a page" : JSON.parse(text);
  } catch {
    // A file.
  }
  return { status: answer.status, type: answer.headers.get("content-type"), etag: answer.headers.get("etag"), value };
}
let asked = 0;
const said: Record<number, number> = {};
async function both(method: string, path: string, body?: unknown) {
  const [a, b] = await Promise.all([ask(old, method, path, body), ask(now, method, path, body)]);
  asked++;
  said[a.status] = (said[a.status] ?? 0) + 1;
  if (a.status >= 400 && process.argv.includes("loud"))
    console.info(a.status, method, path, JSON.stringify(a.value).slice(0, 200));
  const part = parts(a, b, `${method} ${path}`);
  if (part) say(part);
  return a;
}

const id = (n: number) => `01990000-0000-7000-8000-${String(n).padStart(12, "0")}`;
type Listed = Record<string, { id: string; name?: string; rev?: number; materialId?: string }[]>;

async function operations() {
  const { blends } = (await both("GET", "blends")).value as Listed;
  const { batches } = (await both("GET", "batches")).value as Listed;
  const { heads } = (await both("GET", "heads")).value as Listed;
  const { jars } = (await both("GET", "shelf")).value as Listed;
  for (const { id } of blends)
    for (const path of ["", "/versions", "/recipe", "/book"]) await both("GET", `blends/${id}${path}`);
  for (const { id } of batches)
    for (const path of ["", "/events", "/events?after=3", "/times", "/book"]) await both("GET", `batches/${id}${path}`);
  for (const { id } of heads) for (const path of ["", "/book"]) await both("GET", `heads/${id}${path}`);
  for (const { id } of jars) await both("GET", `jars/${id}`);
  for (const path of [
    "materials",
    "materials/search?text=hen",
    "shelf/jars",
    `shelf/gathering?want=${blends.map((b) => b.id).join(",")}`,
    `shelf/gathering?want=${blends[0].id}~${heads[1].id}`,
    "log",
    "log/lines",
    "now",
    "removed",
    "changes?after=0",
    "changes?after=20",
    "settings",
    "book",
    "door",
    "openapi",
    "log?text=hen",
    "batches?how=yes",
    `batches?head=${heads[0].id}`,
    "batches?material=henna",
    "batches?purpose=mask",
    "batches?from=2026-01-01",
    "batches/none",
    `blends/${id(1)}`,
    "nothing",
  ])
    await both("GET", path);
  for (const input of [
    PASTE_INPUT,
    HENNA_INPUT,
    { ...PASTE_INPUT, purpose: "rootsOnly" },
    { ...PASTE_INPUT, purpose: "wrong" },
    {},
  ]) {
    for (const path of ["paste", "paste/feel", "paste/draws"]) await both("POST", path, input);
    for (const seen of [
      { word: "runs" },
      { word: "tooThick", heard: 1.2 },
      { tooMuch: true },
      { reading: { by: "ring", heightMm: 50, slumpMm: 22 }, minutesSoaked: 20 },
    ])
      await both("POST", "paste/correction", { ...input, ...seen, pouredMl: 250 });
  }
  // Writes: the same ids, in the same order, on both.
  const headId = id(1),
    blendId = id(2),
    batchId = id(3),
    jarId = id(4);
  await both("POST", "heads", { id: headId, name: "Golda", hair: HEAD_INPUT });
  await both("POST", "heads", { id: headId, name: "Golda", hair: HEAD_INPUT });
  await both("PUT", `heads/${headId}`, { id: id(20), baseRev: 1, name: "Golda", hair: HEAD_INPUT });
  const rev = ((await both("GET", `heads/${headId}`)).value as { rev: number }).rev;
  await both("PUT", `heads/${headId}`, { baseRev: rev, name: "Golda B", hair: { ...HEAD_INPUT, greyShare: 0.4 } });
  const made = await both("POST", "blends", {
    id: blendId,
    versionId: id(5),
    name: "Gold",
    headId,
    blend: BLEND_INPUT,
  });
  await both("POST", "blends", { id: blendId, versionId: id(5), name: "Gold", headId, blend: BLEND_INPUT });
  const blendRev = (made.value as { rev?: number }).rev ?? 0;
  for (const [n, blend] of [
    {
      ...BLEND_INPUT,
      purpose: "rootsOnly",
      roots: { months: 2, share: 0.5 },
      restMin: 45,
      choices: { strain: true, oil: "first" },
    },
    {
      ...BLEND_INPUT,
      liquid: { materialId: "black-tea", tempC: 60, amountMl: 200, with: { materialId: "rose-water", share: 0.2 } },
    },
    { ...BLEND_INPUT, target: { yieldPa: 33 }, sizing: "generous" },
    { ...BLEND_INPUT, lines: [] },
    { ...BLEND_INPUT, lines: [{ materialId: "unicorn", role: "part", amount: 2, unit: "tbsp" }] },
  ].entries()) {
    const current = ((await both("GET", `blends/${blendId}`)).value as { rev: number }).rev ?? blendRev;
    await both("PUT", `blends/${blendId}`, {
      versionId: id(30 + n),
      baseRev: current,
      name: `Gold ${n}`,
      headId,
      blend,
    });
  }
  await both("PUT", `blends/${blendId}`, { versionId: id(60), baseRev: 1, name: "Late", headId, blend: BLEND_INPUT });
  for (const path of ["", "/versions", "/recipe", "/book"]) await both("GET", `blends/${blendId}${path}`);
  const henna = jars.find((jar) => jar.materialId === "henna")!;
  await both("POST", "jars", { id: jarId, materialId: "amla", name: "a tin", fullG: 200, price: 5, place: "the door" });
  await both("POST", `jars/${jarId}/weighings`, { id: id(7), count: 3, unit: "tbsp", massG: 24 });
  await both("POST", `jars/${jarId}/left`, { id: id(8), leftG: 150 });
  await both("POST", `jars/${jarId}/readings`, {
    id: id(9),
    amount: 20,
    unit: "g",
    waterMl: 60,
    minutes: 20,
    tempC: 21,
    reading: { by: "plate", volumeMl: 10, acrossMm: 70, alongMm: 72 },
  });
  await both("GET", `jars/${jarId}`);
  await both("GET", `jars/${henna.id}`);
  await both("POST", "batches", { id: batchId, versionId: id(32), headId, startsAt: "2026-11-27T02:00:00.000Z" });
  await both("POST", "batches", { id: id(14), versionId: id(30), headId, madeAt: "2026-11-26T18:00", pouredMl: 180 });
  await both("POST", "batches", { id: id(15), versionId: id(5), headId, onHeadAt: "2026-11-29T10:00" });
  let seq = 0;
  const tap = (payload: object) => ({
    id: id(100 + ++seq),
    payload,
    deviceSeq: seq,
    revSeen: 0,
    deviceClock: "2026-11-27T10:00:00.000Z",
  });
  const taps = [
    tap({ kind: "ticked", step: "dry", done: true }),
    tap({ kind: "measured", line: 0, amount: 3, unit: "tbsp", fill: "level" }),
    tap({ kind: "heaped", line: 0, unit: "tbsp" }),
    tap({ kind: "added", materialId: "honey", amount: 1, unit: "tbsp", fill: "level" }),
    tap({ kind: "poured", ml: 120 }),
    tap({ kind: "poured", ml: 30 }),
    tap({ kind: "said", word: "tooThick" }),
    tap({ kind: "tested", by: "ring", heightMm: 50, slumpMm: 22 }),
    tap({ kind: "reached", stage: "mixed" }),
    tap({ kind: "moved", place: "fridge" }),
    tap({ kind: "noted", text: "smells of hay" }),
    tap({ kind: "marked", mark: "soft", value: 4 }),
    tap({ kind: "again", again: "yes" }),
    tap({ kind: "withdrawn", eventId: id(106) }),
    tap({ kind: "dated", eventId: id(105), at: "2026-11-27T03:00:00.000Z" }),
    tap({ kind: "reached", stage: "onHead" }),
    tap({ kind: "closed" }),
    tap({ kind: "poured", ml: -4 }),
    tap({ kind: "odd" }),
  ];
  for (let i = 0; i < taps.length; i += 4) {
    await both("POST", `batches/${batchId}/events`, {
      events: taps.slice(i, i + 4),
      sentAt: "2026-11-27T10:00:00.000Z",
    });
    await both("GET", `batches/${batchId}`);
  }
  for (const path of ["", "/events", "/times", "/book"]) await both("GET", `batches/${batchId}${path}`);
  for (const path of ["shelf", "log?text=hay", "batches?text=hay", "now", "log", "log/lines", "changes?after=0"])
    await both("GET", path);
  await both("PUT", "settings", { kitchenTempC: 24, name: "The gold house" });
  await both("POST", "settings/meanings", {
    things: [{ said: "grandmas", materialId: "amla" }],
    units: [{ said: "t of it", unit: "tsp" }],
  });
  await both("POST", "things", {
    id: id(11),
    name: "Green mix",
    parts: [{ materialId: "amla" }, { materialId: "neem-leaf" }],
  });
  await both("POST", "jars/premixes", {
    id: id(12),
    thingId: id(13),
    name: "Mixed",
    parts: [
      { jarId, massG: 20 },
      { jarId: henna.id, massG: 10 },
    ],
  });
  await both("PUT", `blends/${blendId}/removed`, { removed: true });
  await both("GET", "removed");
  await both("PUT", `blends/${blendId}/removed`, { removed: false });
  await both("PUT", `jars/${jarId}/removed`, { removed: true });
  for (const path of ["shelf", "removed", "book", "settings", "changes?after=0", "batches", "heads", "blends"])
    await both("GET", path);
  for (const file of ["version1.json", "version2.json"]) {
    let book: unknown;
    try {
      book = JSON.parse(readFileSync(new URL(`../books/${file}`, import.meta.url), "utf8"));
    } catch {
      continue;
    }
    await both("POST", "imports/preview", { book });
    await both("POST", "imports", { id: id(70), book });
    await both("GET", "book");
    await both("PUT", `imports/${id(70)}/undone`, { undone: true });
    await both("GET", "book");
  }
  console.info(`${asked} operations asked of both: ${JSON.stringify(said)}`);
}

const scrub = (text: string) =>
  text
    .replaceAll(old, "BASE")
    .replaceAll(now, "BASE")
    .replace(/127\.0\.0\.1:\d+/g, "HOST");
/** Until nothing on it changes any more. */
async function rest(page: Page) {
  let before = "";
  for (let same = 0, tries = 0; same < 5 && tries < 60; tries++) {
    const text = await page.locator("body").innerText();
    same = text === before ? same + 1 : 0;
    before = text;
    await page.waitForTimeout(120);
  }
}
async function seenOn(page: Page, base: string, path: string, act?: (page: Page) => Promise<void>) {
  await page.goto(base + path);
  await page.getByRole("heading", { level: 1 }).first().waitFor({ state: "attached" });
  await rest(page);
  if (act) await act(page);
  if (act) await rest(page);
  const text = scrub(await page.locator("body").innerText());
  const heard = scrub(await page.locator("body").ariaSnapshot());
  const boxes = await page.evaluate(() =>
    [...document.querySelectorAll("body *")]
      .filter((one) => one.checkVisibility?.() && !one.closest("nextjs-portal, [data-radix-popper-content-wrapper]"))
      .map((one) => {
        const { x, y, width, height } = one.getBoundingClientRect();
        return `${one.tagName} ${[x, y, width, height].map((value) => Math.round(value)).join(" ")}`;
      })
      .filter((line) => !/^(SCRIPT|STYLE|TEMPLATE)|0 0$/.test(line)),
  );
  // What moves with the clock is in the text already.
  await page.addStyleTag({ content: "footer, svg[aria-label*=now], main > div > svg { visibility: hidden }" });
  const picture = await page.screenshot({ fullPage: true, animations: "disabled", caret: "hide" });
  return { text, heard, boxes: boxes.join("\n"), picture };
}
const firstPart = (a: string, b: string) => {
  const [x, y] = [a.split("\n"), b.split("\n")];
  const i = x.findIndex((line, n) => line !== y[n]);
  return i < 0 ? `line ${x.length}: ${y[x.length]}` : `line ${i}: ${x[i]} ↔ ${y[i]}`;
};

async function views() {
  const list = async (path: string) => (await ask(old, "GET", path)).value as Listed;
  const { blends } = await list("blends");
  const { batches } = await list("batches");
  const { heads } = await list("heads");
  const { jars } = await list("shelf");
  const steps: [string, ((page: Page) => Promise<void>)?][] = [
    ["/"],
    ["/blend"],
    ["/heads"],
    ["/heads/new"],
    ["/log"],
    ["/house"],
    ["/shelf"],
    ["/shelf/new"],
    ["/shelf/mix"],
    ["/measure"],

    ...blends.map(({ id }): [string] => [`/blend/${id}`]),
    [`/blend/${blends[0].id}/versions`],
    [`/blend/${blends[0].id}/bowls`],
    ...heads.slice(0, 2).map(({ id }): [string] => [`/heads/${id}`]),
    ...batches.slice(0, 6).map(({ id }): [string] => [`/batches/${id}`]),
    ...jars.slice(0, 2).map(({ id }): [string] => [`/shelf/${id}`]),
    [`/log?head=${heads[0].id}&how=yes`],
    [`/shelf/labels?jars=${jars[0].id}`],
    [`/shelf/gathering?want=${blends[0].id}`],
    [`/measure?jar=${jars[0].id}`],
    [`/measure?batch=${batches[0].id}`],
    [`/blend/${blends[0].id}`, async (page) => page.getByRole("button", { name: "put something in the bowl" }).click()],
    [
      `/blend/${blends[0].id}`,
      async (page) => {
        await page.getByRole("button", { name: "put something in the bowl" }).click();
        await page.getByLabel("What goes in?").fill("hen");
      },
    ],
    [`/blend/${blends[0].id}`, async (page) => page.getByRole("button", { name: /^Shortcuts/ }).click()],
    [`/blend/${blends[0].id}`, async (page) => page.locator("main ul li button").first().click()],
    [
      `/blend/${blends[0].id}`,
      async (page) => page.getByRole("button", { name: "type a page of your notebook" }).click(),
    ],
  ];
  const browser = await chromium.launch({
    executablePath: "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking"],
  });
  let looked = 0;
  // Each light and each size once: what parts in one parts in its own way only there.
  for (const [theme, width, height] of [
    ["light", 1280, 800],
    ["dim", 390, 844],
  ] as const) {
    const open = async (url: string) => {
      const context = await browser.newContext({
        viewport: { width, height },
        reducedMotion: "reduce",
        bypassCSP: true,
      });
      await context.addCookies([{ name: "infusing_theme", value: theme, url }]);
      const page = await context.newPage();
      await page.addInitScript(() => void (Math.random = () => 0.42));
      return page;
    };
    const [a, b] = [await open(old), await open(now)];
    for (const [path, act] of steps) {
      const name = `${theme} ${width} ${path}${act ? " (pressed)" : ""}`;
      // Clocks tick between two looks, so what parts is looked at again.
      let part: string | undefined;
      for (let attempt = 0; attempt < 2; attempt++) {
        const [x, y] = await Promise.all([seenOn(a, old, path, act), seenOn(b, now, path, act)]).catch((error) => {
          throw new Error(`${name}: ${error}`);
        });
        part = (["text", "heard", "boxes"] as const)
          .map((kind) => (x[kind] === y[kind] ? undefined : `${kind}, ${firstPart(x[kind], y[kind])}`))
          .find((found) => found !== undefined);
        part ??= path === "/" || x.picture.equals(y.picture) ? undefined : "pixels";
        if (!part) break;
      }
      looked++;
      if (part) console.info(`${name}: ${part}`.slice(0, 500));
      if (part) say(`${name}: ${part}`);
    }
    await Promise.all([a.context().close(), b.context().close()]);
  }
  await browser.close();
  console.info(`${looked} views looked at side by side`);
}

if (what.length === 0 || what.includes("views")) await views();
if (what.length === 0 || what.includes("operations")) await operations();
for (const line of wrong) console.info(line);
console.info(`${wrong.length} part`);
process.exitCode = wrong.length > 0 ? 1 : 0;
