import { GoodInput } from "@/inputs/shelfInput";
import { sayGood } from "@/server/jars";
import { writes } from "@/server/route";

export const PUT = writes(GoodInput, sayGood);
