import { v5 as uuidOf, v7 as uuid } from "uuid";
import * as store from "@/store/jars";
import { insertOwnThing, listOwnThings } from "@/store/ownThings";
import { insertMoves } from "@/store/stock";
import { inSnapshot } from "@/store/snapshot";
import { jarsCsv, type ReadJars } from "./formats/jarsCsv";
import { readHeavy } from "./heavy";
import { todayIn } from "./today";
import { taken, unusable } from "./refusal";
import { asWrite, fileOf, type Asked } from "./route";
import type { Session } from "./session";

export const jarsFile = async ({ household }: Asked<object>) =>
  fileOf(
    await inSnapshot(async (knex) =>
      jarsCsv(await store.listJars(household.id, knex), await listOwnThings(household.id, knex)),
    ),
    "text/csv; charset=utf-8; header=present",
    "jars.csv",
  );

/** Rows without an id get one from the house and what they say, so that reading the same file twice adds nothing. */
const idFrom = (householdId: string, row: object, nth: number): string =>
  uuidOf(`${JSON.stringify(row)} ${nth}`, householdId);

/** Reads a table of jars, on a thread of its own. */
export const readJars = async (body: string, { household, settings, deviceId }: Session): Promise<ReadJars> => {
  const read = await readHeavy(
    { kind: "jars", body, known: await listOwnThings(household.id), today: todayIn(settings) },
    deviceId,
  );
  if (read.problems.length > 0) throw unusable(read.problems);
  return read;
};

/**
 * Brings a table of jars in, in one step: new ones come in, those that were taken off the shelf go back on it, and
 * those that are here stay as they are.
 */
export const importJars = (asked: Asked<ReadJars>, bytes: number) =>
  asWrite(
    asked,
    async (write) => {
      const { jars, things } = asked.input;
      const known = new Set((await listOwnThings(write.householdId, write.trx)).map(({ id }) => id));
      for (const thing of things) if (!known.has(thing.id)) await insertOwnThing(write, uuid(), thing);
      let added = 0,
        here = 0,
        back = 0;
      const seen = new Map<string, number>();
      for (const { jar, leftG, weighings } of jars) {
        const text = JSON.stringify(jar);
        const nth = seen.get(text) ?? 0;
        seen.set(text, nth + 1);
        const id = jar.id ?? idFrom(write.householdId, jar, nth);
        const owner = await store.jarOwner(write, id);
        if (owner !== undefined && owner !== write.householdId) throw taken();
        if (owner !== undefined) {
          const isHere = await store.findJar(write.householdId, id, write.trx);
          if (isHere) here += 1;
          else {
            back += 1;
            await store.setJarRemoved(write, id, false);
          }
          continue;
        }
        added += 1;
        await store.insertJar(write, { ...jar, id });
        await insertMoves(write, [
          { jarId: id, kind: "came", massG: jar.fullG },
          ...(leftG === jar.fullG ? [] : [{ jarId: id, kind: "weighed" as const, massG: leftG - jar.fullG }]),
        ]);
        for (const weighing of weighings) await store.insertWeighing(write, id, { ...weighing, id: uuid() });
      }
      return { rev: write.rev, added, here, back };
    },
    bytes,
  );
