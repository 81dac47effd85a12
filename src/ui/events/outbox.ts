/** A tap that has not arrived yet. */
export interface Waiting<P = unknown> {
  readonly id: string;
  readonly payload: P;
  readonly deviceSeq: number;
  readonly revSeen: number;
  readonly deviceClock: string;
}

/**
 * What a tap is of, as a device keeps it: a bowl by its id, as the first ones were kept, or a making. The page's
 * address follows from it.
 */
export type Owner = string;
const MAKING = "making.";
export const ownerOf = (path: "batches" | "makings", id: string): Owner => (path === "batches" ? id : MAKING + id);
export const pageOf = (owner: Owner): string =>
  owner.startsWith(MAKING) ? `/makings/${owner.slice(MAKING.length)}` : `/batches/${owner}`;

/** A key for each tap, so that two tabs never write over each other's; the shape is part of the name. */
const NAME = "infusing-outbox-2:";
const SEQUENCE_KEY = "infusing-sequence";
const keyOf = (owner: Owner, id: string): string => `${NAME}${owner}:${id}`;

/** Everything that is stored under keys which begin so; what cannot be read is passed over. */
function stored<T>(beginning: string): T[] {
  const found: T[] = [];
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i)!;
      if (!key.startsWith(beginning)) continue;
      try {
        found.push(JSON.parse(localStorage.getItem(key)!));
      } catch {
        // Something that was never ours.
      }
    }
  } catch {
    // A forbidden storage holds nothing.
  }
  return found;
}

/** What this device still has to send for a bowl or a making, in its own order. */
export const readOutbox = <P>(owner: Owner): Waiting<P>[] =>
  stored<Waiting<P>>(keyOf(owner, ""))
    .filter((one) => typeof one?.id === "string" && typeof one.payload === "object")
    .sort((a, b) => a.deviceSeq - b.deviceSeq);

/** How many taps this device has still to send, by what they are of. */
export function countOutbox(): Map<string, number> {
  const counts = new Map<string, number>();
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const key = localStorage.key(i)!;
      if (!key.startsWith(NAME)) continue;
      const [owner] = key.slice(NAME.length).split(":");
      counts.set(owner, (counts.get(owner) ?? 0) + 1);
    }
  } catch {
    // A forbidden storage holds nothing.
  }
  return counts;
}

/** Keeps a tap until it arrived; false where the device's storage is full or forbidden. */
export function keepTap(owner: Owner, tap: Waiting): boolean {
  try {
    localStorage.setItem(keyOf(owner, tap.id), JSON.stringify(tap));
    return true;
  } catch {
    return false;
  }
}

export function forgetTaps(owner: Owner, ids: readonly string[]): void {
  try {
    for (const id of ids) localStorage.removeItem(keyOf(owner, id));
  } catch {
    // Nothing was kept there then.
  }
}

/** A tap that the house can never take, and what it said; kept until somebody decides. */
export interface SetAside<P = unknown> {
  readonly tap: Waiting<P>;
  readonly why: string;
}
const ASIDE = "infusing-aside:";
const asideKey = (owner: Owner, id: string): string => `${ASIDE}${owner}:${id}`;

/** What of its taps was set aside on this device, in its own order. */
export const readAside = <P>(owner: Owner): SetAside<P>[] =>
  stored<SetAside<P>>(asideKey(owner, ""))
    .filter((one) => typeof one?.tap?.id === "string" && typeof one.tap.payload === "object")
    .sort((a, b) => a.tap.deviceSeq - b.tap.deviceSeq);

/** Sets a tap aside, so that the others go on. Where the device can keep nothing it lives as long as its page. */
export function setAside(owner: Owner, tap: Waiting, why: string): void {
  try {
    localStorage.setItem(asideKey(owner, tap.id), JSON.stringify({ tap, why } satisfies SetAside));
    localStorage.removeItem(keyOf(owner, tap.id));
  } catch {
    // Full or forbidden: it stays in the outbox's own key, if it is there.
  }
}

export function dropAside(owner: Owner, id: string): void {
  try {
    localStorage.removeItem(asideKey(owner, id));
  } catch {
    // Nothing was kept there then.
  }
}

let lastSequence = 0;

/** This device's next number; its own events are ordered by it. Goes on counting where nothing can be stored. */
export function nextSequence(): number {
  try {
    lastSequence = Math.max(lastSequence, Number(localStorage.getItem(SEQUENCE_KEY)) || 0) + 1;
    localStorage.setItem(SEQUENCE_KEY, String(lastSequence));
  } catch {
    lastSequence += 1;
  }
  return lastSequence;
}
