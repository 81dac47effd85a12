import { LIMITS } from "@/core/limits";
import { importBook } from "@/server/book/import";
import { readHeavy } from "@/server/heavy";
import { readsFile } from "@/server/route";

export const POST = readsFile(
  (body, { deviceId }) => readHeavy({ kind: "import", body }, deviceId),
  LIMITS.importBytes.max,
  "writes",
  importBook,
);
