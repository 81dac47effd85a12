import { reads } from "@/server/route";
import { readShelf } from "@/server/shelf";

export const GET = reads(readShelf);
