import { reads } from "@/server/route";
import { searchMaterials } from "@/server/shelf";

export const GET = reads(searchMaterials);
