import type { Going } from "@/core/batch";
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
      return { what, when: "rinsed; how was it?" };
    case "resting": {
      if (!window) return { what, when: "resting" };
      if (window.peakMs === undefined)
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
          `${ready}, best ${at(window.peakMs)}, ` +
          (window.useByMs === undefined ? "keeps for weeks" : `use by ${at(window.useByMs)}`),
      };
    }
  }
}
