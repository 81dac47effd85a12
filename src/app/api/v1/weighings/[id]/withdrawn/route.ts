import { WithdrawnInput } from "@/inputs/shelfInput";
import { withdrawWeighing } from "@/server/jars";
import { writes } from "@/server/route";

export const PUT = writes(WithdrawnInput, withdrawWeighing);
