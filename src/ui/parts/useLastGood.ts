"use client";
import { useEffect, useRef, useState } from "react";

/** What can be answered now, or could be last: it stands while something typed cannot be used yet. */
export function useLastGood<T>(now: T | undefined): T | undefined {
  const last = useRef<T>(undefined);
  const [kept, setKept] = useState<T>();
  useEffect(() => {
    if (now === undefined) setKept(last.current);
    else last.current = now;
  }, [now]);
  return now ?? kept;
}
