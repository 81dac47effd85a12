import { v7 as uuid } from "uuid";
import { fromElsewhere } from "../../../checks/elsewhere";
import { house, newJar, refusal, write } from "../../../checks/newHouse";
import { bookOf, bringIn, comparable, takeOut } from "../../../checks/roundTrip";
import { makeTestHouse } from "../../../checks/testHouse";
import { event } from "../../../checks/written";
import type { MakingPayload } from "@/core/making";
import { ownId } from "@/core/shelf";
import { listJars } from "@/store/jars";
import { blankMakingNotes, findMaking, listMakings, writeMakingEvents } from "@/store/makings";
import { inTransaction } from "@/store/transaction";
import { makingsCsv } from "../formats/makingsCsv";
import { makingsGoing } from "../going";
import { addMakingEvents, beginMaking, putUpMaking, readMaking } from ".";
import { ownWays } from "./ownWays";

const begun = (more: object = {}) => ({
  id: uuid(),
  method: "brew",
  things: [{ materialId: "fenugreek-seed-whole", massG: 20 }],
  settings: [
    { id: "way", choice: "boiled" },
    { id: "wantMl", number: 300 },
  ],
  name: "Seed tea",
  ...more,
});
let seq = 0;
const tap = (id: string, ...payloads: MakingPayload[]) =>
  write(addMakingEvents, { events: payloads.map((payload) => event(payload as never, ++seq)) }, { id });
const begin = async (more: object = {}): Promise<string> => {
  const making = begun(more);
  await write(beginMaking, making);
  return making.id;
};
const putUp = (id: string, more: object = {}) =>
  write(putUpMaking, { id: uuid(), thingId: uuid(), name: "Seed tea", ...more }, { id });
const stepDone = (step: "weigh" | "heat" | "boil", done = true): MakingPayload => ({ kind: "stepDone", step, done });

test("begun twice it is one; its taps come once, in order, and stand with it until it is put up", async () => {
  const making = begun();
  await write(beginMaking, making);
  await write(beginMaking, making);
  expect((await listMakings(house.householdId)).length).toBe(1);
  const one = event(stepDone("weigh") as never, ++seq);
  await write(addMakingEvents, { events: [one] }, { id: making.id });
  const { events } = await write(addMakingEvents, { events: [one] }, { id: making.id });
  expect(events.length).toBe(1);
  const { state } = await readMaking(house.householdId, making.id);
  expect(Object.keys(state.doneMs)).toEqual(["weigh"]);
  expect(await makingsGoing({ id: house.householdId, rev: 1 })).toMatchObject([{ name: "Seed tea", step: "heat" }]);
});

test(
  "put up: it draws on the jar, what is left is a second jar, soft " + "and wet; the second who tries is told",
  async () => {
    const jar = await newJar("fenugreek-seed-whole", 100, { price: 4 });
    const id = await begin();
    const rest = { id: uuid(), thingId: uuid(), name: "spent fenugreek" };
    const { id: jarId } = await putUp(id, { rest, stands: "fridge" });
    expect(jarId).toBeDefined();
    const jars = await listJars(house.householdId);
    expect(jars.find((one) => one.id === jar)!.leftG).toBe(80);
    const [tea, spent] = [jars.find((one) => one.name === "Seed tea")!, jars.find((one) => one.id === rest.id)!];
    expect(tea).toMatchObject({ materialId: "fenugreek-water", price: 0.8, made: { makingId: id, method: "brew" } });
    expect(spent.made).toMatchObject({ isRest: true, makingId: id });
    expect(spent.made!.figures.water.value).toBeGreaterThan(0.4);
    expect(tea.fullG + spent.fullG).toBeLessThan(20 + 420);
    // The wet seeds are gone before the tea is.
    expect(tea.bestBefore! > spent.bestBefore!).toBe(true);
    expect(spent.bestBefore! > tea.boughtOn!).toBe(true);
    const again = putUp(id);
    await expect(again).rejects.toMatchObject({ status: 409 });
    expect((await findMaking(house.householdId, id))!.closedMs).toBeDefined();
    // Whatever is tapped afterwards, it stays closed.
    await tap(id, { kind: "noted", text: "Late" });
    expect((await findMaking(house.householdId, id))!.closedMs).toBeDefined();
  },
);

test("what was read off goes into the jar's figures; what it was begun with never changes", async () => {
  const id = await begin({
    settings: [
      { id: "way", choice: "boiled" },
      { id: "lid", yes: false },
    ],
  });
  const before = (await findMaking(house.householdId, id))!;
  await tap(id, stepDone("weigh"), stepDone("heat"));
  const started = Date.now();
  const at = (value: number, minutes: number) => ({
    ...event({ kind: "gaugeRead", gauge: "weightG", value } as never, ++seq),
    deviceClock: new Date(started - (40 - minutes) * 60_000).toISOString(),
  });
  await write(
    addMakingEvents,
    { events: [at(1800, 20), at(1500, 38)], sentAt: new Date(started).toISOString() },
    { id },
  );
  const after = (await findMaking(house.householdId, id))!;
  expect(after.made).toEqual(before.made);
  expect(after.figures).toEqual(before.figures);
  await putUp(id);
});

