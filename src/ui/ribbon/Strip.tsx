import type { Going } from "@/core/batch";
import { clockWords } from "@/words/times";
import { ownColour } from "../parts/colour";

const HOUR_MS = 3_600_000;
const BACK_H = 6;
const AHEAD_H = 24;

/** Share of the strip's width at which a moment stands, 0–1. */
export const placeOf = (ms: number, nowMs: number, backH = BACK_H, aheadH = AHEAD_H): number =>
  Math.min(1, Math.max(0, (ms - (nowMs - backH * HOUR_MS)) / ((backH + aheadH) * HOUR_MS)));

interface StripProps {
  readonly going: readonly Going[];
  readonly timeZone: string;
  readonly nowMs: number;
  readonly backH?: number;
  readonly aheadH?: number;
  readonly laneHeight?: number;
  readonly most?: number;
}

/** Bars on the clock: what is resting or soaking with its window open, what is on a head until it may come off. */
export function Strip({
  going,
  timeZone,
  nowMs,
  backH = BACK_H,
  aheadH = AHEAD_H,
  laneHeight = 7,
  most = 3,
}: StripProps) {
  const x = (ms: number) => 1000 * placeOf(ms, nowMs, backH, aheadH);
  const lanes = going.slice(0, most);
  const height = Math.max(1, lanes.length) * (laneHeight + 3) + 4;
  const firstHour = Math.ceil((nowMs - backH * HOUR_MS) / (6 * HOUR_MS)) * 6 * HOUR_MS;
  const hours = Array.from(
    { length: Math.floor((backH + aheadH) / 6) + 1 },
    (_, i) => firstHour + i * 6 * HOUR_MS,
  ).filter((ms) => ms < nowMs + aheadH * HOUR_MS);
  return (
    <div className="relative" aria-hidden>
      <svg viewBox={`0 0 1000 ${height}`} preserveAspectRatio="none" className="block w-full" style={{ height }}>
        {hours.map((ms) => (
          <path
            key={ms}
            d={`M${x(ms)} 0V${height}`}
            className="stroke-line"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {lanes.map((one, i) => {
          const y = 2 + i * (laneHeight + 3);
          const bar = (from: number, to: number, className: string, fill?: string) =>
            x(to) > x(from) && (
              <rect
                key={`${from}${className}`}
                x={x(from)}
                y={y}
                width={x(to) - x(from)}
                height={laneHeight}
                className={className}
                fill={fill}
              />
            );
          if (one.onHeadMs && one.rinseMs)
            return (
              <g key={one.batchId}>
                {bar(
                  one.onHeadMs,
                  Math.max(one.rinseMs, one.stage === "onHead" ? nowMs : 0),
                  "",
                  ownColour(one.colour),
                )}
              </g>
            );
          const w = one.window;
          if (!w || one.stage === "rinsed") return null;
          return (
            <g key={one.batchId}>
              {bar(w.mixedMs, w.readyMs, w.kind === "dye" ? "fill-madder-wash" : "fill-sunk")}
              {w.useByMs !== undefined
                ? bar(w.readyMs, w.useByMs, "fill-madder-fill")
                : bar(w.readyMs, w.readyMs + 0.4 * HOUR_MS, "fill-leaf-fill")}
              {w.peakMs !== undefined && (
                <rect x={x(w.peakMs) - 1.5} y={y - 1} width="3" height={laneHeight + 2} className="fill-ink" />
              )}
            </g>
          );
        })}
        <path d={`M0 ${height - 1}H1000`} className="stroke-quiet" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        <path d={`M${x(nowMs)} 0V${height}`} className="stroke-ink" strokeWidth="3" vectorEffect="non-scaling-stroke" />
      </svg>
      {laneHeight >= 24 && lanes[0]?.window?.useByMs !== undefined && lanes[0].stage === "resting" && (
        <div className="absolute inset-x-0 top-2.5 text-sm font-semibold">
          {(
            [
              ["ready", lanes[0].window.readyMs],
              ["best", lanes[0].window.peakMs],
              ["use by", lanes[0].window.useByMs],
            ] as const
          ).map(
            ([name, ms]) =>
              ms !== undefined && (
                <span
                  key={name}
                  className={`absolute whitespace-nowrap px-1.5 ${name === "use by" ? "-translate-x-full" : ""}`}
                  style={{ left: `${x(ms) / 10}%` }}
                >
                  {name}
                </span>
              ),
          )}
        </div>
      )}
      <div className="relative h-4 text-xs text-quiet">
        {hours
          .filter((ms) => Math.abs(x(ms) - x(nowMs)) > 140)
          .map((ms) => (
            <span key={ms} className="absolute -translate-x-1/2" style={{ left: `${x(ms) / 10}%` }}>
              {x(ms) > 20 && x(ms) < 980 ? clockWords(ms, timeZone) : ""}
            </span>
          ))}
        <span className="absolute -translate-x-1/2 font-semibold text-ink" style={{ left: `${x(nowMs) / 10}%` }}>
          now {clockWords(nowMs, timeZone)}
        </span>
      </div>
    </div>
  );
}
