import { CATALOGUE } from "@/core/material";
import { reads } from "@/server/route";

export const GET = reads(async () => ({ materials: CATALOGUE }));
