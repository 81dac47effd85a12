import { HeadChangeInput } from "@/inputs/headInput";
import { changeHead, readHead } from "@/server/heads";
import { reads, writes } from "@/server/route";

export const GET = reads(readHead);
export const PUT = writes(HeadChangeInput, changeHead);
