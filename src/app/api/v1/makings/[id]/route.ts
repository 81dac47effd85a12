import { readMaking } from "@/server/makings";
import { reads } from "@/server/route";

export const GET = reads(({ household, params }) => readMaking(household.id, params.id));
