import { JarChangeInput } from "@/inputs/shelfInput";
import { changeJar } from "@/server/jars";
import { reads, writes } from "@/server/route";
import { readJar } from "@/server/shelf";

export const GET = reads(readJar);
export const PUT = writes(JarChangeInput, changeJar);
