import type { Going } from "@/core/batch";
import type { GoingMaking } from "@/core/making";
import { goingWords, makingGoingWords } from "@/words/going";

const HOUR_MS = 3_600_000;

/** A stretch of a lane: what is waited for, the time in which it may be used, or what is on in its own colour. */
export interface Bar {
  readonly look: "soaking" | "releasing" | "open" | "ready" | "own";
  readonly fromMs: number;
  readonly toMs: number;
}
/** One thing on the clock. */
export interface Lane {
  readonly id: string;
  readonly colour: readonly [number, number, number];
  readonly bars: readonly Bar[];
  readonly bestMs?: number;
  /** Moments that a high lane is written on with. */
  readonly moments?: readonly (readonly [name: string, ms: number])[];
}
/** One thing that is going on: a bowl, or what is made before one. */
export interface OnRibbon {
  readonly href: string;
  readonly what: string;
  readonly when: string;
  readonly planned: boolean;
  readonly lane: Lane;
}

/** What is resting or soaking with its window open; what is on a head until it may come off. */
export function laneOfBowl(one: Going, nowMs: number): Lane {
  const { batchId: id, colour, window: w, stage, onHeadMs, rinseMs } = one;
  if (onHeadMs && rinseMs)
    return {
      id,
      colour,
      bars: [{ look: "own", fromMs: onHeadMs, toMs: Math.max(rinseMs, stage === "onHead" ? nowMs : 0) }],
    };
  if (!w || stage === "rinsed") return { id, colour, bars: [] };
  const { mixedMs, readyMs, bestMs, useByMs } = w;
  return {
    id,
    colour,
    bars: [
      { look: w.kind === "dye" ? "releasing" : "soaking", fromMs: mixedMs, toMs: readyMs },
      useByMs !== undefined
        ? { look: "open", fromMs: readyMs, toMs: useByMs }
        : { look: "ready", fromMs: readyMs, toMs: readyMs + 0.4 * HOUR_MS },
    ],
    ...(bestMs === undefined ? {} : { bestMs }),
    ...(useByMs !== undefined && stage === "resting"
      ? {
          moments: [
            ["ready", readyMs],
            ...(bestMs === undefined ? [] : [["best", bestMs] as const]),
            ["use by", useByMs],
          ],
        }
      : {}),
  };
}

/** A making: what is behind it, the step that is on in its own colour, and what is still to come. */
export const laneOfMaking = ({ makingId, colour, startsMs, stepFromMs, stepToMs, endMs }: GoingMaking): Lane => ({
  id: makingId,
  colour,
  bars: [
    { look: "soaking", fromMs: startsMs, toMs: stepFromMs },
    { look: "own", fromMs: stepFromMs, toMs: stepToMs },
    { look: "soaking", fromMs: stepToMs, toMs: endMs },
  ],
});

/** Everything that is going on; what is on now comes before what is planned. */
export function onRibbon(
  going: readonly Going[],
  makings: readonly GoingMaking[],
  timeZone: string,
  nowMs: number,
): OnRibbon[] {
  return [
    ...going.map((one) => ({
      href: `/batches/${one.batchId}`,
      ...goingWords(one, timeZone, nowMs),
      planned: one.stage === "planned",
      lane: laneOfBowl(one, nowMs),
    })),
    ...makings.map((one) => ({
      href: `/makings/${one.makingId}`,
      ...makingGoingWords(one, timeZone, nowMs),
      planned: one.startsMs > nowMs,
      lane: laneOfMaking(one),
    })),
  ].sort((a, b) => Number(a.planned) - Number(b.planned));
}
