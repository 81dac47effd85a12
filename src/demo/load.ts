import "@/core/catalogue";
import { writeFileSync } from "node:fs";
import { DateTime } from "luxon";
import { v7 as uuid } from "uuid";
import { sectionsOf } from "@/core/apply";
import { worksheetFor, type BatchPayload, type StepId, type Worksheet } from "@/core/batch";
import type { Head } from "@/core/head";
import { blendForHead, computePaste, figuresOf, type Blend, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import * as blends from "@/store/blends";
import { closeDatabase, database } from "@/store/connection";
import { insertHead } from "@/store/heads";
import { questionOn } from "@/core/shelf";
import { shelfOf } from "@/server/shelf";
import { insertEvents, listEvents } from "@/store/events";
import { openBowl, settleBowl } from "@/server/settle";
import { noteDevice } from "@/store/devices";
import { insertHousehold, readSettings, theHousehold, writeSettings } from "@/store/household";
import { migrate } from "@/store/migrations";
import { inTransaction, type Write } from "@/store/transaction";
import { BATCHES, BLENDS, HEADS, HOUSE_NAME, RESTING, SHED, TRIAL } from "./household";
import { loadMakings } from "./makings";
import { loadPremix, loadShelf } from "./shelf";

const HOUR_MS = 3_600_000;
const MINUTE_MS = 60_000;
const EMPTY_NAME = "Our house";

interface Made {
  readonly ids: Map<string, string>;
  readonly blends: Map<string, string>;
  readonly earlier: Map<string, string>;
  readonly heads: Map<string, string>;
  readonly deviceId: string;
}

/** Everything a household has, gone. Only for `./run demo --fresh` and tests. */
export async function emptyDatabase(): Promise<void> {
  const knex = database();
  await knex("blend").update({ current_version_id: null });
  for (const table of [
    "reading",
    "known_dye",
    "head_session",
    "making",
    "stock_move",
    "jar_weighing",
    "jar",
    "own_thing",
    "batch_term",
    "batch_event",
    "batch",
    "blend_material",
    "blend_line",
    "blend_version",
    "blend",
    "head",
    "pairing",
    "device",
    "person",
    "import",
    "door_try",
    "setting",
    "household",
  ])
    await knex(table).del();
}

/** What the demo's kitchen has. */
const VESSELS = { blenderMl: 800, bottleMl: 250 };

/** The steps from the pour on until it rests. */
function mixedSteps({ steps }: Worksheet): StepId[] {
  const ids = steps.map(({ id }) => id);
  return ids.slice(ids.indexOf("pour"), ids.indexOf("rest"));
}

async function begin(
  write: Write,
  made: Made,
  name: string,
  who: string,
  startsAt: Date,
  earlier = false,
): Promise<{ id: string; question: PasteQuestion; answer: PasteAnswer }> {
  const demo = BLENDS.find((one) => one.name === name)!;
  const head = HEADS[who as keyof typeof HEADS];
  const question: PasteQuestion = questionOn(
    blendForHead((earlier && demo.earlier) || demo.blend, HEADS[demo.for], head),
    head,
    "metric",
    await shelfOf(write.householdId, write.trx),
  );
  const result = computePaste(question);
  if (!result.ok) throw new Error(`${name}: ${JSON.stringify(result.problems)}`);
  const id = uuid();
  await openBowl(write, {
    id,
    versionId: (earlier ? made.earlier : made.blends).get(name)!,
    blendId: made.ids.get(name)!,
    headId: made.heads.get(who)!,
    blendName: name,
    headName: who,
    question,
    answer: result.value,
    figures: figuresOf(question),
    startsAt,
    createdAt: startsAt,
  });
  return { id, question, answer: result.value };
}

/** Adds events at their times, and projects them. */
async function happen(
  write: Write,
  made: Made,
  batchId: string,
  events: readonly (readonly [Date, BatchPayload])[],
): Promise<void> {
  for (const [i, [at, payload]] of events.entries()) {
    await insertEvents(write, batchId, made, [
      { id: uuid(), payload, deviceSeq: i + 1, revSeen: write.rev, deviceClock: at, at },
    ]);
  }
  await settleBowl(write, batchId, await listEvents(write.householdId, batchId, write.trx));
}

/** What is tried and counted of a head, dated back. */
function countedOf(name: string, now: Date): Pick<Head, "shed" | "trials"> {
  const day = (daysAgo: number) => new Date(now.getTime() - daysAgo * 24 * HOUR_MS).toISOString().slice(0, 10);
  return {
    ...(TRIAL.who === name ? { trials: [{ what: TRIAL.what, from: day(TRIAL.daysAgo) }] } : {}),
    ...(SHED.who === name ? { shed: SHED.counts.map(([daysAgo, hairs]) => ({ on: day(daysAgo), hairs })) } : {}),
  };
}

/** The demo household, dated back from `now`. */
export async function loadDemo(now: Date, timeZone: string): Promise<string> {
  const householdId = uuid();
  await insertHousehold(database(), { id: householdId, name: HOUSE_NAME, createdAt: now });
  const made: Made = { ids: new Map(), blends: new Map(), earlier: new Map(), heads: new Map(), deviceId: uuid() };
  const later = (date: Date, minutes: number) => new Date(date.getTime() + minutes * MINUTE_MS);

  await inTransaction(householdId, async (write) => {
    await writeSettings(write, { spoons: "metric", kitchenTempC: 20, timeZone, vessels: VESSELS });
    await noteDevice(write, made.deviceId, "the kitchen laptop");
    for (const [i, [name, hair]] of Object.entries(HEADS).entries()) {
      const id = uuid();
      made.heads.set(name, id);
      await insertHead(write, {
        id,
        name,
        hair: { ...hair, ...countedOf(name, now) },
        createdAt: later(now, i - 300_000),
      });
    }
    for (const { name, for: who, blend, earlier } of BLENDS) {
      const id = uuid();
      made.ids.set(name, id);
      await blends.insertBlend(write, { id, name, createdAt: now });
      const add = async (content: Blend, createdAt: Date, remember: Map<string, string>) => {
        const versionId = uuid();
        remember.set(name, versionId);
        await blends.insertVersion(write, {
          blendId: id,
          versionId,
          name,
          headId: made.heads.get(who)!,
          blend: content,
          deviceId: made.deviceId,
          createdAt,
        });
      };
      if (earlier) await add(earlier, later(now, -180 * 24 * 60), made.earlier);
      await add(blend, later(now, -70 * 24 * 60), made.blends);
    }
    await loadShelf(write, now);
  });

  for (const past of BATCHES) {
    await inTransaction(householdId, async (write) => {
      const startsAt = DateTime.fromJSDate(now)
        .setZone(timeZone)
        .minus({ days: past.daysAgo })
        .set({ hour: past.hour, minute: 0, second: 0, millisecond: 0 })
        .toJSDate();
      const { id, question, answer } = await begin(write, made, past.blend, past.for, startsAt, past.earlier);
      const sheet = worksheetFor(question, answer, VESSELS);
      const plannedMl = answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid;
      const events: [Date, BatchPayload][] = [
        [later(startsAt, sheet.mixedMin), { kind: "poured", ml: Math.round((plannedMl * past.poured) / 5) * 5 }],
      ];
      events.push([later(startsAt, sheet.mixedMin), { kind: "reached", stage: "mixed" }]);
      for (const [hours, mark] of past.dabs ?? [])
        events.push([later(startsAt, sheet.mixedMin + hours * 60), { kind: "dabbed", mark }]);
      if (past.tested) events.push([later(startsAt, sheet.onHeadMin), { kind: "tested", ...past.tested }]);
      for (const step of sheet.steps)
        events.push([later(startsAt, step.startMin + step.durationMin), { kind: "ticked", step: step.id, done: true }]);
      events.push(
        [later(startsAt, sheet.rinseMin - answer.leaveOnMin.mid), { kind: "reached", stage: "onHead" }],
        [later(startsAt, sheet.rinseMin), { kind: "reached", stage: "rinsed" }],
      );
      if (past.left) {
        const [leftG, reached] = past.left;
        // Section by section, the bowl weighed half way.
        const onMs = sheet.rinseMin - answer.leaveOnMin.mid;
        const sections = sectionsOf(4);
        const madeG = answer.totalG.mid;
        for (const [n, { id: section }] of sections.entries()) {
          events.push([later(startsAt, onMs - 20 + 5 * n), { kind: "sectioned", of: 4, section, done: true }]);
          if (n === 1) events.push([later(startsAt, onMs - 14), { kind: "onScale", leftG: Math.round(madeG * 0.52) }]);
        }
        for (const step of ["drain", "soften", "rinse"] as const)
          events.push([later(startsAt, sheet.rinseMin), { kind: "takenOff", step, done: true }]);
        events.push([later(startsAt, sheet.rinseMin - answer.leaveOnMin.mid), { kind: "weighed", leftG, reached }]);
      }
      for (const [mark, value] of Object.entries(past.marks))
        events.push([later(startsAt, sheet.endMin + 60), { kind: "marked", mark: mark as "soft", value }]);
      events.push(
        [later(startsAt, sheet.endMin + 61), { kind: "noted", text: past.words }],
        [later(startsAt, sheet.endMin + 61), { kind: "again", again: past.again }],
        [later(startsAt, sheet.endMin + 62), { kind: "closed" }],
      );
      await happen(write, made, id, events);
    });
  }

  await inTransaction(householdId, (write) => loadPremix(write, now));
  const settings = await readSettings(householdId);
  await inTransaction(householdId, (write) => loadMakings(write, settings, made.deviceId, now));
  await inTransaction(householdId, async (write) => {
    const mixedAt = new Date(now.getTime() - RESTING.mixedHoursAgo * HOUR_MS);
    const { id, question, answer } = await begin(write, made, RESTING.blend, RESTING.for, later(mixedAt, -25));
    const plannedMl = answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid;
    const firstMl = Math.round((plannedMl * 0.92) / 10) * 10;
    await happen(write, made, id, [
      [later(mixedAt, -12), { kind: "ticked", step: "gather", done: true }],
      [later(mixedAt, -10), { kind: "ticked", step: "dry", done: true }],
      [later(mixedAt, -9), { kind: "heaped", line: 1, unit: "tbsp" }],
      [later(mixedAt, -9), { kind: "ticked", step: "wet", done: true }],
      [later(mixedAt, -8), { kind: "poured", ml: firstMl }],
      [later(mixedAt, -7), { kind: "ticked", step: "firstPour", done: true }],
      [later(mixedAt, -4), { kind: "poured", ml: 90 }],
      [later(mixedAt, -1), { kind: "poured", ml: 30 }],
      [later(mixedAt, -1), { kind: "said", word: "right" }],
      [mixedAt, { kind: "reached", stage: "mixed" }],
      // What follows the pour is done as well once it is mixed.
      ...mixedSteps(worksheetFor(question, answer, VESSELS)).map((step): [Date, BatchPayload] => [
        mixedAt,
        { kind: "ticked", step, done: true },
      ]),
      [later(mixedAt, RESTING.dab[0] * 60), { kind: "dabbed", mark: RESTING.dab[1] }],
    ]);
  });
  return householdId;
}

async function main([what, flag]: string[]): Promise<void> {
  await migrate(database());
  if (flag === "--fresh") await emptyDatabase();
  if (!(await theHousehold())) {
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (what === "demo") {
      await loadDemo(new Date(), timeZone);
      console.log("· the demo household is loaded");
    } else {
      const id = uuid();
      await insertHousehold(database(), { id, name: EMPTY_NAME, createdAt: new Date() });
      await inTransaction(id, (write) => writeSettings(write, { timeZone }));
    }
  }
  // Where the server listens follows from the book: on the network only with a password.
  const house = await theHousehold();
  const network = house?.household.passwordHash !== undefined && house.settings.network;
  if (process.env.LISTEN_FILE) writeFileSync(process.env.LISTEN_FILE, network ? "0.0.0.0" : "127.0.0.1");
  await closeDatabase();
}

if (process.argv[1]?.endsWith("load.ts")) {
  main(process.argv.slice(2)).catch((error: unknown) => {
    console.error(`infusing: ${error instanceof Error ? error.message : String(error)}`);
    process.exit(1);
  });
}
