import { LIMITS } from "@/core/limits";
import { ImportInput } from "@/inputs/importInput";
import { importBook } from "@/server/book/import";
import { writes } from "@/server/route";

export const POST = writes(ImportInput, importBook, LIMITS.importBytes.max);
