import { dayNumber, dayText } from "../day";
import type { ShedCount, Trial } from "./hair";

/** Nothing about growth or shedding is judged sooner. @source common practice: three months, a cycle of the hair */
export const TRIAL_DAYS = 91;
/** The day a trial is judged on; undefined where it began on no day. */
export function judgeOn({ from }: Trial): string | undefined {
  const day = dayNumber(from);
  return day === undefined ? undefined : dayText(day + TRIAL_DAYS);
}

/** Usual for a wash day, hairs. @source common practice: 50 to 150 a day, more where it is washed seldom */
export const USUALLY_SHED = { low: 50, high: 150 } as const;
/** Counts differ by so much from wash to wash; less is no change. */
const LIKE = 0.25;
/** How counts went: the last three against the first three; undefined before there are six. */
export function shedTrend(counts: readonly ShedCount[]): "less" | "more" | "alike" | undefined {
  if (counts.length < 6) return undefined;
  const inOrder = [...counts].sort((a, b) => (a.on < b.on ? -1 : 1)).map(({ hairs }) => hairs);
  const mean = (some: readonly number[]) => some.reduce((sum, one) => sum + one, 0) / some.length;
  const [first, last] = [mean(inOrder.slice(0, 3)), mean(inOrder.slice(-3))];
  if (last < first * (1 - LIKE)) return "less";
  return last > first * (1 + LIKE) ? "more" : "alike";
}
