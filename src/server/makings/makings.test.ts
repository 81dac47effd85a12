import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../../checks/elsewhere";
import { bookOf, bringIn } from "../../../checks/roundTrip";
import { house, newJar, refusal, write } from "../../../checks/newHouse";
import { makeTestHouse } from "../../../checks/testHouse";
import { questionOn } from "@/core/shelf";
import { PLAIN_HEAD } from "@/core/head";
import { computePaste } from "@/core/paste";
import { findJar, listJars } from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";
import { changeJar } from "../jars";
import { makeMaking } from ".";
import { shelfOf } from "../shelf";

const left = async (id: string) => (await findJar(house.householdId, id))!.leftG;
const tea = (more: object = {}) => ({
  id: uuid(),
  thingId: uuid(),
  method: "brew",
  things: [{ materialId: "rosemary-leaf-whole", massG: 20 }],
  settings: [
    { id: "way", choice: "boiled" },
    { id: "wantMl", number: 400 },
  ],
  name: "Rosemary, strong",
  ...more,
});

test("a tea draws on its herb, once, and is a jar of the tables' own tea with figures of its own", async () => {
  const herb = await newJar("rosemary-leaf-whole", 100, { price: 5 });
  const made = tea();
  await write(makeMaking, made);
  await write(makeMaking, made);
  expect(await left(herb)).toBe(80);
  const jar = (await findJar(house.householdId, made.id))!;
  expect(jar).toMatchObject({ materialId: "rosemary-tea", madeHere: true, name: "Rosemary, strong", price: 1 });
  expect(jar.fullG).toBeGreaterThan(380);
  expect(jar.made).toMatchObject({ method: "brew", settings: { way: "boiled", wantMl: 400 } });
  expect(jar.made!.figures.dissolving.value).toBeGreaterThan(0.004);
  expect(jar.bestBefore! > jar.boughtOn!).toBe(true);
  // What is written on the jar can be changed; how it was made stays.
  const { editedRev } = jar;
  await write(
    changeJar,
    { materialId: "rosemary-tea", name: "For Sunday", fullG: jar.fullG, madeHere: true, baseRev: editedRev },
    { id: jar.id },
  );
  expect((await findJar(house.householdId, made.id))!.made).toEqual(jar.made);
});

test("a bowl made up with it is computed with its figures, and is kept with them", async () => {
  const made = tea({ things: [{ materialId: "roselle-whole", massG: 30 }], name: "Roselle" });
  await write(makeMaking, made);
  const shelf = await shelfOf(house.householdId);
  const blend = {
    purpose: "mask" as const,
    kitchenTempC: 21,
    target: { word: "cream" as const },
    liquid: { materialId: "hibiscus-tea", tempC: 40 },
    sizing: "likely" as const,
    lines: [{ materialId: "amla", role: "part" as const, amount: 1, unit: "tbsp" as const, fill: "level" as const }],
  };
  const question = questionOn(blend, PLAIN_HEAD, "metric", shelf);
  expect(question.liquid).toMatchObject({ jarId: made.id });
  expect(question.own?.find(({ jarId }) => jarId === made.id)?.acidity?.value).toBeGreaterThan(0.005);
  expect(computePaste(question).ok).toBe(true);
});

test("several herbs make a thing of the house's own, which is not for whom any of them is not", async () => {
  const made = tea({
    things: [
      { materialId: "fenugreek-seed-whole", massG: 20 },
      { materialId: "chamomile-whole", massG: 5 },
    ],
    name: "Soft and yellow",
    outMl: 350,
  });
  await write(makeMaking, made);
  const again = { ...made, id: uuid(), thingId: uuid() };
  await write(makeMaking, again);
  const things = (await listOwnThings(house.householdId)).filter(({ id }) => id === "own-soft-and-yellow");
  expect(things).toMatchObject([
    { kind: "like", likeId: "water", drawnFrom: ["chamomile-whole", "fenugreek-seed-whole"] },
  ]);
  const shelf = await shelfOf(house.householdId);
  const thing = shelf.own.find(({ id }) => id === "own-soft-and-yellow")!;
  expect(thing.contains).toEqual(expect.arrayContaining(["chamomile-whole", "fenugreek-seed-whole"]));
  expect((await findJar(house.householdId, made.id))!.fullG).toBeCloseTo(350, -1);
  // Under its name nothing else can be.
  const other = tea({ things: [{ materialId: "tulsi-whole", massG: 5 }], name: "Soft and yellow" });
  expect(await refusal(write(makeMaking, other))).toEqual(["name nameTaken"]);
});

test("what cannot be made says why at its field, and nothing is drawn", async () => {
  const herb = await newJar("nettle-leaf-whole", 50);
  const before = (await listJars(house.householdId)).length;
  const nettle = [{ materialId: "nettle-leaf-whole", massG: 20 }];
  for (const [more, problem] of [
    [{ method: "alchemy" }, "method unknownChoice"],
    [{ things: [{ materialId: "no-such-herb", massG: 5 }] }, "things.0.materialId unknownMaterial"],
    [{ things: [{ materialId: "sesame-oil", massG: 5 }] }, "things.0.materialId notInThis"],
    [{ things: [{ ...nettle[0], jarId: uuid() }] }, "things.0.jarId notFound"],
    [{ things: nettle, settings: [{ id: "wantMl", number: 1 }] }, "settings.wantMl tooSmall"],
    [{ things: nettle, settings: [{ id: "salt", yes: true }] }, "settings.salt unknownField"],
    [{ things: nettle, outMl: 9000 }, "outMl tooLarge"],
  ] as const)
    expect(await refusal(write(makeMaking, tea(more)))).toEqual([problem]);
  expect(await left(herb)).toBe(50);
  expect((await listJars(house.householdId)).length).toBe(before);
});

test("a book carries how it was made, and nonsense in a file is refused at its field", async () => {
  const both = { things: ["fenugreek-seed-whole", "chamomile-whole"].map((materialId) => ({ materialId, massG: 8 })) };
  await write(makeMaking, tea({ ...both, name: "Soft and yellow" }));
  await write(makeMaking, tea());
  const out = fromElsewhere(await bookOf(house));
  expect(out.jars!.filter(({ made }) => made).length).toBeGreaterThan(0);
  const other = await makeTestHouse();
  await bringIn(other, out);
  const there = await listJars(other.householdId);
  for (const { id, made } of out.jars!) expect(there.find((jar) => jar.id === id)!.made).toEqual(made);
  const shelf = await shelfOf(other.householdId);
  expect(shelf.own.find(({ id }) => id === "own-soft-and-yellow")?.contains).toContain("chamomile-whole");

  const [jar] = out.jars!.filter(({ made }) => made);
  const wrong = structuredClone(out) as typeof out;
  const bad = wrong.jars!.find(({ id }) => id === jar.id)! as { made: { figures: { dissolving: { high: number } } } };
  bad.made.figures.dissolving.high = 7;
  const third = await makeTestHouse();
  expect(await refusal(bringIn(third, wrong))).toEqual([
    expect.stringMatching(/^book\.jars\.\d+\.made\.figures\.dissolving tooLarge$/),
  ]);
});
