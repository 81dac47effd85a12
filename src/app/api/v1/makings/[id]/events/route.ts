import { EventsInput } from "@/inputs/bookInput";
import { addMakingEvents, readMakingEvents } from "@/server/makings";
import { reads, writes } from "@/server/route";

export const GET = reads(readMakingEvents);
export const POST = writes(EventsInput, addMakingEvents);
