import "@/core/catalogue";
import { LIMITS } from "@/core/limits";
import { isUuid } from "@/core/text";
import { parseInput } from "@/inputs/parseInput";
import { noteDevice } from "@/store/devices";
import { isLetIn } from "@/store/door";
import type { Household, Settings } from "@/store/household";
import { inTransaction, isFull, isTaken, isUnkeepable, isUnreachable, type Write } from "@/store/transaction";
import { deviceWords } from "@/words/devices";
import { problemWords } from "@/words/problems";
import { notFound, Refusal, stranger, taken, unusable } from "./refusal";
import { isOwnName } from "./ownName";
import { deviceCookie, sessionOf, type Session } from "./session";

/** What a use case gets from the wrapper. */
export interface Asked<I> {
  readonly input: I;
  readonly params: Readonly<Record<string, string>>;
  readonly query: URLSearchParams;
  readonly household: Household;
  readonly settings: Settings;
  readonly deviceId: string;
  readonly deviceName: string;
  readonly personId: string | null;
  /** What the device came in by, where the house is locked. */
  readonly tokenHash?: string;
  /** It may set a password without the one there was. */
  readonly resets: boolean;
}

type Params = { params: Promise<Record<string, string | string[] | undefined>> };
type Handler = (request: Request, context: Params) => Promise<Response>;

export function problemJson(refusal: Refusal): Response {
  return new Response(
    JSON.stringify({
      type: "about:blank",
      title: refusal.title,
      status: refusal.status,
      ...(refusal.problems.length > 0
        ? { errors: refusal.problems.map((problem) => ({ ...problem, message: problemWords(problem) })) }
        : {}),
    }),
    {
      status: refusal.status,
      headers: {
        "content-type": "application/problem+json; charset=utf-8",
        "cache-control": "no-store",
        ...(refusal.status === 503
          ? { "retry-after": "2" }
          : refusal.retryAfterS
            ? { "retry-after": String(refusal.retryAfterS) }
            : {}),
      },
    },
  );
}

/** The body as text; never reads more than the limit. */
export async function readText(request: Request, most: number): Promise<string> {
  const tooLarge = () => new Refusal(413, `That is more than ${most / 1024} kB. Send less at once.`);
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
  return Buffer.concat(chunks).toString("utf8");
}

async function readJson(request: Request, most: number): Promise<string> {
  if (!/^application\/json\b/i.test(request.headers.get("content-type") ?? "")) throw new Refusal(415, "Send JSON.");
  return readText(request, most);
}

async function readBody(request: Request, most: number): Promise<unknown> {
  const text = await readJson(request, most);
  try {
    return JSON.parse(text);
  } catch {
    throw new Refusal(400, "That is not JSON, or it broke off.");
  }
}

/** Only pages of this house may write. */
export function guardWrite(request: Request): void {
  const origin = request.headers.get("origin");
  const foreign = origin !== null && URL.parse(origin)?.host !== request.headers.get("host");
  if (foreign || request.headers.get("sec-fetch-site") === "cross-site")
    throw new Refusal(403, "That came from another site.");
}

/** An error for the log: what kind and where, and nothing of what anybody wrote. */
export function logFailure(error: unknown): void {
  const { name = "Error", code = "", stack = "" } = (error ?? {}) as { name?: string; code?: string; stack?: string };
  console.error(
    `${new Date().toISOString()} ${name} ${code}\n${stack
      .split("\n")
      .filter((line) => /^\s+at /.test(line))
      .slice(0, 12)
      .join("\n")}`,
  );
}

const AGAIN = process.env.OWN_DATABASE
  ? "Its database is being started again, or a backup put back"
  : "Its database does not answer";

/**
 * Any failure as problem+json: refusals as they are, an unreached database as 503, a full disk as 507, what no row can
 * hold as 422, anything else as 500 without its inside.
 */
export function failureOf(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (isUnreachable(error))
    return new Refusal(
      503,
      `The household’s book cannot be reached just now. ${AGAIN}. Nothing was saved; try again in a moment.`,
    );
  if (isFull(error))
    return new Refusal(
      507,
      "There is almost no room left on the disk of the house. Nothing was saved; make room there, then try again.",
    );
  if (isUnkeepable(error))
    return new Refusal(422, "Something in it is too long, or has signs in it that cannot be kept.");
  if (isTaken(error)) return taken();
  logFailure(error);
  return new Refusal(500, "Something went wrong here. Nothing was saved.");
}

interface Kind<I> {
  readonly input?: new () => I;
  /** Long files are read from their text, on a thread of their own. */
  readonly read?: (body: string, session: Session) => Promise<I>;
  readonly writes: boolean;
  readonly mostBytes?: number;
}

