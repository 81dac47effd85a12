import { v7 as uuid } from "uuid";
import { askedIn, bookOf, bringIn, takeOut } from "../../checks/roundTrip";
import { jarDensity } from "@/core/shelf";
import type { BatchPayload } from "@/core/batch";
import { jarsCsv, readJarsCsv } from "./formats/jarsCsv";
import * as store from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";
import { movesOfJar } from "@/store/stock";
import { database } from "@/store/connection";
import { readSettings } from "@/store/household";
import { changeJar, createOwnThing, removeJar, sayGood, weighJar, weighLeft, withdrawWeighing } from "./jars";
import { makePremix } from "./makings/premix";
import { importJars, readJars } from "./jarsFile";
import { happen, house, moveHouse, newBowl, newJar, refusal, write } from "../../checks/newHouse";

const left = async (id: string) => (await store.findJar(house.householdId, id))!.leftG;
const sumOfMoves = async (id: string) =>
  (await movesOfJar(house.householdId, id)).reduce((sum, { massG }) => sum + massG, 0);

test("a bowl draws on the jar in use when it is mixed, once, and gives back what is taken back", async () => {
  const jar = await newJar("amla");
  const batch = await newBowl();
  expect(await left(jar)).toBe(200);
  const [mixed] = await happen(batch, { kind: "reached", stage: "mixed" });
  const drawn = 200 - (await left(jar));
  expect(drawn).toBeGreaterThan(5);
  await happen(batch, { kind: "ticked", step: "dry", done: true }, { kind: "poured", ml: 30 });
  expect(200 - (await left(jar))).toBeCloseTo(drawn, 6);
  await happen(batch, { kind: "measured", line: 0, amount: 50, unit: "g", fill: "level" });
  expect(await left(jar)).toBeCloseTo(150, 6);
  await happen(batch, { kind: "added", materialId: "amla", amount: 10, unit: "g", fill: "level" });
  expect(await left(jar)).toBeCloseTo(140, 6);
  const events = await database()("batch_event").where({ batch_id: batch }).orderBy("device_seq").pluck("id");
  await happen(batch, ...events.map((eventId: string): BatchPayload => ({ kind: "withdrawn", eventId })));
  expect(events).toContain(mixed);
  expect(await left(jar)).toBeCloseTo(200, 6);
  expect(await sumOfMoves(jar)).toBeCloseTo(200, 6);
});

test("two persons drawing at once are both counted, and a jar may be overdrawn", async () => {
  const jar = await newJar("amla", 30);
  const bowls = [await newBowl(), await newBowl(), await newBowl()];
  await Promise.all(
    bowls.map((bowl) => happen(bowl, { kind: "measured", line: 0, amount: 20, unit: "g", fill: "level" })),
  );
  expect(await left(jar)).toBeCloseTo(-30, 6);
  expect(await sumOfMoves(jar)).toBeCloseTo(-30, 6);
});

test("a jar that is taken off the shelf while a bowl uses it still counts what the bowl draws", async () => {
  const jar = await newJar("amla");
  const batch = await newBowl();
  await write(removeJar, { removed: true }, { id: jar });
  await happen(batch, { kind: "measured", line: 0, amount: 25, unit: "g", fill: "level" });
  expect(await store.findJar(house.householdId, jar)).toBeUndefined();
  await write(removeJar, { removed: false }, { id: jar });
  expect(await left(jar)).toBeCloseTo(175, 6);
});

test("the scale puts right what the ledger thinks, and sending it again changes nothing", async () => {
  const jar = await newJar("amla", 200, { leftG: 120 });
  expect(await left(jar)).toBe(120);
  const once = { id: uuid(), leftG: 90 };
  await write(weighLeft, once, { id: jar });
  await write(weighLeft, once, { id: jar });
  expect(await left(jar)).toBe(90);
  expect((await movesOfJar(house.householdId, jar)).length).toBe(3);
});

test("a weighed spoon changes what a new bowl weighs, and an old bowl stays as it was", async () => {
  const jar = await newJar("amla");
  const before = await newBowl();
  const weighing = { id: uuid(), count: 3, unit: "tbsp", massG: 36 };
  await write(weighJar, weighing, { id: jar });
  await write(weighJar, weighing, { id: jar });
  const found = (await store.findJar(house.householdId, jar))!;
  expect(found.weighings.length).toBe(1);
  expect(jarDensity(found.weighings, (await readSettings(house.householdId)).spoons)!.value).toBeCloseTo(0.8, 6);
  const after = await newBowl();
  const linesOf = async (id: string) =>
    JSON.parse((await database()("batch").where({ id }).first("answer")).answer).lines[0].spoons.volumeMl as number;
  expect(await linesOf(after)).toBeLessThan(await linesOf(before));
  const question = JSON.parse((await database()("batch").where({ id: after }).first("question")).question);
  expect(question.own[0]).toMatchObject({
    id: "amla",
    jarId: jar,
    bulkDensityGPerMl: { value: expect.closeTo(0.8, 6), source: { kind: "measured" } },
  });
  await write(withdrawWeighing, { withdrawn: true }, { id: weighing.id });
  expect((await store.findJar(house.householdId, jar))!.weighings).toEqual([]);
});

