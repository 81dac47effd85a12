import { PairingInput } from "@/inputs/doorInput";
import { pair } from "@/server/door";
import { writes } from "@/server/route";

export const POST = writes(PairingInput, pair);
