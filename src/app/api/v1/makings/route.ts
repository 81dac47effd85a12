import { MakingInput } from "@/inputs/shelfInput";
import { makeMaking } from "@/server/makings";
import { writes } from "@/server/route";

export const POST = writes(MakingInput, makeMaking);
