"use client";
import type { Chart, Plugin } from "chart.js";
import { useEffect, useRef } from "react";
import { clockWords } from "@/words/times";

export type Point = readonly [ms: number, share: number];
export interface RestCurve {
  readonly fromMs: number;
  readonly toMs: number;
  /** Along where it stood and is to stand. */
  readonly own: readonly Point[];
  /** The same left where it is; left out where nothing else is planned. */
  readonly left?: readonly Point[];
  /** What dabs on the palm were taken at. */
  readonly dabs: readonly Point[];
  readonly readyMs: number;
  readonly untilMs: number;
  readonly nowMs: number;
  readonly wantedMs?: number;
}
const HOUR_MS = 3_600_000;
/** Sides of the drawing; the pieces under it stand in the same place. */
export const SIDE_PX = 12;

/** The hours at which a clock in the house is full, so many that they can be read. */
function ticksOf({ fromMs, toMs }: RestCurve, timeZone: string): number[] {
  const everyH = [1, 2, 3, 6, 12, 24, 48, 96, 192].find((hours) => (toMs - fromMs) / (hours * HOUR_MS) <= 9) ?? 240;
  const ticks: number[] = [];
  for (let at = Math.ceil(fromMs / HOUR_MS) * HOUR_MS; at <= toMs; at += HOUR_MS)
    if (Number(clockWords(at, timeZone).slice(0, 2)) % Math.min(24, everyH) === 0) ticks.push(at);
  const keep = Math.max(1, Math.round(everyH / 24));
  return everyH <= 24 ? ticks : ticks.filter((_, i) => i % keep === 0);
}

/** What is free through the hours: behind us, now, and to come; the window in which it is good is filled. */
export function RestChart({ curve, timeZone, text }: { curve: RestCurve; timeZone: string; text: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const chart = useRef<Chart>(undefined);
  const latest = useRef(curve);
  latest.current = curve;
  useEffect(() => {
    let gone = false;
    void import("chart.js").then(({ Chart: Drawn, LineController, LineElement, PointElement, LinearScale, Filler }) => {
      if (gone || !canvas.current) return;
      Drawn.register(LineController, LineElement, PointElement, LinearScale, Filler);
      const style = getComputedStyle(canvas.current);
      const font = { family: style.fontFamily, size: 14 };
      // A canvas knows nothing of the theme: the colour is asked of the element, as it is now.
      const colour = (variable: string) => {
        canvas.current!.style.color = `var(${variable})`;
        return style.color;
      };
      const [ink, quiet, madder, wash, line, press] = [
        "--ink",
        "--quiet",
        "--madder",
        "--madder-wash",
        "--line",
        "--press",
      ].map(colour);
      const marks: Plugin<"line"> = {
        id: "marks",
        beforeDatasetsDraw({ ctx, chartArea, scales }) {
          const { readyMs, untilMs } = latest.current;
          const [from, to] = [readyMs, untilMs].map((ms) =>
            Math.min(chartArea.right, Math.max(chartArea.left, scales.x.getPixelForValue(ms))),
          );
          ctx.fillStyle = wash;
          ctx.fillRect(from, chartArea.top, to - from, chartArea.height);
        },
        afterDatasetsDraw({ ctx, chartArea, scales }) {
          const { nowMs, wantedMs, fromMs, toMs } = latest.current;
          const mark = (ms: number, name: string, look: string, line: number, before = false) => {
            const x = scales.x.getPixelForValue(ms);
            if (x < chartArea.left || x > chartArea.right) return;
            ctx.strokeStyle = ctx.fillStyle = look;
            ctx.lineWidth = 2;
            ctx.beginPath();
            ctx.moveTo(x, chartArea.top);
            ctx.lineTo(x, chartArea.bottom);
            ctx.stroke();
            ctx.font = `600 ${font.size}px ${font.family}`;
            const wide = ctx.measureText(name).width;
            ctx.textBaseline = "top";
            const left = (before && x - 5 - wide > chartArea.left) || x + 5 + wide > chartArea.right;
            ctx.fillText(name, left ? x - 5 - wide : x + 5, chartArea.top + 2 + 18 * line);
          };
          const near = wantedMs !== undefined && wantedMs > nowMs && wantedMs - nowMs < (toMs - fromMs) / 12;
          mark(nowMs, "now", ink, 0, near);
          if (wantedMs !== undefined) mark(wantedMs, "on the head", press, 1);
        },
      };
      chart.current = new Drawn(canvas.current, {
        type: "line",
        plugins: [marks as Plugin],
        data: {
          datasets: [
            { borderColor: madder, borderWidth: 3, pointRadius: 0, data: [] },
            { borderColor: quiet, borderWidth: 1.5, borderDash: [2, 4], pointRadius: 0, data: [] },
            { showLine: false, pointRadius: 6, pointBackgroundColor: ink, pointBorderColor: wash, data: [] },
          ],
        },
        options: {
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          events: [],
          layout: { padding: { left: SIDE_PX, right: SIDE_PX, top: 4 } },
          scales: {
            x: {
              type: "linear",
              border: { color: ink },
              grid: { color: line },
              ticks: { color: quiet, font, maxRotation: 0, callback: (at) => clockWords(Number(at), timeZone) },
              afterBuildTicks: (axis) => {
                axis.ticks = ticksOf(latest.current, timeZone).map((value) => ({ value }));
              },
            },
            y: { min: 0, max: 1.08, display: false },
          },
        },
      });
      draw(chart.current, latest.current);
    });
    return () => {
      gone = true;
      chart.current?.destroy();
      chart.current = undefined;
    };
  }, [timeZone]);
  useEffect(() => {
    if (chart.current) draw(chart.current, curve);
  }, [curve]);
  return (
    <div className="h-56" role="img" aria-label={text}>
      <canvas ref={canvas} />
    </div>
  );
}

function draw(chart: Chart, { fromMs, toMs, own, left = [], dabs }: RestCurve): void {
  const [ownSet, leftSet, dabSet] = chart.data.datasets;
  ownSet.data = own.map(([x, y]) => ({ x, y }));
  leftSet.data = left.map(([x, y]) => ({ x, y }));
  dabSet.data = dabs.map(([x, y]) => ({ x, y }));
  chart.options.scales!.x!.min = fromMs;
  chart.options.scales!.x!.max = toMs;
  chart.update("none");
}
