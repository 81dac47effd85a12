// Keeps the worksheets of bowls and makings that are going on, and the page a bowl is put on by, with what they are
// drawn with, so that a reload beside the bowl does not need the network. Nothing else of the house is kept, and what
// the house will not show any more is forgotten.
const PAGES = "infusing-worksheets-1";
const FILES = `infusing-files-${new URL(self.location).searchParams.get("build")}`;
const WORKSHEET = /^\/(batches|makings)\/[0-9a-f-]{36}(\/apply)?$/;
const FILE = /^\/_next\/static\//;
/** Bowls on the table at once; the oldest kept gives way. */
const MOST_PAGES = 8;

/** When each page that was drawn from what is kept had been kept, by the page. */
const drawnFrom = new Map();

self.addEventListener("install", (event) => event.waitUntil(self.skipWaiting()));
self.addEventListener("activate", (event) =>
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (name !== PAGES && name !== FILES) await caches.delete(name);
      await self.clients.claim();
    })(),
  ),
);

/** A page as the house shows it is kept; one that it does not show any more is forgotten. */
async function heed(path, answer) {
  const pages = await caches.open(PAGES);
  if (answer.ok) await keepPage(pages, path, answer);
  else if (answer.status < 500) await pages.delete(path);
  // Sent away, or the house is locked: then it shows none of the others either.
  if (answer.type === "opaqueredirect" || answer.status === 401) await caches.delete(PAGES);
}
/** Asks for a page anew; throws where nothing answers. */
const renew = async (path) =>
  heed(path, await fetch(path, { headers: { accept: "text/html" }, cache: "no-store", redirect: "manual" }));

async function keepPage(pages, path, answer) {
  const headers = new Headers(answer.headers);
  // It is kept unpacked.
  for (const name of ["content-encoding", "content-length"]) headers.delete(name);
  headers.set("x-infusing-kept", String(Date.now()));
  const body = await answer.clone().arrayBuffer();
  await pages.delete(path);
  await pages.put(path, new Response(body, { status: answer.status, headers }));
  const kept = await pages.keys();
  for (const old of kept.slice(0, Math.max(0, kept.length - MOST_PAGES))) await pages.delete(old);
}

/** A worksheet as the house has it now; as it was kept, where nothing answers. */
async function worksheet(event) {
  const path = new URL(event.request.url).pathname;
  try {
    const answer = await fetch(event.request);
    await heed(path, answer);
    return answer;
  } catch (trouble) {
    const kept = await caches.match(path, { cacheName: PAGES });
    if (!kept) throw trouble;
    drawnFrom.set(event.resultingClientId, Number(kept.headers.get("x-infusing-kept")));
    return kept;
  }
}

/** What pages are drawn with never changes under its name. */
async function file(request) {
  const files = await caches.open(FILES);
  const kept = await files.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await files.put(request, answer.clone());
  return answer;
}

self.addEventListener("fetch", (event) => {
  const { method, mode, url } = event.request;
  const { origin, pathname } = new URL(url);
  if (method !== "GET" || origin !== self.location.origin) return;
  // At the door one is sent away, or not in yet.
  if (mode === "navigate" && pathname === "/enter") event.waitUntil(caches.delete(PAGES));
  if (mode === "navigate" && WORKSHEET.test(pathname)) event.respondWith(worksheet(event));
  else if (FILE.test(pathname)) event.respondWith(file(event.request));
});

const DOES = {
  /** A worksheet changed, or is here for the first time: it is kept as it is now, with what it was drawn with. */
  async keep({ path, files }) {
    if (!WORKSHEET.test(path)) return;
    await renew(path);
    for (const url of files) if (FILE.test(new URL(url).pathname)) await file(new Request(url));
  },
  /** The bowl is done. */
  forget: async ({ path }) => (await caches.open(PAGES)).delete(path),
  /** Somebody may have been erased, or this device sent away: each page is asked for again. */
  async check() {
    const pages = await caches.open(PAGES);
    for (const { url } of await pages.keys()) await renew(new URL(url).pathname);
  },
  forgetAll: () => caches.delete(PAGES),
  /** When the page that asks was kept, where it was drawn from what is kept. */
  keptAt: async (_, source, port) => port?.postMessage(drawnFrom.get(source?.id) ?? null),
};
self.addEventListener("message", (event) => {
  const does = DOES[event.data?.do];
  if (does) event.waitUntil(does(event.data, event.source, event.ports[0]).catch(() => undefined));
});
