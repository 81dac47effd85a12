"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { afterSession, NO_SESSION, USUAL_KINDS, type Usual } from "@/core/head";
import type { StoredSession } from "@/store/sessions";
import { gramWords } from "@/words/amounts";
import { dayWords } from "@/words/times";
import { lessonWords, USUAL_KIND_NAME, usualWords } from "@/words/usual";
import { useWrite } from "../forms/useWrite";

interface WhatWeighingTaughtProps {
  readonly sessions: readonly StoredSession[];
  /** The household's rev when they were read. */
  readonly rev: number;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** Each weighed bowl of a head and what it moved; any can be taken back. */
export function WhatWeighingTaught({ sessions, rev, timeZone, nowMs }: WhatWeighingTaughtProps) {
  const router = useRouter();
  const { busy, trouble, write, idFor } = useWrite();
  const takeBack = async ({ batchId, eventId }: StoredSession) => {
    const now = new Date().toISOString();
    const event = {
      id: idFor(eventId),
      payload: { kind: "withdrawn", eventId },
      deviceSeq: 1,
      revSeen: rev,
      deviceClock: now,
    };
    if ((await write("POST", `batches/${batchId}/events`, { events: [event], sentAt: now })).ok) router.refresh();
  };
  return (
    <section aria-label="What weighing taught">
      <h2>What weighing taught</h2>
      {sessions.length === 0 && (
        <p className="max-w-[30rem]">
          Nothing yet: weigh what is left in a bowl once it is on, and say there whether it reached. After one bowl the
          amount is known about twice as well.
        </p>
      )}
      {USUAL_KINDS.map((kind) => {
        const own = sessions.filter((one) => one.kind === kind);
        if (own.length === 0) return null;
        let usual: Usual = NO_SESSION;
        const steps = own.map((session) => {
          const before = usual;
          usual = afterSession(usual, session);
          return { session, before, after: usual };
        });
        return (
          <div key={kind} className="mt-2">
            <p className="max-w-[34rem]">{usualWords(kind, usual)}</p>
            <ul aria-label={`Weighed bowls of ${USUAL_KIND_NAME[kind]}`}>
              {[...steps].reverse().map(({ session, before, after }) => (
                <li key={session.eventId} className="border-b border-line py-1">
                  <Link href={`/batches/${session.batchId}`} className="pressable font-semibold">
                    {session.blendName}, {dayWords(session.atMs, timeZone, nowMs)}
                  </Link>
                  <span className="block">
                    {session.reached ? "" : "at least "}
                    {gramWords(session.usedG)} g went on, the middle head takes {gramWords(session.modelG)} g:{" "}
                    {lessonWords(before, after)}.
                  </span>
                  <button
                    type="button"
                    className="pressable min-h-11"
                    disabled={busy}
                    aria-label={`take back ${session.blendName}, ${dayWords(session.atMs, timeZone, nowMs)}`}
                    onClick={() => void takeBack(session)}
                  >
                    take it back
                  </button>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
      <p role="status" className="text-stop">
        {trouble}
      </p>
    </section>
  );
}
