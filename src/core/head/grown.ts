import { dayNumber, monthsBetween } from "../day";
import { GROWTH_CM_PER_MONTH, type Head } from "./hair";

/** cm it has grown since it was measured. @source Loussouarn 2001 (from memory), or the head's own figure */
export function grownCm({ measuredOn, growthCmPerMonth }: Head, today: string): number {
  if (measuredOn === undefined || dayNumber(measuredOn) === undefined) return 0;
  return Math.max(0, monthsBetween(measuredOn, today)) * (growthCmPerMonth ?? GROWTH_CM_PER_MONTH.value);
}
/** As long as hair is ever told. */
const LONGEST_CM = 200;
/** The head as it is today: longer by what has grown where its length was measured in cm on a day. */
export function asGrown(head: Head, today: string): Head {
  const grown = grownCm(head, today);
  return "cm" in head.longest && grown > 0
    ? { ...head, longest: { cm: Math.min(LONGEST_CM, head.longest.cm + grown) } }
    : head;
}

/** Months of regrowth since the last dye that is known of, today; undefined where none is. */
export function regrowthMonths({ treated = [] }: Head, today: string): number | undefined {
  const last = treated
    .filter(({ what, month }) => (what === "henna" || what === "boxDye") && month !== undefined)
    .map(({ month }) => `${month}-15`)
    .filter((day) => dayNumber(day) !== undefined)
    .sort()
    .at(-1);
  return last === undefined ? undefined : Math.max(0, monthsBetween(last, today));
}
