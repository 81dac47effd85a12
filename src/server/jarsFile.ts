import { v5 as uuidOf, v7 as uuid } from "uuid";
import type { JarsCsvInput } from "@/inputs/shelfInput";
import * as store from "@/store/jars";
import { insertOwnThing, listOwnThings } from "@/store/ownThings";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { jarsCsv, readJarsCsv } from "./formats/jarsCsv";
import { todayIn } from "./jars";
import { taken, unusable } from "./refusal";
import { fileOf, type Asked } from "./route";

export const jarsFile = async ({ household }: Asked<object>) =>
  fileOf(jarsCsv(await store.listJars(household.id), await listOwnThings(household.id)), "text/csv; charset=utf-8; header=present", "jars.csv");

/** Rows without an id get one from the house and what they say, so that reading the same file twice adds nothing. */
const idFrom = (householdId: string, row: object, nth: number): string => uuidOf(`${JSON.stringify(row)} ${nth}`, householdId);

/** Reads a table of jars in one step: new ones come in, those that are here already stay as they are. */
export async function importJars({ input, settings }: Asked<JarsCsvInput>, write: Write) {
  const known = await listOwnThings(write.householdId, write.trx);
  const { jars, things, problems } = readJarsCsv(input.csv, known, todayIn(settings));
  if (problems.length > 0) throw unusable(problems);
  for (const thing of things) await insertOwnThing(write, uuid(), thing);
  let added = 0, here = 0;
  const seen = new Map<string, number>();
  for (const { jar, leftG, weighings } of jars) {
    const text = JSON.stringify(jar);
    const nth = seen.get(text) ?? 0;
    seen.set(text, nth + 1);
    const id = jar.id ?? idFrom(write.householdId, jar, nth);
    const owner = await store.jarOwner(write, id);
    if (owner !== undefined && owner !== write.householdId) throw taken();
    if (owner !== undefined) { here += 1; continue; }
    added += 1;
    await store.insertJar(write, { ...jar, id });
    await insertMoves(write, [{ jarId: id, kind: "came", massG: jar.fullG }, ...(leftG === jar.fullG ? [] : [{ jarId: id, kind: "weighed" as const, massG: leftG - jar.fullG }])]);
    for (const weighing of weighings) await store.insertWeighing(write, id, { ...weighing, id: uuid() });
  }
  return { rev: write.rev, added, here };
}
