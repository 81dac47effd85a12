import { RemovedInput } from "@/inputs/bookInput";
import { removeJar } from "@/server/jars";
import { writes } from "@/server/route";

export const PUT = writes(RemovedInput, removeJar);
