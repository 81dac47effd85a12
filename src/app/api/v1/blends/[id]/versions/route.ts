import { readVersions } from "@/server/blends";
import { reads } from "@/server/route";

export const GET = reads(readVersions);
