import { NewHeadInput } from "@/inputs/headInput";
import { createHead } from "@/server/heads";
import { reads, writes } from "@/server/route";
import { listHeads } from "@/store/heads";

export const GET = reads(async ({ household }) => ({ heads: await listHeads(household.id) }));
export const POST = writes(NewHeadInput, createHead);
