import { parse } from "csv-parse/sync";
import fc from "fast-check";
import ICAL from "ical.js";
import Papa from "papaparse";
import { v7 as uuid } from "uuid";
import { makeTestHouse, testAnswer, TEST_QUESTION } from "../../../checks/testHouse";
import { worksheet, worksheetFor } from "@/core/batch";
import { foldMaking, makeOf, type MakingPayload } from "@/core/making";
import { findMaterial } from "@/core/material";
import { insertEvents } from "@/store/events";
import { closeDatabase } from "@/store/connection";
import { inTransaction } from "@/store/transaction";
import { readable } from "@/core/text";
import { csvOf, guarded, unguarded } from "./csv";
import { linesCsv } from "./linesCsv";
import { recipeOf } from "./recipe";
import { makingTimesOf, timesOf } from "./times";

afterAll(closeDatabase);
const answer = testAnswer();

describe("iCalendar, read back by ical.js", () => {
  const read = (startsAtMs: number, blendName = "Rust; with, commas\nand 🌿") => {
    const text = timesOf({ id: "b1", blendName, headName: "Ada", startsAtMs, question: TEST_QUESTION, answer });
    expect(text.split("\r\n").every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
    return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents("vevent").map((event) => new ICAL.Event(event));
  };
  test("the steps stand where the worksheet puts them, across a night when the clocks change", () => {
    const start = Date.UTC(2026, 9, 25, 0, 15); // in Berlin an hour is lived twice that night
    const events = read(start);
    const { steps } = worksheet(answer);
    expect(events.length).toBe(5);
    for (const event of events) {
      const step = steps.find(({ id }) => event.uid === `b1-${id}@infusing`)!;
      expect(event.startDate.toJSDate().getTime()).toBe(start + step.startMin * 60_000);
      expect(event.endDate.toJSDate().getTime() - event.startDate.toJSDate().getTime()).toBe(
        Math.max(1, step.durationMin) * 60_000,
      );
    }
  });
  test("names with signs of the format in them come back whole", () => {
    expect(read(0, 'a;b,c\\d "e" <f>')[0].summary).toContain('a;b,c\\d "e" <f>');
  });
  test("whatever a name holds, the calendar's own name and every line say it and nothing else", () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ unit: "binary", maxLength: 90 }),
          fc.constantFrom("x\r\nBEGIN:VALARM", "a\u0000b", "\ud800", "\\n;,", "🌿".repeat(60), "x\u2028y"),
        ),
        (name) => {
          const text = timesOf({
            id: "b1",
            blendName: name,
            headName: "Ada",
            startsAtMs: 0,
            question: TEST_QUESTION,
            answer,
          });
          const calendar = new ICAL.Component(ICAL.parse(text));
          const said = readable(`${name} for Ada`).replace(/\s+/g, " ");
          // A reader that does not know the property leaves its TEXT as it is written.
          expect(
            String(calendar.getFirstPropertyValue("x-wr-calname"))
              .replace(/\\([\\;,])/g, "$1")
              .trim(),
          ).toBe(said.trim());
          expect(calendar.getAllSubcomponents().map((one) => one.name)).toEqual([
            "vevent",
            "vevent",
            "vevent",
            "vevent",
            "vevent",
          ]);
          for (const event of calendar.getAllSubcomponents("vevent")) {
            expect(new ICAL.Event(event).summary).toContain(said.trim());
            expect(event.getAllSubcomponents()).toEqual([]);
          }
          expect(text).not.toMatch(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/);
        },
      ),
      { numRuns: 60 },
    );
  });
});

test("a making's times: what is still to be done and lasts, where it stands now, with what to look for", () => {
  const question = {
    method: "brew",
    things: [{ materialId: "nettle-leaf-whole", massG: 20 }],
    settings: { way: "reduced", fromMl: 700, wantMl: 300, heat: "low", potCm: 18 },
    kitchenTempC: 20,
  };
  const figures = [findMaterial("nettle-leaf-whole")!];
  const made = makeOf(question, figures);
  if (!made.ok) throw new Error("refused");
  const startsAtMs = Date.UTC(2026, 10, 22, 8, 0);
  const making = { id: "m1", name: "nettle, boiled down", question, figures, made: made.value, startsAtMs };
  const read = (payloads: MakingPayload[]) => {
    const events = payloads.map((payload, i) => ({
      id: `e${i}`,
      payload,
      deviceId: "d",
      deviceSeq: i,
      revSeen: 0,
      atMs: startsAtMs + 60_000 * (20 + i),
    }));
    const text = makingTimesOf(making, foldMaking(events));
    return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents("vevent").map((event) => new ICAL.Event(event));
  };
  const planned = read([]);
  const lasting = made.value.steps.filter(({ durationMin }) => durationMin >= 10);
  expect(planned.map(({ uid }) => uid)).toEqual(lasting.map(({ id }) => `m1-${id}@infusing`));
  expect(planned[0].startDate.toJSDate().getTime()).toBe(startsAtMs + lasting[0].startMin * 60_000);
  expect(planned.some(({ description }) => description.includes("Done: "))).toBe(true);
  // Twenty minutes later it boils: what comes after moves, and what is done needs no reminder.
  const later = read([{ kind: "stepDone", step: "heat", done: true }]);
  expect(later[0].uid).toBe("m1-reduce@infusing");
  expect(later[0].startDate.toJSDate().getTime()).toBe(startsAtMs + 20 * 60_000);
});

