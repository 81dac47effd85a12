import { instrumentStream } from "@/server/instruments";
import { reads } from "@/server/route";

export const GET = reads(instrumentStream("probe"));
