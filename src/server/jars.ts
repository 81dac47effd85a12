import { isDeepStrictEqual } from "node:util";
import { checkNumber } from "@/core/checkNumber";
import { SPLITS } from "@/core/material";
import type { Problem } from "@/core/problem";
import { checkJarTest, jarReading } from "@/core/readings";
import { checkJar, checkWeighing, densityIsPossible, jarMaterial, ownId } from "@/core/shelf";
import { toJarTest, type JarReadingInput } from "@/inputs/readingInput";
import {
  toJar,
  toOwnThing,
  type GoodInput,
  type JarChangeInput,
  type LeftInput,
  type NewJarInput,
  type OwnThingInput,
  type WeighingInput,
  type WithdrawnInput,
} from "@/inputs/shelfInput";
import type { RemovedInput } from "@/inputs/bookInput";
import type { Settings } from "@/store/household";
import * as store from "@/store/jars";
import { ownThingOwner, setOwnThingRemoved } from "@/store/ownThings";
import { insertJarReading, setReadingWithdrawn } from "@/store/readings";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { notFound, overtaken, taken, unusable } from "./refusal";
import { keepThing } from "./keepThing";
import type { Asked } from "./route";
import { todayIn } from "./today";
import { lookupOf } from "./shelf";

/** Throws the problems of a jar's details; the material has to be known here. */
async function checkedJar(jar: ReturnType<typeof toJar>, settings: Settings, write: Write): Promise<void> {
  const material = (await lookupOf(write.householdId, write.trx))(jar.materialId);
  const problems: Problem[] = [
    ...(material ? [] : [{ field: "materialId", code: "unknownMaterial" } as const]),
    ...checkJar(jar, todayIn(settings)),
  ];
  if (problems.length > 0) throw unusable(problems);
}

export async function createJar({ input, settings }: Asked<NewJarInput>, write: Write) {
  const jar = toJar(input.id, input);
  await checkedJar(jar, settings, write);
  const leftG = input.leftG ?? undefined;
  const left = leftG === undefined ? undefined : checkNumber("leftG", leftG, "jarLeftG");
  if (left) throw unusable([left]);
  const owner = await store.jarOwner(write, input.id);
  if (owner !== undefined && owner !== write.householdId) throw taken();
  if (owner === undefined) {
    await store.insertJar(write, jar);
    const less = leftG === undefined ? 0 : leftG - jar.fullG;
    await insertMoves(write, [
      { jarId: jar.id, kind: "came", massG: jar.fullG },
      ...(less === 0 ? [] : [{ jarId: jar.id, kind: "weighed" as const, massG: less }]),
    ]);
  }
  return { id: input.id, rev: write.rev };
}

export async function changeJar({ input, params, settings }: Asked<JarChangeInput>, write: Write) {
  const before = await store.findJar(write.householdId, params.id, write.trx);
  if (!before) throw notFound();
  const jar = toJar(params.id, input);
  await checkedJar(jar, settings, write);
  if (!(await store.updateJar(write, jar, input.baseRev))) {
    // Sent again because its answer was lost: it stands as it was sent, and nobody was faster.
    const { rev: _, editedRev, leftG: __, weighings: ___, ...now } = before;
    if (isDeepStrictEqual(now, { ...now, ...jar, id: now.id }) && Object.keys(now).length === Object.keys(jar).length)
      return { id: params.id, rev: editedRev };
    throw overtaken();
  }
  // A jar that held more than was written down held it from the start.
  if (jar.fullG !== before.fullG)
    await insertMoves(write, [{ jarId: jar.id, kind: "came", massG: jar.fullG - before.fullG }]);
  return { id: params.id, rev: write.rev };
}

