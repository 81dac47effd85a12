"use client";
import Link from "next/link";
import { useEffect, useRef } from "react";
import type { Going } from "@/core/batch";
import { goingWords } from "@/words/going";
import { ownColour } from "../parts/colour";

interface BowlsProps {
  readonly bowls: readonly Going[];
  readonly path: string;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** Every bowl that is going on, a press each: with two on the table one goes from one to the other and back. */
export function Bowls({ bowls, path, timeZone, nowMs }: BowlsProps) {
  const list = useRef<HTMLUListElement>(null);
  useEffect(() => {
    list.current?.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [path]);
  return (
    <ul ref={list} aria-label="Bowls" className="flex gap-x-4 overflow-x-auto text-sm leading-tight">
      {bowls.map((one) => {
        const { what, when } = goingWords(one, timeZone, nowMs);
        const href = `/batches/${one.batchId}`;
        return (
          <li key={one.batchId} className={bowls.length > 1 ? "w-max max-w-[60%] shrink-0 md:max-w-[50%]" : "min-w-0"}>
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
                style={{ background: ownColour(one.colour) }}
              />
              <span className="min-w-0">
                <span className="block truncate font-semibold group-hover:underline">{what}</span>{" "}
                <span className="block truncate">{when}</span>
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
