import type { Worksheet } from "@/core/batch";
import { wallMs, wallWords } from "./times";

const MINUTE_MS = 60_000;
/** Between these hours a kitchen is asleep. Common practice. */
const NIGHT = { from: 23, to: 6 };
const isNight = (ms: number): boolean => {
  const hour = new Date(ms).getUTCHours();
  return hour >= NIGHT.from || hour < NIGHT.to;
};

/**
 * "Gather at 08:05, mixed by 08:40, on the head at 10:00, off about 10:55", counted back from when it should be on.
 * @param whenText a wall clock in the house; nowMs the same clock now, counted as if it had no zone
 */
export function whenWords(
  { mixedMin, onHeadMin, rinseMin }: Pick<Worksheet, "mixedMin" | "onHeadMin" | "rinseMin">,
  whenText: string,
  today: string,
  nowMs: number,
): string {
  const onMs = wallMs(whenText);
  if (!Number.isFinite(onMs)) return "Say when, with a day and a time.";
  const beginMs = onMs - onHeadMin * MINUTE_MS;
  const at = (min: number) => wallWords(beginMs + min * MINUTE_MS, today);
  if (beginMs < nowMs)
    return (
      `For that it would have had to begin at ${at(0)}. The soonest it can be on is ` +
      `${wallWords(nowMs + onHeadMin * MINUTE_MS, today)}.`
    );
  const asleep = [
    ["the mixing", beginMs, beginMs + mixedMin * MINUTE_MS],
    ["putting it on", onMs, onMs],
    ["the rinse", beginMs + rinseMin * MINUTE_MS, beginMs + rinseMin * MINUTE_MS],
  ].flatMap(([what, from, to]) => (isNight(from as number) || isNight(to as number) ? [what as string] : []));
  const night = asleep.length > 0 ? ` In the night: ${asleep.join(", ")}.` : "";
  return (
    `Gather at ${at(0)}, mixed by ${at(mixedMin)}, on the head ${wallWords(onMs, today)}, off about ${at(rinseMin)}.` +
    `${night}`
  );
}
