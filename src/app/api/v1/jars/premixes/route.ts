import { PremixInput } from "@/inputs/shelfInput";
import { makePremix } from "@/server/makings/premix";
import { writes } from "@/server/route";

export const POST = writes(PremixInput, makePremix);
