import { checkNumber } from "@/core/checkNumber";
import { answered, METHODS, type Ingredient, type Made, type Settings } from "@/core/making";
import type { Problem } from "@/core/problem";
import { asOnShelf, dayNumber, dayText, jarFor, lookupOn, ownId, type MadeFigures, type OwnThing } from "@/core/shelf";
import { pricePerG } from "@/core/stock";
import type { MakingInput, MakingSettingInput } from "@/inputs/shelfInput";
import * as store from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { keepThing, todayIn } from "./jars";
import { taken, unusable } from "./refusal";
import type { Asked } from "./route";
import { shelfOf } from "./shelf";

const valueOf = ({ number, yes, choice }: MakingSettingInput) => number ?? yes ?? choice ?? undefined;

function figuresOf({ material }: Made): MadeFigures {
  const { water, dissolving, bulkDensityGPerMl, colour, tags, acidity, contains } = material;
  return {
    water,
    dissolving,
    bulkDensityGPerMl,
    colour,
    tags,
    ...(acidity ? { acidity } : {}),
    ...(contains ? { contains } : {}),
  };
}

/** The thing of the house's own that a product is: like the nearest, with what went in for whom it is not good. */
const ownProduct = (name: string, { likeId }: Made, things: readonly Ingredient[]): OwnThing => ({
  id: ownId(name),
  name: name.trim(),
  kind: "like",
  likeId,
  drawnFrom: [...new Set(things.map(({ material }) => material.id))].sort(),
});
const sameDraw = (one: OwnThing, other: OwnThing): boolean =>
  one.kind === "like" &&
  other.kind === "like" &&
  one.likeId === other.likeId &&
  (one.drawnFrom ?? []).join() === (other.drawnFrom ?? []).join();

/**
 * Something made by a method: computed again here, it draws on the jars of what went in, and becomes a jar with figures
 * of its own. Made again it is the same thing with another jar.
 */
export async function makeMaking({ input, settings: house }: Asked<MakingInput>, write: Write) {
  const owner = await store.jarOwner(write, input.id);
  if (owner !== undefined && owner !== write.householdId) throw taken();
  if (owner !== undefined) return { id: input.id, rev: write.rev };
  const method = METHODS.find(({ id }) => id === input.method);
  if (!method) throw unusable([{ field: "method", code: "unknownChoice" }]);
  const shelf = await shelfOf(write.householdId, write.trx);
  const find = lookupOn(shelf);
  const problems: Problem[] = input.things.flatMap(({ materialId, jarId }, i): Problem[] => [
    ...(find(materialId) ? [] : [{ field: `things.${i}.materialId`, code: "unknownMaterial" } as const]),
    ...(jarId && !shelf.jars.some((jar) => jar.id === jarId && jar.materialId === materialId)
      ? [{ field: `things.${i}.jarId`, code: "notFound" } as const]
      : []),
  ]);
  const outMl = input.outMl ?? undefined;
  const wrong = outMl === undefined ? undefined : checkNumber("outMl", outMl, "brewMl");
  if (wrong) problems.push(wrong);
  if (problems.length > 0) throw unusable(problems);

  const drawn = input.things.map((thing) => ({ ...thing, jar: jarFor(shelf, thing) }));
  const ingredients = input.things.map(({ materialId, jarId, massG }): Ingredient => ({
    material: asOnShelf(shelf, find(materialId)!, house.spoons, jarId),
    massG,
  }));
  const settings: Settings = Object.fromEntries(input.settings.map((one) => [one.id, valueOf(one)]));
  const result = method.make(ingredients, settings, house.kitchenTempC);
  if (!result.ok) throw unusable(result.problems);
  const made = result.value;

  const thing = ownProduct(input.name, made, ingredients);
  if (!made.isInTables) {
    const things = await listOwnThings(write.householdId, write.trx);
    if (!things.some((one) => one.id === thing.id && sameDraw(one, thing)))
      await keepThing(write, input.thingId, thing);
  }
  const today = todayIn(house);
  const density = made.material.bulkDensityGPerMl.value;
  const totalG = Math.round((outMl === undefined ? made.amounts.productG.mid : outMl * density) * 10) / 10;
  const cost = drawn.reduce((sum, { jar, massG }) => sum + massG * ((jar && pricePerG(jar)) ?? NaN), 0);
  await store.insertJar(write, {
    id: input.id,
    materialId: made.isInTables ? made.likeId : thing.id,
    name: input.name.trim(),
    fullG: totalG,
    madeHere: true,
    boughtOn: today,
    openedOn: today,
    bestBefore: dayText(dayNumber(today)! + Math.floor(made.keeps.fridge.value)),
    ...(input.place?.trim() ? { place: input.place.trim() } : {}),
    ...(Number.isFinite(cost) ? { price: Math.round(cost * 100) / 100 } : {}),
    made: {
      method: method.id,
      things: input.things.map(({ materialId, massG }) => ({ materialId, massG })),
      settings: answered(method.fields, settings),
      kitchenTempC: house.kitchenTempC,
      figures: figuresOf(made),
    },
  });
  await insertMoves(write, [
    { jarId: input.id, kind: "came", massG: totalG },
    ...drawn.flatMap(({ jar, massG }) =>
      jar ? [{ jarId: jar.id, kind: "premix" as const, massG: -massG, intoJarId: input.id }] : [],
    ),
  ]);
  return { id: input.id, rev: write.rev };
}
