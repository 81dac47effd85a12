import { blendBook } from "@/server/book/export";
import { bookFile, reads } from "@/server/route";

export const GET = reads(async ({ household, params }) =>
  bookFile(JSON.stringify(await blendBook(household.id, params.id), null, 1), "blend"),
);
