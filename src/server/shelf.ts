import type { Knex } from "knex";
import { everythingOn } from "@/core/catalogue";
import { REGIONAL_NAMES } from "@/core/regional";
import { learn, type Outcome } from "@/core/learn";
import type { KnownOfDye, Lookup } from "@/core/material";
import { lotOf } from "@/core/rest";
import { tablesSay } from "@/core/readings";
import { search, searchIndex } from "@/core/search";
import { lookupOn, ownMaterials, type Shelf } from "@/core/shelf";
import { database } from "@/store/connection";
import { listKnownDyes, type KnownDye } from "@/store/dyes";
import { findJar, jarMaterials, listJars } from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";
import { listReadings, type StoredReading } from "@/store/readings";
import { movesOfJar } from "@/store/stock";
import { asOfRev } from "./asOfRev";
import { notFound } from "./refusal";
import type { Asked } from "./route";

/** What a household can measure and mix: its own things and the tables', without its jars. */
export async function lookupOf(householdId: string, knex: Knex = database()): Promise<Lookup> {
  return lookupOn({ own: ownMaterials(await listOwnThings(householdId, knex)), jars: [] });
}

/** Everything a household has: its own things as materials, and its jars. */
export async function shelfOf(householdId: string, knex: Knex = database()): Promise<Shelf> {
  const [things, jars, readings, said] = await Promise.all([
    listOwnThings(householdId, knex),
    listJars(householdId, knex),
    listReadings(householdId, knex),
    listKnownDyes(householdId, knex),
  ]);
  const own = ownMaterials(things);
  const dyes = said.length > 0 ? { dyes: lotsOf(said) } : {};
  if (readings.length === 0) return { own, jars, ...dyes };
  const { learnt } = await learntFrom(householdId, readings, lookupOn({ own, jars: [] }), knex);
  return { own, jars, learnt, ...dyes };
}

/** What all the bowls of a jar of dye say of it together. */
function lotsOf(said: readonly KnownDye[]): Readonly<Record<string, KnownOfDye>> {
  const jarIds = [...new Set(said.map(({ jarId }) => jarId))];
  const of = (jarId: string) => said.flatMap((one) => (one.jarId === jarId ? one.known : []));
  return Object.fromEntries(jarIds.map((jarId) => [jarId, lotOf(of(jarId))]));
}

/** The same as of a rev: what every page and every answer needs is read once after each write. */
export const shelfAsOf = asOfRev((householdId) => shelfOf(householdId));

/** What readings taught, in their order. A jar that was taken off the shelf still explains the bowls it was in. */
async function learntFrom(householdId: string, readings: readonly StoredReading[], find: Lookup, knex: Knex) {
  const materialOf = await jarMaterials(householdId, knex);
  return learn(readings, (jarId) => {
    const material = find(materialOf.get(jarId) ?? "");
    return material && tablesSay(material);
  });
}

/** Readings that have to do with a jar, newest first, each with what became of it. */
export async function readingsOfJar(householdId: string, jarId: string): Promise<JarReading[]> {
  const knex = database();
  const readings = await listReadings(householdId, knex);
  const { outcomes } = await learntFrom(householdId, readings, await lookupOf(householdId, knex), knex);
  return readings
    .map((reading, i) => ({ ...reading, outcome: outcomes[i] }))
    .filter(
      ({ powder, judged }) =>
        powder?.jarId === jarId || (judged.learns && judged.shares.some((share) => share.jarId === jarId)),
    )
    .reverse();
}
export type JarReading = StoredReading & { readonly outcome: Outcome };

/** Jars and things of the household's own, each with its material. */
export async function readShelf({ household }: Asked<object>) {
  const [things, jars] = await Promise.all([listOwnThings(household.id), listJars(household.id)]);
  const find = lookupOn({ own: ownMaterials(things), jars: [] });
  return { things: things.map((thing) => ({ ...thing, material: find(thing.id) })), jars };
}

/** One jar, where it went, and what tests say of it. */
export async function readJar({ household, params }: Asked<object>) {
  const jar = await findJar(household.id, params.id);
  if (!jar) throw notFound();
  const [moves, readings] = await Promise.all([
    movesOfJar(household.id, params.id),
    readingsOfJar(household.id, params.id),
  ]);
  return { jar, moves, readings };
}

/** What a name may mean here, with the names on the house's own jars. */
export async function searchMaterials({ household, query }: Asked<object>) {
  const shelf = await shelfAsOf(household);
  const find = lookupOn(shelf);
  const index = searchIndex(everythingOn(shelf), [
    ...shelf.jars.map(({ materialId, name }) => ({ id: materialId, text: name })),
    ...REGIONAL_NAMES,
  ]);
  return {
    found: search(index, query.get("text") ?? "").map((one) => ({ ...one, name: find(one.id)!.names[0].text })),
  };
}
