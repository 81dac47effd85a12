import { useEffect } from "react";

/**
 * Keeps the screen awake while something is done at it, where the device allows that; it is asked again when one comes
 * back.
 */
export function useAwake(active: boolean): void {
  useEffect(() => {
    if (!active || !("wakeLock" in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = () => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock.request("screen").then(
        (granted) => {
          if (gone) void granted.release();
          else lock = granted;
        },
        () => undefined,
      );
    };
    ask();
    document.addEventListener("visibilitychange", ask);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", ask);
      void lock?.release();
    };
  }, [active]);
}
