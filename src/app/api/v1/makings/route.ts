import { MakingInput } from "@/inputs/shelfInput";
import { listMakings, makeMaking } from "@/server/makings";
import { reads, writes } from "@/server/route";

export const GET = reads(listMakings);
export const POST = writes(MakingInput, makeMaking);
