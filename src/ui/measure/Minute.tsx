"use client";
import { useEffect, useState } from "react";
import { Button } from "../parts/Button";

const SECONDS = 60;

/** A minute to wait before reading. It ends by the clock, also when the screen was off in between. */
export function Minute() {
  const [until, setUntil] = useState<number>();
  const [left, setLeft] = useState(SECONDS);
  useEffect(() => {
    if (until === undefined) return;
    const tick = () => setLeft(Math.max(0, Math.ceil((until - performance.now()) / 1000)));
    tick();
    const timer = setInterval(tick, 250);
    return () => clearInterval(timer);
  }, [until]);
  const running = until !== undefined && left > 0;
  return (
    <div className="flex items-center gap-3">
      <Button
        onClick={() => {
          setLeft(SECONDS);
          setUntil(performance.now() + SECONDS * 1000);
        }}
      >
        {until === undefined ? "Start the minute" : "Start again"}
      </Button>
      <svg viewBox="0 0 40 40" className="h-10 w-10" aria-hidden>
        <circle cx="20" cy="20" r="16" className="fill-none stroke-line" strokeWidth="5" />
        <circle
          cx="20"
          cy="20"
          r="16"
          className="fill-none stroke-madder"
          strokeWidth="5"
          pathLength="60"
          strokeDasharray={`${running ? SECONDS - left : until === undefined ? 0 : 60} 60`}
          transform="rotate(-90 20 20)"
        />
      </svg>
      <span role="timer" aria-live={running ? "off" : "polite"} className="font-semibold">
        {until === undefined ? "" : running ? `${left} s` : "Read it now."}
      </span>
    </div>
  );
}
