import { readBatch } from "@/server/batches";
import { timesOf } from "@/server/formats/times";
import { fileOf, reads } from "@/server/route";

export const GET = reads(async ({ household, params }) =>
  fileOf(timesOf((await readBatch(household.id, params.id)).batch), "text/calendar; charset=utf-8", "bowl.ics"),
);
