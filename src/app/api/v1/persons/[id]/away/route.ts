import { SentAwayInput } from "@/inputs/doorInput";
import { sendPersonAway } from "@/server/door";
import { writes } from "@/server/route";

export const PUT = writes(SentAwayInput, sendPersonAway);
