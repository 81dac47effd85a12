import { DateTime } from "luxon";
import type { Nights } from "@/core/batch";

/** When a house is cooler at night. @source common practice: heating that goes down for the night */
const NIGHT = { from: 22, to: 7 } as const;
const FOLLOWED_DAYS = 46;

/**
 * The nights over a bowl from the evening before it was mixed, by the house's clock, so that the one in which the clock
 * is put forward or back is as long as it really is; undefined where the kitchen is as warm at night.
 */
export function nightsOf(
  { kitchenTempC, nightTempC, timeZone }: { kitchenTempC: number; nightTempC?: number; timeZone: string },
  mixedMs: number,
): Nights | undefined {
  if (nightTempC === undefined || nightTempC === kitchenTempC) return undefined;
  const day = DateTime.fromMillis(mixedMs, { zone: timeZone }).startOf("day");
  return {
    tempC: nightTempC,
    spans: Array.from({ length: FOLLOWED_DAYS }, (_, i) => {
      const from = day.plus({ days: i - 1 });
      return [
        from.set({ hour: NIGHT.from }).toMillis(),
        from.plus({ days: 1 }).set({ hour: NIGHT.to }).toMillis(),
      ] as const;
    }),
  };
}
