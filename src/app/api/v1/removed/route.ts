import { removedLately } from "@/server/removed";
import { reads } from "@/server/route";

export const GET = reads(({ household }) => removedLately(household.id));
