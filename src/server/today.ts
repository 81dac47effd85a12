import { DateTime } from "luxon";
import type { Settings } from "@/store/household";

/** The day by the household's clock, ISO 8601. */
export const todayIn = ({ timeZone }: Pick<Settings, "timeZone">, at = new Date()): string =>
  DateTime.fromJSDate(at).setZone(timeZone).toISODate() ?? DateTime.utc().toISODate();
