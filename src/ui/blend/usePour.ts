"use client";
import { useEffect, useRef, useState } from "react";
import type { Simulated } from "@/core/figure";
import { pourSpec, type PasteQuestion } from "@/core/paste";
import { send } from "../api";

const PAUSE_MS = 120;
/** A worker that has said nothing by then is taken for dead. */
const DEAD_MS = 4000;

/** What the server needs to draw the same bowl: jars and figures it takes from its own book. */
const askOf = ({ own: _, learnt: __, spoons, ...question }: PasteQuestion) => ({
  ...question,
  spoons: typeof spoons === "string" ? { set: spoons } : { own: spoons },
});

/**
 * Where the pour will probably stop, drawn in a worker a moment after the typing pauses, and by the server where there
 * is no worker or it died. A newer question ends the run of an older one. Undefined until it is there: the first-order
 * band stands until then.
 */
export function usePour(question: PasteQuestion | undefined): Simulated | undefined {
  const [drawn, setDrawn] = useState<{ readonly question: PasteQuestion; readonly drawn: Simulated | undefined }>();
  const worker = useRef<Worker | undefined>(undefined);
  useEffect(() => {
    if (!question) return;
    let over = false;
    let watch: ReturnType<typeof setTimeout> | undefined;
    const done = (found: Simulated | undefined) => {
      if (!over) setDrawn({ question, drawn: found });
    };
    const askServer = async () => {
      clearTimeout(watch);
      worker.current?.terminate();
      if (over) return;
      const answer = await send<{ drawn?: Simulated }>("POST", "paste/draws", askOf(question));
      if (answer.ok) done(answer.value.drawn);
    };
    const timer = setTimeout(() => {
      worker.current?.terminate();
      const spec = pourSpec(question);
      if (!spec) return done(undefined);
      if (typeof Worker === "undefined") return void askServer();
      try {
        const mine = new Worker(new URL("../../workers/pour.worker.ts", import.meta.url), { type: "module" });
        worker.current = mine;
        watch = setTimeout(() => void askServer(), DEAD_MS);
        mine.onmessage = ({ data }) => {
          clearTimeout(watch);
          done(data);
          mine.terminate();
        };
        mine.onerror = () => void askServer();
        mine.postMessage(spec);
      } catch {
        void askServer();
      }
    }, PAUSE_MS);
    return () => {
      over = true;
      clearTimeout(timer);
      clearTimeout(watch);
    };
  }, [question]);
  useEffect(() => () => worker.current?.terminate(), []);
  return drawn && drawn.question === question ? drawn.drawn : undefined;
}
