"use client";
import Link from "next/link";
import { counted } from "@/words/lists";
import { pageOf } from "../events/outbox";
import { useWaiting, type WaitingTaps as Taps } from "../events/waiting";

const said = ({ count, trouble, onlyHere }: Taps): string =>
  [
    trouble,
    count > 0 && `${counted(count, "tap is", "taps are")} waiting to be sent.`,
    onlyHere && "This device has no room left to keep them: leave this page open until they are sent.",
  ]
    .filter(Boolean)
    .join(" ");

/** Taps that the house has not got yet. Those whose page is closed go out when it is opened. */
export function WaitingTaps({ nameOf }: { readonly nameOf: (href: string) => string | undefined }) {
  const waiting = useWaiting();
  return (
    <div aria-live="assertive" className="mx-auto max-w-[82rem] px-4 text-stop md:px-10">
      {waiting.map((taps) => {
        const href = pageOf(taps.owner);
        // Where it is open they are on their way, and that is said only when it goes wrong.
        if (taps.isOpen) return taps.trouble ? <p key={href}>{said(taps)}</p> : null;
        return (
          <p key={href}>
            {counted(taps.count, "tap is", "taps are")} waiting to be sent for{" "}
            <Link href={href} className="pressable inline-flex min-h-11 items-center">
              {nameOf(href) ?? "a page of yours"}
            </Link>
            .
          </p>
        );
      })}
    </div>
  );
}
