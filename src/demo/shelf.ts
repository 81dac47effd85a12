import { DateTime } from "luxon";
import { v7 as uuid } from "uuid";
import { ownId } from "@/core/shelf";
import { insertJar, insertWeighing, listJars } from "@/store/jars";
import { insertOwnThing } from "@/store/ownThings";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { BOUGHT_MIXTURE, JARS, PREMIX } from "./household";

/** The demo household's jars, dated back from `now`. */
export async function loadShelf(write: Write, now: Date): Promise<void> {
  const at = (daysAgo: number) => DateTime.fromJSDate(now).minus({ days: daysAgo });
  const day = (daysAgo: number) => at(daysAgo).toISODate()!;
  const put = async (materialId: string, jar: Omit<(typeof JARS)[number], "materialId">) => {
    const id = uuid();
    const { name, fullG, price, place, lot, boughtDaysAgo, openedDaysAgo, bestBeforeInDays, weighed = [] } = jar;
    const came = at(boughtDaysAgo).toJSDate();
    await insertJar(
      write,
      {
        id,
        materialId,
        name,
        fullG,
        place,
        madeHere: false,
        boughtOn: day(boughtDaysAgo),
        ...(lot ? { lot } : {}),
        ...(price === undefined ? {} : { price }),
        ...(openedDaysAgo === undefined ? {} : { openedOn: day(openedDaysAgo) }),
        ...(bestBeforeInDays === undefined ? {} : { bestBefore: day(-bestBeforeInDays) }),
      },
      came,
    );
    await insertMoves(write, [{ jarId: id, kind: "came", massG: fullG, createdAt: came }]);
    for (const [count, massG] of weighed)
      await insertWeighing(
        write,
        id,
        { id: uuid(), count, unit: "tbsp", massG },
        at((openedDaysAgo ?? boughtDaysAgo) - 1).toJSDate(),
      );
  };
  for (const { materialId, ...jar } of JARS) await put(materialId, jar);
  const mixture = ownId(BOUGHT_MIXTURE.name);
  await insertOwnThing(
    write,
    uuid(),
    {
      id: mixture,
      name: BOUGHT_MIXTURE.name,
      kind: "mixture",
      parts: BOUGHT_MIXTURE.parts.map((materialId) => ({ materialId })),
    },
    at(140).toJSDate(),
  );
  await put(mixture, {
    name: BOUGHT_MIXTURE.name,
    fullG: 200,
    price: 6.9,
    place: "kitchen shelf",
    boughtDaysAgo: 140,
    bestBeforeInDays: 260,
  });
}

/** What the house mixed for itself from its own jars. */
export async function loadPremix(write: Write, now: Date): Promise<void> {
  const jars = await listJars(write.householdId, write.trx);
  const createdAt = DateTime.fromJSDate(now).minus({ days: PREMIX.daysAgo });
  const totalG = PREMIX.parts.reduce((sum, [, massG]) => sum + massG, 0);
  const [id, materialId] = [uuid(), ownId(PREMIX.name)];
  await insertOwnThing(
    write,
    uuid(),
    {
      id: materialId,
      name: PREMIX.name,
      kind: "mixture",
      parts: PREMIX.parts.map(([part, massG]) => ({ materialId: part, share: massG / totalG })),
    },
    createdAt.toJSDate(),
  );
  const day = createdAt.toISODate()!;
  await insertJar(
    write,
    {
      id,
      materialId,
      name: PREMIX.name,
      fullG: totalG,
      madeHere: true,
      boughtOn: day,
      openedOn: day,
      place: PREMIX.place,
      price: 4.9,
    },
    createdAt.toJSDate(),
  );
  await insertMoves(write, [
    { jarId: id, kind: "came", massG: totalG, createdAt: createdAt.toJSDate() },
    ...PREMIX.parts.map(([part, massG]) => ({
      jarId: jars.find((jar) => jar.materialId === part)!.id,
      kind: "premix" as const,
      massG: -massG,
      intoJarId: id,
      createdAt: createdAt.toJSDate(),
    })),
  ]);
}
