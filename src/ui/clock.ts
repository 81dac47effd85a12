let offsetMs = 0;

/** Sets this device's idea of the time by the house's own; a wrong clock on a phone then shows right times. */
export function syncClock(serverMs: number): void {
  offsetMs = serverMs - Date.now();
}

/** A moment of this device's clock by the house's. */
export const houseTime = (deviceMs: number): number => deviceMs + offsetMs;

/** The house's time, ms since the epoch. */
export const houseNow = (): number => houseTime(Date.now());
