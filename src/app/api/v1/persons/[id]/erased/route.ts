import { ErasedInput } from "@/inputs/doorInput";
import { erasePerson } from "@/server/erase";
import { writes } from "@/server/route";

export const PUT = writes(ErasedInput, erasePerson);
