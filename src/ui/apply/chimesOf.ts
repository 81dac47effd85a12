import type { ComesOff, Section } from "@/core/apply";
import { MASSAGE_MIN } from "./WhileOn";
import { sectionMin } from "./SectionNow";
import type { Chime } from "./useChimes";

const MINUTE_MS = 60_000;

/** The moments of a head that are told: while it is put on a slow section, and then the massage and the rinse. */
export function chimesOf(
  off: ComesOff | undefined,
  massagedMs: number | undefined,
  now: Section | undefined,
  lastMs: number | undefined,
): Chime[] {
  if (!off) {
    // Twice as long as a section takes.
    if (!now || lastMs === undefined) return [];
    const atMs = lastMs + 2 * sectionMin(now.share) * MINUTE_MS;
    return [{ id: "section", atMs, words: "The next section is due: what waits dries.", calls: "softly" }];
  }
  const massaged: Chime[] =
    massagedMs === undefined
      ? []
      : [
          {
            id: "massage",
            atMs: massagedMs + MASSAGE_MIN * MINUTE_MS,
            words: "The massage is done.",
            calls: "softly",
          },
        ];
  return [
    ...massaged,
    { id: "from", atMs: off.fromMs, words: "It may come off now.", calls: "softly" },
    { id: "best", atMs: off.bestMs, words: "It is the best time to take it off.", calls: "loudly" },
    { id: "until", atMs: off.untilMs, words: "It should come off now.", calls: "loudly" },
  ];
}
