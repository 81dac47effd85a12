import { dayNumber, lookupOn, type Shelf } from "@/core/shelf";
import { usedAsWords } from "@/words/usedAs";

/** Something that was made, and has to be used soon. */
export interface SoonGone {
  readonly jarId: string;
  readonly name: string;
  readonly leftG: number;
  readonly bestBefore: string;
  readonly as: string;
}
/** So many days ahead it is said. */
const SOON_DAYS = 2;
const LEAST_G = 1;

/** What was made and is gone soon, the soonest first; what is past its day is said for as long again. */
export function soonGone(shelf: Shelf, today: string): SoonGone[] {
  const find = lookupOn(shelf);
  const now = dayNumber(today)!;
  return shelf.jars
    .flatMap(({ id, name, materialId, leftG, bestBefore, madeHere }): SoonGone[] => {
      const material = find(materialId, id);
      const days = bestBefore === undefined ? undefined : dayNumber(bestBefore)! - now;
      return madeHere && material && leftG >= LEAST_G && days !== undefined && Math.abs(days) <= SOON_DAYS
        ? [{ jarId: id, name, leftG, bestBefore: bestBefore!, as: usedAsWords(material, days) }]
        : [];
    })
    .sort((a, b) => a.bestBefore.localeCompare(b.bestBefore));
}
