import { NewJarInput } from "@/inputs/shelfInput";
import { createJar } from "@/server/jars";
import { writes } from "@/server/route";

export const POST = writes(NewJarInput, createJar);
