import { CorrectionInput } from "@/inputs/pasteInput";
import { correctUse } from "@/server/paste";
import { computes } from "@/server/route";

export const POST = computes(CorrectionInput, correctUse);
