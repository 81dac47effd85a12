import { refuse, ok, type Result } from "../problem";
import type { PasteQuestion } from "./blend";
import { computePaste } from "./computePaste";

/** How far a bowl can grow on what is there. */
export interface LargestBatch {
  /** Factor on everything as it was computed. */
  readonly scale: number;
  /** The line that runs out first. */
  readonly line: number;
}

/**
 * The largest bowl of these proportions that the shelf allows. Lines on the same jar share it.
 * @param haveG grams left for each line; undefined where nobody knows, which limits nothing
 * @param sameJar lines with an equal key draw on one jar
 * @returns undefined in `value` where nothing limits it
 */
export function largestBatch(
  question: PasteQuestion,
  haveG: readonly (number | undefined)[],
  sameJar: readonly (string | undefined)[] = [],
): Result<LargestBatch | undefined> {
  const planned = computePaste(question);
  if (!planned.ok) return refuse(...planned.problems);
  const wanted = planned.value.lines.map(({ massG }) => massG.mid);
  const together = wanted.map(
    (massG, i) =>
      wanted.reduce(
        (sum, other, j) => sum + (j === i || (sameJar[i] !== undefined && sameJar[j] === sameJar[i]) ? other : 0),
        0,
      ) || massG,
  );
  let found: LargestBatch | undefined;
  haveG.forEach((have, line) => {
    if (have === undefined || !(together[line] > 0)) return;
    const scale = Math.max(0, have) / together[line];
    if (!found || scale < found.scale) found = { scale, line };
  });
  return ok(found);
}
