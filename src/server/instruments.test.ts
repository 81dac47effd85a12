import { createServer, type Server, type ServerResponse } from "node:http";
import type { AddressInfo } from "node:net";
import { hear, instrumentsHere, instrumentStream } from "./instruments";

/** An instrument of our own, which says what the test says. */
let server: Server;
const listening = new Set<ServerResponse>();
let asked = 0;
const say = (text: string) => {
  for (const response of listening) response.write(text);
};
const shows = (value: number, stable = true) => say(`data: ${JSON.stringify({ value, unit: "g", stable })}\n\n`);
const unplug = () => {
  for (const response of listening) response.end();
  listening.clear();
};
const until = async (is: () => boolean, ms = 6000) => {
  for (const end = Date.now() + ms; !is();) {
    if (Date.now() > end) throw new Error("It did not come to that.");
    await new Promise((go) => setTimeout(go, 10));
  }
};

beforeAll(async () => {
  server = createServer((_, response) => {
    asked++;
    response.writeHead(200, { "content-type": "text/event-stream" });
    response.write(": here\n\n");
    listening.add(response);
    response.on("close", () => listening.delete(response));
  });
  await new Promise<void>((ready) => server.listen(0, "127.0.0.1", ready));
  process.env.SCALE_URL = `http://127.0.0.1:${(server.address() as AddressInfo).port}/shown`;
});
afterAll(async () => {
  delete process.env.SCALE_URL;
  server.closeAllConnections();
  await new Promise((closed) => server.close(closed));
});

test("a house has the instruments that it was started with; another address than a web one is none", () => {
  expect(instrumentsHere()).toEqual(["scale"]);
  process.env.PROBE_URL = "file:///etc/passwd";
  expect(instrumentsHere()).toEqual(["scale"]);
  delete process.env.PROBE_URL;
});

test("one line to it for all who listen; nonsense is passed over, silence is told, and it is asked again", async () => {
  const [one, other]: unknown[][] = [[], []];
  const stops = [hear("scale", (heard) => one.push(heard)), hear("scale", (heard) => other.push(heard))];
  await until(() => listening.size > 0);
  expect(asked).toBe(1);
  shows(212.5);
  say("data: nonsense\n\n");
  say('data: {"value":9,"unit":"stone","stable":true}\n\n');
  shows(213, false);
  await until(() => other.length === 3);
  expect(one).toEqual(["silent", { value: 212.5, stable: true }, { value: 213, stable: false }]);
  expect(other).toEqual(one);
  unplug();
  await until(() => one.at(-1) === "silent");
  await until(() => listening.size > 0);
  shows(90);
  await until(() => one.length === 5);
  expect(one.at(-1)).toEqual({ value: 90, stable: true });
  // Nobody listens, and the line is closed.
  for (const stop of stops) stop();
  await until(() => listening.size === 0);
});

test("a browser that does not keep up gets the newest, and nothing is queued", async () => {
  const { body, headers } = await instrumentStream("scale")({} as never);
  expect(headers.get("content-type")).toMatch(/^text\/event-stream/);
  expect(headers.get("cache-control")).toMatch(/no-transform/);
  await until(() => listening.size > 0);
  for (let i = 0; i < 200; i++) shows(i);
  await new Promise((go) => setTimeout(go, 200));
  const reader = body!.getReader();
  const text: string[] = [];
  // What was put out before anybody read, and then the last of them.
  while (!text.some((one) => one.includes('"value":199'))) {
    const { value } = await reader.read();
    text.push(new TextDecoder().decode(value));
  }
  expect(text.length).toBeLessThanOrEqual(3);
  await reader.cancel();
  await until(() => listening.size === 0);
});

test("where none is named the stream says so", async () => {
  const { body } = await instrumentStream("probe")({} as never);
  const { value } = await body!.getReader().read();
  expect(new TextDecoder().decode(value)).toMatch(/^event: none/);
});