/** A jar from before its id was split says which of the goods it is. Said again, it is the same. */
export async function sayGood({ input, params }: Asked<GoodInput>, write: Write) {
  const jar = await store.findJar(write.householdId, params.id, write.trx);
  if (!jar) throw notFound();
  const goods: readonly string[] = SPLITS.find(({ into }) => into.includes(jar.materialId))?.into ?? [];
  if (!goods.includes(input.materialId)) throw unusable([{ field: "materialId", code: "unknownChoice" }]);
  await store.settleGood(write, params.id, input.materialId);
  return { id: params.id, rev: write.rev };
}

export async function removeJar({ input, params }: Asked<RemovedInput>, write: Write) {
  if (!(await store.setJarRemoved(write, params.id, input.removed))) throw notFound();
  return { id: params.id, rev: write.rev };
}

/** Weighs level spoons of a jar; its density follows. */
export async function weighJar({ input, params, settings }: Asked<WeighingInput>, write: Write) {
  const jar = await store.findJar(write.householdId, params.id, write.trx);
  const material = jar && (await lookupOf(write.householdId, write.trx))(jar.materialId);
  if (!jar || !material) throw notFound();
  const problems = checkWeighing(input, material);
  if (problems.length === 0 && !densityIsPossible(input, settings.spoons))
    problems.push({ field: "massG", code: "notAWeight" });
  if (problems.length > 0) throw unusable(problems);
  if (
    !(await store.insertWeighing(write, params.id, {
      id: input.id,
      count: input.count,
      unit: input.unit,
      massG: input.massG,
    }))
  )
    throw taken();
  return { id: input.id, rev: write.rev };
}

/** Learns from a test of one powder and water. */
export async function testJar({ input, params, settings }: Asked<JarReadingInput>, write: Write) {
  const jar = await store.findJar(write.householdId, params.id, write.trx);
  const find = await lookupOf(write.householdId, write.trx);
  const base = jar && find(jar.materialId);
  if (!jar || !base) throw notFound();
  const test = toJarTest(input);
  const problems = checkJarTest(test, base);
  if (problems.length > 0) throw unusable(problems);
  const judged = jarReading(test, jar.id, jarMaterial(jar, base, settings.spoons), base, settings.spoons);
  if (!(await insertJarReading(write, { id: input.id, jarId: jar.id, test, judged }))) throw taken();
  return { id: input.id, rev: write.rev };
}

export async function withdrawReading({ input, params }: Asked<WithdrawnInput>, write: Write) {
  if (!(await setReadingWithdrawn(write, params.id, input.withdrawn))) throw notFound();
  return { id: params.id, rev: write.rev };
}

export async function withdrawWeighing({ input, params }: Asked<WithdrawnInput>, write: Write) {
  if (!(await store.setWeighingWithdrawn(write, params.id, input.withdrawn))) throw notFound();
  return { id: params.id, rev: write.rev };
}

/** What the scale says is left; the ledger gets the difference, so that draws on the way count all the same. */
export async function weighLeft({ input, params }: Asked<LeftInput>, write: Write) {
  const problem = checkNumber("leftG", input.leftG, "jarLeftG");
  if (problem) throw unusable([problem]);
  const jar = await store.findJar(write.householdId, params.id, write.trx);
  if (!jar) throw notFound();
  if (!(await insertMoves(write, [{ id: input.id, jarId: jar.id, kind: "weighed", massG: input.leftG - jar.leftG }])))
    throw taken();
  return { id: params.id, rev: write.rev };
}

export async function createOwnThing({ input }: Asked<OwnThingInput>, write: Write) {
  const owner = await ownThingOwner(write, input.id);
  if (owner !== undefined && owner !== write.householdId) throw taken();
  const thing = toOwnThing(ownId(input.name), input);
  if (owner === undefined) await keepThing(write, input.id, thing);
  return { id: input.id, materialId: thing.id, rev: write.rev };
}

export async function removeOwnThing({ input, params }: Asked<RemovedInput>, write: Write) {
  if (!(await setOwnThingRemoved(write, params.id, input.removed))) throw notFound();
  return { id: params.id, rev: write.rev };
}
