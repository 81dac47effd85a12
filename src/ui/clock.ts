import { useEffect, useState } from "react";

let offsetMs = 0;

/** Sets this device's idea of the time by the house's own; a wrong clock on a phone then shows right times. */
export function syncClock(serverMs: number): void {
  offsetMs = serverMs - Date.now();
}

/** A moment of this device's clock by the house's. */
export const houseTime = (deviceMs: number): number => deviceMs + offsetMs;

/** The house's time, ms since the epoch. */
export const houseNow = (): number => houseTime(Date.now());

const TICK_MS = 20_000;

/** The house's time as it goes on. It begins where the page was drawn: a device draws first what the server drew. */
export function useNow(firstMs: number): number {
  const [nowMs, setNowMs] = useState(firstMs);
  useEffect(() => {
    const timer = setInterval(() => setNowMs(houseNow()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return nowMs;
}
