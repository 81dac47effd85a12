import { foldEvents } from "../happening";
import { emptyBowl, kindOf, type BatchEvent, type BatchState } from "./eventKinds";

/** Folds a bowl's events, in any order and with repeats, to where it stands. */
export const foldBatch = (events: readonly BatchEvent[]): BatchState => foldEvents(events, emptyBowl(), kindOf);
