// Writes as the routes make them, for the checks that need a house with things in it.
import { v7 as uuid } from "uuid";
import { bookOf, askedIn } from "./roundTrip";
import { type TestHouse } from "./testHouse";
import { EventsInput, NewBatchInput } from "@/inputs/bookInput";
import { parseInput } from "@/inputs/parseInput";
import { NewJarInput } from "@/inputs/shelfInput";
import { inTransaction, type Write } from "@/store/transaction";
import { addEvents, createBatch } from "@/server/batches";
import { createJar } from "@/server/jars";
import { Refusal } from "@/server/refusal";
import type { Asked } from "@/server/route";

/**
 * What a route does with a body: its shape, then its use in one transaction. True where it was accepted; a refusal is
 * none; anything else is a 500.
 */
export async function tried<I extends object>(
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
export const event = (payload: object, seq = 1) => ({
  id: uuid(),
  payload,
  deviceSeq: seq,
  revSeen: 9_000_000,
  deviceClock: new Date().toISOString(),
});
export const happen = (house: TestHouse, batchId: string, ...payloads: object[]) =>
  tried(house, EventsInput, addEvents, { events: payloads.map((payload, i) => event(payload, i)) }, { id: batchId });
export const newJar = async (house: TestHouse, more: object = {}) => {
  const id = uuid();
  expect(
    await tried(house, NewJarInput, createJar, { id, materialId: "amla", name: "Amla", fullG: 500, ...more }),
  ).toBe(true);
  return id;
};
export const newBowl = async (house: TestHouse) => {
  const id = uuid();
  expect(await tried(house, NewBatchInput, createBatch, { id, versionId: house.versionId, headId: house.headId })).toBe(
    true,
  );
  return id;
};
export const leftG = async (house: TestHouse, id: string) =>
  (await bookOf(house)).jars!.find((jar) => jar.id === id)?.leftG;
