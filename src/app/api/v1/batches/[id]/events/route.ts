import { EventsInput } from "@/inputs/bookInput";
import { addEvents } from "@/server/batches";
import { writes } from "@/server/route";

export const POST = writes(EventsInput, addEvents);
