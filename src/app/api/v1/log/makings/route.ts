import { makingsFile } from "@/server/files";
import { reads } from "@/server/route";

export const GET = reads(makingsFile);
