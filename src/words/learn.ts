import { Z95 } from "@/core/figure";
import type { Known } from "@/core/learn";
import type { NotLearnt } from "@/core/readings";

const NOT_LEARNT: Readonly<Record<NotLearnt, string>> = {
  outOfReach: "kept, not learnt from: the test cannot be read there",
  noJar: "kept, not learnt from: no powder in it came from a jar",
  beyondPowders:
    "kept, not learnt from: no powder holds that much or that little; something else went in, or in another amount",
  unlike: "kept, not learnt from: it fits nothing that is known of this jar",
  withdrawn: "taken back: it does not count",
};
export const notLearntWords = (why: NotLearnt): string => NOT_LEARNT[why];

/** "8 % more than the tables", "what the tables say". */
export const againstTables = (factor: number): string => {
  const by = Math.round((factor - 1) * 100);
  return by === 0 ? "what the tables say" : `${Math.abs(by)} % ${by > 0 ? "more" : "less"} than the tables`;
};

/** "it holds 8 % more than the tables, give or take 6 %". */
/** Half the width of what is known, in percent: "9" for give or take 9 %. */
export const givePercent = (sd: number): number => Math.max(1, Math.round((Math.exp(Z95 * sd) - 1) * 100));
export const knownWords = ({ factor, sd }: Known): string =>
  `holds ${againstTables(factor)}, give or take ${givePercent(sd)} %`;
/** What a reading taught: "from give or take 22 % to 9 %". */
export const taughtWords = (before: Known, after: Known): string =>
  `${againstTables(after.factor)}; give or take ${givePercent(before.sd)} % before, ${givePercent(after.sd)} % now`;