async function inputOf<I extends object>(
  request: Request,
  { input, read, mostBytes = LIMITS.bodyBytes.max }: Kind<I>,
  session: Session | undefined,
): Promise<I> {
  if (read && session) return read(await readJson(request, mostBytes), session);
  if (!input) return {} as I;
  const parsed = parseInput(input, await readBody(request, mostBytes));
  if (!parsed.ok) throw unusable(parsed.problems);
  return parsed.value;
}

async function answer<I extends object>(
  request: Request,
  context: Params,
  kind: Kind<I>,
  use: (asked: Asked<I>, bytes: number) => Promise<unknown>,
): Promise<Response> {
  try {
    // Long files do not pass the proxy, which would cut them off; it looks at the same for all others.
    if (!isOwnName(request.headers.get("host"))) throw new Refusal(403, "This house does not answer to that name.");
    if (kind.writes) guardWrite(request);
    const session = await sessionOf(request.headers);
    if (session === "stranger") throw stranger();
    const input = await inputOf(request, kind, session);
    if (!session) throw new Refusal(503, "There is no household yet. Start with ./run demo.");
    const { household, settings, deviceId, personId, fresh, tokenHash, resets } = session;
    const given = Object.entries((await context.params) ?? {}).filter(
      (entry): entry is [string, string] => typeof entry[1] === "string",
    );
    if (given.some(([, id]) => !isUuid(id))) throw notFound();
    const value = await use(
      {
        input,
        params: Object.fromEntries(given),
        query: new URL(request.url).searchParams,
        household,
        settings,
        deviceId,
        personId,
        tokenHash,
        resets,
        deviceName: deviceWords(request.headers.get("user-agent") ?? ""),
      },
      Number(request.headers.get("content-length") ?? 0),
    );
    if (value instanceof Response) return value;
    const headers = new Headers({ "content-type": "application/json; charset=utf-8", "cache-control": "no-store" });
    if (kind.writes && fresh) headers.append("set-cookie", deviceCookie(deviceId));
    return new Response(JSON.stringify(value ?? {}), { status: 200, headers });
  } catch (error) {
    return problemJson(failureOf(error));
  }
}

/** An answer that is a file of its own format. */
export const fileOf = (body: string | ReadableStream<Uint8Array>, type: string, name: string): Response =>
  new Response(body, {
    headers: {
      "content-type": type,
      "content-disposition": `attachment; filename="${name}"`,
      "cache-control": "no-store",
    },
  });

/** A book file, whole or a part. */
export const bookFile = (body: string | ReadableStream<Uint8Array>, what: string): Response =>
  fileOf(body, "application/json; charset=utf-8", `infusing-${what}.json`);

/** A route that reads. */
export const reads =
  (use: (asked: Asked<object>) => Promise<unknown>): Handler =>
  (request, context) =>
    answer(request, context, { writes: false }, use);

/** A route that computes from a body; stores nothing. */
export const computes =
  <I extends object>(input: new () => I, use: (asked: Asked<I>) => Promise<unknown>): Handler =>
  (request, context) =>
    answer(request, context, { input, writes: false }, use);

/** One transaction, from a known device. @param bytes how much came in, where it may be a lot */
export const asWrite = <T>(asked: Asked<object>, use: (write: Write) => Promise<T>, bytes = 0): Promise<T> =>
  inTransaction(
    asked.household.id,
    async (write) => {
      if (!(await noteDevice(write, asked.deviceId, asked.deviceName))) throw taken();
      // It may have been sent away while this write waited for its turn.
      if (!(await isLetIn(write, asked.deviceId, asked.tokenHash))) throw stranger();
      return use(write);
    },
    bytes,
  );

/** A route that writes. */
export const writes =
  <I extends object>(input: new () => I, use: (asked: Asked<I>, write: Write) => Promise<unknown>): Handler =>
  (request, context) =>
    answer(request, context, { input, writes: true }, (asked) => asWrite(asked, (write) => use(asked, write)));

/** A route whose body is a long file: read on a thread of its own, and written by `asWrite` where it writes. */
export const readsFile =
  <I extends object>(
    read: (body: string, session: Session) => Promise<I>,
    mostBytes: number,
    does: "writes" | "computes",
    use: (asked: Asked<I>, bytes: number) => Promise<unknown>,
  ): Handler =>
  (request, context) =>
    answer(request, context, { read, writes: does === "writes", mostBytes }, use);

/** A route that decides itself when to write, since it has to look at a secret in between. */
export const guards =
  <I extends object>(input: new () => I, use: (asked: Asked<I>) => Promise<unknown>): Handler =>
  (request, context) =>
    answer(request, context, { input, writes: true }, use);
