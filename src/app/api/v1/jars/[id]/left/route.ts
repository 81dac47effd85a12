import { LeftInput } from "@/inputs/shelfInput";
import { weighLeft } from "@/server/jars";
import { writes } from "@/server/route";

export const POST = writes(LeftInput, weighLeft);
