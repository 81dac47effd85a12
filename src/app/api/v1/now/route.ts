import { readNow } from "@/server/going";
import { reads } from "@/server/route";

export const GET = reads(readNow);
