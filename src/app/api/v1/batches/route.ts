import { NewBatchInput } from "@/inputs/bookInput";
import { createBatch } from "@/server/batches";
import { readLog } from "@/server/log";
import { reads, writes } from "@/server/route";

export const GET = reads(({ household, query }) => readLog(household.id, query));
export const POST = writes(NewBatchInput, createBatch);
