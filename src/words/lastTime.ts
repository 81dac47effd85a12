import { MARK_RANGE, MARKS, type LastTime } from "@/core/batch";
import { roundTo } from "./amounts";
import { AGAIN_NAME, MARK_NAME, MIXING_WORD_NAME } from "./names";

/** "poured 190 ml of about 210, “a bit thin”, soft 4 of 5, again". */
export function lastTimeWords({ pouredMl, plannedMl, lastWord, marks, again }: LastTime): string {
  return [
    ...(pouredMl > 0
      ? [`poured ${roundTo(pouredMl, 1)} ml${plannedMl === undefined ? "" : ` of about ${roundTo(plannedMl, 5)}`}`]
      : []),
    ...(lastWord ? [`said “${MIXING_WORD_NAME[lastWord].toLowerCase()}”`] : []),
    ...MARKS.flatMap((mark) =>
      marks[mark] === undefined ? [] : [`${MARK_NAME[mark]} ${marks[mark]} of ${MARK_RANGE.max}`],
    ),
    ...(again ? [AGAIN_NAME[again]] : []),
  ].join(", ");
}
