import { NewBlendInput } from "@/inputs/bookInput";
import { createBlend } from "@/server/blends";
import { reads, writes } from "@/server/route";
import { listBlends } from "@/store/blends";

export const GET = reads(async ({ household }) => ({ blends: await listBlends(household.id) }));
export const POST = writes(NewBlendInput, createBlend);
