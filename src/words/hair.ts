import { coverage, type Head } from "@/core/head";
import { bandWords } from "./amounts";
import { LANDMARK_NAME, SHADE_NAME, STRAND_COUNT_NAME, STRAND_SIZE_NAME } from "./names";

/** "58 cm, thick, fine strands, black, a third grey". */
export function hairWords(head: Head): string {
  const length = "cm" in head.longest ? `${head.longest.cm} cm` : LANDMARK_NAME[head.longest.landmark];
  const amount =
    "ponytailCm" in head.amount
      ? `ponytail ${head.amount.ponytailCm} cm round`
      : STRAND_COUNT_NAME[head.amount.strands];
  const grey = head.greyShare > 0 ? `, ${Math.round(head.greyShare * 100)} % grey` : "";
  return `${length}, ${amount}, ${STRAND_SIZE_NAME[head.strand]} strands, ${SHADE_NAME[head.shade]}${grey}`;
}

/** "a mask takes about 270 g (160–430), henna packed on 930 (560–1500)". */
export function takesWords(head: Head): string {
  return (
    `a mask takes ${bandWords(coverage(head, "mask").pasteG).both} g, a packed dye ` +
    `${bandWords(coverage(head, "dyePacked").pasteG).both} g`
  );
}
