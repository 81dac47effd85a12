import { readGathering } from "@/server/gathering";
import { reads } from "@/server/route";

export const GET = reads(readGathering);
