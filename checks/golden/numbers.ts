// The numbers of the old house, held while it is rebuilt: npx tsx checks/golden/numbers.ts [--write]
// Answers whole, equal to 1e-9; words and ids exactly. Deleted after the last move.
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { gunzipSync, gzipSync } from "node:zlib";
import fc from "fast-check";
import * as batch from "@/core/batch";
import { correctPaste, WORDS } from "@/core/correct";
import { feelAdvice } from "@/core/feel";
import { withdrawalsOf } from "@/core/stock";
import { HEAD_LIST, coverageOf } from "./heads";
import { readingsOf } from "@/core/readings";
import { BY_ITSELF, findMaterial } from "@/core/material";
import { CATALOGUE } from "@/core/catalogue";
import { parseAmount } from "@/core/measure";
import { mixingOrder } from "@/core/order";
import * as paste from "@/core/paste";
import { practiceBowl, practiceResult } from "@/core/practice";
import { readPage, search, searchIndex } from "@/core/search";
import { gather } from "@/core/stock";
import { questionOn, type Jar, type Shelf } from "@/core/shelf";
import { swapsFor } from "@/core/swap";
import { anyQuestion } from "../arbitrary";
import { readCsv } from "../readCsv";

const FILE = new URL("./numbers.json.gz", import.meta.url);
const found: Record<string, unknown> = {};
const keep = (name: string, value: unknown) => {
  // The tags that tell how a thing is by itself are new.
  const without = (key: string, of: unknown) =>
    key === "tags" && Array.isArray(of) ? of.filter((tag) => !BY_ITSELF.includes(tag)) : of;
  const text = JSON.stringify(value ?? null, without).replaceAll('"mismatch":', '"slip":');
  found[name] = JSON.parse(text);
};

const shelf: Shelf = {
  own: [],
  jars: ["henna", "amla", "brahmi", "amla", "sesame-oil", "hibiscus-flower", "neem-leaf"].map(
    (materialId, i): Jar =>
      ({
        id: `00000000-0000-7000-8000-00000000000${i}`,
        materialId,
        name: `jar ${i}`,
        fullG: 100 + i * 20,
        leftG: 30 + i * 25,
        ...(i % 2 ? { price: 4 + i, openedOn: `2026-0${i + 1}-01` } : {}),
        weighings: [],
        rev: i,
        madeHere: false,
      }) as unknown as Jar,
  ),
};

type Question = paste.PasteQuestion;
const variants: ((q: Question) => Question)[] = [
  (q) => q,
  (q) => ({ ...q, target: { yieldPa: 40 } }),
  (q) => ({ ...q, liquid: { ...q.liquid, with: { materialId: "aloe-juice", share: 0.25 } } }),
  (q) => ({ ...q, sizing: "forLiquid", liquid: { ...q.liquid, amountMl: 180 } }),
  (q) => ({
    ...q,
    liquid: { ...q.liquid, amountMl: 120 },
    lines: q.lines.map((line, i) => (i === 0 ? { ...line, role: "solved" } : line)),
  }),
  (q) => ({ ...q, sizing: "asGiven", choices: { oil: "first", strain: true, washOut: "twice" } }),
  (q) => ({
    ...q,
    purpose: "dyePacked",
    lines: [{ ...q.lines[0], materialId: "henna", amount: 6 }, ...q.lines.slice(1)],
  }),
  (q) => questionOn(q, q.head, q.spoons, shelf),
];
const questions = fc.sample(anyQuestion, { seed: 13, numRuns: 320 }).map((q, i) => variants[i % variants.length](q));

const pick = <T>(list: readonly T[], n: number): T => list[n % list.length];
const id = (n: number) => `01990000-0000-7000-8000-${String(n).padStart(12, "0")}`;
/** Payloads of every kind, right and wrong. */
const payloads = (n: number): batch.BatchPayload[] =>
  [
    { kind: "ticked", step: pick(batch.STEPS, n), done: n % 3 > 0 },
    { kind: "poured", ml: 20 + (n % 7) * 11 },
    { kind: "measured", line: n % 3, amount: 2 + (n % 5), unit: pick(["tbsp", "g", "tsp"] as const, n), fill: "level" },
    { kind: "heaped", line: n % 3, unit: pick(batch.SPOONS, n) },
    {
      kind: "added",
      materialId: pick(["amla", "honey", "water"], n),
      amount: 1 + (n % 4),
      unit: "tbsp",
      fill: "level",
    },
    { kind: "moved", place: pick(batch.PLACES, n) },
    { kind: "tested", by: "ring", heightMm: 50, slumpMm: 12 + (n % 20) },
    { kind: "tested", by: "plate", volumeMl: 10, acrossMm: 60 + (n % 30), alongMm: 62 },
    { kind: "said", word: pick([...WORDS, "right"] as const, n) },
    { kind: "reached", stage: pick(batch.STAGES, n) },
    { kind: "noted", text: n % 4 ? `note ${n}` : "" },
    { kind: "marked", mark: pick(batch.MARKS, n), value: 1 + (n % 5) },
    { kind: "again", again: pick(batch.AGAIN, n) },
    { kind: "closed" },
    { kind: "reopened" },
    { kind: "withdrawn", eventId: id(n % 12) },
    { kind: "dated", eventId: id(n % 9), at: "2026-03-01T10:15:00.000Z" },
  ] as batch.BatchPayload[];
