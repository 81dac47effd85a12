import { doorOf } from "@/server/door";
import { reads } from "@/server/route";

export const GET = reads(doorOf);
