"use client";
import { useEffect, useRef } from "react";

/** As wide as what is held in a hand, where Back is a key or a stroke along the edge. */
const PHONE = "(max-width: 767px)";
const MARK = "infusingOpen";
/** Long enough that what opens in place of what closes takes over its entry. */
const SETTLE_MS = 100;

/** What is open, the last on top; each closes itself. */
const open: (() => void)[] = [];
/** One entry of the history stands for all that is open. */
const stands = (): boolean => Boolean(history.state?.[MARK]);
let listening = false;
/** We went back ourselves, since nothing is open any more; that closes nothing. */
let leaving = false;

function listen(): void {
  if (listening) return;
  listening = true;
  addEventListener("popstate", () => {
    // Forward, onto an entry of ours: what opens next takes it over.
    if (stands()) return;
    if (leaving) {
      leaving = false;
      // What opened meanwhile has its entry again.
      if (open.length > 0) enter();
      return;
    }
    open.at(-1)?.();
    // Under what closed something is open still.
    if (open.length > 1) enter();
  });
}
/** The framework's own part of the state stays, so that it sees the page it has. */
const enter = (): void => history.pushState({ ...history.state, [MARK]: true }, "");

function leave(): void {
  setTimeout(() => {
    // On another page the entry lies behind, and means nothing.
    if (open.length > 0 || leaving || !stands()) return;
    leaving = true;
    history.back();
  }, SETTLE_MS);
}

/** On a phone Back closes what is open, and does not leave the page. */
export function useBackCloses(isOpen: boolean, close: () => void): void {
  const latest = useRef(close);
  useEffect(() => {
    latest.current = close;
  });
  useEffect(() => {
    if (!isOpen || !matchMedia(PHONE).matches) return;
    const own = () => latest.current();
    listen();
    open.push(own);
    if (!stands()) enter();
    return () => {
      open.splice(open.indexOf(own), 1);
      if (open.length === 0) leave();
    };
  }, [isOpen]);
}
