import { MeaningsInput } from "@/inputs/bookInput";
import { writes } from "@/server/route";
import { remember } from "@/server/settings";

export const POST = writes(MeaningsInput, remember);