describe("CSV, read back by papaparse", () => {
  const anyCell = fc.oneof(
    fc.string(),
    fc.string({ unit: "binary" }),
    fc
      .array(fc.constantFrom("=", "'", "+", "-", "@", "\t", "\n", "\r\n", "a", ",", '"', "＝"), { maxLength: 8 })
      .map((parts) => parts.join("")),
  );
  test("a strict reader of RFC 4180 (csv-parse) reads every table as papaparse does", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(anyCell, anyCell, fc.integer()), { minLength: 1, maxLength: 8 }), (rows) => {
        const text = csvOf(rows);
        expect(text.endsWith("\r\n")).toBe(true);
        const strict: string[][] = parse(text, {
          record_delimiter: "\r\n",
          relax_quotes: false,
          relax_column_count: false,
          skip_empty_lines: false,
        });
        expect(strict).toEqual(
          Papa.parse<string[]>(text, { newline: "\r\n", delimiter: "," }).data.slice(0, rows.length),
        );
        expect(strict.length).toBe(rows.length);
      }),
    );
  });
  test("no line of a cell runs", () => {
    fc.assert(
      fc.property(anyCell, (text) => {
        for (const line of guarded(text).split(/[\r\n]/)) expect(line).not.toMatch(/^[=+\-@\t＝＋－＠]/);
      }),
    );
    expect(guarded("fine\n=1+1\r\n@SUM(1)")).toBe("fine\n'=1+1\r\n'@SUM(1)");
  });
  test("any text comes back as it was, but for what a spreadsheet would run", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(anyCell, anyCell), { minLength: 1, maxLength: 8 }), (rows) => {
        const { data } = Papa.parse<string[]>(csvOf([["a", "b"], ...rows]), { newline: "\r\n", delimiter: "," });
        const back = data.slice(1, 1 + rows.length);
        for (const [i, row] of rows.entries())
          for (const [j, text] of row.entries()) expect(unguarded(back[i][j])).toBe(readable(text));
      }),
    );
  });
  test.each(["=1+1", "+1", "-1", "@SUM(A1)", "\tx", '=HYPERLINK("http://x")'])("%j opens as text", (text) => {
    expect(Papa.parse<string[]>(csvOf([["x", text]])).data[0][1]).toBe(`'${text}`);
  });
});

test("the recipe names everything that goes in, and each step of the work", () => {
  const recipe = JSON.parse(JSON.stringify(recipeOf("A <b>mask</b>", answer, TEST_QUESTION)));
  expect(recipe).toMatchObject({
    "@context": "https://schema.org",
    "@type": "Recipe",
    name: "A <b>mask</b>",
    recipeCategory: "mask",
  });
  expect(recipe.recipeIngredient.join()).toMatch(/amla \d+ g .*honey 21 g.*warm water \d+ ml/);
  expect(recipe.recipeInstructions.map((step: { "@type": string }) => step["@type"])).toEqual(
    worksheetFor(TEST_QUESTION, answer).steps.map(() => "HowToStep"),
  );
  for (const key of ["prepTime", "performTime", "totalTime"]) expect(recipe[key]).toMatch(/^PT\d+M$/);
});

test("what went in, as a table, read back by papaparse: planned and really, and the liquid", async () => {
  const house = await makeTestHouse("A house with a table");
  await inTransaction(house.householdId, async (write) => {
    const events = [
      { kind: "poured", ml: 120 },
      { kind: "measured", line: 0, amount: 33, unit: "g", fill: "level" },
      { kind: "added", materialId: "olive-oil", amount: 10, unit: "g", fill: "level" },
    ] as const;
    await insertEvents(
      write,
      house.batchId,
      house,
      events.map((payload, i) => ({
        id: uuid(),
        payload,
        deviceSeq: i,
        revSeen: 1,
        deviceClock: new Date(),
        at: new Date(),
      })),
    );
  });
  const { data, errors } = Papa.parse<Record<string, string>>(
    await new Response(linesCsv(house.householdId, {})).text(),
    { header: true, skipEmptyLines: true },
  );
  expect(errors).toEqual([]);
  expect(data.map((row) => [row.line, row.material, row.really_g, row.poured_ml])).toEqual([
    ["1", "amla", "33", ""],
    ["2", "honey", "21.3", ""],
    ["3", "olive-oil", "10", ""],
    ["liquid", "water", "", "120"],
  ]);
  expect(Number(data[0].planned_g)).toBeCloseTo(answer.lines[0].massG.mid, 0);
  expect(data[2].planned_g).toBe("");
});
