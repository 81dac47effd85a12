import { DateTime } from "luxon";

/** A wall clock in the house, as a field gives it, as a moment; undefined where it is none. */
export function momentOf(wall: string, zone: string): number | undefined {
  const moment = DateTime.fromISO(wall, { zone });
  return moment.isValid ? moment.toMillis() : undefined;
}
