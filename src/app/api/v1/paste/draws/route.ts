import { PasteInput } from "@/inputs/pasteInput";
import { drawUse } from "@/server/paste";
import { computes } from "@/server/route";

export const POST = computes(PasteInput, drawUse);
