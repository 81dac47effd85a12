import type { PurposeId } from "../head";
import type { Mark } from "./eventKinds";

/** What is asked of a bowl afterwards, by what it was for: data, a row for each purpose. */
export const MARKS_FOR: Readonly<Record<PurposeId, readonly Mark[]>> = {
  lightCoat: ["soft", "slip", "grit", "shine"],
  mask: ["soft", "slip", "grit", "shine"],
  soakedMask: ["soft", "slip", "grit", "shine"],
  dyePacked: ["colour", "grey", "evenness", "soft", "shine"],
  rootsOnly: ["colour", "grey", "evenness", "soft"],
};

/** The marks of a purpose; of a bowl that holds a dye also those of a dye, whatever it was for; and those that were given. */
export function marksFor(purpose: PurposeId, dyes: boolean, given: Readonly<Partial<Record<Mark, number>>>): Mark[] {
  const asked = [...MARKS_FOR[purpose], ...(dyes ? MARKS_FOR.dyePacked : []), ...(Object.keys(given) as Mark[])];
  return [...new Set(asked)];
}