const wrongPayloads: unknown[] = [
  { kind: "nothing" },
  { kind: 4 },
  { kind: "toString" },
  { kind: "poured", ml: -1 },
  { kind: "poured", ml: "ten" },
  { kind: "poured", ml: 5, more: 1 },
  { kind: "ticked", step: "mixed", done: 1 },
  { kind: "measured", line: -1, amount: -4, unit: "foot", fill: "odd" },
  { kind: "heaped", line: 99, unit: "g" },
  { kind: "added", materialId: "unicorn", amount: 0, unit: "g", fill: "level" },
  { kind: "added", materialId: "amla", amount: 1, unit: "piece", fill: "level" },
  { kind: "moved", place: "moon" },
  { kind: "tested", by: "ring", heightMm: 50, slumpMm: 80 },
  { kind: "tested", by: "ring", heightMm: 50, slumpMm: 1, acrossMm: 3 },
  { kind: "tested", by: "plate", volumeMl: 10, acrossMm: 60, alongMm: 200 },
  { kind: "tested", by: "toString", heightMm: 50 },
  { kind: "said", word: "meh" },
  { kind: "reached", stage: "far" },
  { kind: "noted", text: 4 },
  { kind: "noted", text: "x".repeat(5000) },
  { kind: "marked", mark: "soft", value: 2.5 },
  { kind: "marked", mark: "soul", value: 9 },
  { kind: "again", again: "perhaps" },
  { kind: "closed", why: "done" },
  { kind: "withdrawn", eventId: "x" },
  { kind: "dated", eventId: "x", at: "yesterday" },
];
for (const [i, payload] of wrongPayloads.entries())
  keep(`wrong payload ${i}`, batch.checkPayload(payload as batch.BatchPayload));
for (let n = 0; n < 5; n++)
  keep(
    `right payloads ${n}`,
    payloads(n).map((payload) => batch.checkPayload(payload)),
  );

const events = (seed: number): batch.BatchEvent[] => {
  let s = seed * 7919 + 13;
  const next = () => (s = (s * 16807) % 2147483647);
  return Array.from({ length: 4 + (seed % 18) }, (_, i): batch.BatchEvent => ({
    id: id(i),
    payload: pick(payloads(next() % 97), next()),
    deviceId: pick(["d1", "d2"], next()),
    deviceSeq: i,
    revSeen: Math.floor(i / 3),
    atMs: 1_770_000_000_000 + i * 400_000,
  }));
};

