import { wholeBook } from "@/server/book/export";
import { bookFile, reads } from "@/server/route";

export const GET = reads(async ({ household, settings }) => bookFile(wholeBook(household, settings), "book"));
