"use client";
import { useSyncExternalStore } from "react";
import { BUILD } from "@/build";

let newer = false;
const listeners = new Set<() => void>();

/** Told with every answer of the change feed which build the house is. */
export function noteBuild(build: string | undefined): void {
  if (newer || build === undefined || build === BUILD) return;
  newer = true;
  for (const listener of listeners) listener();
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
  };
};

/** True once the house was found to be another build than this page. */
export const useNewerHouse = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => newer,
    () => false,
  );
