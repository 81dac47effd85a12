import type { Going } from "@/core/batch";
import type { GoingMaking } from "@/core/making";
import { JUDGE_AFTER_MS, SHAMPOO_AFTER_MS, type Reminder } from "@/core/remind";
import { MAKING_STEP_NAME } from "./making/steps";
import { momentWords } from "./times";

/** "Rust for Anouk: ready 19:30, best 01:00, use by 04:00". */
export function goingWords(
  going: Going,
  timeZone: string,
  nowMs: number,
): { readonly what: string; readonly when: string } {
  const at = (ms: number) => momentWords(ms, timeZone, nowMs);
  const what = `${going.blendName} for ${going.headName}`;
  const { window, stage } = going;
  switch (stage) {
    case "planned":
      return { what, when: `begins ${at(going.startsMs)}` };
    case "mixing":
      return { what, when: "being mixed" };
    case "onHead":
      return {
        what,
        when: going.rinseMs
          ? nowMs > going.rinseMs
            ? `on the head; may come off since ${at(going.rinseMs)}`
            : `on the head; off from ${at(going.rinseMs)}`
          : "on the head",
      };
    case "rinsed":
      return {
        what,
        when:
          going.dyedMs === undefined
            ? "rinsed; how was it?"
            : nowMs < going.dyedMs + SHAMPOO_AFTER_MS
              ? `rinsed; water only until ${at(going.dyedMs + SHAMPOO_AFTER_MS)}`
              : nowMs < going.dyedMs + JUDGE_AFTER_MS
                ? `settling; judge it from ${at(going.dyedMs + JUDGE_AFTER_MS)}`
                : "settled; how was it?",
      };
    case "resting": {
      if (!window) return { what, when: "resting" };
      if (window.bestMs === undefined)
        return {
          what,
          when: nowMs < window.readyMs ? `soaking; ready ${at(window.readyMs)}` : `soaked since ${at(window.readyMs)}`,
        };
      if (window.useByMs !== undefined && nowMs > window.useByMs)
        return { what, when: `past its best since ${at(window.useByMs)}` };
      const ready = nowMs < window.readyMs ? `ready ${at(window.readyMs)}` : "ready now";
      return {
        what,
        when:
          `${ready}, best ${at(window.bestMs)}, ` +
          (window.useByMs === undefined ? "keeps for weeks" : `use by ${at(window.useByMs)}`),
      };
    }
  }
}

/** "Ferry rust for Mina is ready." */
export const reminderWords = ({ blendName, headName, kind }: Reminder): string =>
  ({
    ready: `${blendName} for ${headName} is ready.`,
    lastHour: `${blendName} for ${headName} is good for one hour more.`,
    shampoo: `${headName}’s hair may have its first shampoo since ${blendName}.`,
    judge: `${blendName} has settled on ${headName}’s hair: judge it by daylight.`,
  })[kind];

/** "rosemary tea: boil, until 14:20". */
export function makingGoingWords(
  { name, step, startsMs, stepToMs, endMs }: GoingMaking,
  timeZone: string,
  nowMs: number,
): { readonly what: string; readonly when: string } {
  const at = (ms: number) => momentWords(ms, timeZone, nowMs);
  if (!step) return { what: name, when: "done; put it up" };
  if (startsMs > nowMs) return { what: name, when: `begins ${at(startsMs)}` };
  const is = MAKING_STEP_NAME[step].toLowerCase();
  const until = stepToMs > nowMs ? `until ${at(stepToMs)}` : `look at it, since ${at(stepToMs)}`;
  return { what: name, when: `${is}, ${until}${endMs > stepToMs + 3_600_000 ? `; done ${at(endMs)}` : ""}` };
}
