import { lookupOn, ownMaterials } from "@/core/shelf";
import { reads } from "@/server/route";
import { listJars } from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";

export const GET = reads(async ({ household }) => {
  const [things, jars] = await Promise.all([listOwnThings(household.id), listJars(household.id)]);
  const find = lookupOn({ own: ownMaterials(things), jars: [] });
  return { things: things.map((thing) => ({ ...thing, material: find(thing.id) })), jars };
});
