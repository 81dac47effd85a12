import { PutUpInput } from "@/inputs/shelfInput";
import { putUpMaking } from "@/server/makings";
import { writes } from "@/server/route";

export const POST = writes(PutUpInput, putUpMaking);
