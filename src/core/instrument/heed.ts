import { INSTRUMENTS, type InstrumentId, type Shown } from "./shown";

/** How long it has to stand still before it is believed, ms. Estimate: a hand has let go by then. */
export const STILL_MS = 1200;

/** What is remembered of an instrument between two readings of it. */
export interface Heeding {
  /** Where it has stood still since when; undefined while it moves. */
  readonly rests?: { readonly at: number; readonly sinceMs: number };
  /** The last value that was believed. */
  readonly believed?: number;
}
export const NOT_HEEDED: Heeding = {};

/**
 * Hears one reading more. A value is believed once: when it has stood still, by the instrument's own word and by what
 * it showed, and is another one than the last that was believed. One that jumps, drifts or trembles never rests.
 *
 * @param atMs when it was shown, by any clock that goes forward
 */
export function heed(
  id: InstrumentId,
  before: Heeding,
  { value, stable }: Shown,
  atMs: number,
): { readonly now: Heeding; readonly steady?: number } {
  const { stillBy, anotherFrom } = INSTRUMENTS[id];
  const { rests, believed } = before;
  const kept = believed === undefined ? {} : { believed };
  if (!stable) return { now: kept };
  if (!rests || Math.abs(value - rests.at) > stillBy || atMs < rests.sinceMs)
    return { now: { ...kept, rests: { at: value, sinceMs: atMs } } };
  if (atMs - rests.sinceMs < STILL_MS) return { now: before };
  if (believed !== undefined && Math.abs(value - believed) < anotherFrom) return { now: before };
  return { now: { rests, believed: value }, steady: value };
}
