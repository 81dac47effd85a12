import { WeighingInput } from "@/inputs/shelfInput";
import { weighJar } from "@/server/jars";
import { writes } from "@/server/route";

export const POST = writes(WeighingInput, weighJar);
