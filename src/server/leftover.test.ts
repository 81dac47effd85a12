import { v7 as uuid } from "uuid";
import { happen, house, newBowl, newJar, refusal, write } from "../../checks/newHouse";
import { computePaste } from "@/core/paste";
import { ownMaterials, questionOn } from "@/core/shelf";
import { findBatch } from "@/store/batches";
import { findJar, listJars } from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";
import { keepLeftover } from "./leftover";
import { shelfOf } from "./shelf";

const rest = (more: object = {}) => ({
  id: uuid(),
  thingId: uuid(),
  name: "Sunday mask, left over",
  leftG: 80,
  stands: "freezer",
  ...more,
});

test("what is left of a bowl is a jar of what went in, once, and the next bowl is computed with it", async () => {
  const id = await newBowl();
  const [one, another] = [rest(), rest()];
  await write(keepLeftover, one, { id });
  await write(keepLeftover, one, { id });
  const jar = (await findJar(house.householdId, one.id))!;
  expect(jar).toMatchObject({ leftG: 80, fullG: 80, madeHere: true });
  expect(jar.bestBefore! > jar.boughtOn!).toBe(true);
  // The same once more is another jar of the same thing.
  await write(keepLeftover, another, { id });
  expect(await listOwnThings(house.householdId)).toHaveLength(1);
  expect(await listJars(house.householdId)).toHaveLength(2);
  const [thing] = await listOwnThings(house.householdId);
  const { question, answer } = (await findBatch(house.householdId, id))!;
  const [material] = ownMaterials([thing]);
  // As wet as the bowl was.
  expect(material.water.value).toBeGreaterThan(0.5);
  expect(material.contains).toEqual(expect.arrayContaining([answer.lines[0].materialId]));
  const again = questionOn(
    {
      ...question,
      lines: [...question.lines, { materialId: material.id, role: "fixed", amount: 60, unit: "g", fill: "level" }],
    },
    question.head,
    question.spoons,
    await shelfOf(house.householdId),
  );
  const found = computePaste(again);
  if (!found.ok || found.value.liquid.state === "unreachable" || answer.liquid.state === "unreachable")
    throw new Error(JSON.stringify(found));
  // What is made up already wants no more liquid, and less of everything else.
  expect(found.value.liquid.ml.mid).toBeLessThan(answer.liquid.ml.mid);
});

test("more than there was, nothing, or of no bowl: refused at its field, and nothing is kept", async () => {
  const id = await newBowl();
  expect(await refusal(write(keepLeftover, rest({ leftG: 5000 }), { id }))).toEqual(["leftG tooLarge"]);
  expect(await refusal(write(keepLeftover, rest({ leftG: 0 }), { id }))).toEqual(["leftG tooSmall"]);
  expect(await refusal(write(keepLeftover, rest({ name: "  " }), { id }))).toContain("name required");
  await expect(write(keepLeftover, rest(), { id: uuid() })).rejects.toThrow();
  expect(await listJars(house.householdId)).toEqual([]);
  expect(await listOwnThings(house.householdId)).toEqual([]);
});

test("mixed more, the jars gave it; taken back, they have it again", async () => {
  const { lines } = (await findBatch(house.householdId, await newBowl()))!.answer;
  const jar = await newJar(lines[0].materialId, 500);
  const id = await newBowl();
  const { answer } = (await findBatch(house.householdId, id))!;
  const [line] = answer.lines;
  const left = async () => (await findJar(house.householdId, jar))!.leftG;
  const [more] = await happen(id, { kind: "mixedMore", massG: answer.totalG.mid / 5 });
  expect(await left()).toBeCloseTo(500 - line.massG.mid / 5, 1);
  await happen(id, { kind: "withdrawn", eventId: more });
  expect(await left()).toBeCloseTo(500, 6);
});
