"use client";
import { INSTRUMENTS, type InstrumentId, type Shown } from "@/core/instrument";

/** What a page knows of an instrument: nothing yet, that it is silent, or what it shows. */
export type Seen = "waiting" | "silent" | Shown;
type Listener = (seen: Seen, atMs: number) => void;

/** One line of a page to each instrument, for all that look at it; closed while nobody does or the page is hidden. */
interface Line {
  readonly listeners: Set<Listener>;
  source?: EventSource;
  seen: Seen;
}
const lines: Readonly<Record<InstrumentId, Line>> = Object.fromEntries(
  Object.keys(INSTRUMENTS).map((id) => [id, { listeners: new Set(), seen: "waiting" } satisfies Line]),
) as unknown as Record<InstrumentId, Line>;

function tell(line: Line, seen: Seen): void {
  line.seen = seen;
  for (const listener of line.listeners) listener(seen, performance.now());
}

/** Opens the line or closes it, as it is wanted now. */
function heedWanted(id: InstrumentId): void {
  const line = lines[id];
  const wanted = line.listeners.size > 0 && document.visibilityState === "visible";
  if (wanted === (line.source !== undefined)) return;
  if (!wanted) {
    line.source?.close();
    line.source = undefined;
    return tell(line, "waiting");
  }
  const source = new EventSource(`/api/v1/instruments/${id}`);
  line.source = source;
  source.onmessage = ({ data }: MessageEvent<string>) => tell(line, JSON.parse(data) as Shown);
  source.addEventListener("silent", () => tell(line, "silent"));
  // The house itself does not answer; the browser asks again, unless it was turned away.
  source.onerror = () => {
    tell(line, "silent");
    if (source.readyState === EventSource.CLOSED && line.source === source) {
      line.source = undefined;
      setTimeout(() => heedWanted(id), 3000);
    }
  };
}

/** Tells what an instrument shows, up to ten times a second, until the answer is called. */
export function listen(id: InstrumentId, listener: Listener): () => void {
  lines[id].listeners.add(listener);
  const look = () => heedWanted(id);
  document.addEventListener("visibilitychange", look);
  look();
  return () => {
    lines[id].listeners.delete(listener);
    document.removeEventListener("visibilitychange", look);
    look();
  };
}
export const seenNow = (id: InstrumentId): Seen => lines[id].seen;
