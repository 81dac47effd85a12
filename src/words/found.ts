import { AGAIN, MARKS } from "@/core/batch";
import { AGAIN_NAME, MARK_NAME } from "./names";

/** How a bowl was, as a choice of the log: the value in its address and what it is called. */
export const HOW_CHOICES: readonly { readonly value: string; readonly label: string }[] = [
  ...AGAIN.map((again) => ({ value: again, label: AGAIN_NAME[again] })),
  ...MARKS.flatMap((mark) => [
    { value: `${mark}-much`, label: `much ${MARK_NAME[mark]} (4 or 5)` },
    { value: `${mark}-little`, label: `little ${MARK_NAME[mark]} (1 or 2)` },
  ]),
];
