import { logCsv } from "@/server/formats/logCsv";
import { logFilter } from "@/server/log";
import { fileOf, reads } from "@/server/route";

export const GET = reads(async ({ household, settings, query }) =>
  fileOf(
    logCsv(household.id, logFilter(query, settings.timeZone)),
    "text/csv; charset=utf-8; header=present",
    "log.csv",
  ),
);
