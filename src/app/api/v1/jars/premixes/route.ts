import { PremixInput } from "@/inputs/shelfInput";
import { makePremix } from "@/server/jars";
import { writes } from "@/server/route";

export const POST = writes(PremixInput, makePremix);
