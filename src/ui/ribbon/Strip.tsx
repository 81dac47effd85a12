import { clockWords } from "@/words/times";
import { ownColour } from "../parts/colour";
import type { Bar, Lane } from "./onRibbon";

const HOUR_MS = 3_600_000;
const BACK_H = 6;
const AHEAD_H = 24;

/** Share of the strip's width at which a moment stands, 0–1. */
export const placeOf = (ms: number, nowMs: number, backH = BACK_H, aheadH = AHEAD_H): number =>
  Math.min(1, Math.max(0, (ms - (nowMs - backH * HOUR_MS)) / ((backH + aheadH) * HOUR_MS)));

interface StripProps {
  readonly lanes: readonly Lane[];
  readonly timeZone: string;
  readonly nowMs: number;
  readonly backH?: number;
  readonly aheadH?: number;
  readonly laneHeight?: number;
  readonly most?: number;
}

const LOOK: Readonly<Record<Exclude<Bar["look"], "own">, string>> = {
  soaking: "fill-sunk",
  releasing: "fill-madder-wash",
  open: "fill-madder-fill",
  ready: "fill-leaf-fill",
};

/** Bars on the clock, a lane for each thing that is going on. */
export function Strip({
  lanes: all,
  timeZone,
  nowMs,
  backH = BACK_H,
  aheadH = AHEAD_H,
  laneHeight = 7,
  most = 3,
}: StripProps) {
  const x = (ms: number) => 1000 * placeOf(ms, nowMs, backH, aheadH);
  const lanes = all.slice(0, most);
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
        {lanes.map(({ id, colour, bars, bestMs }, i) => {
          const y = 2 + i * (laneHeight + 3);
          return (
            <g key={id}>
              {bars.map(
                ({ look, fromMs, toMs }, n) =>
                  x(toMs) > x(fromMs) && (
                    <rect
                      key={n}
                      x={x(fromMs)}
                      y={y}
                      width={x(toMs) - x(fromMs)}
                      height={laneHeight}
                      {...(look === "own"
                        ? { fill: ownColour(colour), className: "stroke-quiet", vectorEffect: "non-scaling-stroke" }
                        : { className: LOOK[look] })}
                    />
                  ),
              )}
              {bestMs !== undefined && (
                <rect x={x(bestMs) - 1.5} y={y - 1} width="3" height={laneHeight + 2} className="fill-ink" />
              )}
            </g>
          );
        })}
        <path d={`M0 ${height - 1}H1000`} className="stroke-quiet" strokeWidth="1" vectorEffect="non-scaling-stroke" />
        <path d={`M${x(nowMs)} 0V${height}`} className="stroke-ink" strokeWidth="3" vectorEffect="non-scaling-stroke" />
      </svg>
      {laneHeight >= 24 && lanes[0]?.moments && (
        <div className="absolute inset-x-0 top-2.5 text-sm font-semibold">
          {lanes[0].moments.map(([name, ms]) => (
            <span
              key={name}
              className={`absolute whitespace-nowrap px-1.5 ${name === "use by" ? "-translate-x-full" : ""}`}
              style={{ left: `${x(ms) / 10}%` }}
            >
              {name}
            </span>
          ))}
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