test("bad jars are refused at their fields, and nothing is kept", async () => {
  expect(await refusal(newJar("unobtainium"))).toEqual(["materialId unknownMaterial"]);
  expect(await refusal(newJar("amla", 100, { openedOn: "2999-01-01" }))).toEqual(["openedOn inTheFuture"]);
  expect(await refusal(newJar("amla", 100, { boughtOn: "yesterday" }))).toEqual(["boughtOn notADay"]);
  expect(await refusal(newJar("amla", 0))).toEqual(["fullG tooSmall"]);
  const jar = await newJar("amla");
  expect(await refusal(write(weighJar, { id: uuid(), count: 1, unit: "tbsp", massG: 300 }, { id: jar }))).toEqual([
    "massG notAWeight",
  ]);
  expect((await store.listJars(house.householdId)).length).toBe(1);
});

test("an edit that somebody was faster with is refused, one after a draw is not", async () => {
  const jar = await newJar("amla");
  const { editedRev } = (await store.findJar(house.householdId, jar))!;
  await write(weighLeft, { id: uuid(), leftG: 150 }, { id: jar });
  await write(changeJar, { materialId: "amla", name: "better name", fullG: 250, baseRev: editedRev }, { id: jar });
  expect(await store.findJar(house.householdId, jar)).toMatchObject({ name: "better name", fullG: 250, leftG: 200 });
  await expect(
    write(changeJar, { materialId: "amla", name: "too late", fullG: 250, baseRev: editedRev }, { id: jar }),
  ).rejects.toMatchObject({ status: 412 });
});

test("a premix draws on its jars, is a thing and a jar of its own, and never contains itself", async () => {
  const [a, b] = [await newJar("amla", 200, { price: 4 }), await newJar("brahmi", 200, { price: 8 })];
  const premix = {
    id: uuid(),
    thingId: uuid(),
    name: "Sunday base",
    parts: [
      { jarId: a, massG: 60 },
      { jarId: b, massG: 40 },
    ],
  };
  await write(makePremix, premix);
  await write(makePremix, premix);
  expect([await left(a), await left(b), await left(premix.id)]).toEqual([140, 160, 100]);
  expect(await listOwnThings(house.householdId)).toMatchObject([
    {
      id: "own-sunday-base",
      kind: "mixture",
      parts: [
        { materialId: "amla", share: 0.6 },
        { materialId: "brahmi", share: 0.4 },
      ],
    },
  ]);
  expect((await store.findJar(house.householdId, premix.id))!.price).toBeCloseTo(0.6 * 2 + 0.4 * 4, 6);
  // The same mixture again is one thing with another jar; of itself it cannot be made; under its name nothing else can
  // be.
  const again = { ...premix, id: uuid(), thingId: uuid() };
  await write(makePremix, again);
  expect((await listOwnThings(house.householdId)).length).toBe(1);
  expect(
    await refusal(
      write(makePremix, {
        ...again,
        id: uuid(),
        parts: [
          { jarId: premix.id, massG: 10 },
          { jarId: a, massG: 10 },
        ],
      }),
    ),
  ).toEqual(["parts containsItself"]);
  expect(await refusal(write(makePremix, { ...again, id: uuid(), parts: [{ jarId: a, massG: 10 }] }))).toEqual([
    "name nameTaken",
  ]);
  expect(await refusal(write(createOwnThing, { id: uuid(), name: "sunday BASE", likeId: "amla" }))).toEqual([
    "name nameTaken",
  ]);
});

