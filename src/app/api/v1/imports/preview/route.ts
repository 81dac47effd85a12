import { LIMITS } from "@/core/limits";
import { previewImport } from "@/server/book/import";
import { readHeavy } from "@/server/heavy";
import { readsFile } from "@/server/route";

export const POST = readsFile(
  (body, { deviceId }) => readHeavy({ kind: "preview", body }, deviceId),
  LIMITS.importBytes.max,
  "computes",
  previewImport,
);
