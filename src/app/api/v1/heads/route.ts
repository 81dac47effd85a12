import { NewHeadInput } from "@/inputs/headInput";
import { createHead, readHeads } from "@/server/heads";
import { reads, writes } from "@/server/route";

export const GET = reads(readHeads);
export const POST = writes(NewHeadInput, createHead);
