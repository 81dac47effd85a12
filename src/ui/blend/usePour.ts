"use client";
import { useEffect, useRef, useState } from "react";
import type { Drawn } from "@/core/figure";
import type { PasteQuestion } from "@/core/paste";

const PAUSE_MS = 120;

/**
 * Where the pour will probably stop, drawn in a worker a moment after the typing pauses. A newer question ends the run
 * of an older one. Undefined until it is there, and where there is no worker: the first-order band stands by itself.
 */
export function usePour(question: PasteQuestion | undefined): Drawn | undefined {
  const [drawn, setDrawn] = useState<{ readonly question: PasteQuestion; readonly drawn: Drawn | undefined }>();
  const worker = useRef<Worker | undefined>(undefined);
  useEffect(() => {
    if (!question || typeof Worker === "undefined") return;
    const timer = setTimeout(() => {
      worker.current?.terminate();
      const mine = new Worker(new URL("../../workers/pour.worker.ts", import.meta.url), { type: "module" });
      worker.current = mine;
      mine.onmessage = ({ data }) => {
        setDrawn({ question, drawn: data });
        mine.terminate();
      };
      mine.onerror = () => mine.terminate();
      mine.postMessage(question);
    }, PAUSE_MS);
    return () => clearTimeout(timer);
  }, [question]);
  useEffect(() => () => worker.current?.terminate(), []);
  return drawn && drawn.question === question ? drawn.drawn : undefined;
}
