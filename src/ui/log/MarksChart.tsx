"use client";
import type { Chart, Plugin } from "chart.js";
import { useEffect, useRef } from "react";
import { MARK_RANGE, MARKS, type Mark } from "@/core/batch";
import { MARK_NAME } from "@/words/names";
import { dateWords } from "@/words/times";

export interface MarkedDay {
  readonly id: string;
  readonly startsAtMs: number;
  readonly blendName: string;
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
}

/** Each mark in a colour of the theme, dashed apart as well, for eyes that tell colours badly. */
const LINE: Readonly<Record<Mark, { readonly colour: string; readonly dash: readonly number[] }>> = {
  soft: { colour: "--press", dash: [] },
  slip: { colour: "--leaf", dash: [7, 4] },
  grit: { colour: "--madder", dash: [2, 4] },
  shine: { colour: "--quiet", dash: [10, 3, 2, 3] },
  colour: { colour: "--madder", dash: [] },
  grey: { colour: "--ink", dash: [4, 4] },
  evenness: { colour: "--leaf", dash: [1, 3] },
};

/** A head's marks through time. The names stand at the ends of the lines; the same as a table for who cannot see it. */
export function MarksChart({ days, name, timeZone }: { days: readonly MarkedDay[]; name: string; timeZone: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let chart: Chart | undefined;
    let gone = false;
    void import("chart.js").then(({ Chart: Drawn, LineController, LineElement, PointElement, LinearScale }) => {
      if (gone || !canvas.current) return;
      Drawn.register(LineController, LineElement, PointElement, LinearScale);
      const style = getComputedStyle(canvas.current);
      const font = { family: style.fontFamily, size: 14 };
      // A canvas knows nothing of the theme: the colour is asked of the element, as it is now.
      const colour = (variable: string) => {
        canvas.current!.style.color = `var(${variable})`;
        return style.color;
      };
      const names: Plugin<"line"> = {
        id: "names",
        afterDatasetsDraw(drawn) {
          const { ctx, data } = drawn;
          const taken: number[] = [];
          data.datasets.forEach((set, i) => {
            const last = drawn.getDatasetMeta(i).data.at(-1);
            if (!last) return;
            let { y } = last.getProps(["y"], true);
            while (taken.some((other) => Math.abs(other - y) < 15)) y += 15;
            taken.push(y);
            ctx.font = `600 ${font.size}px ${font.family}`;
            ctx.textBaseline = "middle";
            // Out of the lines' way.
            ctx.fillStyle = colour("--ground");
            ctx.fillRect(last.x + 7, y - 8, ctx.measureText(set.label ?? "").width + 4, 16);
            ctx.fillStyle = set.borderColor as string;
            ctx.fillText(set.label ?? "", last.x + 9, y);
          });
        },
      };
      chart = new Drawn(canvas.current, {
        type: "line",
        plugins: [names as Plugin],
        data: {
          datasets: MARKS.map((mark) => ({
            label: MARK_NAME[mark],
            borderColor: colour(LINE[mark].colour),
            backgroundColor: colour(LINE[mark].colour),
            borderDash: [...LINE[mark].dash],
            borderWidth: 2,
            pointRadius: 4,
            data: days.flatMap(({ startsAtMs, marks }) =>
              marks[mark] === undefined ? [] : [{ x: startsAtMs, y: marks[mark] }],
            ),
          })).filter((set) => set.data.length > 0),
        },
        options: {
          animation: false,
          responsive: true,
          maintainAspectRatio: false,
          layout: { padding: { right: 70, top: 8 } },
          scales: {
            x: {
              type: "linear",
              border: { color: colour("--ink") },
              grid: { display: false },
              ticks: {
                maxTicksLimit: 5,
                color: colour("--quiet"),
                font,
                callback: (at) =>
                  dateWords(Number(at), timeZone)
                    .split(" ")
                    .slice(1, 3)
                    .map((part) => part.slice(0, 3))
                    .join(" "),
              },
            },
            y: {
              min: MARK_RANGE.min - 0.3,
              max: MARK_RANGE.max + 0.3,
              border: { display: false },
              grid: { color: colour("--line") },
              ticks: {
                color: colour("--quiet"),
                font,
                stepSize: 1,
                callback: (value) => (Number.isInteger(value) ? value : ""),
              },
              afterBuildTicks: (axis) => {
                axis.ticks = [1, 2, 3, 4, 5].map((value) => ({ value }));
              },
            },
          },
        },
      });
    });
    return () => {
      gone = true;
      chart?.destroy();
    };
  }, [days, timeZone]);
  const given = MARKS.filter((mark) => days.some(({ marks }) => marks[mark] !== undefined));
  return (
    <section aria-label={`Marks over time on ${name}`} className="mt-4 max-w-3xl">
      <h2>How it was on {name}, through time</h2>
      <div className="h-52" aria-hidden>
        <canvas ref={canvas} />
      </div>
      <div className="sr-only">
        <table>
          <thead>
            <tr>
              <th>day</th>
              <th>blend</th>
              {given.map((mark) => (
                <th key={mark}>{MARK_NAME[mark]}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {days.map(({ id, startsAtMs, blendName, marks }) => (
              <tr key={id}>
                <td>{dateWords(startsAtMs, timeZone)}</td>
                <td>{blendName}</td>
                {given.map((mark) => (
                  <td key={mark}>{marks[mark] ?? "–"}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
