import { lookupOn } from "@/core/shelf";
import { reads } from "@/server/route";
import { listJars, shelfOf } from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";

export const GET = reads(async ({ household }) => {
  const [things, jars, shelf] = await Promise.all([listOwnThings(household.id), listJars(household.id), shelfOf(household.id)]);
  const find = lookupOn(shelf);
  return { things: things.map((thing) => ({ ...thing, material: find(thing.id) })), jars };
});
