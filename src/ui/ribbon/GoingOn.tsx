"use client";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { ownColour } from "../parts/colour";
import type { OnRibbon } from "./onRibbon";

interface GoingOnProps {
  readonly things: readonly OnRibbon[];
  readonly path: string;
}

/** Everything that is going on, a press each: with two on the table one goes from one to the other and back. */
export function GoingOn({ things, path }: GoingOnProps) {
  const list = useRef<HTMLUListElement>(null);
  useEffect(() => {
    list.current?.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [path]);
  return (
    <ul ref={list} aria-label="Going on" className="flex gap-x-4 overflow-x-auto text-sm leading-tight">
      {things.map(({ href, what, when, lane }) => (
        <li key={href} className={things.length > 1 ? "w-max max-w-[60%] shrink-0 md:max-w-[50%]" : "min-w-0"}>
          <Link
            href={href}
            aria-current={path === href ? "page" : undefined}
            className="group flex min-h-11 items-center gap-x-2 aria-[current=page]:font-semibold"
          >
            <span
              aria-hidden
              className={
                "h-4 w-4 shrink-0 rounded-full border-[1.5px] border-ink" +
                " group-aria-[current=page]:h-5 group-aria-[current=page]:w-5 group-aria-[current=page]:border-[3px]"
              }
              style={{ background: ownColour(lane.colour) }}
            />
            <span className="min-w-0">
              <span className="block truncate font-semibold group-hover:underline">{what}</span>{" "}
              <span className="block truncate">{when}</span>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
