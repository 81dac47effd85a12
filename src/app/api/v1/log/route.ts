import { logCsv } from "@/server/formats/logCsv";
import { fileOf, reads } from "@/server/route";

export const GET = reads(async ({ household }) => fileOf(logCsv(household.id), "text/csv; charset=utf-8; header=present", "log.csv"));
