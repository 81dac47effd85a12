import { search, searchIndex } from "@/core/search";
import { lookupOn } from "@/core/shelf";
import { everythingOn } from "@/core/catalogue";
import { reads } from "@/server/route";
import { shelfOf } from "@/store/jars";

export const GET = reads(async ({ household, query }) => {
  const shelf = await shelfOf(household.id);
  const find = lookupOn(shelf);
  const index = searchIndex(
    everythingOn(shelf),
    shelf.jars.map(({ materialId, name }) => ({ id: materialId, text: name })),
  );
  return {
    found: search(index, query.get("text") ?? "").map((one) => ({ ...one, name: find(one.id)!.names[0].text })),
  };
});
