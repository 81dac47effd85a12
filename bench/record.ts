import "../src/core/catalogue";
import { v7 as uuid } from "uuid";
import { foldBatch, summaryOf, termsOf } from "../src/core/batch";
import { findMaterial } from "../src/core/material";
import { wholeBook } from "../src/server/book/export";
import { batchesAfter } from "../src/store/batches";
import { database } from "../src/store/connection";
import { readSettings, theHousehold } from "../src/store/household";
import { listBatches, type LogFilter } from "../src/store/log";
import { makeTestHouse, testAnswer, TEST_QUESTION } from "../checks/testHouse";
import type { Report } from "./bench";

const base = `http://127.0.0.1:${process.env.PORT}`;
const median = (values: number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];
const clocked = async (work: () => Promise<unknown>): Promise<number> => {
  const began = performance.now();
  await work();
  return performance.now() - began;
};
const send = (path: string, body: object, cookie = "") =>
  fetch(`${base}/api/v1/${path}`, {
    method: "POST",
    headers: { "content-type": "application/json", cookie },
    body: JSON.stringify(body),
  });
const tap = (deviceSeq: number) => ({
  id: uuid(),
  payload: { kind: "poured", ml: 1 },
  deviceSeq,
  revSeen: 0,
  deviceClock: new Date().toISOString(),
});

async function newBowl(): Promise<string> {
  const { blends } = await (await fetch(`${base}/api/v1/blends`)).json();
  const id = uuid();
  await send("batches", { id, versionId: blends[0].versionId, headId: blends[0].headId });
  return id;
}

/** Taps and their acknowledgements, alone and from five devices at once; a bowl of 2 000 taps. */
async function taps(report: Report) {
  const id = await newBowl();
  const times: number[] = [];
  for (let i = 0; i < 80; i++)
    await (await send(`batches/${id}/events`, { events: [tap(1000 + i)], after: Number.MAX_SAFE_INTEGER })).text();
  for (let i = 0; i < 120; i++)
    times.push(
      await clocked(async () =>
        (await send(`batches/${id}/events`, { events: [tap(i)], after: Number.MAX_SAFE_INTEGER })).text(),
      ),
    );
  report("a tap to its acknowledgement, median of 120", median(times), 30, "ms");

  const five = await newBowl();
  const seconds = 5;
  const devices = Array.from({ length: 5 }, () => uuid());
  const began = performance.now();
  const sent = await Promise.all(
    devices.map(async (device) => {
      let count = 0;
      // Sixty taps a second each, more than is asked for, sent as they come, as a page sends what has gathered while
      // the last was on its way.
      for (; performance.now() - began < seconds * 1000;) {
        const due = Math.floor(((performance.now() - began) / 1000) * 60) - count;
        if (due > 0) {
          const events = Array.from({ length: due }, () => tap(count++));
          const answer = await send(
            `batches/${five}/events`,
            { events, after: Number.MAX_SAFE_INTEGER },
            `infusing_device=${device}`,
          );
          if (!answer.ok) throw new Error(await answer.text());
          await answer.text();
        } else await new Promise((go) => setTimeout(go, 5));
      }
      return count;
    }),
  );
  const all = sent.reduce((sum, count) => sum + count, 0);
  const { state, events } = await (await fetch(`${base}/api/v1/batches/${five}`)).json();
  report(
    "taps a second from five devices on one bowl (at least)",
    all / ((performance.now() - began) / 1000),
    -200,
    "/s",
  );
  report("… of them lost or doubled", Math.abs(events.length - all) + Math.abs(state.pouredMl - all), 0, "taps");

  const long = await newBowl();
  for (let i = 0; i < 2000; i += 200)
    await (
      await send(`batches/${long}/events`, {
        events: Array.from({ length: 200 }, (_, n) => tap(i + n)),
        after: Number.MAX_SAFE_INTEGER,
      })
    ).text();
  const open = async () => (await fetch(`${base}/batches/${long}`)).text();
  await open();
  report("a bowl of 2 000 taps opens (page from the server), median of 9", median(await series(9, open)), 100, "ms");
}

async function series(rounds: number, work: () => Promise<unknown>): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < rounds; i++) times.push(await clocked(work));
  return times;
}

const MATERIALS = ["amla", "brahmi", "henna", "neem-leaf", "kaolin", "honey", "yoghurt", "sesame-oil"];
const WORDS = ["soft", "grainy", "ran", "shiny", "itched", "lovely", "thick", "quick", "slow", "again"];

