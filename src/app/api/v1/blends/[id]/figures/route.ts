import { AcceptedInput } from "@/inputs/bookInput";
import { acceptFigures } from "@/server/blends";
import { writes } from "@/server/route";

export const PUT = writes(AcceptedInput, acceptFigures);
