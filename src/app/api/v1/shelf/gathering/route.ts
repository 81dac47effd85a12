import { reads } from "@/server/route";
import { gathering, wantsIn } from "@/server/gathering";

export const GET = reads(async ({ household, settings, query }) => {
  const { gathered, cost, wants } = await gathering(household.id, settings.spoons, wantsIn(query.get("want") ?? ""));
  return { wants, gathered, cost };
});
