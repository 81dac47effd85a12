import { OwnThingInput } from "@/inputs/shelfInput";
import { createOwnThing } from "@/server/jars";
import { writes } from "@/server/route";

export const POST = writes(OwnThingInput, createOwnThing);
