import { JarsCsvInput } from "@/inputs/shelfInput";
import { importJars, jarsFile } from "@/server/jarsFile";
import { reads, writes } from "@/server/route";

const MOST_BYTES = 2_200_000;
export const GET = reads(jarsFile);
export const POST = writes(JarsCsvInput, importJars, MOST_BYTES);