test("jars go round as CSV: written, read in another house, the same; reading twice adds nothing", async () => {
  const a = await newJar("amla", 250, {
    lot: "=1+1",
    boughtOn: "2026-01-02",
    openedOn: "2026-02-03",
    bestBefore: "2027-01-01",
    price: 7.5,
    place: "shelf, left",
    leftG: 180,
  });
  await write(weighJar, { id: uuid(), count: 2, unit: "tbsp", massG: 15.5 }, { id: a });
  await write(makePremix, { id: uuid(), thingId: uuid(), name: "पाँच base", parts: [{ jarId: a, massG: 30 }] });
  const csv = async () => jarsCsv(await store.listJars(house.householdId), await listOwnThings(house.householdId));
  const written = await csv();
  const unnamed = written.replaceAll(/^[0-9a-f-]{36},/gm, ",");
  await moveHouse();
  const readIn = async (text: string) => {
    const session = await askedIn(house, {});
    return importJars(
      { ...session, input: await readJars(JSON.stringify({ csv: text }), { ...session, fresh: false }) },
      0,
    );
  };
  expect(await readIn(unnamed)).toMatchObject({ added: 2, here: 0 });
  expect(
    (await csv())
      .replaceAll(/^[0-9a-f-]{36},/gm, ",")
      .split("\r\n")
      .sort(),
  ).toEqual(unnamed.split("\r\n").sort());
  expect(await readIn(unnamed)).toMatchObject({ added: 0, here: 2, back: 0 });
  // A jar that was taken off the shelf is not "here": it goes back on it.
  const [{ id: gone }] = await store.listJars(house.householdId);
  await write(removeJar, { removed: true }, { id: gone });
  expect(await readIn(unnamed)).toMatchObject({ added: 0, here: 1, back: 1 });
  expect((await store.listJars(house.householdId)).find(({ materialId }) => materialId === "amla")).toMatchObject({
    lot: "=1+1",
    leftG: 150,
    fullG: 250,
    weighings: [{ count: 2, unit: "tbsp", massG: 15.5 }],
  });
});

test("a table made by hand is read by any names, and a bad one is refused whole, row by row", () => {
  const read = (csv: string) => readJarsCsv(csv, [], "2026-11-25");
  expect(read('material;full_g\nmethi;100\n"आँवला";"1,5"\n').problems).toEqual([]);
  expect(
    read("Material,full_g,name\nmethi,100,From the market\nGREEN TEA,50,\n").jars.map(({ jar }) => [
      jar.materialId,
      jar.name,
      jar.fullG,
    ]),
  ).toEqual([
    ["fenugreek-seed", "From the market", 100],
    ["green-tea", "GREEN TEA", 50],
  ]);
  expect(read("name,full_g\nx,1\n").problems).toEqual([{ field: "row 1.material", code: "required" }]);
  expect(
    read("material,full_g,opened_on,price,id\namla,lots,2999-01-01,cheap,7\nqqqqq,5,,,\n").problems.map(
      ({ field, code }) => `${field} ${code}`,
    ),
  ).toEqual([
    "row 2.id notText",
    "row 2.full_g notANumber",
    "row 2.price notANumber",
    "row 2.opened_on inTheFuture",
    "row 2.left_g notANumber",
    "row 3.material unknownMaterial",
  ]);
  expect(read("material,full_g,flavour\namla,1,sour\n").problems).toEqual([
    { field: "row 1.flavour", code: "unknownField" },
  ]);
  expect(read("material,full_g,own_thing\nown-x,1,not json\n").problems.map(({ field }) => field)).toContain(
    "row 2.own_thing",
  );
});

test("the book file takes the shelf along: jars, weighings and own things come back as they were", async () => {
  const a = await newJar("amla", 250, { price: 7.5, place: "shelf", leftG: 180 });
  await write(weighJar, { id: uuid(), count: 2, unit: "tbsp", massG: 15.5 }, { id: a });
  await write(makePremix, { id: uuid(), thingId: uuid(), name: "Base", parts: [{ jarId: a, massG: 30 }] });
  const book = await bookOf(house);
  const shelf = async () => ({
    jars: (await store.listJars(house.householdId))
      .map(({ rev: _, editedRev: __, ...jar }) => jar)
      .sort((x, y) => x.id.localeCompare(y.id)),
    things: (await listOwnThings(house.householdId)).map(({ rowId: _, ...thing }) => thing),
  });
  const before = await shelf();
  const own = { household_id: house.householdId };
  for (const table of ["stock_move", "jar_weighing", "jar", "own_thing"]) await database()(table).where(own).del();
  const { id: importId } = await bringIn(house, book);
  expect(await shelf()).toEqual(before);
  await takeOut(house, importId);
  expect(await store.listJars(house.householdId)).toEqual([]);
});

test("a jar whose name stood for two goods says once which it is, and only one of them", async () => {
  const id = await newJar("bentonite");
  await database()("jar").where({ id }).update({ unsure: true });
  const good = (materialId: string) => write(sayGood, { materialId }, { id });
  expect(await refusal(good("kaolin"))).toEqual(["materialId unknownChoice"]);
  expect(await store.isUnsure(house.householdId, id)).toBe(true);
  await good("calcium-bentonite");
  expect(await store.isUnsure(house.householdId, id)).toBe(false);
  expect((await store.findJar(house.householdId, id))!.materialId).toBe("calcium-bentonite");
  // Sent again it is the same; a slip is mended the same way.
  await good("calcium-bentonite");
  await good("bentonite");
  expect((await store.findJar(house.householdId, id))!.materialId).toBe("bentonite");
  const other = await newJar("amla");
  expect(await refusal(write(sayGood, { materialId: "kaolin" }, { id: other }))).toEqual(["materialId unknownChoice"]);
});
