"use client";
import { useEffect, useState } from "react";
import { fetchJson } from "../api";
import { canKeep, KEEPER, tellKeeper, type Message } from "../keeper";
import type { Events } from "./useEvents";

const KEEP_SOON_MS = 300;
const ASK_AGAIN_MS = 4000;
/** How long the keeper may take to say what this page was drawn from. */
const ANSWER_MS = 1500;

/** When this page was kept, where it was drawn from what the device keeps; undefined where the house sent it. */
async function keptAt(): Promise<number | undefined> {
  const keeper = canKeep() ? navigator.serviceWorker.controller : null;
  if (!keeper) return undefined;
  const { port1, port2 } = new MessageChannel();
  keeper.postMessage({ do: "keptAt" }, [port2]);
  return new Promise((resolve) => {
    port1.onmessage = ({ data }) => resolve(data ?? undefined);
    setTimeout(resolve, ANSWER_MS);
  });
}

export interface Kept {
  /** Drawn from what the device keeps, since the house did not answer; as it was then. */
  readonly sinceMs?: number;
  /** This device cannot load the page again without the network. */
  readonly cannot: boolean;
}

/**
 * Keeps a worksheet on the device while it is made, each time that something was noted, and forgets it when
 * it is closed.
 *
 * @param noted how much the house has of it; another number is another worksheet
 */
export function useKept(path: string, closed: boolean, noted: number): Kept {
  const [cannot, setCannot] = useState(false);
  const [sinceMs, setSinceMs] = useState<number>();
  useEffect(() => {
    if (!canKeep()) return setCannot(process.env.NODE_ENV === "production");
    if (closed) return tellKeeper({ do: "forget", path });
    const timer = setTimeout(() => {
      const files = performance.getEntriesByType("resource").map(({ name }) => name);
      void navigator.serviceWorker
        .register(KEEPER)
        .then(() => navigator.serviceWorker.ready)
        .then(({ active }) => active?.postMessage({ do: "keep", path, files } satisfies Message))
        .catch(() => setCannot(true));
    }, KEEP_SOON_MS);
    return () => clearTimeout(timer);
  }, [path, closed, noted]);
  useEffect(() => {
    let here = true;
    void keptAt().then((ms) => here && setSinceMs(ms));
    return () => {
      here = false;
    };
  }, []);
  useEffect(() => {
    if (sinceMs === undefined) return;
    const timer = setInterval(
      () => void fetchJson("now").then((answer) => answer.ok && setSinceMs(undefined)),
      ASK_AGAIN_MS,
    );
    return () => clearInterval(timer);
  }, [sinceMs]);
  return { sinceMs, cannot };
}

/** Asks before the page goes, where what is on it would be gone, or could not be loaded again. */
export function useAskBeforeLeaving(
  { stuck, onlyHere }: Pick<Events<never, never>, "stuck" | "onlyHere">,
  cannot: boolean,
): void {
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      if (onlyHere || (cannot && (stuck || !navigator.onLine))) event.preventDefault();
    };
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [stuck, onlyHere, cannot]);
}
