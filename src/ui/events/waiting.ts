"use client";
import { useSyncExternalStore } from "react";
import { countOutbox, type Owner } from "./outbox";

/** What this device has still to send for one bowl or making. */
export interface WaitingTaps {
  readonly owner: Owner;
  readonly count: number;
  /** Its page is open here, and sends them. */
  readonly isOpen: boolean;
  /** Why it could not be sent yet, where its page is open and tried. */
  readonly trouble?: string;
  /** Some of it could not be kept on the device: it lives as long as its page. */
  readonly onlyHere?: boolean;
}

const NOTHING: readonly WaitingTaps[] = [];
/** Those whose page is open here, which know best. */
const atOpen = new Map<string, WaitingTaps>();
const listeners = new Set<() => void>();
let known = NOTHING;

function look(): void {
  const kept: WaitingTaps[] = [...countOutbox()].flatMap(([owner, count]) =>
    atOpen.has(owner) ? [] : [{ owner, count, isOpen: false }],
  );
  known = [...atOpen.values(), ...kept].filter(({ count, trouble }) => count > 0 || trouble !== undefined);
  for (const tell of listeners) tell();
}

/** Says what an open page has still to send; nothing, when its page closes. */
export function sayWaiting(owner: Owner, taps: Omit<WaitingTaps, "owner" | "isOpen"> | undefined): void {
  if (taps) atOpen.set(owner, { owner, isOpen: true, ...taps });
  else atOpen.delete(owner);
  look();
}

function listen(tell: () => void): () => void {
  listeners.add(tell);
  window.addEventListener("storage", look);
  look();
  return () => {
    listeners.delete(tell);
    if (listeners.size === 0) window.removeEventListener("storage", look);
  };
}

/** What this device has still to send, of everything, also of those whose page is closed. */
export const useWaiting = (): readonly WaitingTaps[] =>
  useSyncExternalStore(
    listen,
    () => known,
    () => NOTHING,
  );
