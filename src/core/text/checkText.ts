import { LIMITS, type LimitName } from "../limits";
import type { Problem } from "../problem";

/** How long a text is as a database counts it: code points, not the halves that some of them are written in. */
export const signsIn = (text: string): number => {
  let count = 0;
  for (const _ of text) count += 1;
  return count;
};

/**
 * Halves of a sign without their other half, and signs that steer a machine and mean nothing to a reader; tab and new
 * line are words' own.
 */
const UNKEEPABLE = /\p{Surrogate}|[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufffe\uffff]/u;

/**
 * The problem with a text at `field`, or nothing when it can be kept: no sign that is none, and within the named limit.
 * Blanks alone are nothing where something is wanted. The one rule for what is typed, sent or read from a file.
 */
export function checkText(field: string, value: unknown, limit: LimitName): Problem | undefined {
  if (typeof value !== "string") return { field, code: value === undefined || value === null ? "required" : "notText" };
  const { min, max } = LIMITS[limit];
  if (UNKEEPABLE.test(value)) return { field, code: "strangeSigns" };
  if (min > 0 && value.trim() === "") return { field, code: "required" };
  return signsIn(value) > max ? { field, code: "tooLarge", detail: { max } } : undefined;
}

/** What can be read of a text that may have been kept before that rule: without the signs that are none. */
export const readable = (text: string): string => text.replace(new RegExp(UNKEEPABLE, "gu"), "");
