"use client";
import { useEffect, useRef, useState } from "react";

/** The shape of a draft is part of its name; an older shape is left alone. */
const NAME = "infusing-draft-2:";

interface Kept<D> {
  readonly doc: D;
  /** The rev that the thing had when the draft was begun; 0 for a new one. */
  readonly baseRev: number;
}

function read<D>(key: string, isDocument: (kept: unknown) => kept is D): Kept<D> | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(NAME + key) ?? "null") as Kept<D> | null;
    return kept && isDocument(kept.doc) ? kept : undefined;
  } catch {
    return undefined;
  }
}

export interface Draft<D> {
  /** What was written here before and not saved. */
  readonly offered: D | undefined;
  /** True where it was saved by somebody since the draft was begun. */
  readonly overtaken: boolean;
  /** Takes the offer off the page; what is being written now goes on being kept. */
  readonly settle: () => void;
  /** All of it is saved, or given up. */
  readonly clear: () => void;
}

/**
 * Keeps what is being written on this device, so that a reload, a closed tab or a stopped server loses nothing.
 * @param key     what is being written
 * @param changed whether it differs from what is saved
 */
export function useDraft<D>(
  key: string,
  doc: D,
  isDocument: (kept: unknown) => kept is D,
  changed: boolean,
  baseRev: number,
): Draft<D> {
  const [kept, setKept] = useState<Kept<D>>();
  const content = JSON.stringify({ doc, baseRev });
  const opened = useRef<string>(undefined);
  useEffect(() => {
    // Read before the first write, and again when the thing itself becomes another.
    if (opened.current !== key) {
      opened.current = key;
      setKept(read(key, isDocument));
    }
    if (!changed) return;
    try {
      localStorage.setItem(NAME + key, content);
    } catch {
      // A full or forbidden storage: the page itself still holds everything.
    }
  }, [key, content, changed, isDocument]);
  const end = (keep: boolean) => () => {
    try {
      if (keep) localStorage.setItem(NAME + key, content);
      else localStorage.removeItem(NAME + key);
    } catch {
      // Nothing was kept then.
    }
    setKept(undefined);
  };
  return {
    offered: kept?.doc,
    overtaken: kept !== undefined && kept.baseRev !== baseRev,
    settle: end(changed),
    clear: end(false),
  };
}
