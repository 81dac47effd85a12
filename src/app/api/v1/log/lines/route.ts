import { linesCsv } from "@/server/formats/linesCsv";
import { logFilter } from "@/server/log";
import { fileOf, reads } from "@/server/route";

export const GET = reads(async ({ household, settings, query }) =>
  fileOf(
    linesCsv(household.id, logFilter(query, settings.timeZone)),
    "text/csv; charset=utf-8; header=present",
    "lines.csv",
  ),
);
