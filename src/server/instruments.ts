import { createParser } from "eventsource-parser";
import { INSTRUMENT_IDS, readShown, type InstrumentId, type Shown } from "@/core/instrument";
import type { Asked } from "./route";

/** Where each is read, as whoever started the house says: `SCALE_URL`, `PROBE_URL`. A browser is never asked. */
const addressOf = (id: InstrumentId): string | undefined => {
  const url = URL.parse(process.env[`${id.toUpperCase()}_URL`] ?? "");
  return url?.protocol === "http:" || url?.protocol === "https:" ? url.href : undefined;
};
/** The instruments that this house has, whether they answer just now or not. */
export const instrumentsHere = (): InstrumentId[] => INSTRUMENT_IDS.filter((id) => addressOf(id) !== undefined);

/** What is passed on: what it shows, or that it is silent. */
type Heard = Shown | "silent";
type Listener = (heard: Heard) => void;

/** An instrument that says nothing for so long is silent, and is asked anew. */
const SILENT_AFTER_MS = 6000;
const AGAIN_MS = [500, 1000, 2000, 5000];
/** A message of an instrument is short; what goes on without an end is none. */
const MOST_CHARS = 10_000;

/** One line to each instrument, for all who look, and none where nobody does. */
interface Line {
  readonly listeners: Set<Listener>;
  last: Heard;
  stop: () => void;
}
const lines = new Map<InstrumentId, Line>();

/** Hears an instrument until the answer is called. What it shows now comes at once, where that is known. */
export function hear(id: InstrumentId, listener: Listener): () => void {
  const line = lines.get(id) ?? open(id);
  line.listeners.add(listener);
  listener(line.last);
  return () => {
    line.listeners.delete(listener);
    if (line.listeners.size > 0 || lines.get(id) !== line) return;
    lines.delete(id);
    line.stop();
  };
}

function open(id: InstrumentId): Line {
  const gone = new AbortController();
  const line: Line = { listeners: new Set(), last: "silent", stop: () => gone.abort() };
  lines.set(id, line);
  const tell = (heard: Heard) => {
    if (heard === "silent" && line.last === "silent") return;
    line.last = heard;
    for (const listener of line.listeners) listener(heard);
  };
  void (async () => {
    for (let tries = 0; !gone.signal.aborted; tries++) {
      const heard = await follow(addressOf(id)!, gone.signal, (text) => {
        const shown = readShown(id, text);
        if (shown) tell(shown);
      });
      tell("silent");
      if (heard) tries = 0;
      await wait(AGAIN_MS[Math.min(tries, AGAIN_MS.length - 1)], gone.signal);
    }
  })();
  return line;
}

/** Reads one stream to its end, or until it falls silent; whether anything came. */
async function follow(url: string, gone: AbortSignal, onData: (data: string) => void): Promise<boolean> {
  const silent = new AbortController();
  let timer = setTimeout(() => silent.abort(), SILENT_AFTER_MS);
  let heard = false;
  try {
    const answer = await fetch(url, {
      headers: { accept: "text/event-stream" },
      signal: AbortSignal.any([gone, silent.signal]),
      redirect: "error",
    });
    if (!answer.ok || !answer.body) return false;
    let chars = 0;
    const parser = createParser({
      onEvent: ({ data }) => {
        [heard, chars] = [true, 0];
        clearTimeout(timer);
        timer = setTimeout(() => silent.abort(), SILENT_AFTER_MS);
        onData(data);
      },
    });
    const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      chars += part.value.length;
      if (chars > MOST_CHARS) return heard;
      parser.feed(part.value);
    }
  } catch {
    // Unplugged, silent, or nobody there: it is asked again.
  } finally {
    clearTimeout(timer);
    silent.abort();
  }
  return heard;
}

const wait = (ms: number, gone: AbortSignal): Promise<void> =>
  new Promise((resolve) => {
    const timer = setTimeout(resolve, ms);
    gone.addEventListener("abort", () => (clearTimeout(timer), resolve()), { once: true });
  });

/** So that whoever sits between does not hang up. */
const BEAT_MS = 15_000;
/** Then a browser asks anew, and whoever was sent away in the meantime is not answered. */
const MOST_MS = 5 * 60_000;

/** What an instrument shows, as it shows it: a reader who does not keep up gets the newest, and nothing is queued. */
export const instrumentStream =
  (id: InstrumentId) =>
  async (_: Asked<object>): Promise<Response> => {
    const text = new TextEncoder();
    let newest: string | undefined;
    let waiting: (() => void) | undefined;
    const say = (what: string) => {
      newest = what;
      waiting?.();
    };
    let ended = false;
    let stop = () => {};
    const body = new ReadableStream<Uint8Array>(
      {
        start: () => {
          if (addressOf(id) === undefined) {
            ended = true;
            return say("event: none\ndata: \n\n");
          }
          const beat = setInterval(() => {
            if (newest === undefined) say(": \n\n");
          }, BEAT_MS);
          const end = setTimeout(() => {
            stop();
            ended = true;
            say(": \n\n");
          }, MOST_MS);
          const deaf = hear(id, (heard) =>
            say(heard === "silent" ? "event: silent\ndata: \n\n" : `data: ${JSON.stringify(heard)}\n\n`),
          );
          stop = () => {
            clearInterval(beat);
            clearTimeout(end);
            deaf();
          };
        },
        pull: async (controller) => {
          if (newest === undefined) await new Promise<void>((resolve) => (waiting = resolve));
          waiting = undefined;
          controller.enqueue(text.encode(newest!));
          newest = undefined;
          if (ended) controller.close();
        },
        cancel: () => {
          stop();
          waiting = undefined;
        },
      },
      { highWaterMark: 1 },
    );
    return new Response(body, {
      headers: {
        "content-type": "text/event-stream; charset=utf-8",
        // Packed, it would be held back until there is enough of it.
        "cache-control": "no-store, no-transform",
        "x-accel-buffering": "no",
      },
    });
  };
