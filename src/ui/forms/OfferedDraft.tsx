"use client";
import type { Draft } from "./useDraft";

/** The two answers to an offered draft. */
export function OfferedDraft<D>({ draft, onTake }: { draft: Draft<D>; onTake: (doc: D) => void }) {
  return (
    <>
      <button
        type="button"
        className="pressable min-h-11"
        onClick={() => {
          onTake(draft.offered!);
          draft.settle();
        }}
      >
        go on with it
      </button>{" "}
      <button type="button" className="pressable min-h-11" onClick={draft.settle}>
        drop it
      </button>
    </>
  );
}
