import { BlendChangeInput } from "@/inputs/bookInput";
import { changeBlend, readBlend } from "@/server/blends";
import { reads, writes } from "@/server/route";

export const GET = reads(readBlend);
export const PUT = writes(BlendChangeInput, changeBlend);
