import { WithdrawnInput } from "@/inputs/shelfInput";
import { withdrawReading } from "@/server/jars";
import { writes } from "@/server/route";

export const PUT = writes(WithdrawnInput, withdrawReading);
