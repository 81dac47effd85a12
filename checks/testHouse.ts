import "@/core/catalogue";
import { v7 as uuid } from "uuid";
import { PLAIN_HEAD } from "@/core/head";
import { computePaste, type Blend, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { openBowl } from "@/server/settle";
import { insertBlend, insertVersion } from "@/store/blends";
import { database } from "@/store/connection";
import { insertHead } from "@/store/heads";
import { noteDevice } from "@/store/devices";
import { insertHousehold } from "@/store/household";
import { migrate } from "@/store/migrations";
import { inTransaction } from "@/store/transaction";

/** A small household in the real database, for tests. */
export interface TestHouse {
  readonly householdId: string;
  readonly headId: string;
  readonly blendId: string;
  readonly versionId: string;
  readonly batchId: string;
  readonly deviceId: string;
}

export const TEST_BLEND: Blend = {
  purpose: "mask",
  kitchenTempC: 21,
  sizing: "likely",
  target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "heaped" },
    { materialId: "honey", role: "fixed", amount: 1, unit: "tbsp", fill: "level" },
  ],
};
export const TEST_QUESTION: PasteQuestion = { ...TEST_BLEND, head: PLAIN_HEAD, spoons: "metric" };

export function testAnswer(): PasteAnswer {
  const result = computePaste(TEST_QUESTION);
  if (!result.ok) throw new Error("The test blend is refused.");
  return result.value;
}

export async function makeTestHouse(name = "A test house"): Promise<TestHouse> {
  await migrate(database());
  const house = {
    householdId: uuid(),
    headId: uuid(),
    blendId: uuid(),
    versionId: uuid(),
    batchId: uuid(),
    deviceId: uuid(),
  };
  // Made in the future, so that it never is the household that answers.
  await insertHousehold(database(), { id: house.householdId, name, createdAt: new Date(Date.now() + 86_400_000) });
  await inTransaction(house.householdId, async (write) => {
    await noteDevice(write, house.deviceId, "test");
    await insertHead(write, { id: house.headId, name: "Head", hair: PLAIN_HEAD });
    await insertBlend(write, { id: house.blendId, name: "Blend" });
    await insertVersion(write, {
      blendId: house.blendId,
      versionId: house.versionId,
      name: "Blend",
      headId: house.headId,
      blend: TEST_BLEND,
      deviceId: house.deviceId,
    });
    await openBowl(write, {
      id: house.batchId,
      versionId: house.versionId,
      blendId: house.blendId,
      headId: house.headId,
      blendName: "Blend",
      headName: "Head",
      question: TEST_QUESTION,
      answer: testAnswer(),
      figures: [],
      startsAt: new Date(),
    });
  });
  return house;
}

export const revOf = async ({ householdId }: Pick<TestHouse, "householdId">): Promise<number> =>
  Number((await database()("household").where({ id: householdId }).first("rev")).rev);
