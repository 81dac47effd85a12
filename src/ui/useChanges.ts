"use client";
import { useEffect, useRef } from "react";
import type { Change } from "@/store/changes";
import { fetchJson } from "./api";
import { tellKeeper } from "./keeper";
import { syncClock } from "./clock";
import { noteBuild } from "./newerHouse";

/** Often enough that a second device sees a tap within two seconds. */
const EVERY_MS = 1000;

type Listener = (changes: readonly Change[], rev: number) => void;
const listeners = new Set<Listener>();
let rev: number | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Asks what was written since; one question at a time for the whole page, and none while nobody looks at it. */
async function ask(): Promise<void> {
  let more = false;
  if (document.visibilityState === "visible") {
    const answer = await fetchJson<{
      rev: number;
      nowMs: number;
      changes: readonly Change[];
      more: boolean;
      build?: string;
    }>(`changes${rev === undefined ? "" : `?after=${rev}`}`);
    if (answer.ok) {
      syncClock(answer.value.nowMs);
      noteBuild(answer.value.build);
      const { changes } = answer.value;
      ({ rev, more } = answer.value);
      if (changes.length > 0) for (const listener of listeners) listener(changes, answer.value.rev);
    } else if (answer.status === 401) {
      // What this device keeps of the house goes before the device does.
      tellKeeper({ do: "forgetAll" });
      return location.assign(`/enter?${new URLSearchParams({ then: location.pathname + location.search })}`);
    }
  }
  timer = listeners.size > 0 ? setTimeout(() => void ask(), more ? 0 : EVERY_MS) : undefined;
}

/** Tells of everything that any device writes after `fromRev`. */
export function useChanges(fromRev: number, listener: Listener): void {
  const latest = useRef(listener);
  useEffect(() => {
    latest.current = listener;
  });
  useEffect(() => {
    const own: Listener = (changes, now) => latest.current(changes, now);
    listeners.add(own);
    rev = Math.min(rev ?? fromRev, fromRev);
    timer ??= setTimeout(() => void ask(), EVERY_MS);
    return () => {
      listeners.delete(own);
    };
  }, [fromRev]);
}
