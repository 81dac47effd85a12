import fc from "fast-check";
import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../../checks/elsewhere";
import { bookOf, bringIn, comparable, contentOf, askedIn, takeOut } from "../../../checks/roundTrip";
import { makeTestHouse, TEST_BLEND, TEST_QUESTION, testAnswer, type TestHouse } from "../../../checks/testHouse";
import { computePaste } from "@/core/paste";
import { inOrder, type BatchEvent } from "@/core/batch";
import { findMaterial } from "@/core/material";
import { ownId, ownMaterials } from "@/core/shelf";
import { BlendChangeInput, EventsInput, NewBatchInput, NewBlendInput } from "@/inputs/bookInput";
import { NewHeadInput } from "@/inputs/headInput";
import { parseInput } from "@/inputs/parseInput";
import { JarReadingInput } from "@/inputs/readingInput";
import { LeftInput, NewJarInput, OwnThingInput, PremixInput, WeighingInput } from "@/inputs/shelfInput";
import { openBowl } from "../settle";
import { insertEvents } from "@/store/events";
import { closeDatabase, database } from "@/store/connection";
import { inSnapshot } from "@/store/snapshot";
import { inTransaction, type Write } from "@/store/transaction";
import { addEvents, createBatch } from "../batches";
import { changeBlend, createBlend, removeBlend } from "../blends";
import { createHead, removeHead } from "../heads";
import { erasePerson } from "../erase";
import { createJar, createOwnThing, makePremix, removeJar, testJar, weighJar, weighLeft } from "../jars";
import { readJarsCsv } from "../formats/jarsCsv";
import { Refusal } from "../refusal";
import type { Asked } from "../route";
import { wholeBook } from "./export";
import type { Book } from "./format";
import { readHeavy } from "../heavy";
import { previewImport, seenHere } from "./import";
import { readBook } from "./read";

afterAll(closeDatabase);

/** What a route does with a body: its shape, then its use in one transaction. True where it was accepted; a refusal is none; anything else is a 500. */
async function tried<I extends object>(
  house: TestHouse,
  kind: new () => I,
  use: (asked: Asked<I>, write: Write) => Promise<unknown>,
  body: unknown,
  params: Record<string, string> = {},
): Promise<boolean> {
  const parsed = parseInput(kind, JSON.parse(JSON.stringify(body)));
  if (!parsed.ok) return false;
  const asked = await askedIn(house, parsed.value, params);
  try {
    await inTransaction(house.householdId, (write) => use(asked, write));
    return true;
  } catch (error) {
    if (error instanceof Refusal) return false;
    throw error;
  }
}
const event = (payload: object, seq = 1) => ({
  id: uuid(),
  payload,
  deviceSeq: seq,
  revSeen: 9_000_000,
  deviceClock: new Date().toISOString(),
});
const happen = (house: TestHouse, batchId: string, ...payloads: object[]) =>
  tried(house, EventsInput, addEvents, { events: payloads.map((payload, i) => event(payload, i)) }, { id: batchId });
const newJar = async (house: TestHouse, more: object = {}) => {
  const id = uuid();
  expect(
    await tried(house, NewJarInput, createJar, { id, materialId: "amla", name: "Amla", fullG: 500, ...more }),
  ).toBe(true);
  return id;
};
const newBowl = async (house: TestHouse) => {
  const id = uuid();
  expect(await tried(house, NewBatchInput, createBatch, { id, versionId: house.versionId, headId: house.headId })).toBe(
    true,
  );
  return id;
};
const leftG = async (house: TestHouse, id: string) => (await bookOf(house)).jars!.find((jar) => jar.id === id)?.leftG;
const revOf = async ({ householdId }: TestHouse) =>
  Number((await database()("household").where({ id: householdId }).first("rev")).rev);

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

  test("a house of 1 000 bowls", async () => {
    const house = await makeTestHouse("A house that made a lot");
    const jarId = await newJar(house, { fullG: 20_000 });
    const question = {
      ...TEST_QUESTION,
      lines: TEST_QUESTION.lines.map((line, i) => (i === 0 ? { ...line, jarId } : line)),
    };
    const computed = computePaste(question);
    if (!computed.ok) throw new Error("The test blend is refused.");
    const answer = computed.value;
    for (let i = 0; i < 10; i++) {
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
    expect(out.batches.length).toBe(1001);
    const other = await makeTestHouse("A house that takes it all");
    expect(await bringIn(other, out)).toMatchObject({ adds: { batches: 1001, jars: 1, heads: 1, blends: 1 } });
    const back = await bookOf(other);
    const there = new Map(comparable(back).batches.map((batch) => [batch.id, batch]));
    for (const batch of comparable(out).batches) expect(there.get(batch.id)).toEqual(batch);
    expect(back.jars).toEqual(out.jars);
  }, 120_000);
});

