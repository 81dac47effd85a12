import { NewBlendInput } from "@/inputs/bookInput";
import { createBlend, readBlends } from "@/server/blends";
import { reads, writes } from "@/server/route";

export const GET = reads(readBlends);
export const POST = writes(NewBlendInput, createBlend);
