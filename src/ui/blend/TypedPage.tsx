"use client";
import { Suspense, useState } from "react";
import { opened } from "../parts/later";
import type { TakenPage } from "./edit";
import { NOTHING_WRITTEN } from "./written";

const NotebookPage = opened(() => import("./NotebookPage").then((file) => file.NotebookPage));

interface TypedPageProps {
  readonly open: boolean;
  /** What is in the bowl already. */
  readonly already: readonly string[];
  readonly onTake: (page: TakenPage) => void;
  readonly onClose: () => void;
}

/** A notebook page typed as it stands; each line says at once how it was understood, and what it waits for. */
export function TypedPage({ open, already, onTake, onClose }: TypedPageProps) {
  // Kept while it is closed, so that a stray press loses nothing.
  const [written, setWritten] = useState(NOTHING_WRITTEN);
  const take = (page: TakenPage) => {
    onTake(page);
    setWritten(NOTHING_WRITTEN);
  };
  if (!open) return null;
  return (
    <Suspense fallback={null}>
      <NotebookPage already={already} written={written} setWritten={setWritten} onTake={take} onClose={onClose} />
    </Suspense>
  );
}
