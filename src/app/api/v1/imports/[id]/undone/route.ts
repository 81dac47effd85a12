import { UndoneInput } from "@/inputs/importInput";
import { undoImport } from "@/server/book/import";
import { writes } from "@/server/route";

export const PUT = writes(UndoneInput, undoImport);
