"use client";
import { useEffect, useState } from "react";
import { questionOf, type BlendDocument } from "./document";

/** The shape of a draft is part of its name; an older shape is left alone. */
const NAME = "infusing-draft-1:";

interface Kept {
  readonly doc: BlendDocument;
  /** The household's rev that the blend had when the draft was begun; 0 for a new one. */
  readonly baseRev: number;
}

function read(key: string): Kept | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(NAME + key) ?? "null") as Kept | null;
    if (!kept) return undefined;
    questionOf(kept.doc, "metric"); // a draft that is no document throws here
    return kept;
  } catch {
    return undefined;
  }
}

export interface Draft {
  /** What was written here before and not saved. */
  readonly offered: BlendDocument | undefined;
  /** True where the blend was saved by somebody since the draft was begun. */
  readonly overtaken: boolean;
  /** Takes the offer off the page; a dropped draft is gone, one that was taken up is written on. */
  readonly settle: () => void;
}

/** Keeps what is being written on this device, so that a reload, a closed tab or a stopped server loses nothing. */
export function useDraft(key: string, doc: BlendDocument, changed: boolean, baseRev: number): Draft {
  const [kept, setKept] = useState<Kept>();
  useEffect(() => setKept(read(key)), [key]);
  useEffect(() => {
    try {
      if (changed) localStorage.setItem(NAME + key, JSON.stringify({ doc, baseRev }));
    } catch {
      // A full or forbidden storage: the page itself still holds everything.
    }
  }, [key, doc, changed, baseRev]);
  return { offered: kept?.doc, overtaken: kept !== undefined && kept.baseRev !== baseRev, settle: () => { localStorage.removeItem(NAME + key); setKept(undefined); } };
}
