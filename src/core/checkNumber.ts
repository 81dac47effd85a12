import { LIMITS, type LimitName } from "./limits";
import type { Problem } from "./problem";

/** The problem with `value` at `field`, or nothing when it is a finite number within the named limit. */
export function checkNumber(field: string, value: unknown, limit: LimitName): Problem | undefined {
  if (value === undefined || value === null || value === "") return { field, code: "required" };
  if (typeof value !== "number" || !Number.isFinite(value)) return { field, code: "notANumber" };
  const { min, max } = LIMITS[limit];
  if (value < min) return { field, code: "tooSmall", detail: { min, max } };
  if (value > max) return { field, code: "tooLarge", detail: { min, max } };
  return undefined;
}
