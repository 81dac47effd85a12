import { v7 as uuid } from "uuid";
import { makeTestHouse } from "../../checks/testHouse";
import { PLAIN_HEAD } from "@/core/head";
import * as batches from "@/store/batches";
import { insertEvents, listEvents } from "@/store/events";
import { settleBowl } from "./settle";
import { closeDatabase, database } from "@/store/connection";
import { letIn } from "@/store/devices";
import { findHead, updateHead } from "@/store/heads";
import { listBatches } from "@/store/log";
import { listPersons } from "@/store/persons";
import { inTransaction } from "@/store/transaction";
import type { ErasedInput } from "@/inputs/doorInput";
import { readBatch } from "./batches";
import { erasePerson } from "./erase";
import type { Asked } from "./route";

afterAll(closeDatabase);

test("a person erased: nothing of theirs is left anywhere, and every sum is as it was", async () => {
  const house = await makeTestHouse("A house that forgets");
  const { householdId, headId, batchId, deviceId } = house;
  const secret = "Philomena";
  const [person] = await listPersons(householdId);
  await inTransaction(householdId, async (write) => {
    await letIn(write, { id: deviceId, tokenHash: "a".repeat(64), name: `${secret}’s phone`, personId: person.id });
    const rev = (await findHead(householdId, headId))!.rev;
    await updateHead(write, {
      id: headId,
      name: secret,
      hair: {
        ...PLAIN_HEAD,
        pregnant: true,
        allergies: ["honey"],
        traits: { thinning: ["crown"], usuallyWorn: "braids" },
        shed: [{ on: "2026-01-01", hairs: 90 }],
        trials: [{ what: `${secret} without oil`, from: "2026-01-01" }],
      },
      baseRev: rev,
    });
    const events = [
      { kind: "poured", ml: 120 },
      { kind: "noted", text: `${secret} itched` },
      { kind: "marked", mark: "soft", value: 4 },
      { kind: "strandTested", hoursOn: 2, looks: "alike", photo: `data:image/jpeg;base64,${btoa(secret)}` },
    ] as const;
    await insertEvents(
      write,
      batchId,
      { deviceId, personId: person.id },
      events.map((payload, i) => ({
        id: uuid(),
        payload,
        deviceSeq: i,
        revSeen: 1,
        deviceClock: new Date(),
        at: new Date(),
      })),
    );
    const batch = (await batches.findBatch(householdId, batchId, write.trx))!;
    await batches.blankBatch(write, batchId, {
      headName: secret,
      question: {
        ...batch.question,
        head: { ...batch.question.head, pregnant: true, asthma: true, allergies: ["honey"] },
      },
      answer: batch.answer,
    });
    await settleBowl(write, batchId, await listEvents(householdId, batchId, write.trx));
  });
  const before = await readBatch(householdId, batchId);
  await inTransaction(householdId, (write) =>
    erasePerson({ params: { id: person.id } } as unknown as Asked<ErasedInput>, write),
  );

  for (const table of ["person", "head", "device", "batch", "batch_event", "batch_term"]) {
    const rows = await database()(table).where({ household_id: householdId });
    expect(JSON.stringify(rows).toLowerCase()).not.toContain(secret.toLowerCase());
    expect(JSON.stringify(rows)).not.toContain(btoa(secret).slice(0, 12));
    expect(JSON.stringify(rows)).not.toContain("crown");
  }
  const after = await readBatch(householdId, batchId);
  const strandTests = before.state.strandTests.map(({ photo: _, ...rest }) => rest);
  expect(after.state).toEqual({ ...before.state, notes: [], strandTests });
  expect(after.batch.answer.totalG).toEqual(before.batch.answer.totalG);
  expect(after.batch.question.lines).toEqual(before.batch.question.lines);
  expect(after.batch.question.head).toMatchObject({
    pregnant: false,
    asthma: false,
    allergies: [],
    longest: before.batch.question.head.longest,
  });
  expect(after.events.length).toBe(before.events.length);
  expect(await findHead(householdId, headId)).toBeUndefined();
  expect(await listPersons(householdId)).toEqual([]);
  expect((await database()("device").where({ id: deviceId }).first("token_hash")).token_hash).toBeNull();
  expect(await listBatches(householdId, { limit: 5, text: "itched" })).toEqual([]);
  await expect(
    inTransaction(householdId, (write) =>
      erasePerson({ params: { id: person.id } } as unknown as Asked<ErasedInput>, write),
    ),
  ).rejects.toMatchObject({ status: 404 });
});
