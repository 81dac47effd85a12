import { knock, showDoor } from "@/server/enterPage";

export const GET = showDoor;
export const POST = knock;
