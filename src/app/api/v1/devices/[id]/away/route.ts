import { SentAwayInput } from "@/inputs/doorInput";
import { sendDeviceAway } from "@/server/door";
import { writes } from "@/server/route";

export const PUT = writes(SentAwayInput, sendDeviceAway);
