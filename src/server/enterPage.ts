import { readable } from "@/core/text";
import { theHousehold } from "@/store/household";
import { deviceWords } from "@/words/devices";
import { enter } from "./door";
import { Refusal } from "./refusal";
import { failureOf, guardWrite, readText } from "./route";
import { addressOf, sessionOf } from "./session";

const MOST_BYTES = 4096;
const escaped = (text: string): string => text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);

const HOW_IN = "Come in with a code from a device that is in already, or with the household’s password.";
/** The theme's colours, written out. */
const STYLE = `
:root { color-scheme: light dark; --ground: oklch(0.97 0.01 110); --ink: oklch(0.27 0.03 160);
  --press: oklch(0.4 0.11 268); --stop: oklch(0.48 0.17 25) }
@media (prefers-color-scheme: dark) {
  :root { --ground: oklch(0.22 0.02 165); --ink: oklch(0.93 0.015 110); --press: oklch(0.82 0.085 265);
    --stop: oklch(0.77 0.12 28) }
}
body { margin: 0; background: var(--ground); color: var(--ink); font: 1.1rem/1.5 system-ui, sans-serif }
main { max-width: 26rem; margin: 12vh auto; padding: 0 1rem }
h1 { font-size: 1.7rem; line-height: 1.2 }
form { display: flex; flex-direction: column; gap: 1rem }
label { display: flex; flex-direction: column; gap: .25rem; font-weight: 600; font-size: .95rem }
input { font: inherit; font-weight: 400; min-height: 2.75rem; padding: .25rem .5rem; border: 1.5px solid var(--ink);
  border-radius: 3px; background: transparent; color: inherit }
button { font: inherit; font-weight: 600; min-height: 3rem; border: 0; border-radius: 3px; background: var(--press);
  color: var(--ground) }
.stop { color: var(--stop); font-weight: 600 }
`;

/**
 * The door as one plain page without a script or a file, since a stranger gets nothing else of the house.
 */
function page(
  given: { readonly trouble?: string; readonly code?: string; readonly name: string; readonly then?: string },
  nonce: string,
  status: number,
  headers: Record<string, string> = {},
): Response {
  const { trouble, code = "", name, then = "/" } = given;
  const html = `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width,initial-scale=1">
<title>Infusing</title>
<style nonce="${nonce}">${STYLE}</style>
</head>
<body>
<main>
<h1>This house is locked.</h1>
${trouble ? `<p class="stop" role="alert">${escaped(trouble)}</p>` : `<p>${HOW_IN}</p>`}
<form method="post" action="/enter">
<input type="hidden" name="then" value="${escaped(then)}">
<label>Code<input name="code" autocomplete="one-time-code" autocapitalize="characters" maxlength="20"
 value="${escaped(code)}"></label>
<label>or password<input name="password" type="password" autocomplete="current-password" maxlength="200"></label>
<label>This device is called<input name="name" maxlength="60" required value="${escaped(name)}"></label>
<button>Come in</button>
</form>
<p>Password forgotten? On the machine itself, in the folder of the house, <b>./run code</b> prints a code.</p>
</main>
</body>
</html>`;
  return new Response(html, {
    status,
    headers: { "content-type": "text/html; charset=utf-8", "cache-control": "no-store", ...headers },
  });
}

const nonceOf = (request: Request): string =>
  /'nonce-([^']+)'/.exec(request.headers.get("content-security-policy") ?? "")?.[1] ?? "";
/** A page of this house to go on to; anything else is its first page. */
const pageIn = (then: string | null): string =>
  then !== null && then.length <= 500 && /^\/(?![/\\])[\w\-./?=&%~,+]*$/.test(then) && !/^\/(?:api|enter)\b/.test(then)
    ? then
    : "/";
const goOn = (then: string, cookie?: string): Response =>
  new Response(null, {
    status: 303,
    headers: { location: then, "cache-control": "no-store", ...(cookie ? { "set-cookie": cookie } : {}) },
  });

/** Shows the door; a code in the address is filled in and nothing happens until it is sent. */
export async function showDoor(request: Request): Promise<Response> {
  const name = deviceWords(request.headers.get("user-agent") ?? "");
  try {
    const session = await sessionOf(request.headers);
    const asked = new URL(request.url).searchParams;
    const then = pageIn(asked.get("then"));
    if (session !== "stranger") return goOn(then);
    return page({ name, then, code: asked.get("code")?.slice(0, 20) ?? "" }, nonceOf(request), 200);
  } catch (error) {
    const { status, title } = failureOf(error);
    return page({ name, trouble: title }, nonceOf(request), status);
  }
}

export async function knock(request: Request): Promise<Response> {
  let name = deviceWords(request.headers.get("user-agent") ?? "");
  let then = "/";
  try {
    guardWrite(request);
    if (!/^application\/x-www-form-urlencoded\b/i.test(request.headers.get("content-type") ?? ""))
      throw new Refusal(415, "Send the form.");
    const form = new URLSearchParams(await readText(request, MOST_BYTES));
    then = pageIn(form.get("then"));
    name = [...readable(form.get("name") ?? "").trim()].slice(0, 60).join("") || name;
    const session = await sessionOf(request.headers);
    if (session === undefined) throw new Refusal(503, "There is no household yet.");
    if (session !== "stranger") return goOn(then);
    return goOn(
      then,
      await enter((await theHousehold())!.household, {
        code: form.get("code")?.trim() || undefined,
        password: form.get("password")?.slice(0, 200) || undefined,
        name,
        from: addressOf(request.headers),
      }),
    );
  } catch (error) {
    const { status, title, retryAfterS } = failureOf(error);
    return page(
      { name, then, trouble: title },
      nonceOf(request),
      status,
      retryAfterS ? { "retry-after": String(retryAfterS) } : {},
    );
  }
}
