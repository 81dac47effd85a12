import { randomUUID } from "node:crypto";
import { LIMITS } from "@/core/limits";
import { parseInput } from "@/inputs/parseInput";
import { readSettings, noteDevice, theHousehold, type Household, type Settings } from "@/store/household";
import { inTransaction, isUnreachable, type Write } from "@/store/transaction";
import { problemWords } from "@/words/problems";
import { Refusal, taken, unusable } from "./refusal";

/** What a use case gets from the wrapper. */
export interface Asked<I> {
  readonly input: I;
  readonly params: Readonly<Record<string, string>>;
  readonly query: URLSearchParams;
  readonly household: Household;
  readonly settings: Settings;
  readonly deviceId: string;
}

type Params = { params: Promise<Record<string, string | string[] | undefined>> };
type Handler = (request: Request, context: Params) => Promise<Response>;

const DEVICE_COOKIE = "infusing_device";
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

function problemJson(refusal: Refusal): Response {
  return new Response(
    JSON.stringify({
      type: "about:blank", title: refusal.title, status: refusal.status,
      ...(refusal.problems.length > 0 ? { errors: refusal.problems.map((problem) => ({ ...problem, message: problemWords(problem) })) } : {}),
    }),
    { status: refusal.status, headers: { "content-type": "application/problem+json; charset=utf-8", "cache-control": "no-store", ...(refusal.status === 503 ? { "retry-after": "2" } : {}) } },
  );
}

/** The body as JSON; never reads more than the limit. */
async function readBody(request: Request): Promise<unknown> {
  const most = LIMITS.bodyBytes.max;
  const tooLarge = () => new Refusal(413, `That is more than ${most / 1024} kB. Send less at once.`);
  if (!/^application\/json\b/i.test(request.headers.get("content-type") ?? "")) throw new Refusal(415, "Send JSON.");
  if (Number(request.headers.get("content-length") ?? 0) > most) throw tooLarge();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body?.getReader();
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.byteLength;
    if (size > most) {
      await reader?.cancel();
      throw tooLarge();
    }
    chunks.push(part.value);
  }
  try {
    return JSON.parse(Buffer.concat(chunks).toString("utf8"));
  } catch {
    throw new Refusal(400, "That is not JSON, or it broke off.");
  }
}

/** Only pages of this house may write. */
function guardWrite(request: Request): void {
  const origin = request.headers.get("origin");
  const foreign = origin !== null && URL.parse(origin)?.host !== request.headers.get("host");
  if (foreign || request.headers.get("sec-fetch-site") === "cross-site") throw new Refusal(403, "That came from another site.");
}

function deviceOf(request: Request): { id: string; fresh: boolean } {
  const found = new RegExp(`(?:^|;\\s*)${DEVICE_COOKIE}=([^;]+)`).exec(request.headers.get("cookie") ?? "")?.[1];
  return found && UUID.test(found) ? { id: found, fresh: false } : { id: randomUUID(), fresh: true };
}

async function answer<I extends object>(
  request: Request, context: Params, kind: (new () => I) | undefined, writes: boolean,
  use: (asked: Asked<I>) => Promise<unknown>,
): Promise<Response> {
  try {
    if (writes) guardWrite(request);
    const body = kind ? await readBody(request) : {};
    const parsed = kind ? parseInput(kind, body) : { ok: true as const, value: {} as I };
    if (!parsed.ok) throw unusable(parsed.problems);
    const household = await theHousehold();
    if (!household) throw new Refusal(503, "There is no household yet. Start with ./run demo.");
    const given = Object.entries((await context.params) ?? {}).filter((entry): entry is [string, string] => typeof entry[1] === "string");
    const device = deviceOf(request);
    const value = await use({
      input: parsed.value, params: Object.fromEntries(given), query: new URL(request.url).searchParams, household,
      settings: await readSettings(household.id), deviceId: device.id,
    });
    if (value instanceof Response) return value;
    const headers = new Headers({ "content-type": "application/json; charset=utf-8", "cache-control": "no-store" });
    if (writes && device.fresh) headers.append("set-cookie", `${DEVICE_COOKIE}=${device.id}; Path=/; HttpOnly; SameSite=Strict; Max-Age=31536000`);
    return new Response(JSON.stringify(value ?? {}), { status: 200, headers });
  } catch (error) {
    if (error instanceof Refusal) return problemJson(error);
    if (isUnreachable(error)) return problemJson(new Refusal(503, "The household’s book cannot be reached just now. Nothing was saved; try again in a moment."));
    console.error(error);
    return problemJson(new Refusal(500, "Something went wrong here. Nothing was saved."));
  }
}

/** An answer that is a file of its own format. */
export const fileOf = (body: string | ReadableStream<Uint8Array>, type: string, name: string): Response =>
  new Response(body, { headers: { "content-type": type, "content-disposition": `attachment; filename="${name}"`, "cache-control": "no-store" } });

/** A route that computes or reads; stores nothing. */
export const reads = (use: (asked: Asked<object>) => Promise<unknown>): Handler =>
  (request, context) => answer(request, context, undefined, false, use);

/** A route that computes from a body; stores nothing. */
export const computes = <I extends object>(kind: new () => I, use: (asked: Asked<I>) => Promise<unknown>): Handler =>
  (request, context) => answer(request, context, kind, false, use);

/** A route that writes: one transaction, from a known device. */
export const writes = <I extends object>(kind: new () => I, use: (asked: Asked<I>, write: Write) => Promise<unknown>): Handler =>
  (request, context) => answer(request, context, kind, true, (asked) =>
    inTransaction(asked.household.id, async (write) => {
      if (!(await noteDevice(write, asked.deviceId, request.headers.get("user-agent") ?? "a device"))) throw taken();
      return use(asked, write);
    }));
