import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import { goingOn, makingsGoing } from "@/server/going";
import { house, themeOf } from "@/server/page";
import { houseShelf } from "@/server/houseShelf";
import { ShelfProvider } from "@/ui/shelf/ShelfContext";
import { Ribbon } from "@/ui/ribbon/Ribbon";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Infusing", template: "%s · Infusing" },
  description: "Measuring, mixing, resting and remembering herb pastes for hair.",
};
export const viewport: Viewport = { width: "device-width", initialScale: 1 };
export const dynamic = "force-dynamic";

/** The ribbon is a comfort: where the book cannot be read, the page itself says so. */
async function ribbonState() {
  const nowMs = Date.now();
  try {
    const found = await house();
    const [shelf, going, makings] = await Promise.all([
      houseShelf(found),
      found ? goingOn(found.household, nowMs) : [],
      found ? makingsGoing(found.household) : [],
    ]);
    return {
      shelf,
      going,
      makings,
      timeZone: found?.settings.timeZone ?? "UTC",
      nowMs,
      rev: found?.household.rev ?? 0,
      unread: false,
    };
  } catch {
    return { shelf: await houseShelf(undefined), going: [], makings: [], timeZone: "UTC", nowMs, rev: 0, unread: true };
  }
}

export default async function Layout({ children }: { children: ReactNode }) {
  const [{ shelf, ...state }, theme] = [await ribbonState(), await themeOf()];
  return (
    <html lang="en" data-theme={theme}>
      <body>
        <a
          href="#main"
          className={
            "sr-only focus:not-sr-only focus:absolute focus:left-4 focus:top-2 focus:z-50 focus:bg-ware focus:p-2"
          }
        >
          Skip to the page
        </a>
        <ShelfProvider house={shelf}>
          <main id="main">{children}</main>
          <Ribbon {...state} />
        </ShelfProvider>
      </body>
    </html>
  );
}
