import { importJars, jarsFile, readJars } from "@/server/jarsFile";
import { reads, readsFile } from "@/server/route";

const MOST_BYTES = 2_200_000;
export const GET = reads(jarsFile);
export const POST = readsFile(readJars, MOST_BYTES, "writes", importJars);
