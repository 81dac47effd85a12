import { BegunInput } from "@/inputs/shelfInput";
import { beginMaking } from "@/server/makings";
import { writes } from "@/server/route";

export const POST = writes(BegunInput, beginMaking);
