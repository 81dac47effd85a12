import fc from "fast-check";
import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../../checks/elsewhere";
import { bookOf, bringIn } from "../../../checks/roundTrip";
import { makeTestHouse, revOf, TEST_BLEND, TEST_QUESTION, testAnswer, type TestHouse } from "../../../checks/testHouse";
import type { BatchEvent } from "@/core/batch";
import { inOrder } from "@/core/happening";
import { findMaterial } from "@/core/material";
import { ownId, ownMaterials } from "@/core/shelf";
import { BlendChangeInput } from "@/inputs/bookInput";
import { NewHeadInput } from "@/inputs/headInput";
import { parseInput } from "@/inputs/parseInput";
import { JarReadingInput } from "@/inputs/readingInput";
import { OwnThingInput, WeighingInput } from "@/inputs/shelfInput";
import { closeDatabase, database } from "@/store/connection";
import { changeBlend } from "../blends";
import { createOwnThing, testJar, weighJar } from "../jars";
import { readJarsCsv } from "../formats/jarsCsv";
import type { Book } from "./format";
import { seenHere } from "./bring";
import { readBook } from "./read";
import { happen, newBowl, newJar, tried } from "../../../checks/written";

afterAll(closeDatabase);

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
      `material,full_g,own_thing\r\nhenna,100,"` +
        `${JSON.stringify({ name: "Henna", kind: "like", likeId: "amla" }).replaceAll('"', '""')}"\r\n`,
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
