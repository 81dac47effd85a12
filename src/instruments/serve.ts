import { createServer, type IncomingMessage, type ServerResponse } from "node:http";
import { act, INSTRUMENTS, showing, simulated, SIMULATED, type InstrumentId } from "@/core/instrument";
import { PAGE_SCRIPT, PAGE_STYLE, pageOf } from "./page";

/** Ten times a second, as cheap scales are read. */
const EVERY_MS = 100;
/** Where nothing changes it still says that it is there. */
const AT_LEAST_EVERY_MS = 2000;
const MOST_BYTES = 1000;

/** A standard normal (Box and Muller). */
const normal = (): number => Math.sqrt(-2 * Math.log(1 - Math.random())) * Math.cos(2 * Math.PI * Math.random());

const FILES: Readonly<Record<string, readonly [type: string, text: (id: InstrumentId) => string]>> = {
  "/": ["text/html; charset=utf-8", pageOf],
  "/page.css": ["text/css; charset=utf-8", () => PAGE_STYLE],
  "/page.js": ["text/javascript; charset=utf-8", () => PAGE_SCRIPT],
};

/**
 * A simulated instrument on this machine's loopback: its page, what it shows as server-sent events
 * (docs/instruments.md), and what is done to it.
 */
export function serveInstrument(id: InstrumentId, port: number): void {
  let one = simulated(id, Date.now());
  const listeners = new Set<ServerResponse>();
  let last = "";
  let lastMs = 0;

  setInterval(() => {
    const nowMs = Date.now();
    const shown = showing(id, one, nowMs, normal());
    if (!shown) {
      for (const response of listeners) response.end();
      listeners.clear();
      return;
    }
    const text = JSON.stringify({ ...shown, unit: INSTRUMENTS[id].unit });
    if (text === last && nowMs - lastMs < AT_LEAST_EVERY_MS) return;
    [last, lastMs] = [text, nowMs];
    // Who does not keep up misses some, and gets the next.
    for (const response of listeners) if (!response.writableNeedDrain) response.write(`data: ${text}\n\n`);
  }, EVERY_MS);

  const own = new Set([`127.0.0.1:${port}`, `localhost:${port}`]);
  const server = createServer((request, response) => {
    response.on("error", () => undefined);
    const { pathname } = new URL(request.url ?? "/", "http://here");
    const { host, origin } = request.headers;
    const say = (status: number, text = "") =>
      response.writeHead(status, { "content-type": "text/plain; charset=utf-8" }).end(text);
    // Only by its own name, and told what to do by its own page or by a program on this machine.
    if (!own.has(host ?? "") || (origin !== undefined && !own.has(URL.parse(origin)?.host ?? "")))
      return say(403, "That came from another site.");
    if (request.method === "POST" && pathname === "/act")
      return void read(request).then(
        ({ control, amount }) => {
          const after = typeof control === "string" ? act(id, one, control, amount, Date.now()) : undefined;
          if (!after) return say(422, "It has no such control, or that is no amount for it.");
          one = after;
          last = "";
          return say(204);
        },
        () => say(400, "That is not JSON, or too long."),
      );
    if (request.method !== "GET") return say(405);
    if (pathname === "/shown") {
      if (!one.plugged) return say(503, "It is unplugged.");
      response.writeHead(200, { "content-type": "text/event-stream", "cache-control": "no-store" });
      response.write(`: ${SIMULATED[id].name}\n\n`);
      last = "";
      listeners.add(response);
      response.on("close", () => listeners.delete(response));
      return;
    }
    const file = FILES[pathname];
    if (!file) return say(404);
    response
      .writeHead(200, {
        "content-type": file[0],
        "cache-control": "no-store",
        "content-security-policy": "default-src 'self'",
      })
      .end(file[1](id));
  });
  server.on("error", () => {
    console.error(`infusing: the ${SIMULATED[id].name.toLowerCase()} cannot answer on port ${port}; it is taken.`);
    process.exit(1);
  });
  server.listen(port, "127.0.0.1");
  // It does not outlive the command that started it.
  const parent = process.ppid;
  setInterval(() => process.ppid !== parent && process.exit(0), 1000).unref();
}

async function read(request: IncomingMessage): Promise<{ readonly control?: unknown; readonly amount?: unknown }> {
  let text = "";
  for await (const part of request) {
    text += String(part);
    if (text.length > MOST_BYTES) throw new Error("too long");
  }
  const said: unknown = JSON.parse(text);
  if (typeof said !== "object" || said === null) throw new Error("nothing said");
  return said;
}
