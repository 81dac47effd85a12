"use client";
import { useEffect, useRef } from "react";
import { heed, NOT_HEEDED, type InstrumentId } from "@/core/instrument";
import { listen } from "./line";

/** Says each value that an instrument stood still at, once, while it is listened to. */
export function useSteady(id: InstrumentId, active: boolean, onSteady: (value: number) => void): void {
  const latest = useRef(onSteady);
  useEffect(() => {
    latest.current = onSteady;
  });
  useEffect(() => {
    if (!active) return;
    let heeding = NOT_HEEDED;
    return listen(id, (seen, atMs) => {
      if (typeof seen === "string") {
        heeding = NOT_HEEDED;
        return;
      }
      const { now, steady } = heed(id, heeding, seen, atMs);
      heeding = now;
      if (steady !== undefined) latest.current(steady);
    });
  }, [id, active]);
}