describe("what a careless or a wicked file would do", () => {
  const spoilt = async (house: TestHouse, change: (book: Record<string, never> & Book) => void) => {
    const book = fromElsewhere(await bookOf(house)) as Record<string, never> & Book;
    change(book);
    return book;
  };
  const problemsOf = (book: object) => {
    const read = readBook(JSON.parse(JSON.stringify(book)));
    return "problems" in read ? read.problems.map(({ field, code }) => `${field} ${code}`) : [];
  };

  test("what its devices had seen never moves the house's own count, and keeps its order", async () => {
    const house = await makeTestHouse();
    await happen(house, house.batchId, { kind: "poured", ml: 10 }, { kind: "poured", ml: 20 });
    const book = await spoilt(house, (one) =>
      one.batches[0].events.forEach((e, i) => {
        (e as { revSeen: number }).revSeen = Number.MAX_SAFE_INTEGER - 5 + i;
      }),
    );
    const before = await revOf(house);
    await bringIn(house, book);
    expect(await revOf(house)).toBe(before + 1);
    // The next tap stands after them, and blends and heads can still be saved.
    expect(await happen(house, book.batches[0].id, { kind: "noted", text: "after" })).toBe(true);
    const events = (await bookOf(house)).batches.find(({ id }) => id === book.batches[0].id)!.events;
    expect(events.map(({ payload }) => payload.kind)).toEqual(["poured", "poured", "noted"]);
    expect(Math.max(...events.map(({ revSeen }) => revSeen))).toBeLessThanOrEqual(await revOf(house));
    expect(
      await tried(
        house,
        BlendChangeInput,
        changeBlend,
        { name: "Blend", versionId: uuid(), baseRev: await revBlend(house), blend: TEST_BLEND },
        { id: house.blendId },
      ),
    ).toBe(true);
  });
  const revBlend = async ({ blendId }: TestHouse) =>
    Number((await database()("blend").where({ id: blendId }).first("rev")).rev);

  test("counting back keeps any order, never goes beyond the house, and leaves alone what is not beyond it", () => {
    const seen = fc.array(
      fc.record({
        revSeen: fc.oneof(fc.nat(60), fc.nat(Number.MAX_SAFE_INTEGER)),
        deviceSeq: fc.nat(9),
        deviceId: fc.constantFrom("a", "b"),
        id: fc.uuid(),
      }),
      { maxLength: 30 },
    );
    fc.assert(
      fc.property(seen, fc.integer({ min: 1, max: 100 }), (events, rev) => {
        const here = seenHere(events, rev);
        for (const [i, one] of here.entries())
          expect(one.revSeen).toBeLessThanOrEqual(Math.min(rev, events[i].revSeen));
        const order = (list: readonly (typeof events)[number][]) =>
          [...list].sort((a, b) => inOrder(a as never as BatchEvent, b as never as BatchEvent)).map(({ id }) => id);
        expect(order(here)).toEqual(order(events));
        if (events.every(({ revSeen }) => revSeen <= rev)) expect(here).toEqual(events);
      }),
    );
  });

  test("nothing from outside takes the place of something in the tables, or loses its cautions", async () => {
    const house = await makeTestHouse();
    const harmless = { id: "henna", name: "Henna", kind: "like", likeId: "amla" } as const;
    expect(
      problemsOf(
        await spoilt(house, (book) => {
          (book as unknown as { things: unknown[] }).things = [harmless];
        }),
      ),
    ).toContain("book.things.0.id notAnOwnId");
    const { problems } = readJarsCsv(
      `material,full_g,own_thing\r\nhenna,100,"${JSON.stringify({ name: "Henna", kind: "like", likeId: "amla" }).replaceAll('"', '""')}"\r\n`,
      [],
      "2026-11-26",
    );
    expect(problems.map(({ field, code }) => `${field} ${code}`)).toEqual(["own_thing henna.id notAnOwnId"]);
    // A house that was hit already makes its henna of the tables again.
    expect(ownMaterials([harmless])).toEqual([]);
    // A bowl's own figures keep the tables' tags.
    const henna = findMaterial("henna")!;
    const bowl = await newBowl(house);
    const book = await spoilt(house, (one) => {
      const batch = one.batches.find(({ id }) => id !== undefined)! as { question: object };
      batch.question = {
        ...TEST_QUESTION,
        lines: [{ materialId: "henna", role: "part", amount: 50, unit: "g", fill: "level" }],
        own: [{ ...henna, tags: [] }],
      };
      (one.batches[0] as { answer: object }).answer = { ...testAnswer(), lines: testAnswer().lines.slice(0, 1) };
    });
    await bringIn(house, book);
    const { answer } = (await bookOf(house)).batches.find(({ id }) => id === book.batches[0].id)!;
    expect(answer.cautions.map(({ id }) => id)).toContain("soldAsHenna");
    expect(bowl).not.toBe(book.batches[0].id);
  });

  test.each<
    [
      string,
      (
        book: {
          heads: never[];
          blends: never[];
          batches: never[];
          jars: never[];
          things: never[];
          persons: never[];
          devices: never[];
        } & Record<string, { [key: string]: never }[]>,
      ) => void,
      RegExp,
    ]
  >([
    [
      "a name too long",
      (b) => {
        set(b.heads[0], "name", "x".repeat(121));
      },
      /^book\.heads\.0\.name tooLarge/,
    ],
    [
      "a name of blanks",
      (b) => {
        set(b.blends[0], "name", " \t ");
      },
      /^book\.blends\.0\.name required/,
    ],
    [
      "half a sign",
      (b) => {
        set(b.batches[0], "blendName", "x\ud800");
      },
      /blendName strangeSigns/,
    ],
    [
      "a NUL",
      (b) => {
        set(b.persons[0], "name", "a\u0000");
      },
      /persons\.0\.name strangeSigns/,
    ],
    [
      "1e308 grams",
      (b) => {
        set(at(b, "blends.0.versions.0.blend.lines.0"), "amount", 1e308);
      },
      /amount tooLarge/,
    ],
    [
      "1e-300 of a spoon",
      (b) => {
        set(at(b, "blends.0.versions.0.blend.lines.1"), "amount", 1e-300);
      },
      /amount tooSmall/,
    ],
    [
      "a jar of 1e308 g",
      (b) => {
        set(b.jars[0], "fullG", 1e308);
      },
      /jars\.0\.fullG tooLarge/,
    ],
    [
      "1e308 g left",
      (b) => {
        set(b.jars[0], "leftG", 1e308);
      },
      /jars\.0\.leftG tooLarge/,
    ],
    [
      "a place too long",
      (b) => {
        set(b.jars[0], "place", "x".repeat(61));
      },
      /jars\.0\.place tooLarge/,
    ],
    [
      "half a grain weighed",
      (b) => {
        set(at(b, "jars.0.weighings.0"), "massG", 1e-300);
      },
      /weighings\.0\.massG tooSmall/,
    ],
    [
      "a ring of 9 m",
      (b) => {
        set(at(b, "jars.0.tests.0.test.reading"), "heightMm", 9000);
      },
      /reading\.heightMm tooLarge/,
    ],
    [
      "1e9 ml of water",
      (b) => {
        set(at(b, "jars.0.tests.0.test"), "waterMl", 1e9);
      },
      /test\.waterMl tooLarge/,
    ],
    [
      "a bowl's test with odd fields",
      (b) => {
        set(at(b, "batches.0.events.0"), "payload", {
          kind: "tested",
          by: "ring",
          heightMm: 50,
          slumpMm: 10,
          volumeMl: 3,
        });
      },
      /events\.0\.payload/,
    ],
    [
      "a note too long",
      (b) => {
        set(at(b, "batches.0.events.0"), "payload", { kind: "noted", text: "🌿".repeat(4001) });
      },
      /payload\.text tooLarge/,
    ],
    [
      "an allergy without end",
      (b) => {
        set(at(b, "heads.0.hair"), "allergies", ["x".repeat(61)]);
      },
      /allergies\.0 tooLarge/,
    ],
    [
      "a figure of 1e300",
      (b) => {
        set(at(b, "batches.0.answer.totalG"), "mid", 1e300);
      },
      /answer\.totalG\.mid tooLarge/,
    ],
    [
      "a model that never was",
      (b) => {
        set(at(b, "batches.0.answer"), "model", 1e8);
      },
      /answer\.model notANumber/,
    ],
    [
      "a count of 2^60",
      (b) => {
        set(at(b, "batches.0.events.0"), "deviceSeq", 2 ** 60);
      },
      /deviceSeq notANumber/,
    ],
    [
      "an upper-case id",
      (b) => {
        set(b.heads[0], "id", uuid().toUpperCase());
      },
      /heads\.0\.id/,
    ],
    [
      "a newer book",
      (b) => {
        set(b, "version", 3);
      },
      /^book\.version newerBook/,
    ],
    [
      "an own thing too long",
      (b) => {
        set(b.things[0], "name", "x".repeat(51));
      },
      /things\.0\.name tooLarge/,
    ],
  ])("%s is refused at its field, by the same limits as what is typed", async (_, change, says) => {
    const house = await makeTestHouse();
    const jarId = await newJar(house);
    await tried(house, OwnThingInput, createOwnThing, { id: uuid(), name: "A mix", likeId: "amla" });
    await tried(house, WeighingInput, weighJar, { id: uuid(), count: 2, unit: "tbsp", massG: 15 }, { id: jarId });
    await tried(
      house,
      JarReadingInput,
      testJar,
      {
        id: uuid(),
        amount: 20,
        unit: "g",
        waterMl: 60,
        minutes: 30,
        tempC: 20,
        reading: { by: "ring", heightMm: 50, slumpMm: 20 },
      },
      { id: jarId },
    );
    await happen(house, house.batchId, { kind: "poured", ml: 10 });
    const book = JSON.parse(JSON.stringify(await bookOf(house)));
    expect(problemsOf(book)).toEqual([]);
    change(book);
    expect(problemsOf(book).join("; ")).toMatch(says);
  });
  const at = (book: object, path: string): object =>
    path.split(".").reduce((one, key) => (one as Record<string, object>)[key], book);
  const set = (on: object, key: string, value: unknown): void => {
    (on as Record<string, unknown>)[key] = value;
  };

  test("a name may be as long as the database's own count of it", () => {
    expect(
      parseInput(NewHeadInput, {
        id: uuid(),
        name: "🌿".repeat(120),
        hair: { longest: { cm: 30 }, amount: { strands: "thin" } },
      }).ok,
    ).toBe(true);
    for (const name of ["🌿".repeat(121), "\ufe0f".repeat(121), "  ", "a\u0000", "\ud83c"])
      expect(
        parseInput(NewHeadInput, { id: uuid(), name, hair: { longest: { cm: 30 }, amount: { strands: "thin" } } }).ok,
      ).toBe(false);
    expect(ownId("𝒜".repeat(60))).toBe(`own-${"𝒜".repeat(50)}`);
  });
});

