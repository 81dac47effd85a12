import { asSeen, foldBatch, type BatchPayload } from "@/core/batch";
import { CATALOGUE } from "@/core/catalogue";
import { correctPaste } from "@/core/correct";
import { knownOf } from "@/core/learn";
import { computePaste } from "@/core/paste";
import { database } from "@/store/connection";
import { readBatch } from "./batches";
import { shelfOf } from "./shelf";
import { linesCsv } from "./formats/linesCsv";
import { happen, house, newBowl, newJar } from "../../checks/newHouse";

/** While something runs, every density and every holding of the tables is half of what it is. */
async function withHalfTheFigures(work: () => Promise<void>): Promise<void> {
  const before = CATALOGUE.map((material) => ({ ...material }));
  const half = ({ value, low, high, ...rest }: { value: number; low: number; high: number }) => ({
    ...rest,
    value: value / 2,
    low: low / 2,
    high: high / 2,
  });
  for (const material of CATALOGUE)
    Object.assign(material, {
      bulkDensityGPerMl: half(material.bulkDensityGPerMl),
      ...(material.pieceG ? { pieceG: half(material.pieceG) } : {}),
      ...(material.holding.kind === "perGram"
        ? { holding: { ...material.holding, mlPerG: half(material.holding.mlPerG) } }
        : {}),
    });
  try {
    await work();
  } finally {
    CATALOGUE.forEach((material, i) => Object.assign(material, before[i]));
  }
}

/** All that a bowl says: what its jars lost, what stands on its page, what is written out. */
async function said(id: string) {
  const { householdId } = house;
  const ledger: { slot: string; mass_g: number }[] = await database()("stock_move")
    .where({ batch_id: id })
    .orderBy(["event_id", "slot"])
    .select("jar_id", "event_id", "slot", "mass_g");
  const { batch, events, sheet } = await readBatch(householdId, id);
  const { question, answer } = batch;
  const seen = asSeen(question, answer, foldBatch(events));
  return JSON.parse(
    JSON.stringify({
      ledger,
      sheet,
      lines: seen.lines,
      made: seen.answer,
      ways: correctPaste(seen.question, { by: "word", word: "runs" }, { pouredMl: 400 }),
      csv: await new Response(linesCsv(householdId, {})).text(),
    }),
  );
}

test("whatever the tables say later, one more tap on an old bowl changes nothing else of it", async () => {
  for (const materialId of ["amla", "brahmi", "honey"]) await newJar(materialId, 900);
  const id = await newBowl();
  const tap = (...payloads: BatchPayload[]) => happen(id, ...payloads);
  await tap(
    { kind: "measured", line: 0, amount: 3, unit: "tbsp", fill: "level" },
    { kind: "heaped", line: 0, unit: "tbsp" },
    { kind: "added", materialId: "amla", amount: 2, unit: "tbsp", fill: "level" },
    { kind: "added", materialId: "kaolin", amount: 1, unit: "tsp", fill: "heaped" },
    { kind: "poured", ml: 180 },
    { kind: "said", word: "tooThick" },
    { kind: "reached", stage: "mixed" },
  );
  const before = await said(id);
  expect(before.ledger.length).toBeGreaterThan(0);
  expect(before.made).toBeDefined();
  await withHalfTheFigures(async () => {
    // The tables did change.
    const { batch } = await readBatch(house.householdId, id);
    const { own: _, ...asked } = batch.question;
    const today = computePaste(asked);
    if (!today.ok || today.value.liquid.state !== "solved" || batch.answer.liquid.state !== "solved")
      throw new Error("The test blend is not solved for its liquid.");
    expect(today.value.liquid.ml.mid / batch.answer.liquid.ml.mid).not.toBeCloseTo(1, 1);
    expect(await said(id)).toEqual(before);
    await tap({ kind: "noted", text: "a year later" });
    expect(await said(id)).toEqual(before);
    // More of what was added once is weighed as it was then.
    await tap({ kind: "added", materialId: "amla", amount: 1, unit: "tbsp", fill: "level" });
    const adds = (await said(id)).lines.filter((line: { line?: number }) => line.line === undefined);
    expect(adds[2].reallyG).toBeCloseTo(adds[0].reallyG / 2, 9);
  });
});

test("what was measured of a jar stays when its table moves, also after a tap on its bowl", async () => {
  const jar = await newJar("amla", 900);
  const id = await newBowl();
  await happen(
    id,
    { kind: "measured", line: 0, amount: 60, unit: "g", fill: "level" },
    { kind: "poured", ml: 150 },
    { kind: "tested", by: "ring", heightMm: 50, slumpMm: 18 },
  );
  const holding = async () => {
    const { learnt } = await shelfOf(house.householdId);
    const { factor, sd } = knownOf(learnt!, jar)!;
    const amla = CATALOGUE.find((material) => material.id === "amla")!;
    if (amla.holding.kind !== "perGram") throw new Error("Amla holds by the gram.");
    return [factor * amla.holding.mlPerG.value, sd];
  };
  const [measured, sd] = await holding();
  const stays = async () => {
    const now = await holding();
    expect(now[0] / measured).toBeCloseTo(1, 9);
    expect(now[1]).toBeCloseTo(sd, 9);
  };
  await withHalfTheFigures(async () => {
    await stays();
    await happen(id, { kind: "noted", text: "a year later" });
    await stays();
  });
});
