"use client";
import Link from "next/link";
import { usePathname, useRouter } from "next/navigation";
import { useCallback, useEffect, useRef, useState } from "react";
import type { Going } from "@/core/batch";
import type { GoingMaking } from "@/core/making";
import { clockWords } from "@/words/times";
import { fetchJson } from "../api";
import { tellKeeper } from "../keeper";
import { houseNow } from "../clock";
import { useNewerHouse } from "../newerHouse";
import { useChanges } from "../useChanges";
import { Keys } from "./Keys";
import { GoingOn } from "./GoingOn";
import { onRibbon } from "./onRibbon";
import { Reminders } from "./Reminders";
import { Strip } from "./Strip";
import { WaitingTaps } from "./WaitingTaps";

const PLACES = [
  ["/", "Today"],
  ["/blend", "Blend"],
  ["/shelf", "Shelf"],
  ["/heads", "Heads"],
  ["/log", "Log"],
  ["/house", "House"],
] as const;
const REFRESH_MS = 20_000;

interface RibbonProps {
  readonly going: readonly Going[];
  readonly makings: readonly GoingMaking[];
  readonly timeZone: string;
  readonly nowMs: number;
  readonly rev: number;
  /** The book could not be read: what is going on is not known, which is not nothing. */
  readonly unread: boolean;
}
/** Pages that only show; those on which one writes look after themselves. */
const SHOWING = ["/", "/heads", "/log", "/shelf", "/making"];
/** Pages whose numbers follow the jars. */
const USING_SHELF = ["/shelf", "/blend"];

/** The strip along the foot: what is going on now, where it stands, and the way around. */
export function Ribbon({
  going: firstGoing,
  makings: firstMakings,
  timeZone,
  nowMs: firstNow,
  rev,
  unread: firstUnread,
}: RibbonProps) {
  const path = usePathname();
  const [{ going, makings }, setOn] = useState({ going: firstGoing, makings: firstMakings });
  const [nowMs, setNowMs] = useState(firstNow);
  const [unread, setUnread] = useState(firstUnread);
  const router = useRouter();
  const newer = useNewerHouse();
  const shelfIsOld = useRef(false);
  const refresh = useCallback(async () => {
    setNowMs(houseNow());
    const answer = await fetchJson<Pick<RibbonProps, "going" | "makings">>("now");
    if (answer.ok) setOn(answer.value);
    if (answer.ok || answer.status >= 500) setUnread(!answer.ok);
  }, []);
  useEffect(() => {
    const timer = setInterval(refresh, REFRESH_MS);
    void refresh();
    return () => clearInterval(timer);
  }, [path, refresh]);
  useEffect(() => tellKeeper({ do: "check" }), []);
  useChanges(rev, (changes) => {
    if (changes.some(({ kind }) => kind === "batch" || kind === "making")) void refresh();
    // Somebody may have been erased: what this device keeps is asked for again.
    if (changes.some(({ kind }) => kind === "head" || kind === "device")) tellKeeper({ do: "check" });
    const onShelf = changes.some(({ kind }) => kind === "jar" || kind === "own_thing" || kind === "setting");
    if (SHOWING.includes(path) || (onShelf && USING_SHELF.some((start) => path.startsWith(start)))) router.refresh();
    else if (onShelf) shelfIsOld.current = true;
  });
  // What a bowl drew while it was made is read again on the next page, and not at every tap.
  useEffect(() => {
    if (!shelfIsOld.current) return;
    shelfIsOld.current = false;
    router.refresh();
  }, [path, router]);
  const here = (href: string) => (href === "/" ? path === "/" : path.startsWith(href));
  const things = onRibbon(going, makings, timeZone, nowMs);
  return (
    <footer className="no-print fixed inset-x-0 bottom-0 z-30 border-t-[1.5px] border-ink bg-ground">
      {newer && (
        <p role="status" className="mx-auto max-w-[82rem] px-4 py-1 md:px-10">
          A newer Infusing is here.{" "}
          <button type="button" className="pressable min-h-11" onClick={() => location.reload()}>
            reload
          </button>
        </p>
      )}
      <Reminders going={going} nowMs={nowMs} />
      <WaitingTaps nameOf={(href) => things.find((one) => one.href === href)?.what} />
      <div className="mx-auto flex max-w-[82rem] flex-col gap-x-8 px-4 md:flex-row md:items-stretch md:px-10">
        <div className="min-w-0 flex-1 pt-1.5">
          <Strip lanes={things.map(({ lane }) => lane)} timeZone={timeZone} nowMs={nowMs} />
          {things.length === 0 ? (
            <p className="truncate pb-1 text-sm leading-tight text-quiet">
              {unread
                ? "What is going on cannot be read just now."
                : `${clockWords(nowMs, timeZone)}. Nothing is resting, soaking or on a head.`}
            </p>
          ) : (
            <GoingOn things={things} path={path} />
          )}
        </div>
        <nav aria-label="Places" className="flex items-stretch justify-between gap-1 md:gap-4">
          {PLACES.map(([href, name]) => (
            <Link
              key={href}
              href={href}
              aria-current={here(href) ? "page" : undefined}
              className={
                "flex min-h-12 min-w-11 items-center justify-center border-t-4 px-1 font-say text-[1.02rem]" +
                " md:min-h-full " +
                (here(href) ? "border-madder font-semibold" : "border-transparent text-press hover:underline")
              }
            >
              {name}
            </Link>
          ))}
          <Keys />
        </nav>
      </div>
    </footer>
  );
}
