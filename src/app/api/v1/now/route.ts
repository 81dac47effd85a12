import { goingOn } from "@/server/going";
import { reads } from "@/server/route";

export const GET = reads(async ({ household }) => ({
  rev: household.rev,
  going: await goingOn(household.id, Date.now()),
}));
