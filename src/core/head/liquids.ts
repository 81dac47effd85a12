import { practice, propagate, scaleBand, type Band, type Figure } from "../figure";
import { coverage } from "./coverage";
import type { Head } from "./hair";

/** What goes on as a liquid. All common practice. */
interface Wetting {
  /** Grams that stay on a gram of hair. */
  readonly staysGPerG: Figure;
  /** What is made, where that is more: it is caught and poured again. */
  readonly poured?: { readonly gPerG: number; readonly leastMl: number };
}
const ROWS = {
  dampSpray: { staysGPerG: practice(0.3, 0.2, 0.4) },
  dailyMist: { staysGPerG: practice(0.1, 0.07, 0.15) },
  oil: { staysGPerG: practice(0.15, 0.1, 0.2) },
  rinse: { staysGPerG: practice(0.6, 0.45, 0.8), poured: { gPerG: 3, leastMl: 250 } },
} as const satisfies Readonly<Record<string, Wetting>>;

export type WettingId = keyof typeof ROWS;
export const WETTING: Readonly<Record<WettingId, Wetting>> = ROWS;
export const WETTINGS = Object.keys(ROWS) as readonly WettingId[];

/** What a head takes of a liquid. */
export interface WettingNeed {
  /** What stays in the hair. */
  readonly staysG: Band;
  /** What is made for it; more than stays where it is caught and poured again. */
  readonly makeG: Band;
}

/**
 * Grams of a spray, an oil or a rinse for a head: so much for each gram of its hair.
 * @returns bands in g; a ml of it weighs about a gram, an oil a little less
 * @source common practice; no outside check exists
 */
export function wettingNeed(head: Head, id: WettingId): WettingNeed {
  const { staysGPerG, poured } = WETTING[id];
  const { hairG } = coverage(head, "mask");
  const [staysG] = propagate([{ ...hairG, value: hairG.mid }, staysGPerG], 1, ([hair, stays], out) => {
    out[0] = hair * stays;
  });
  if (!poured) return { staysG, makeG: staysG };
  const { low, mid, high } = scaleBand(hairG, poured.gPerG);
  const atLeast = (grams: number) => Math.max(poured.leastMl, grams);
  return { staysG, makeG: { low: atLeast(low), mid: atLeast(mid), high: atLeast(high) } };
}