describe("stock", () => {
  test("a bowl that came in has drawn what it drew: its next tap draws nothing again, undoing and redoing gives and takes it once", async () => {
    const house = await makeTestHouse();
    const jarId = await newJar(house);
    const bowl = await newBowl(house);
    await happen(
      house,
      bowl,
      { kind: "reached", stage: "mixed" },
      { kind: "added", materialId: "amla", amount: 10, unit: "g", fill: "level" },
    );
    expect(await tried(house, LeftInput, weighLeft, { id: uuid(), leftG: 433.3 }, { id: jarId })).toBe(true);
    const out = fromElsewhere(await bookOf(house));
    const other = await makeTestHouse();
    // The other house has amla of its own, which that bowl never saw.
    const theirs = await newJar(other);
    const { id } = await bringIn(other, out);
    const [jar, batch] = [out.jars![0].id, out.batches.find(({ events }) => events.length > 0)!.id];
    expect([await leftG(other, jar), await leftG(other, theirs)]).toEqual([433.3, 500]);
    expect(await happen(other, batch, { kind: "noted", text: "here now" })).toBe(true);
    expect(await happen(other, batch, { kind: "poured", ml: 5 })).toBe(true);
    expect([await leftG(other, jar), await leftG(other, theirs)]).toEqual([433.3, 500]);
    // What is added here is drawn here, from the jar that came with it or one's own.
    await happen(other, batch, { kind: "added", materialId: "amla", amount: 3, unit: "g", fill: "level" });
    expect((await leftG(other, jar))! + (await leftG(other, theirs))!).toBeCloseTo(930.3, 6);
    await takeOut(other, id);
    expect([await leftG(other, jar), await leftG(other, theirs)]).toEqual([undefined, 500]);
    await bringIn(other, out);
    expect((await leftG(other, jar))! + (await leftG(other, theirs))!).toBeCloseTo(930.3, 6);
  });

  test("persons, things and jars come and go with their import; what was taken off by hand is put back and said", async () => {
    const house = await makeTestHouse();
    await tried(house, OwnThingInput, createOwnThing, { id: uuid(), name: "Sunday mix", likeId: "amla" });
    const jarId = await newJar(house, { materialId: "own-sunday-mix" });
    expect(
      await tried(house, PremixInput, makePremix, {
        id: uuid(),
        thingId: uuid(),
        name: "Base",
        parts: [{ jarId, massG: 10 }],
      }),
    ).toBe(true);
    const out = fromElsewhere(await bookOf(house));
    const other = await makeTestHouse();
    const before = contentOf(await bookOf(other));
    const first = await bringIn(other, out);
    expect(first).toMatchObject({ adds: { heads: 1, blends: 1, batches: 1, jars: 2, things: 2 }, back: { jars: 0 } });
    await takeOut(other, first.id);
    expect(contentOf(await bookOf(other))).toEqual(before);
    expect(await bringIn(other, out)).toMatchObject({
      adds: { jars: 0, things: 0, heads: 0 },
      back: { heads: 1, blends: 1, batches: 1, jars: 2, things: 2 },
    });
    for (const [use, id] of [
      [removeJar, out.jars![0].id],
      [removeHead, out.heads[0].id],
      [removeBlend, out.blends[0].id],
    ] as const) {
      const asked = await askedIn(other, { removed: true }, { id });
      await inTransaction(other.householdId, (write) => use(asked, write));
    }
    expect(await bringIn(other, out)).toMatchObject({
      back: { heads: 1, blends: 1, batches: 0, jars: 1, things: 0 },
      here: { jars: 1, batches: 1 },
    });
  });
});

