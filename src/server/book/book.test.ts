import { readFileSync } from "node:fs";
import { gunzipSync } from "node:zlib";
import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../../checks/elsewhere";
import { findMaterial } from "@/core/material";
import { bookOf, bringIn, comparable, contentOf, askedIn, takeOut } from "../../../checks/roundTrip";
import { makeTestHouse } from "../../../checks/testHouse";
import { NewBatchInput } from "@/inputs/bookInput";
import { LeftInput, OwnThingInput, PremixInput } from "@/inputs/shelfInput";
import { closeDatabase } from "@/store/connection";
import { inSnapshot } from "@/store/snapshot";
import { inTransaction } from "@/store/transaction";
import { createBatch } from "../batches";
import { removeBlend } from "../blends";
import { removeHead } from "../heads";
import { erasePerson } from "../erase";
import { createOwnThing, removeJar, weighLeft } from "../jars";
import { makePremix } from "../makings/premix";
import { wholeBook } from "./export";
import type { Book } from "./format";
import { readHeavy } from "../heavy";
import { previewImport } from "./import";
import { happen, leftG, newBowl, newJar, tried } from "../../../checks/written";

afterAll(closeDatabase);

describe("stock", () => {
  test("a bowl that came in has drawn what it drew: its next tap, undone and redone, draws it once", async () => {
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

  test("persons, things and jars come and go with their import; what was taken off is put back", async () => {
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

test("a book that the release before wrote comes in whole, and goes out as it was", async () => {
  const file = gunzipSync(readFileSync("checks/books/version2.json.gz")).toString("utf8");
  const book = fromElsewhere(JSON.parse(file) as Book);
  const house = await makeTestHouse("A house that reads an older book");
  const own = comparable(await bookOf(house));
  await bringIn(house, book);
  const now = comparable(await bookOf(house));
  // A caution that the tables learnt since is added to what a bowl kept; nothing is taken away.
  const wanted = comparable(book);
  for (const { question } of wanted.batches)
    for (const kept of question.own ?? [])
      Object.assign(kept, { tags: [...new Set([...kept.tags, ...(findMaterial(kept.id)?.tags ?? [])])] });
  for (const kind of ["persons", "heads", "blends", "things", "jars", "batches"] as const) {
    const before = new Set<string>(own[kind].map(({ id }) => id));
    expect(now[kind].filter(({ id }) => !before.has(id))).toEqual(wanted[kind]);
  }
});
