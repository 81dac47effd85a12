import { PasteInput } from "@/inputs/pasteInput";
import { feelUse } from "@/server/paste";
import { computes } from "@/server/route";

export const POST = computes(PasteInput, feelUse);
