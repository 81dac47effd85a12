import { readChanges } from "@/server/changes";
import { reads } from "@/server/route";

export const GET = reads(readChanges);
