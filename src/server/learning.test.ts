import { v7 as uuid } from "uuid";
import { bookOf, bringIn, takeOut } from "../../checks/roundTrip";
import { knownOf } from "@/core/learn";
import { readingsOf } from "@/core/readings";
import { computePaste } from "@/core/paste";
import type { BatchPayload } from "@/core/batch";
import * as store from "@/store/jars";
import { readingsOfJar, shelfOf } from "./shelf";
import { listEvents } from "@/store/events";
import { database } from "@/store/connection";
import { testJar, withdrawReading } from "./jars";
import { happen, house, newBowl, newJar, refusal, write } from "../../checks/newHouse";

describe("what tests teach", () => {
  const ring = (slumpMm: number) => ({ kind: "tested", by: "ring", heightMm: 50, slumpMm }) as const;
  const amla = 0;
  const measured: BatchPayload = { kind: "measured", line: amla, amount: 60, unit: "g", fill: "level" };
  /** ml that make what is measured a cream by the tables. */
  const pour = async (batch: string, share = 1): Promise<BatchPayload> => {
    const question = JSON.parse((await database()("batch").where({ id: batch }).first("question")).question);
    const asked = computePaste({
      ...question,
      sizing: "asGiven",
      lines: question.lines.map((line: object, i: number) =>
        i === amla ? { ...line, amount: 60, unit: "g", fill: "level" } : line,
      ),
    });
    if (!asked.ok || asked.value.liquid.state !== "solved") throw new Error("no liquid");
    return { kind: "poured", ml: Math.round(asked.value.liquid.ml.mid * share) };
  };
  const known = async (jar: string) => {
    const { learnt } = await shelfOf(house.householdId);
    return learnt && knownOf(learnt, jar);
  };

  test("a test of a bowl teaches its jar once, however often it is sent, and taken back never was", async () => {
    const jar = await newJar("amla", 500);
    const batch = await newBowl();
    await happen(batch, measured, await pour(batch), ring(12));
    const stiff = (await known(jar))!;
    expect(stiff.factor).toBeGreaterThan(1);
    expect(stiff.readings).toBe(1);
    const rows = () => database()("reading").where({ household_id: house.householdId });
    expect((await rows()).length).toBe(1);
    const [reading] = await readingsOfJar(house.householdId, jar);
    expect(reading).toMatchObject({ bowl: { batchId: batch }, outcome: { learnt: true }, withdrawn: false });
    await happen(batch, { kind: "withdrawn", eventId: reading.id });
    expect(await known(jar)).toBeUndefined();
    expect((await rows()).length).toBe(0);
  });
  test("rows are what the events say, whatever happened after", async () => {
    await newJar("amla", 500);
    const batch = await newBowl();
    await happen(batch, measured, await pour(batch), ring(18), { kind: "poured", ml: 40 }, ring(30), {
      kind: "measured",
      line: amla,
      amount: 58,
      unit: "g",
      fill: "level",
    });
    const { question, answer } = await database()("batch").where({ id: batch }).first("question", "answer");
    const said = readingsOf(JSON.parse(question), JSON.parse(answer), await listEvents(house.householdId, batch));
    const rows: { id: string; judged: string }[] = await database()("reading")
      .where({ batch_id: batch })
      .orderBy(["taken_at", "id"]);
    expect(new Map(rows.map(({ id, judged }) => [id, JSON.parse(judged)]))).toEqual(
      new Map(said.map(({ eventId, judged }) => [eventId, JSON.parse(JSON.stringify(judged))])),
    );
    expect(said.length).toBe(2);
  });
  test("the next bowl is asked with what was learnt, and is known better; the old one stays as it was", async () => {
    const jar = await newJar("amla", 900);
    const batch = await newBowl();
    const widthOf = async (id: string) => {
      const { liquid } = JSON.parse((await database()("batch").where({ id }).first("answer")).answer);
      return (liquid.ml.high - liquid.ml.low) / liquid.ml.mid;
    };
    const before = await widthOf(batch);
    await happen(batch, measured, await pour(batch), ring(16));
    const next = await newBowl();
    expect(await widthOf(next)).toBeLessThan(before);
    expect(await widthOf(batch)).toBe(before);
    const question = JSON.parse((await database()("batch").where({ id: next }).first("question")).question);
    expect(question.learnt.jarIds).toEqual([jar]);
    expect(question.own[0].holding.mlPerG.source).toMatchObject({ kind: "measured" });
  });
  test("a powder tested by itself; whether it counts; and another one's id", async () => {
    const jar = await newJar("amla");
    const body = {
      id: uuid(),
      amount: 20,
      unit: "g",
      waterMl: 40,
      minutes: 30,
      tempC: 20,
      reading: { by: "ring", heightMm: 50, slumpMm: 18 },
    };
    await write(testJar, body, { id: jar });
    await write(testJar, body, { id: jar });
    expect((await known(jar))!.readings).toBe(1);
    await write(withdrawReading, { withdrawn: true }, { id: body.id });
    expect(await known(jar)).toBeUndefined();
    await write(withdrawReading, { withdrawn: false }, { id: body.id });
    expect((await known(jar))!.readings).toBe(1);
    await expect(write(testJar, body, { id: await newJar("brahmi") })).rejects.toMatchObject({ status: 409 });
    await expect(write(withdrawReading, { withdrawn: true }, { id: uuid() })).rejects.toMatchObject({ status: 404 });
    expect(
      await refusal(
        write(testJar, { ...body, id: uuid(), reading: { by: "ring", heightMm: 50, slumpMm: 55 } }, { id: jar }),
      ),
    ).toEqual(["reading.slumpMm slumpTallerThanRing"]);
    expect(await refusal(write(testJar, { ...body, id: uuid(), amount: 0 }, { id: jar }))).toEqual(["amount tooSmall"]);
    expect(await refusal(write(testJar, { ...body, id: uuid() }, { id: await newJar("honey") }))).toEqual([
      "amount unitNotForThis",
    ]);
  });
  test("a book file brings back what was learnt from powders and bowls; undone, nothing is left", async () => {
    const jar = await newJar("amla", 900);
    await write(
      testJar,
      {
        id: uuid(),
        amount: 20,
        unit: "g",
        waterMl: 40,
        minutes: 30,
        tempC: 20,
        reading: { by: "ring", heightMm: 50, slumpMm: 18 },
      },
      { id: jar },
    );
    const batch = await newBowl();
    await happen(batch, measured, await pour(batch), ring(16));
    const before = (await known(jar))!;
    expect(before.readings).toBe(2);
    const book = await bookOf(house);
    const own = { household_id: house.householdId };
    await database()("blend").where(own).update({ current_version_id: null });
    for (const table of [
      "reading",
      "stock_move",
      "batch_term",
      "batch_event",
      "batch",
      "blend_material",
      "blend_version",
      "blend",
      "jar",
    ])
      await database()(table).where(own).del();
    const { id: importId } = await bringIn(house, book);
    const after = (await known(jar))!;
    expect(after.readings).toBe(2);
    expect(after.factor).toBeCloseTo(before.factor, 9);
    expect(after.sd).toBeCloseTo(before.sd, 9);
    await takeOut(house, importId);
    expect(await store.listJars(house.householdId)).toEqual([]);
    expect((await readingsOfJar(house.householdId, jar)).filter(({ bowl }) => bowl)).toEqual([]);
  });
});
