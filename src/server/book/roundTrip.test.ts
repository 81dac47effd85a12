import fc from "fast-check";
import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../../checks/elsewhere";
import { bookOf, bringIn, comparable, contentOf, takeOut } from "../../../checks/roundTrip";
import { makeTestHouse, TEST_BLEND, TEST_QUESTION } from "../../../checks/testHouse";
import { computePaste } from "@/core/paste";
import { NewBlendInput } from "@/inputs/bookInput";
import { NewHeadInput } from "@/inputs/headInput";
import { JarReadingInput } from "@/inputs/readingInput";
import { LeftInput, NewJarInput, OwnThingInput, WeighingInput } from "@/inputs/shelfInput";
import { openBowl } from "../settle";
import { insertEvents } from "@/store/events";
import { closeDatabase } from "@/store/connection";
import { inTransaction } from "@/store/transaction";
import { createBlend } from "../blends";
import { createHead } from "../heads";
import { createJar, createOwnThing, testJar, weighJar, weighLeft } from "../jars";
import type { Book } from "./format";
import { happen, newBowl, newJar, tried } from "../../../checks/written";

afterAll(closeDatabase);

describe("whatever the routes accept goes out, and comes in elsewhere as it was", () => {
  const words = fc.oneof(
    { weight: 3, arbitrary: fc.string({ unit: "grapheme", maxLength: 60 }) },
    { weight: 3, arbitrary: fc.string({ unit: "binary", maxLength: 40 }) },
    fc.constantFrom(
      "",
      " ",
      "\u200b",
      "🌿".repeat(120),
      "🌿".repeat(121),
      "🌿".repeat(50),
      "e\u0301".repeat(60),
      "\ufe0f".repeat(130),
      "\ud800",
      "x\udc00y",
      "a\u0000b",
      "a\u0007b",
      "\u2028",
      "ß",
      "Straße",
      "strasse",
      "CAFÉ",
      "café",
      "=1+1",
      "'=1+1",
      "x".repeat(121),
      "𝒜".repeat(27) + "b",
      "<b>",
      "\ufffe",
    ),
  );
  const number = fc.oneof(
    { weight: 4, arbitrary: fc.double({ min: 0.01, max: 300, noNaN: true }) },
    fc.constantFrom(0, -0, -1, 1, 1e308, -1e308, 1e-300, 0.1 + 0.2, 2 ** 53, 1e21, 5e-324),
  );
  const anId = fc.constantFrom("lower", "upper", "none");
  const idAs = (how: string) => {
    const id = uuid();
    return how === "upper" ? id.toUpperCase() : how === "none" ? "x" : id;
  };
  const reading = fc.oneof(
    fc.record(
      {
        by: fc.constantFrom("ring", "plate", "spoon"),
        heightMm: number,
        slumpMm: number,
        volumeMl: number,
        acrossMm: number,
        alongMm: number,
      },
      { requiredKeys: ["by"] },
    ),
    fc.constantFrom(
      { by: "ring", heightMm: 50, slumpMm: 18 },
      { by: "plate", volumeMl: 15, acrossMm: 70, alongMm: 66 },
      { by: "ring", heightMm: 50, slumpMm: 18, volumeMl: 3 },
      { by: "ring", heightMm: 50, slumpMm: 18, colour: "red" },
      { by: "ring", heightMm: 50, slumpMm: 49.9 },
    ),
  );
  const material = fc.constantFrom(
    "amla",
    "henna",
    "honey",
    "water",
    "tea-tree-essential-oil",
    "sesame-oil",
    "moondust",
    "own-cafe",
    "own-café",
    "yoghurt",
  );
  const amount = fc.record({
    amount: number,
    unit: fc.constantFrom("g", "ml", "tsp", "tbsp", "cup", "drop", "piece", "firkin"),
    fill: fc.constantFrom("scant", "level", "rounded", "heaped"),
  });
  const payload = fc.oneof(
    fc.record({ kind: fc.constant("noted"), text: words }),
    fc.record({ kind: fc.constant("poured"), ml: number }),
    fc.record({ kind: fc.constant("tested") }).chain(({ kind }) => reading.map((read) => ({ kind, ...read }))),
    fc
      .record({ line: fc.constantFrom(0, 1, 39, 40, -1, 0.5), amount })
      .map(({ line, amount: one }) => ({ kind: "measured", line, ...one })),
    fc
      .record({ materialId: material, amount })
      .map(({ materialId, amount: one }) => ({ kind: "added", materialId, ...one })),
    fc.record({ kind: fc.constant("marked"), mark: fc.constantFrom("soft", "hard"), value: number }),
    fc.constantFrom(
      { kind: "closed" },
      { kind: "reached", stage: "mixed" },
      { kind: "ticked", step: "dry", done: true },
      { kind: "moved", place: "fridge" },
      { kind: "moved", place: "elsewhere", tempC: 31 },
      { kind: "dabbed", mark: "clear" },
      { kind: "sectioned", of: 4, section: "s2", done: true },
      { kind: "onScale", leftG: 90 },
      { kind: "onScale", leftG: 60, bareG: 340 },
      { kind: "lookedAt", section: "s2", as: "dryInside" },
      { kind: "mixedMore", massG: 40 },
      { kind: "massaged" },
      { kind: "covered", as: "cap" },
      { kind: "touched", as: "almostDry" },
      { kind: "takenOff", step: "rinse", done: true },
      { kind: "weighed", leftG: 12, reached: false },
      { kind: "gauged", tempC: 38.5 },
      { kind: "strandTested", hoursOn: 2, looks: "deeper", photo: "data:image/jpeg;base64,/9j/4AAQSkZJRg==" },
      { kind: "tended", task: "shampoo", done: true },
      { kind: "withdrawn", eventId: uuid() },
      { kind: "withdrawn", eventId: "x" },
    ),
  );
  const act = fc.oneof(
    fc.record({
      do: fc.constant("head" as const),
      name: words,
      id: anId,
      cm: number,
      allergies: fc.array(words, { maxLength: 3 }),
    }),
    fc.record({
      do: fc.constant("blend" as const),
      name: words,
      id: anId,
      line: fc.record({ materialId: material, amount }),
      tempC: number,
    }),
    fc.record({ do: fc.constant("thing" as const), name: words, use: words, likeId: material }),
    fc.record({
      do: fc.constant("jar" as const),
      name: words,
      id: anId,
      materialId: material,
      fullG: number,
      lot: words,
      place: words,
      price: number,
      boughtOn: fc.constantFrom("2026-01-02", "2026-02-30", "soon", ""),
    }),
    fc.record({ do: fc.constant("weigh" as const), count: number, massG: number }),
    fc.record({ do: fc.constant("left" as const), leftG: number }),
    fc.record({ do: fc.constant("testJar" as const), amount, waterMl: number, minutes: number, reading }),
    { weight: 4, arbitrary: fc.record({ do: fc.constant("event" as const), payload }) },
  );
  test("random bodies with everything odd in them: no 500, and a round trip", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(act, { minLength: 20, maxLength: 60 }), async (acts) => {
        const house = await makeTestHouse("A house that takes what it is given");
        const jarId = await newJar(house);
        const batchId = await newBowl(house);
        for (const one of acts) {
          if (one.do === "head")
            await tried(house, NewHeadInput, createHead, {
              id: idAs(one.id),
              name: one.name,
              hair: { longest: { cm: one.cm }, amount: { strands: "thin" }, allergies: one.allergies },
            });
          if (one.do === "blend")
            await tried(house, NewBlendInput, createBlend, {
              id: idAs(one.id),
              versionId: uuid(),
              name: one.name,
              headId: house.headId,
              blend: {
                ...TEST_BLEND,
                liquid: { materialId: "water", tempC: one.tempC },
                lines: [...TEST_BLEND.lines, { materialId: one.line.materialId, role: "fixed", ...one.line.amount }],
              },
            });
          if (one.do === "thing")
            await tried(house, OwnThingInput, createOwnThing, {
              id: uuid(),
              name: one.name,
              use: one.use,
              likeId: one.likeId,
            });
          if (one.do === "jar")
            await tried(house, NewJarInput, createJar, {
              id: idAs(one.id),
              name: one.name,
              materialId: one.materialId,
              fullG: one.fullG,
              lot: one.lot,
              place: one.place,
              price: one.price,
              boughtOn: one.boughtOn,
            });
          if (one.do === "weigh")
            await tried(
              house,
              WeighingInput,
              weighJar,
              { id: uuid(), count: one.count, unit: "tsp", massG: one.massG },
              { id: jarId },
            );
          if (one.do === "left")
            await tried(house, LeftInput, weighLeft, { id: uuid(), leftG: one.leftG }, { id: jarId });
          if (one.do === "testJar")
            await tried(
              house,
              JarReadingInput,
              testJar,
              {
                id: uuid(),
                ...one.amount,
                waterMl: one.waterMl,
                minutes: one.minutes,
                tempC: 21,
                reading: one.reading,
              },
              { id: jarId },
            );
          if (one.do === "event") await happen(house, batchId, one.payload);
        }
        const out = fromElsewhere(await bookOf(house));
        const other = await makeTestHouse("A house that reads it");
        const before = await bookOf(other);
        const { id } = await bringIn(other, out);
        const own = new Set(
          contentOf(before)
            .heads.map((head) => head.id)
            .concat(
              before.blends.map((one) => one.id),
              before.batches.map((one) => one.id),
              before.persons.map((one) => one.id),
            ),
        );
        const came = (book: Book): Book => ({
          ...book,
          heads: book.heads.filter((one) => !own.has(one.id)),
          blends: book.blends.filter((one) => !own.has(one.id)),
          batches: book.batches.filter((one) => !own.has(one.id)),
          persons: book.persons.filter((one) => !own.has(one.id)),
        });
        const first = await bookOf(other);
        expect(comparable(came(first))).toEqual(comparable(out));
        // Out again in one step, in every table; in again, the same; and nothing twice.
        await takeOut(other, id);
        expect(contentOf(await bookOf(other))).toEqual(contentOf(before));
        await bringIn(other, out);
        expect(comparable(await bookOf(other))).toEqual(comparable(first));
        expect(await bringIn(other, out)).toMatchObject({
          adds: { heads: 0, blends: 0, batches: 0, jars: 0, things: 0 },
          back: { heads: 0, blends: 0, batches: 0, jars: 0, things: 0 },
        });
      }),
      { numRuns: 8 },
    );
  }, 120_000);

  test("a house of 400 bowls", async () => {
    const house = await makeTestHouse("A house that made a lot");
    const jarId = await newJar(house, { fullG: 20_000 });
    const question = {
      ...TEST_QUESTION,
      lines: TEST_QUESTION.lines.map((line, i) => (i === 0 ? { ...line, jarId } : line)),
    };
    const computed = computePaste(question);
    if (!computed.ok) throw new Error("The test blend is refused.");
    const answer = computed.value;
    for (let i = 0; i < 4; i++) {
      await inTransaction(house.householdId, async (write) => {
        for (let n = 0; n < 100; n++) {
          const id = uuid();
          await openBowl(write, {
            id,
            versionId: house.versionId,
            blendId: house.blendId,
            headId: house.headId,
            blendName: `Bowl ${i * 100 + n}`,
            headName: "Head",
            question,
            answer,
            figures: [],
            startsAt: new Date(Date.UTC(2020, 0, 1 + i, n)),
          });
          await insertEvents(
            write,
            id,
            house,
            [{ kind: "poured", ml: 100 }, { kind: "noted", text: "fine" }, { kind: "closed" }].map((payload, seq) => ({
              id: uuid(),
              payload: payload as never,
              deviceSeq: seq,
              revSeen: write.rev,
              deviceClock: new Date(),
              at: new Date(),
            })),
          );
        }
      });
    }
    const out = fromElsewhere(await bookOf(house));
    expect(out.batches.length).toBe(401);
    const other = await makeTestHouse("A house that takes it all");
    expect(await bringIn(other, out)).toMatchObject({ adds: { batches: 401, jars: 1, heads: 1, blends: 1 } });
    const back = await bookOf(other);
    const there = new Map(comparable(back).batches.map((batch) => [batch.id, batch]));
    for (const batch of comparable(out).batches) expect(there.get(batch.id)).toEqual(batch);
    expect(back.jars).toEqual(out.jars);
  }, 120_000);
});
