import { withRegional } from "@/core/regional";
import { CATALOGUE } from "@/core/catalogue";
import { reads } from "@/server/route";

export const GET = reads(async () => ({ materials: CATALOGUE.map(withRegional) }));
