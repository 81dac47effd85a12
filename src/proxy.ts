import { NextResponse, type NextRequest } from "next/server";
import { ASKED_HEADER } from "@/server/askedHeader";
import { isHere, isOwnName } from "@/server/ownName";
import { sessionOf } from "@/server/session";

/** The one page that a stranger sees. */
const DOOR = "/enter";

/** What a page may load and do: its own files and nothing else; scripts only by the nonce of this answer. */
function policy(nonce: string): string {
  // While developing, the framework's own panel needs more.
  const development = process.env.NODE_ENV === "development";
  return [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`,
    "worker-src 'self'",
    "connect-src 'self'",
    "img-src 'self' data:",
    "font-src 'self'",
    // Components set single properties on elements (a colour, a height); sheets come from this house only.
    `style-src 'self' ${development ? "'unsafe-inline'" : `'nonce-${nonce}'`}`,
    "style-src-attr 'unsafe-inline'",
    "manifest-src 'self'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
    "object-src 'none'",
  ].join("; ");
}

const refusal = (status: number, title: string) =>
  NextResponse.json(
    { type: "about:blank", title, status },
    { status, headers: { "content-type": "application/problem+json; charset=utf-8", "cache-control": "no-store" } },
  );

/** How long an open door is taken to be open still; a locked one is asked about every time. */
const OPEN_FOR_MS = 1000;
let openUntilMs = 0;

/**
 * The front door, before every page, route and file: foreign names are turned away, and where the house is locked a
 * stranger gets the door and nothing else. Routes and pages look once more themselves.
 */
export async function proxy(request: NextRequest) {
  const host = request.headers.get("host");
  if (!isOwnName(host)) return refusal(403, "This house does not answer to that name.");
  const { pathname, searchParams } = request.nextUrl;
  const asked = [...searchParams.keys()];
  if (new Set(asked).size < asked.length) return refusal(400, "The address says one thing twice.");
  if (pathname !== DOOR && Date.now() >= openUntilMs) {
    const session = await sessionOf(request.headers).catch(() => undefined);
    if (session === undefined && !isHere(host)) return refusal(503, "The household’s book cannot be reached just now.");
    if (session !== "stranger" && session && session.household.passwordHash === undefined)
      openUntilMs = Date.now() + OPEN_FOR_MS;
    if (session === "stranger") {
      const asksForPage =
        request.method === "GET" &&
        (request.headers.get("accept") ?? "").includes("text/html") &&
        !pathname.startsWith("/api/");
      return asksForPage
        ? NextResponse.redirect(
            new URL(
              `${DOOR}?${new URLSearchParams({ then: pathname + request.nextUrl.search })}`,
              `http://${request.headers.get("host")}`,
            ),
            { status: 303, headers: { "cache-control": "no-store" } },
          )
        : refusal(401, "This house is locked. Come in with its password or a code, at /enter.");
    }
  }
  const nonce = btoa(String.fromCharCode(...crypto.getRandomValues(new Uint8Array(16))));
  const headers = new Headers(request.headers);
  headers.set("content-security-policy", policy(nonce));
  headers.set(ASKED_HEADER, pathname + request.nextUrl.search);
  const answer = NextResponse.next({ request: { headers } });
  answer.headers.set("content-security-policy", policy(nonce));
  return answer;
}

/**
 * Files that come in go straight to their routes, which look at host and session before the body: here the framework
 * would keep the body, and cut it off where it is long.
 */
export const config = { matcher: ["/((?!api/v1/imports$|api/v1/imports/preview$).*)"] };
