import { NextResponse, type NextRequest } from "next/server";

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|\[::1\])(:\d+)?$/;

/** Only this machine may ask, by a name of its own: a foreign name that was pointed here gets no page, route or file. */
export function proxy(request: NextRequest) {
  if (LOOPBACK.test(request.headers.get("host") ?? "")) return NextResponse.next();
  return NextResponse.json(
    { type: "about:blank", title: "This house answers on this machine only.", status: 403 },
    { status: 403, headers: { "content-type": "application/problem+json; charset=utf-8" } },
  );
}
