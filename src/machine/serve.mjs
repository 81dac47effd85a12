// Serves the built application (or, with "dev", the source): node src/machine/serve.mjs start|dev HOST PORT
// It stands between the network and the framework: what no page or route of this house ever needs is refused here, at
// once.
import { EventEmitter } from "node:events";
import { existsSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import next from "next";

const [mode, host, port] = process.argv.slice(2);
const dev = mode === "dev";

/** A log that cannot be written must not become an error that is logged. */
for (const stream of [process.stdout, process.stderr]) stream.on("error", () => undefined);

/** Nothing outlives the command that started it. */
const parent = process.ppid;
setInterval(() => process.ppid !== parent && process.exit(0), 1000).unref();

const METHODS = ["GET", "HEAD", "POST", "PUT"];
/** A book file and what wraps it; each route has its own, smaller limit. */
const MOST_BYTES = 34 * 2 ** 20;
/** How long a sender may go on after it was refused, so that it still reads why. */
const LINGER_MS = 2000;

const problem = (status, title) => JSON.stringify({ type: "about:blank", title, status });

/**
 * Answers at once and whole, takes what is still coming for a moment without keeping it, and hangs up. Ending the
 * answer is what hangs up: a socket closed with something unread in it is reset, and the sender would lose the answer
 * with it.
 */
function refuse(request, response, status, title, headers = {}) {
  const text = problem(status, title);
  response.writeHead(status, {
    "content-type": "application/problem+json; charset=utf-8",
    "content-length": Buffer.byteLength(text),
    "cache-control": "no-store",
    connection: "close",
    ...headers,
  });
  if (request.method === "HEAD") response.flushHeaders();
  else response.write(text);
  request.on("end", () => response.end()).on("error", () => undefined);
  request.resume();
  setTimeout(() => request.socket.destroy(), LINGER_MS).unref();
}

const reader = join(process.cwd(), ".next", "reader.cjs");
if (!dev && existsSync(reader)) process.env.INFUSING_READER = reader;

const server = createServer();
// In production nothing here is upgraded, so the framework's own handler is given a server that never is.
const app = next({ dev, hostname: host, port: Number(port), httpServer: dev ? server : new EventEmitter() });
await app.prepare();
const handle = app.getRequestHandler();

server.on("request", (request, response) => {
  const { method, headers, socket } = request;
  if (!METHODS.includes(method))
    return refuse(request, response, 405, "That is not done here.", { allow: METHODS.join(", ") });
  if (headers["transfer-encoding"] !== undefined)
    return refuse(request, response, 411, "Say how long it is (Content-Length) before you send it.");
  if (Number(headers["content-length"] ?? 0) > MOST_BYTES)
    return refuse(request, response, 413, `That is more than ${MOST_BYTES / 2 ** 20} MB. Send less at once.`);
  // Who really asks; what a client says of that is not believed.
  for (const name of [
    "forwarded",
    "x-forwarded-for",
    "x-forwarded-host",
    "x-forwarded-port",
    "x-forwarded-proto",
    "x-real-ip",
  ])
    delete headers[name];
  const address = (socket.remoteAddress ?? "").replace(/^::ffff:/, "");
  headers["x-infusing-address"] = address;
  // On this machine itself packing an answer takes longer than carrying it.
  if (address === "127.0.0.1" || address === "::1") delete headers["accept-encoding"];
  return handle(request, response).catch(() => response.destroy());
});
if (!dev) {
  server.on("upgrade", (_, socket) => {
    const text = problem(400, "Nothing is upgraded here.");
    socket.on("error", () => undefined);
    socket.end(
      "HTTP/1.1 400 Bad Request\r\nContent-Type: application/problem+json\r\n" +
        `Content-Length: ${Buffer.byteLength(text)}\r\nConnection: close\r\n\r\n${text}`,
      () => socket.destroy(),
    );
  });
}
server.on("connect", (_, socket) => socket.destroy());
server.headersTimeout = 10_000;
server.requestTimeout = 120_000;
// Longer than a page or a program lets a connection stand idle between two requests: one that is closed just as it is
// used again is a request lost.
server.keepAliveTimeout = 30_000;
server.listen(Number(port), host);

for (const signal of ["SIGTERM", "SIGINT"]) {
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  });
}
