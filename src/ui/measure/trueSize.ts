"use client";
import { useSyncExternalStore } from "react";

/** ISO/IEC 7810 ID-1: every bank card is this big. mm */
export const CARD_MM = { width: 85.6, height: 53.98 };
const KEY = "infusing:px-per-mm";
/** What browsers take a CSS pixel for: 96 to the inch. */
export const USUAL_PX_PER_MM = 96 / 25.4;
export const PX_PER_MM = { min: 2, max: 12 };

const listeners = new Set<() => void>();
const read = (): number | undefined => {
  try {
    const kept = Number(localStorage.getItem(KEY));
    return kept >= PX_PER_MM.min && kept <= PX_PER_MM.max ? kept : undefined;
  } catch {
    return undefined;
  }
};
export function keepPxPerMm(value: number): void {
  try {
    localStorage.setItem(KEY, String(value));
  } catch {
    /* a device without room keeps the usual size */
  }
  for (const listener of listeners) listener();
}
const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** Screen pixels to a millimetre on this device; undefined until a card was held to it. */
export const usePxPerMm = (): number | undefined => useSyncExternalStore(subscribe, read, () => undefined);
