"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Removed, RemovableKind } from "@/store/removed";
import { momentWords } from "@/words/times";
import { useWrite } from "../forms/useWrite";
import { placeOf } from "./places";

const KIND_NAME: Readonly<Record<RemovableKind, string>> = {
  blend: "blend",
  head: "head",
  jar: "jar",
  thing: "thing of your own",
};

/** What was removed in the last thirty days, each with the way back. */
export function RemovedList({
  removed,
  timeZone,
  nowMs,
}: {
  removed: readonly Removed[];
  timeZone: string;
  nowMs: number;
}) {
  const router = useRouter();
  const [said, setSaid] = useState("");
  const { write } = useWrite();
  const back = async (one: Removed) => {
    const answer = await write("PUT", placeOf(one).path, { removed: false });
    setSaid(answer.ok ? `${one.name} is back.` : answer.title);
    if (answer.ok) router.refresh();
  };
  return (
    <section aria-label="Removed" className="max-w-xl">
      <h2>Removed</h2>
      <p className="text-quiet">
        {removed.length === 0
          ? "Nothing in the last thirty days. A blend, a head or a jar that is removed stands here, to be put back."
          : "In the last thirty days; nothing of it is lost."}
      </p>
      <ul className="mt-1">
        {removed.map((one) => (
          <li
            key={`${one.kind} ${one.id}`}
            className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-line"
          >
            <span className="min-w-0 break-words py-2">
              {one.name}{" "}
              <span className="text-sm text-quiet">
                {KIND_NAME[one.kind]}, {momentWords(one.removedMs, timeZone, nowMs)}
              </span>
            </span>
            <button
              type="button"
              className="pressable min-h-11"
              aria-label={`put ${one.name} back`}
              onClick={() => void back(one)}
            >
              put it back
            </button>
          </li>
        ))}
      </ul>
      <p role="status">{said}</p>
    </section>
  );
}
