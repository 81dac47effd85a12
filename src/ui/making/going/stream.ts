import { foldMaking, type MakingPayload, type MakingState } from "@/core/making";
import type { Stream } from "../../events/useEvents";

/** The events of a making. */
export const MAKING: Stream<MakingPayload, MakingState> = { path: "makings", kind: "making", fold: foldMaking };
