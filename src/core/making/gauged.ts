import { estimate, type Figure } from "../figure";
import type { Gauge, Gauged, MakingStepId } from "./method";

/** Between two readings: shorter says nothing. */
const LEAST_MIN = 2;

/** A figure that was read off, with the error of reading it. */
export const readOff = (value: number, relative: number): Figure =>
  estimate(value, value * (1 - relative), value * (1 + relative), "as it was read off, twice");

/** The first and the last of one gauge during some steps, where they are far enough apart in time. */
export function firstAndLast(gauged: readonly Gauged[], gauge: Gauge, steps: readonly MakingStepId[]) {
  const own = gauged.filter((one) => one.gauge === gauge && steps.includes(one.step));
  const [first, last] = [own[0], own.at(-1)];
  return first && last && last.atMin - first.atMin >= LEAST_MIN
    ? { first: first.value, last: last.value, hours: (last.atMin - first.atMin) / 60 }
    : undefined;
}

/**
 * Hours in which it loses 63 % of what separates it from the room, by two readings of a thermometer.
 * @source Newton's law of cooling
 */
export function coolingReadH(gauged: readonly Gauged[], steps: readonly MakingStepId[], roomC: number) {
  const read = firstAndLast(gauged, "tempC", steps);
  if (!read) return undefined;
  const [from, to] = [read.first - roomC, read.last - roomC];
  // A degree of error on either side.
  if (from - to < 2 || to <= 1) return undefined;
  return readOff(read.hours / Math.log(from / to), Math.min(0.8, Math.hypot(1 / (from - to), 0.05)));
}
