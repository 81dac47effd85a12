"use client";
import { useCallback, useSyncExternalStore } from "react";
import type { InstrumentId } from "@/core/instrument";
import { listen, seenNow, type Seen } from "./line";

const waiting = (): Seen => "waiting";
/** What an instrument shows, as it shows it. */
export const useShown = (id: InstrumentId): Seen =>
  useSyncExternalStore(
    useCallback((changed: () => void) => listen(id, changed), [id]),
    () => seenNow(id),
    waiting,
  );
