import { LeftoverInput } from "@/inputs/bookInput";
import { keepLeftover } from "@/server/leftover";
import { writes } from "@/server/route";

export const POST = writes(LeftoverInput, keepLeftover);
