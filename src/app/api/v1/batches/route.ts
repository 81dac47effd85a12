import { NewBatchInput } from "@/inputs/bookInput";
import { createBatch } from "@/server/batches";
import { readLog } from "@/server/log";
import { reads, writes } from "@/server/route";

export const GET = reads(({ household, settings, query }) => readLog(household.id, query, settings.timeZone));
export const POST = writes(NewBatchInput, createBatch);
