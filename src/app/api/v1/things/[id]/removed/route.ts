import { RemovedInput } from "@/inputs/bookInput";
import { removeOwnThing } from "@/server/jars";
import { writes } from "@/server/route";

export const PUT = writes(RemovedInput, removeOwnThing);