/** A hundred thousand batches in the log of the house that is served. */
async function longLog(report: Report) {
  const { household } = (await theHousehold())!;
  const knex = database();
  const heads: string[] = await knex("head").where({ household_id: household.id }).pluck("id");
  const blends: { id: string; name: string }[] = await knex("blend")
    .where({ household_id: household.id })
    .select("id", "name");
  const plain = summaryOf(TEST_QUESTION, testAnswer());
  const COUNT = 100_000;
  const PIECE = 1000;
  for (let from = 0; from < COUNT; from += PIECE) {
    const rows = Array.from({ length: PIECE }, (_, n) => {
      const i = from + n;
      const blend = blends[i % blends.length];
      const [headId, startsAt] = [heads[i % heads.length], new Date(Date.UTC(2015, 0, 1) + i * 3_000_000)];
      const summary = {
        ...plain,
        purpose: i % 3 ? "mask" : "lightCoat",
        materialIds: [MATERIALS[i % 8], MATERIALS[(i * 3 + 1) % 8]],
      } as typeof plain;
      const [soft, again, note] = [
        (i % 5) + 1,
        (["yes", "maybe", "no"] as const)[i % 3],
        i === 777 ? "rarebird" : `${WORDS[i % 10]} and ${WORDS[(i * 7) % 10]}`,
      ];
      const state = foldBatch([
        { id: "a", payload: { kind: "again", again }, deviceId: "d", deviceSeq: 1, revSeen: 1, atMs: 0 },
        {
          id: "b",
          payload: { kind: "marked", mark: "soft", value: soft },
          deviceId: "d",
          deviceSeq: 2,
          revSeen: 1,
          atMs: 0,
        },
        { id: "c", payload: { kind: "noted", text: note }, deviceId: "d", deviceSeq: 3, revSeen: 1, atMs: 0 },
      ]);
      return {
        id: uuid(),
        blend,
        headId,
        startsAt,
        summary,
        soft,
        again,
        note,
        terms: termsOf({ headId, blendId: blend.id, blendName: blend.name, headName: "somebody", summary }, state),
      };
    });
    await knex("batch").insert(
      rows.map((row) => ({
        id: row.id,
        household_id: household.id,
        rev: 1,
        created_at: row.startsAt,
        blend_id: row.blend.id,
        head_id: row.headId,
        blend_name: row.blend.name,
        head_name: "somebody",
        question: "{}",
        answer: "{}",
        figures: "[]",
        model: 1,
        starts_at: row.startsAt,
        planned_at: row.startsAt,
        summary: JSON.stringify(row.summary),
        poured_ml: 100,
        closed_at: row.startsAt,
        soft: row.soft,
        again: row.again,
        note: row.note,
      })),
    );
    const terms = rows.flatMap((row) =>
      row.terms.map((term) => ({ household_id: household.id, term, starts_at: row.startsAt, batch_id: row.id })),
    );
    for (let i = 0; i < terms.length; i += 4000) await knex("batch_term").insert(terms.slice(i, i + 4000));
  }
  const last = (await listBatches(household.id, { limit: 1 }))[0];
  const deep = { startsAtMs: Date.UTC(2018, 0, 1), id: last.id };
  const filters: readonly [string, Omit<LogFilter, "limit">][] = [
    ["none", {}],
    ["none, years down", { before: deep }],
    ["head", { found: [{ by: "head", value: heads[0] }] }],
    ["blend", { found: [{ by: "blend", value: blends[0].id }] }],
    ["material", { found: [{ by: "material", value: "kaolin" }] }],
    ["purpose", { found: [{ by: "purpose", value: "lightCoat" }] }],
    ["mark", { found: [{ by: "mark", mark: "soft", end: "much" }] }],
    ["again", { found: [{ by: "again", value: "no" }] }],
    ["dates", { fromMs: Date.UTC(2017, 0, 1), toMs: Date.UTC(2017, 1, 1) }],
    ["a common word", { text: "lovely" }],
    ["the beginning of many words", { text: "s" }],
    ["a rare word", { text: "rarebird" }],
    ["two words and a head", { text: "soft lovely", found: [{ by: "head", value: heads[1] }] }],
  ];
  let slowest = 0;
  for (const [name, filter] of filters) {
    const ms = median(await series(9, () => listBatches(household.id, { ...filter, limit: 25 })));
    if (name !== "two words and a head") slowest = Math.max(slowest, ms);
    report(`log page of 100 000 bowls by ${name}`, ms, 50, "ms");
  }
  report("… slowest single filter", slowest, 50, "ms");
  report(
    "log page of 100 000 bowls, the whole page from the server",
    median(await series(9, async () => (await fetch(`${base}/log`)).text())),
    Infinity,
    "ms",
  );
}

/** Ten thousand whole batches written out, in a house of their own. */
async function longExport(report: Report) {
  const house = await makeTestHouse("A house with a long book");
  const [template] = await batchesAfter(house.householdId, "", 1);
  const figures = JSON.stringify(template.summary.materialIds.map((id) => findMaterial(id)));
  const knex = database();
  for (let from = 0; from < 10_000; from += 250) {
    await knex("batch").insert(
      Array.from({ length: 250 }, (_, n) => ({
        id: uuid(),
        household_id: house.householdId,
        rev: 1,
        created_at: new Date(),
        blend_name: `Bowl ${from + n}`,
        head_name: "somebody",
        question: JSON.stringify(template.question),
        answer: JSON.stringify(template.answer),
        figures,
        model: 1,
        starts_at: new Date(Date.UTC(2020, 0, 1) + (from + n) * 60_000),
        planned_at: new Date(Date.UTC(2020, 0, 1) + (from + n) * 60_000),
        summary: JSON.stringify(template.summary),
        poured_ml: 0,
      })),
    );
  }
  const settings = await readSettings(house.householdId);
  globalThis.gc?.();
  const before = process.memoryUsage().rss;
  let [most, bytes] = [0, 0];
  const ms = await clocked(async () => {
    const reader = wholeBook({ id: house.householdId, name: "x", rev: 0 }, settings).getReader();
    for (let piece = await reader.read(); !piece.done; piece = await reader.read()) {
      bytes += piece.value.byteLength;
      most = Math.max(most, process.memoryUsage().rss - before);
    }
  });
  report(
    `export of 10 000 bowls (${Math.round(bytes / 1e6)} MB in ${(ms / 1000).toFixed(1)} s), memory on top`,
    most / 2 ** 20,
    150,
    "MB",
  );
}

export async function recording(report: Report) {
  await taps(report);
  await longExport(report);
  await longLog(report);
}