test("a book from before somebody was erased comes in, and brings nobody back", async () => {
  const house = await makeTestHouse();
  const older = await bookOf(house);
  const [{ id: personId }] = older.persons;
  await inTransaction(house.householdId, async (write) =>
    erasePerson(await askedIn(house, { erased: true } as const, { id: personId }), write),
  );
  const before = contentOf(await bookOf(house));
  expect(await bringIn(house, older)).toMatchObject({
    adds: { heads: 0, blends: 0, batches: 0 },
    back: { heads: 0 },
    here: { heads: 1, blends: 1, batches: 1 },
  });
  expect(contentOf(await bookOf(house))).toEqual(before);
  expect(before.persons).toEqual([]);
  // Said beforehand: what of it stays out, and why.
  const plan = await previewImport(
    await askedIn(house, await readHeavy({ kind: "preview", body: JSON.stringify({ book: older }) }, house.deviceId)),
  );
  expect(plan.staysOut).toEqual([
    { kind: "person", name: older.persons[0].name, why: "erased" },
    { kind: "head", name: older.heads[0].name, why: "erased" },
  ]);
  // A head that is new here and was theirs comes without them.
  const headId = uuid();
  await bringIn(house, {
    ...older,
    heads: [{ ...older.heads[0], id: headId, name: "Another head" }],
    blends: [],
    batches: [],
  });
  const { heads, persons } = await bookOf(house);
  expect(heads.find(({ id }) => id === headId)!.personId).not.toBe(personId);
  expect(persons.map(({ name }) => name)).toEqual(["Another head"]);
});

test("a book goes out as it was at one moment, whatever is removed or written meanwhile", async () => {
  const house = await makeTestHouse();
  for (let i = 0; i < 60; i++) await newBowl(house);
  const before = comparable(await bookOf(house));
  const { household, settings } = await askedIn(house, {});
  const reader = wholeBook(household, settings).getReader();
  let text = "";
  for (let part = await reader.read(), n = 0; !part.done; part = await reader.read(), n++) {
    text += new TextDecoder().decode(part.value);
    if (n === 0) {
      const asked = await askedIn(house, { removed: true }, { id: house.blendId });
      await inTransaction(house.householdId, (write) => removeBlend(asked, write));
      await happen(house, house.batchId, { kind: "noted", text: "meanwhile" });
      expect(
        await tried(house, NewBatchInput, createBatch, {
          id: uuid(),
          versionId: house.versionId,
          headId: house.headId,
        }),
      ).toBe(true);
    }
  }
  expect(comparable(JSON.parse(text))).toEqual(before);
  expect(
    await inSnapshot(async (knex) => (await knex("batch").where({ household_id: house.householdId })).length),
  ).toBeGreaterThan(60);
});