test("what cannot be is refused at its field, and nothing is written", async () => {
  const id = await begin();
  expect(await refusal(tap(id, { kind: "stepDone", step: "dance", done: true } as never))).toEqual([
    "events.0.payload.step unknownChoice",
  ]);
  expect(await refusal(putUp(id, { outMl: 4000 }))).toEqual(["outMl moreThanWentIn"]);
  expect(await refusal(putUp(id, { outG: -1 }))).toEqual(["outG tooSmall"]);
  expect(await refusal(write(beginMaking, begun({ things: [{ materialId: "sesame-oil", massG: 5 }] })))).toEqual([
    "things.0.materialId notInThis",
  ]);
  const curd = await begin({ method: "premix", things: [{ materialId: "amla", massG: 9 }], settings: [] });
  expect(await refusal(putUp(curd, { rest: { id: uuid(), thingId: uuid(), name: "dust" } }))).toEqual([
    "rest unknownField",
  ]);
  await expect(tap(uuid(), stepDone("weigh"))).rejects.toMatchObject({ status: 404 });
  expect((await readMaking(house.householdId, id)).events).toEqual([]);
  expect((await listJars(house.householdId)).length).toBe(0);
});

test("the book carries all of it, another house says the same, and taking the import out takes it out", async () => {
  const id = await begin();
  await tap(id, stepDone("weigh"), { kind: "noted", text: "Smells of maple" });
  await begin({ method: "curd", things: [{ materialId: "yoghurt", massG: 400 }], settings: [], name: "Hung" });
  await putUp(id);
  const out = fromElsewhere(await bookOf(house));
  expect(out.makings!.length).toBe(2);
  const other = await makeTestHouse();
  const before = comparable(await bookOf(other));
  const { id: importId, adds } = await bringIn(other, out);
  expect(adds.makings).toBe(2);
  const back = await bookOf(other);
  const { makings } = comparable(back);
  expect(makings).toEqual(comparable(out).makings);
  const [first] = (await listMakings(other.householdId)).filter(({ jarId }) => jarId);
  expect((await listJars(other.householdId)).map(({ id: jarId }) => jarId)).toContain(first.jarId);
  await takeOut(other, importId);
  expect(comparable(await bookOf(other))).toEqual(before);

  const wrong = structuredClone(out) as unknown as { makings: { events: { payload: object }[] }[] };
  const strange = structuredClone(out) as unknown as { makings: { question: { method: string }; figures: object[] }[] };
  strange.makings[0].question.method = "alchemy";
  strange.makings[1].figures = [];
  expect((await refusal(bringIn(await makeTestHouse(), strange))).sort()).toEqual([
    "book.makings.0.question.method unknownChoice",
    "book.makings.1.figures wrongShape",
  ]);
  wrong.makings.find(({ events }) => events.length > 0)!.events[0].payload = {
    kind: "stepDone",
    step: "x",
    done: true,
  };
  expect(await refusal(bringIn(await makeTestHouse(), wrong))).toEqual([
    expect.stringMatching(/^book\.makings\.\d+\.events\.0\.payload/),
  ]);
});

test("as a table: a row for each thing, what came of it on the first", async () => {
  const id = await begin({
    things: ["rosemary-leaf-whole", "nettle-leaf-whole"].map((materialId) => ({ materialId, massG: 10 })),
  });
  await tap(id, { kind: "noted", text: "Two leaves" });
  const [head, ...rows] = (await new Response(makingsCsv(house.householdId)).text()).trim().split("\r\n");
  expect(head.split(",").slice(0, 6)).toEqual(["started", "name", "method", "making", "line", "material"]);
  expect(rows.length).toBe(2);
  expect(rows[0]).toContain("rosemary-leaf-whole");
  expect(rows[0]).toContain("way boiled");
  expect(rows[0]).toContain("Two leaves");
});

test("who is erased leaves no word in a making", async () => {
  const id = await begin();
  await tap(id, { kind: "noted", text: "Mine" }, stepDone("weigh"));
  await inTransaction(house.householdId, async (trx) => {
    const { events } = (await findMaking(house.householdId, id, trx.trx))!;
    await writeMakingEvents(
      trx,
      id,
      events.map((one) => ({ ...one, personId: "somebody" })),
      {},
    );
    await blankMakingNotes(trx, "somebody");
  });
  const { state, events } = await readMaking(house.householdId, id);
  expect(state.notes).toEqual([]);
  expect(JSON.stringify(events)).not.toContain("Mine");
  expect(Object.keys(state.doneMs)).toEqual(["weigh"]);
});

test("less came of it than was reckoned: the same is in less water, and the jar is stronger and surer", async () => {
  const strengthOf = async (out: object) => {
    const id = await begin();
    await putUp(id, out);
    const jars = await listJars(house.householdId);
    const { made } = jars.find((jar) => jar.made?.makingId === id)!;
    return made!.figures.dissolving;
  };
  const width = ({ low, high }: { low: number; high: number }) => high - low;
  const reckoned = await strengthOf({});
  const less = await strengthOf({ outMl: 270 });
  const asMuch = await strengthOf({ outG: 302 });
  expect(less.value).toBeGreaterThan(reckoned.value);
  expect(width(asMuch)).toBeLessThan(width(reckoned));
});

test("one's own way keeps what came of it, and stands in the list under its name", async () => {
  const things = [{ materialId: "honey", massG: 100 }];
  const settings = [
    { id: "yieldPercent", number: 80 },
    { id: "keepsDays", number: 9 },
  ];
  const id = await begin({ method: "own", things, settings, name: "Honey water" });
  expect(await ownWays(house.householdId)).toMatchObject([
    { name: "Honey water", how: { settings: { yieldPercent: 80, keepsDays: 9 } } },
  ]);
  await putUp(id, { name: "Honey water", outG: 62 });
  expect(await ownWays(house.householdId)).toMatchObject([
    { name: "Honey water", how: { settings: { yieldPercent: 62 } } },
  ]);
  // Made of itself it would be endless.
  const again = await begin({
    method: "own",
    things: [{ materialId: ownId("Honey water"), massG: 20 }],
    settings: [],
    name: "x",
  });
  expect(await refusal(putUp(again, { name: "Honey water" }))).toEqual(["name containsItself"]);
});