for (const [i, q] of questions.entries()) {
  const result = paste.computePaste(q);
  keep(`paste ${i}`, result);
  if (!result.ok) continue;
  const answer = result.value;
  keep(
    `round ${i}`,
    paste.roundBlend(
      answer.lines.map(({ spoons }) => spoons.volumeMl),
      q.spoons,
    ),
  );
  if (i % 2 === 0) {
    const feel = feelAdvice(q, answer, [{ materialId: "flax-seed", leftG: 100 }]);
    keep(`feel ${i}`, feel);
    keep(`order ${i}`, mixingOrder(q, answer, feel, { blenderMl: 800 } as never));
    keep(`worksheet ${i}`, batch.worksheetFor(q, answer));
    keep(`summary ${i}`, batch.summaryOf(q, answer));
    keep(
      `figures ${i}`,
      paste.figuresOf(q).map((material) => material.id),
    );
  }
  if (i % 3 === 0) {
    for (const [w, word] of WORDS.entries())
      keep(
        `word ${i} ${word}`,
        correctPaste(q, { by: "word", word }, { pouredMl: 60 + 40 * w, minutesSoaked: (i * 7) % 50 }),
      );
    keep(`pour ${i}`, correctPaste(q, { by: "pour", tooMuch: true }, { pouredMl: 420, haveG: [20, undefined, 5] }));
    keep(`pour b ${i}`, correctPaste(q, { by: "pour" }, { pouredMl: 90 }));
    keep(
      `test ${i}`,
      correctPaste(
        q,
        { by: "test", reading: { by: "plate", volumeMl: 10, acrossMm: 50 + (i % 40), alongMm: 55 + (i % 40) } },
        { pouredMl: 150, minutesSoaked: 20, heard: 1.2 },
      ),
    );
  }
  if (i % 8 === 0) {
    keep(`draws ${i}`, paste.simulatePour(q, 2000));
    keep(`largest ${i}`, paste.largestBatch(q, [30, 20, undefined, 4]));
    keep(`scaled ${i}`, paste.scaleBlend(q, 1.7));
    keep(`other head ${i}`, paste.blendForHead(q, q.head, questions[(i + 1) % questions.length].head));
  }
  if (i % 16 < 2)
    keep(
      `swaps ${i}`,
      swapsFor(q, 0, shelf).map(({ question: _, ...swap }) => swap),
    );
  if (i % 4 === 1) {
    const all = events(i);
    const state = batch.foldBatch(all);
    keep(`fold ${i}`, state);
    keep(`as made ${i}`, batch.asMade(q, answer, state));
    keep(`as seen ${i}`, batch.asSeen(q, answer, state));
    keep(`draws of ${i}`, withdrawalsOf(q, answer, all));
    keep(`readings ${i}`, readingsOf(q, answer, all));
    keep(`packed ${i}`, batch.packEvents(all));
    keep(`window ${i}`, batch.restWindow(answer.rest, 1_770_000_000_000, q.kitchenTempC, state.moves));
  }
  if (i % 40 === 0)
    keep(
      `gathered ${i}`,
      gather(
        questions.slice(i, i + 4).flatMap((question) => {
          const one = paste.computePaste(question);
          return one.ok ? [{ question, answer: one.value }] : [];
        }),
        shelf,
      ),
    );
}
keep("heads", HEAD_LIST.map(coverageOf));

const index = searchIndex(CATALOGUE, [{ id: "amla", text: "grandmother’s tin" }]);
for (const material of CATALOGUE)
  for (const name of material.names.slice(0, 3))
    for (const query of [name.text, name.text.slice(0, 4), `${name.text.slice(1)}x`])
      keep(`search ${query}`, search(index, query, 6));
for (const { line } of readCsv("notebookLines.csv"))
  keep(`page ${line}`, readPage(line, index, findMaterial, "metric"));
for (const row of readCsv("typedAmounts.csv"))
  keep(`amount ${Object.values(row)[0]}`, parseAmount(Object.values(row)[0]!));
for (let seed = 1; seed <= 40; seed++) {
  const bowl = practiceBowl(seed);
  keep(`practice ${seed}`, [bowl, practiceResult(bowl, 60 + seed * 4)]);
}

/** The first place where two values part; nothing where they are the same. */
function parts(a: unknown, b: unknown, at: string): string | undefined {
  if (typeof a === "number" && typeof b === "number")
    return Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b)) ? undefined : `${at}: ${a} is now ${b}`;
  if (typeof a === "object" && typeof b === "object" && a !== null && b !== null) {
    const [x, y] = [a as Record<string, unknown>, b as Record<string, unknown>];
    if (Array.isArray(a) !== Array.isArray(b)) return `${at}: one is a list`;
    for (const key of new Set([...Object.keys(x), ...Object.keys(y)])) {
      const found = parts(x[key], y[key], `${at}.${key}`);
      if (found) return found;
    }
    return undefined;
  }
  return a === b ? undefined : `${at}: ${JSON.stringify(a)} is now ${JSON.stringify(b)}`;
}

if (process.argv.includes("--write") || !existsSync(FILE)) {
  writeFileSync(FILE, gzipSync(JSON.stringify(found), { level: 9 }));
  console.info(`${Object.keys(found).length} answers kept`);
} else {
  const kept = JSON.parse(gunzipSync(readFileSync(FILE)).toString()) as Record<string, unknown>;
  const wrong = [...new Set([...Object.keys(kept), ...Object.keys(found)])].flatMap(
    (name) => parts(kept[name], found[name], name) ?? [],
  );
  for (const line of wrong.slice(0, 20)) console.info(line);
  console.info(`${Object.keys(kept).length} answers, ${wrong.length} part`);
  process.exitCode = wrong.length > 0 ? 1 : 0;
}
