"use client";
import { useSyncExternalStore } from "react";
import type { InstrumentId } from "@/core/instrument";

/** Instruments that somebody on this device wants to read, until the page is loaded anew: every field shows them. */
const wanted = new Set<InstrumentId>();
const listeners = new Set<() => void>();

export function want(id: InstrumentId): void {
  wanted.add(id);
  for (const listener of listeners) listener();
}
function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
export const useWanted = (id: InstrumentId): boolean =>
  useSyncExternalStore(
    subscribe,
    () => wanted.has(id),
    () => false,
  );
