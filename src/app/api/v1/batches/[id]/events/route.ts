import { EventsInput } from "@/inputs/bookInput";
import { addEvents, readEvents } from "@/server/batches";
import { reads, writes } from "@/server/route";

export const GET = reads(readEvents);
export const POST = writes(EventsInput, addEvents);
