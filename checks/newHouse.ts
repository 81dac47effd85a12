import { v7 as uuid } from "uuid";
import type { BatchPayload } from "@/core/batch";
import { addEvents, createBatch } from "@/server/batches";
import { createJar } from "@/server/jars";
import type { Refusal } from "@/server/refusal";
import type { Asked } from "@/server/route";
import { closeDatabase } from "@/store/connection";
import { inTransaction, type Write } from "@/store/transaction";
import { askedIn } from "./roundTrip";
import { makeTestHouse, type TestHouse } from "./testHouse";
import { event } from "./written";

/** A new house with a shelf for each test of the file that imports this, and what a device in it does. */
export let house: TestHouse;
/** From here on everything happens in another house. */
export async function moveHouse(): Promise<void> {
  house = await makeTestHouse("A house with a shelf");
}
beforeEach(moveHouse);
afterAll(closeDatabase);

export const asked = <I>(input: I, params?: Readonly<Record<string, string>>): Promise<Asked<I>> =>
  askedIn(house, input, params);

export async function write<I, A>(
  use: (asked: Asked<I>, write: Write) => Promise<A>,
  input: object,
  params?: Readonly<Record<string, string>>,
): Promise<A> {
  const all = await asked(input as I, params);
  return inTransaction(house.householdId, (w) => use(all, w));
}

/** What a use case refuses, as "field code". */
export async function refusal(of: Promise<unknown>): Promise<string[]> {
  try {
    await of;
  } catch (error) {
    return (error as Refusal).problems.map(({ field, code }) => `${field} ${code}`);
  }
  return ["nothing"];
}

export async function newJar(materialId: string, fullG = 200, more: object = {}): Promise<string> {
  const id = uuid();
  await write(createJar, { id, materialId, name: materialId, fullG, ...more });
  return id;
}

export async function newBowl(): Promise<string> {
  const id = uuid();
  await write(createBatch, { id, versionId: house.versionId, headId: house.headId });
  return id;
}

/** Sends what happened at a bowl; answers the ids of its events. */
export async function happen(batchId: string, ...payloads: BatchPayload[]): Promise<string[]> {
  const events = payloads.map((payload) => event(payload, ++seq));
  await write(addEvents, { events }, { id: batchId });
  return events.map(({ id }) => id);
}
let seq = 0;
