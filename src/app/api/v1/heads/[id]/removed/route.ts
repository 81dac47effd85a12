import { RemovedInput } from "@/inputs/bookInput";
import { removeHead } from "@/server/heads";
import { writes } from "@/server/route";

export const PUT = writes(RemovedInput, removeHead);
