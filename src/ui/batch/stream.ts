import { foldBatch, type BatchPayload, type BatchState } from "@/core/batch";
import type { Stream } from "../events/useEvents";

/** The events of a bowl. */
export const BOWL: Stream<BatchPayload, BatchState> = { path: "batches", kind: "batch", fold: foldBatch };
