import { RemovedInput } from "@/inputs/bookInput";
import { removeBlend } from "@/server/blends";
import { writes } from "@/server/route";

export const PUT = writes(RemovedInput, removeBlend);
