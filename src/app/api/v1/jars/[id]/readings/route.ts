import { JarReadingInput } from "@/inputs/readingInput";
import { testJar } from "@/server/jars";
import { writes } from "@/server/route";

export const POST = writes(JarReadingInput, testJar);
