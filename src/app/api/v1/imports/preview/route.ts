import { LIMITS } from "@/core/limits";
import { PreviewInput } from "@/inputs/importInput";
import { previewImport } from "@/server/book/import";
import { computes } from "@/server/route";

export const POST = computes(PreviewInput, previewImport, LIMITS.importBytes.max);
