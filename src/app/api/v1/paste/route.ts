import { PasteInput } from "@/inputs/pasteInput";
import { computeUse } from "@/server/paste";
import { computes } from "@/server/route";

export const POST = computes(PasteInput, computeUse);
