"use client";
import Link from "next/link";
import { useEffect, useState } from "react";
import type { Going } from "@/core/batch";
import { dueNow } from "@/core/remind";
import { reminderWords } from "@/words/going";
import { showReminder } from "../notify";

const SEEN_KEY = "infusing.seen";
const MOST_SEEN = 60;
const seenHere = (): string[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(SEEN_KEY) ?? "[]");
    return Array.isArray(kept) ? kept.filter((one) => typeof one === "string") : [];
  } catch {
    return [];
  }
};

/** What a resting bowl has to say just now: in the foot, in the page's title, and by the device where it may. */
export function Reminders({ going, nowMs }: { readonly going: readonly Going[]; readonly nowMs: number }) {
  // What was seen is this device's to know; before it is asked nothing is said.
  const [seen, setSeen] = useState<readonly string[]>();
  useEffect(() => setSeen(seenHere()), []);
  const due = seen ? dueNow(going, nowMs, seen) : [];
  const first = due[0] && reminderWords(due[0]);
  const ids = due.map(({ id }) => id).join();
  useEffect(() => {
    if (!first) return;
    showReminder(ids, first);
    const before = `${first} `;
    const keep = () => {
      if (!document.title.startsWith(before)) document.title = before + document.title;
    };
    keep();
    // A page that comes later brings its own title.
    const watch = new MutationObserver(keep);
    watch.observe(document.head, { childList: true, subtree: true, characterData: true });
    return () => {
      watch.disconnect();
      if (document.title.startsWith(before)) document.title = document.title.slice(before.length);
    };
  }, [first, ids]);
  const see = (id: string) => {
    const now = [...seenHere(), id].slice(-MOST_SEEN);
    try {
      localStorage.setItem(SEEN_KEY, JSON.stringify(now));
    } catch {
      // Where nothing can be kept it is seen on this page.
    }
    setSeen(now);
  };
  return due.map((one) => (
    <p key={one.id} role="status" className="mx-auto flex max-w-[82rem] items-center gap-x-4 px-4 md:px-10">
      <Link href={`/batches/${one.batchId}`} className="pressable font-semibold">
        {reminderWords(one)}
      </Link>
      <button type="button" className="pressable min-h-11" onClick={() => see(one.id)}>
        seen
      </button>
    </p>
  ));
}
