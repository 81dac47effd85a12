import { readBatch } from "@/server/batches";
import { reads } from "@/server/route";

export const GET = reads(({ household, settings, params }) => readBatch(household.id, params.id, settings.vessels));
