import { PURPOSE, type PurposeId } from "../head";
import type { Mark } from "./eventKinds";

const OF_CARE: readonly Mark[] = ["soft", "slip", "grit", "shine"];
const OF_DYE: readonly Mark[] = ["colour", "grey", "evenness", "soft", "shine"];
/** Of a dye on new growth: the lengths, which shine, have none of it. */
const OF_NEW_GROWTH: readonly Mark[] = ["colour", "grey", "evenness", "soft"];

/** What is asked of a bowl afterwards, by what it was for. */
export const marksOfPurpose = (purpose: PurposeId): readonly Mark[] => {
  const { dye, region } = PURPOSE[purpose];
  if (!dye) return OF_CARE;
  return region === "newGrowth" ? OF_NEW_GROWTH : OF_DYE;
};

/**
 * The marks of a purpose; of a bowl that holds a dye also those of a dye, whatever it was for; and those that were
 * given.
 */
export function marksFor(purpose: PurposeId, dyes: boolean, given: Readonly<Partial<Record<Mark, number>>>): Mark[] {
  const asked = [...marksOfPurpose(purpose), ...(dyes ? OF_DYE : []), ...(Object.keys(given) as Mark[])];
  return [...new Set(asked)];
}
